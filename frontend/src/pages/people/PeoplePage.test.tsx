import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { PeoplePage } from './PeoplePage'

const people = [
  { id: 1, name: 'Dana Prestwick', role: 'MANAGER', active: true, canSignIn: true, units: 'US' },
  { id: 2, name: 'Ines Okafor', role: 'COORDINATOR', active: true, canSignIn: false, units: 'US' },
  { id: 9, name: 'Old Hand', role: 'TECHNICIAN', active: false, canSignIn: true, units: 'US' },
]

describe('people', () => {
  it('says who may do what, and whose account is closed or has no password', async () => {
    fakeServer(() => ({ body: people }))
    show(<PeoplePage />)
    expect(await screen.findByText('Ines Okafor')).toBeVisible()
    expect(screen.getByText(/Manages vehicles, orders and the schedule/)).toBeVisible()
    expect(screen.getByText('no password yet')).toBeVisible()
    expect(screen.getByText('closed')).toBeVisible()
  })

  it('lets nobody but a manager change accounts', async () => {
    fakeServer(() => ({ body: people }))
    show(<PeoplePage />, '/', people[1])
    expect(await screen.findByText('Accounts are managed by a manager.')).toBeVisible()
    expect(screen.queryByRole('button', { name: 'Change…' })).not.toBeInTheDocument()
  })

  it('says at its field why the last manager stays one', async () => {
    fakeServer(({ method }) =>
      method === 'PUT'
        ? problem(422, { role: 'This is the only manager. Make another user a manager first.' })
        : { body: people },
    )
    show(<PeoplePage />)
    await screen.findByText('Dana Prestwick')
    await userEvent.click(screen.getAllByRole('button', { name: 'Change…' })[0] as HTMLElement)
    await userEvent.click(screen.getByLabelText('Role'))
    await userEvent.click(screen.getByRole('option', { name: /^viewer/ }))
    await userEvent.click(screen.getByRole('button', { name: 'Save' }))
    expect(await screen.findByText(/This is the only manager/)).toBeVisible()
  })
})
