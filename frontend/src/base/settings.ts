import { useSyncExternalStore } from 'react'

export type Units = 'US' | 'METRIC'

/** What this device remembers of the person's own choice, so that the first picture is right before the server has said it. */
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

export const units = kept('rotagens.units')

export function useUnits(): [Units, (next: Units) => void] {
  const value = useSyncExternalStore(units.subscribe, units.read)
  return [value === 'METRIC' ? 'METRIC' : 'US', units.write]
}
