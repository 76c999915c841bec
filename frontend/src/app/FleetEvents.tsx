import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { useMe } from '../session/session'
import { useNotice } from '../ui/Notice'

/** As the server tells it; see docs/devices.md. */
interface FleetNotice {
  unit: string
  position: string
  alert: string
  statement: string
}

/** Tells an open page what is noticed anywhere in the fleet, and asks for what it shows anew. */
export function FleetEvents() {
  const me = useMe()?.id
  const notice = useNotice()
  const queries = useQueryClient()
  useEffect(() => {
    if (me === undefined || !('EventSource' in globalThis)) return
    // Only the page in sight listens: a browser keeps few connections to one server, and hidden pages would hold them all.
    let source: EventSource | undefined
    const listen = () => {
      if (document.visibilityState === 'hidden') {
        source?.close()
        source = undefined
        return
      }
      if (source) return
      source = new EventSource('/api/events')
      source.addEventListener('alert', (event: MessageEvent<string>) => {
        const told = JSON.parse(event.data) as FleetNotice
        notice({ text: `${told.unit} ${told.position}: ${told.alert}. ${told.statement}` })
        void queries.invalidateQueries()
      })
    }
    listen()
    document.addEventListener('visibilitychange', listen)
    return () => {
      document.removeEventListener('visibilitychange', listen)
      source?.close()
    }
  }, [me, notice, queries])
  return null
}
