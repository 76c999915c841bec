import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { PolicyPage } from './PolicyPage'

const numbers = [
  {
    number: 'OVERALL_AGE',
    title: 'Overall age limit',
    unit: 'years',
    byDefault: '10 years',
    stricter: 'LOWER',
    settings: [
      {
        vehicleClass: 'Clinic coach',
        value: '8 years',
        setBy: 'fleet policy for class Clinic coach, signed by Dana Prestwick',
        at: '2026-11-01T12:00:00Z',
      },
    ],
  },
  {
    number: 'PULL_OTHER',
    title: 'Pull point, all others',
    unit: '/32 in',
    byDefault: '3/32 in',
    stricter: 'HIGHER',
    settings: [],
  },
]

const answers = (path: string) =>
  path === '/api/register'
    ? { body: { yards: [], classes: ['Clinic coach'], kinds: [], placardLoads: [], retired: [] } }
    : { body: numbers }

describe('policy', () => {
  it('shows default, what was signed by whom, and where nothing was', async () => {
    fakeServer(({ path }) => answers(path))
    show(<PolicyPage />)
    expect(await screen.findByText('8 years')).toBeVisible()
    expect(screen.getByText(/signed by Dana Prestwick, 1 Nov 2026/)).toBeVisible()
    expect(screen.getByText('nothing: the default counts')).toBeVisible()
  })

  it('signs a number for one class, and says at the field why it can’t be', async () => {
    let refused = true
    const calls = fakeServer(({ method, path }) => {
      if (method !== 'PUT') return answers(path)
      return refused
        ? problem(422, { value: 'Pull point, all others lies between 2/32 in and 15/32 in.' })
        : { status: 204, body: undefined }
    })
    show(<PolicyPage />)
    await userEvent.click(await screen.findByRole('button', { name: 'Sign: Pull point, all others' }))
    await userEvent.type(screen.getByLabelText('Number'), '1')
    await userEvent.click(screen.getByRole('button', { name: 'Sign it' }))
    expect(await screen.findByText(/lies between 2\/32 in/)).toBeVisible()
    refused = false
    await userEvent.click(screen.getByLabelText('For'))
    await userEvent.click(screen.getByRole('option', { name: 'Clinic coach' }))
    await userEvent.clear(screen.getByLabelText('Number'))
    await userEvent.type(screen.getByLabelText('Number'), '4')
    await userEvent.click(screen.getByRole('button', { name: 'Sign it' }))
    expect(await screen.findByText('8 years')).toBeVisible()
    expect(calls.filter((call) => call.method === 'PUT').at(-1)?.body).toEqual({
      value: '4',
      vehicleClass: 'Clinic coach',
    })
  })

  it('withdraws where the number is left blank', async () => {
    fakeServer(({ path }) => answers(path))
    show(<PolicyPage />)
    await userEvent.click(await screen.findByRole('button', { name: 'Sign: Overall age limit' }))
    expect(screen.getByRole('button', { name: 'Withdraw it' })).toBeVisible()
  })
})
