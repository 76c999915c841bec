import { act, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import { fakeServer } from '../test/server'
import { SESSION, show } from '../test/show'
import { NoticeProvider } from '../ui/Notice'
import { FleetEvents } from './FleetEvents'

describe('what is noticed in the fleet', () => {
  it('is told on whatever page is open, with unit, position and figures', async () => {
    const streams: EventTarget[] = []
    let closed = 0
    class Stream extends EventTarget {
      constructor(readonly url: string) {
        super()
        streams.push(this)
      }
      close() {
        closed += 1
      }
    }
    vi.stubGlobal('EventSource', Stream)
    fakeServer(() => ({ body: SESSION }))
    show(
      <NoticeProvider>
        <FleetEvents />
      </NoticeProvider>,
    )
    await vi.waitFor(() => expect(streams).toHaveLength(1))
    const data = JSON.stringify({
      unit: 'LC-03',
      position: '1R',
      alert: 'Suspected leak',
      statement: 'The sensor read 110 psi and 20 minutes later 106 psi.',
    })
    act(() => {
      streams[0]?.dispatchEvent(new MessageEvent('alert', { data }))
    })
    expect(
      await screen.findByText('LC-03 1R: Suspected leak. The sensor read 110 psi and 20 minutes later 106 psi.'),
    ).toBeVisible()
    vi.spyOn(document, 'visibilityState', 'get').mockReturnValue('hidden')
    document.dispatchEvent(new Event('visibilitychange'))
    expect(closed, 'a hidden page holds no connection').toBe(1)
    vi.spyOn(document, 'visibilityState', 'get').mockReturnValue('visible')
    document.dispatchEvent(new Event('visibilitychange'))
    expect(streams).toHaveLength(2)
  })
})
