import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useSyncExternalStore } from 'react'
import { outbox } from './outbox'

const ASK_AGAIN_MS = 15_000

/** What this device holds, as it changes. */
export const useHeld = () => useSyncExternalStore(outbox.subscribe, outbox.read)

/** Sends what waits: on opening, when the network comes back, and now and then while something waits. */
export function useSending() {
  const queries = useQueryClient()
  useEffect(() => {
    const send = () => void outbox.sendAll()
    const now = () => {
      const { entries, photos, finishes } = outbox.waiting()
      if (entries + photos + finishes > 0) send()
    }
    send()
    globalThis.addEventListener('online', send)
    const timer = setInterval(now, ASK_AGAIN_MS)
    const stop = outbox.onTaken(() => void queries.invalidateQueries())
    return () => {
      globalThis.removeEventListener('online', send)
      clearInterval(timer)
      stop()
    }
  }, [queries])
}
