import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { hear } from '../api/stream'
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
    if (me === undefined) return
    return hear('/api/events', 'alert', (data) => {
      const told = JSON.parse(data) as FleetNotice
      notice({ text: `${told.unit} ${told.position}: ${told.alert}. ${told.statement}` })
      void queries.invalidateQueries()
    })
  }, [me, notice, queries])
  return null
}
