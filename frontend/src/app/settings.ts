import { useSyncExternalStore } from 'react'
import type { Units } from '../api/client'

/** What this person chose on this device: units and who they are. Kept across visits. */
function kept(key: string) {
  const listeners = new Set<() => void>()
  return {
    read: () => localStorage.getItem(key) ?? '',
    write: (value: string) => {
      localStorage.setItem(key, value)
      for (const listener of listeners) listener()
    },
    subscribe: (listener: () => void) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
  }
}

const units = kept('rotagens.units')
const person = kept('rotagens.person')

export function useUnits(): [Units, (next: Units) => void] {
  const value = useSyncExternalStore(units.subscribe, units.read)
  return [value === 'METRIC' ? 'METRIC' : 'US', units.write]
}

/** The chosen person's id; null until somebody chose. */
export function usePerson(): [number | null, (next: number) => void] {
  const value = useSyncExternalStore(person.subscribe, person.read)
  return [value === '' ? null : Number(value), (next) => person.write(String(next))]
}
