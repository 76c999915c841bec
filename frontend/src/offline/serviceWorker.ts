import { useSyncExternalStore } from 'react'
import { KEPT_ANSWERS } from './keptAnswers'

/** Whether this device can be used out of reach of the server, and if not, why. */
export type OfflineUse = 'ready' | 'preparing' | 'insecure' | 'untrusted' | 'unsupported'

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
    await controlled()
    // What a walk-around needs beside its sheet: asked once more, now that the browser keeps the answers.
    await Promise.all(NEEDED.map((address) => fetch(address)))
    set('ready')
  } catch (error) {
    // A page opened past a certificate warning is encrypted, and trusted with nothing that stays.
    set(error instanceof DOMException && error.name === 'SecurityError' ? 'untrusted' : 'unsupported')
  }
}

const NEEDED = KEPT_ANSWERS.flatMap((address) =>
  address === '/api/gauges' ? [`${address}?units=US`, `${address}?units=METRIC`] : [address],
)

/** Resolves once the worker answers for this very page; at its first visit a page is older than its worker. */
const controlled = () =>
  navigator.serviceWorker.controller
    ? Promise.resolve()
    : new Promise<void>((resolve) =>
        navigator.serviceWorker.addEventListener('controllerchange', () => resolve(), { once: true }),
      )

export const useOfflineUse = () =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    () => state,
  )
