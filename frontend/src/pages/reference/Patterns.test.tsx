import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { fakeServer } from '../../test/server'
import { show } from '../../test/show'
import { Patterns } from './Patterns'

const cards = [
  {
    shape: 'CENTER',
    label: 'center worn',
    evidence: 'Both shoulders are at least 3/32 over the center.',
    causes: ['over-inflation'],
    action: 'Re-weigh.',
    firstCheck: 'Gauge it cold.',
  },
  {
    shape: 'CUPPING',
    label: 'cupping',
    evidence: 'One rib lies at least 4/32 lower at two or more places round the tire.',
    causes: ['worn shocks'],
    action: 'Shock test today.',
    firstCheck: 'Test the shocks.',
  },
]
const tread = {
  places: [
    ['9/32 in', '6/32 in', '9/32 in'],
    ['9/32 in', '6/32 in', '9/32 in'],
  ],
  outer: 9,
  center: 6,
  inner: 9,
  answer: 'CENTER',
  answerWords: 'center worn',
  firstCheck: 'Gauge it cold.',
  reason: 'Both shoulders are at least 2/32 over the center.',
}

describe('wear patterns', () => {
  it('draws each pattern with how to tell it, why, and what to check first', async () => {
    fakeServer(() => ({ body: cards }))
    show(<Patterns />)
    expect(await screen.findByRole('img', { name: /center: outer 10\/32, center 6\/32/ })).toBeVisible()
    expect(screen.getByRole('img', { name: 'cupping, rolled out' })).toBeVisible()
    expect(screen.getByText(/worn shocks/)).toBeVisible()
    expect(screen.getByRole('region', { name: 'center worn' })).toHaveTextContent('at least 3/32 over the center')
  })

  it('takes one answer, says why, and counts', async () => {
    fakeServer(({ path }) => ({ body: path.endsWith('/practice') ? tread : cards }))
    show(<Patterns />)
    await userEvent.click(await screen.findByRole('button', { name: 'Practice' }))
    await userEvent.click(await screen.findByRole('button', { name: 'cupping' }))
    expect(screen.getByText('It is center worn.')).toBeVisible()
    expect(screen.getByRole('status')).toHaveTextContent('Both shoulders are at least 2/32 over the center.')
    await userEvent.click(screen.getByRole('button', { name: 'center worn' }))
    expect(screen.getByText('0 right of 1')).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Next tread' }))
    await userEvent.click(await screen.findByRole('button', { name: 'center worn' }))
    expect(await screen.findByText('Right.')).toBeVisible()
    expect(screen.getByText('1 right of 2')).toBeVisible()
  })
})
