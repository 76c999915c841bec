import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { fakeServer, problem } from '../../test/server'
import { SESSION, show } from '../../test/show'
import { NoticeProvider } from '../../ui/Notice'
import { MachineTokens, Webhooks } from './MachineSettings'

const gateway = {
  id: 4,
  name: 'Yard gateway',
  scopes: ['PRESSURES'],
  createdAt: '2026-11-20T10:00:00Z',
  by: 'Dana Prestwick',
}

describe('machines that send', () => {
  it('shows a new token once, says what is wrong at its field, and takes a token back', async () => {
    let made = false
    const calls = fakeServer(({ path, method, body }) => {
      if (path === '/api/session') return { body: SESSION }
      if (path.startsWith('/api/simulators/')) return { body: { isOn: false, sent: 0 } }
      if (method === 'GET') return { body: made ? [gateway] : [] }
      if (method === 'DELETE') return { status: 204, body: undefined }
      if ((body as { scopes: string[] }).scopes.length === 0)
        return problem(422, { scopes: 'Choose at least one thing it may send.' })
      made = true
      return { body: { id: 4, name: 'Yard gateway', token: 'rtg_only-once' } }
    })
    show(
      <NoticeProvider>
        <MachineTokens />
      </NoticeProvider>,
    )
    expect(await screen.findByText('No machine sends yet.')).toBeVisible()
    await userEvent.type(screen.getByLabelText('Machine'), 'Yard gateway')
    await userEvent.click(screen.getByRole('button', { name: 'Make a token' }))
    expect(await screen.findByText('Choose at least one thing it may send.')).toBeVisible()
    await userEvent.click(screen.getByLabelText('Sensor pressures'))
    await userEvent.click(screen.getByRole('button', { name: 'Make a token' }))
    expect(await screen.findByText('rtg_only-once')).toBeVisible()
    expect(calls.findLast((call) => call.method === 'POST')?.body).toEqual({
      name: 'Yard gateway',
      scopes: ['PRESSURES'],
    })
    await userEvent.click(await screen.findByRole('button', { name: 'Take back Yard gateway' }))
    expect(await screen.findByText('Yard gateway can send no more.')).toBeVisible()
    expect(calls.some((call) => call.method === 'DELETE' && call.path === '/api/machine-tokens/4')).toBe(true)
  })

  it('says why another system was not told', async () => {
    fakeServer(({ path }) =>
      path === '/api/session'
        ? { body: SESSION }
        : path.startsWith('/api/simulators/')
          ? { body: { address: 'http://127.0.0.1:41217/told', received: [] } }
          : {
              body: [
                {
                  id: 2,
                  address: 'https://dispatch.example.com/told',
                  createdAt: '2026-11-20T10:00:00Z',
                  by: 'Dana Prestwick',
                  waiting: 3,
                  problem: 'Can’t be reached.',
                },
              ],
            },
    )
    show(<Webhooks />)
    expect(await screen.findByText('not told yet · 3 waiting · Can’t be reached.')).toBeVisible()
  })
})
