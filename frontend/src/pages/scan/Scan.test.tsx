import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { fakeServer } from '../../test/server'
import { show } from '../../test/show'
import { Scan } from './Scan'

describe('scanning a label', () => {
  it('says why there is no picture, and finds the tire by its number all the same', async () => {
    fakeServer(() => ({ body: [{ type: 'TIRE', id: 7, label: 'T-0007', hint: 'LC-03 2RO' }] }))
    show(<Scan />)
    expect(await screen.findByText(/gives no camera to a page without https/)).toBeVisible()
    await userEvent.type(screen.getByLabelText('Unit, tire number or DOT code'), 't-7')
    expect(await screen.findByRole('link', { name: /T-0007/ })).toHaveAttribute('href', '/tires/7')
  })

  it('says so when nothing matches', async () => {
    fakeServer(() => ({ body: [] }))
    show(<Scan />)
    await userEvent.type(screen.getByLabelText('Unit, tire number or DOT code'), 'nowhere')
    expect(await screen.findByText('No matches.')).toBeVisible()
  })
})
