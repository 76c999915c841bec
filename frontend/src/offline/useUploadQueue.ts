import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useSyncExternalStore } from 'react'
import { useMe } from '../session/session'
import { uploadQueue } from './uploadQueue'

const ASK_AGAIN_MS = 15_000

/** What this device holds, as it changes. */
export const useHeld = () => useSyncExternalStore(uploadQueue.subscribe, uploadQueue.read)

/** Sends what waits: on opening, on signing in, when the network comes back, and now and then while something waits. */
export function useSending() {
  const queries = useQueryClient()
  const me = useMe()
  useEffect(() => {
    const send = () => void uploadQueue.sendAll()
    const now = () => {
      const { entries, photos, finishes } = uploadQueue.waiting()
      if (entries + photos + finishes > 0) send()
    }
    globalThis.addEventListener('online', send)
    const timer = setInterval(now, ASK_AGAIN_MS)
    const stop = uploadQueue.onTaken(() => void queries.invalidateQueries())
    return () => {
      globalThis.removeEventListener('online', send)
      clearInterval(timer)
      stop()
    }
  }, [queries])
  // Signed in again is another reason to try: until then it went out under nobody.
  useEffect(() => {
    if (me) uploadQueue.signedInAs(me)
  }, [me])
}
