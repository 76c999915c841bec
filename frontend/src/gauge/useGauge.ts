import { useCallback, useEffect, useRef, useState } from 'react'
import { answerOf, api, ProblemError, type Units } from '../api/client'
import { say } from './words'

export type GaugeState = 'off' | 'pairing' | 'paired' | 'lost'

/** Puts a figure into a field as if it had been typed. */
function fill(field: HTMLInputElement, figure: string) {
  const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set
  set?.call(field, figure)
  field.dispatchEvent(new Event('input', { bubbles: true }))
}

const takesGauge = (element: unknown): element is HTMLInputElement =>
  element instanceof HTMLInputElement && Boolean(element.dataset.gauge)

/**
 * The paired gauge: what it reads goes into the field that has focus, or had it last. When it drops out the page says so, and
 * the keyboard works as ever.
 */
export function useGauge() {
  const [state, setState] = useState<GaugeState>('off')
  const [says, setSays] = useState('')
  const source = useRef<EventSource | null>(null)
  const field = useRef<HTMLInputElement | null>(null)

  useEffect(() => {
    const remember = (event: FocusEvent) => {
      if (takesGauge(event.target)) field.current = event.target
    }
    document.addEventListener('focusin', remember)
    return () => {
      document.removeEventListener('focusin', remember)
      source.current?.close()
    }
  }, [])

  /** The field that has focus, or had it last and is still there. */
  const focused = useCallback(() => {
    if (takesGauge(document.activeElement)) field.current = document.activeElement
    return field.current?.isConnected ? field.current : undefined
  }, [])

  const unpair = useCallback(() => {
    source.current?.close()
    source.current = null
  }, [])

  const pair = useCallback(() => {
    unpair()
    setState('pairing')
    setSays('')
    const stream = new EventSource('/api/gauge/events')
    source.current = stream
    stream.addEventListener('paired', (event) => {
      setState('paired')
      setSays(event.data)
    })
    stream.addEventListener('reading', (event) => {
      const here = focused()
      if (here) fill(here, event.data)
    })
    stream.addEventListener('lost', (event) => {
      setState('lost')
      setSays(event.data)
      stream.close()
    })
    stream.onerror = () => {
      if (source.current !== stream || stream.readyState === EventSource.CLOSED) return
      setState('lost')
      setSays(say('gaugeDroppedOutRead'))
      stream.close()
    }
  }, [unpair, focused])

  const press = useCallback(
    async (vehicleId: number, position: string, units: Units, towards: string) => {
      // What the field with focus is for tells the gauge whether it is pressed on a valve or set into a groove.
      const what = focused()?.dataset.gauge
      const analyzer = what === 'nitrogen' ? { isAnalyzer: true } : {}
      const groove = what === 'outer' || what === 'center' || what === 'inner' ? { groove: what } : {}
      try {
        await answerOf(
          api.POST('/api/simulators/gauge/reading', {
            params: { query: { units } },
            body: { vehicleId, position, towards, ...groove, ...analyzer },
          }),
        )
      } catch (error) {
        setState('lost')
        setSays(error instanceof ProblemError ? error.message : String(error))
      }
    },
    [focused],
  )

  const dropOut = useCallback(() => answerOf(api.POST('/api/simulators/gauge/disconnect')), [])

  return { state, says, pair, press, dropOut }
}
