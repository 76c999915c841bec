import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { fakeServer } from '../../test/server'
import { show } from '../../test/show'
import { NoticeProvider } from '../../ui/Notice'
import { SimulatedGateway, SimulatedReceiver } from './SimulatedMachines'

describe('what stands in for machines in the demo', () => {
  it('streams when switched on, says how far it is, and lets a tire lose air when asked', async () => {
    let isOn = false
    const calls = fakeServer((call) => {
      if (call.method === 'POST' && call.path.endsWith('/stream')) isOn = (call.body as { isOn: boolean }).isOn
      return { body: call.path.endsWith('/stream') ? { isOn, sent: isOn ? 84 : 0 } : { taken: 1, same: 0, faults: [] } }
    })
    show(
      <NoticeProvider>
        <SimulatedGateway />
      </NoticeProvider>,
    )
    await userEvent.click(await screen.findByRole('button', { name: 'Stream the fleet’s sensors' }))
    expect(await screen.findByText(/84 samples so far/)).toBeVisible()
    await userEvent.type(screen.getByLabelText('Unit whose tire loses air'), 'LC-03')
    await userEvent.click(screen.getByRole('button', { name: 'Send a round with a leak' }))
    await vi.waitFor(() =>
      expect(calls.find((call) => call.path === '/api/simulators/gateway')?.body).toEqual({ leaking: 'LC-03' }),
    )
  })

  it('shows what the receiver was told and whether the signature was right, and fills in its address', async () => {
    const at = '2026-11-23T15:00:00Z'
    fakeServer(() => ({
      body: {
        address: 'http://127.0.0.1:41217/told',
        received: [
          { at, message: '{"type":"alert.opened"}', isSigned: true },
          { at, message: '{}', isSigned: false },
        ],
      },
    }))
    const filled = vi.fn()
    show(<SimulatedReceiver onAddress={filled} />)
    expect(await screen.findByText(/signature right/)).toBeVisible()
    expect(screen.getByText(/signature wrong, refused/)).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Fill in its address' }))
    expect(filled).toHaveBeenCalledWith('http://127.0.0.1:41217/told')
  })
})
