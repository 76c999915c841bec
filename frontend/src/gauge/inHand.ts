import { useQuery } from '@tanstack/react-query'
import { useSyncExternalStore } from 'react'
import type { Schemas } from '../api/client'
import { gaugesQuery } from '../api/queries'
import { useUnits } from '../base/settings'

export type Gauge = Schemas['GaugeView']
export type InHand = 'PRESSURE' | 'TREAD'

const keyOf = (kind: InHand) => `rotagens.gauge.${kind}`
const listeners = new Set<() => void>()

const read = (kind: InHand) => {
  const id = Number(localStorage.getItem(keyOf(kind)))
  return id > 0 ? id : null
}

export function takeInHand(kind: InHand, id: number | null) {
  if (id === null) localStorage.removeItem(keyOf(kind))
  else localStorage.setItem(keyOf(kind), String(id))
  for (const listener of listeners) listener()
}

const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** The gauges this device's person walks with, by kind; what is retired or unknown is in nobody's hand. */
export function useInHand(): Record<InHand, Gauge | undefined> & { all: Gauge[] } {
  const [units] = useUnits()
  const all = useQuery(gaugesQuery(units)).data ?? []
  const pressure = useSyncExternalStore(subscribe, () => read('PRESSURE'))
  const tread = useSyncExternalStore(subscribe, () => read('TREAD'))
  const known = (id: number | null, kind: InHand) =>
    all.find((one) => one.id === id && one.type === kind && !one.retired)
  return { all, PRESSURE: known(pressure, 'PRESSURE'), TREAD: known(tread, 'TREAD') }
}
