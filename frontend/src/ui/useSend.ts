import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { onceKey, ProblemError } from '../api/client'

/** Sends a form once however often it is sent, refreshes what is shown, and gives the message for each field. */
export function useSend<T>(send: (key: string) => Promise<T>, done: (answer: T) => void) {
  const [key, setKey] = useState(onceKey)
  const queries = useQueryClient()
  const sending = useMutation({
    mutationFn: () => send(key),
    onError: (error) => {
      // Nothing was stored: the next try is another request. Where nobody knows, the same key asks again.
      if (!(error instanceof ProblemError && error.unreachable)) setKey(onceKey())
    },
    onSuccess: async (answer) => {
      await queries.invalidateQueries()
      done(answer)
    },
  })
  const problem = sending.error instanceof ProblemError ? sending.error : undefined
  return {
    send: () => sending.mutate(),
    busy: sending.isPending,
    error: sending.error,
    /** Takes the last error off the screen. */
    reset: () => sending.reset(),
    wrong: (field: string) => problem?.field(field),
  }
}
