import { useSyncExternalStore } from 'react'

/** Whether this device can be used out of reach of the server, and if not, why. */
export type OfflineUse = 'ready' | 'preparing' | 'insecure' | 'unsupported'

let state: OfflineUse = 'preparing'
const listeners = new Set<() => void>()

function set(next: OfflineUse) {
  state = next
  for (const listener of listeners) listener()
}

/** Has the browser keep the pages themselves. It does so only for a page it trusts: https, or this very machine. */
export async function keepPages() {
  if (!globalThis.isSecureContext) return set('insecure')
  if (!('serviceWorker' in navigator)) return set('unsupported')
  try {
    await navigator.serviceWorker.register('/sw.js')
    await navigator.serviceWorker.ready
    set('ready')
  } catch {
    set('unsupported')
  }
}

export const useOfflineUse = () =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    () => state,
  )
