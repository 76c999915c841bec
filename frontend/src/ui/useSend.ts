import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { onceKey, ProblemError } from '../api/client'
import { useNotice } from './Notice'

const MOST_MS = 3000

/** What is stored is told; a page that is slow to be asked for again doesn't hold the word back. */
const patience = () => new Promise<void>((resolve) => setTimeout(resolve, MOST_MS))

/**
 * Sends a form once however often it is sent, refreshes what is shown, and gives the message for each field. Asked about an
 * unusual figure, it sends again with the answer that it is right.
 *
 * @param done what follows on the page
 * @param said what has happened, told where everybody hears it; null where the page itself says so
 */
export function useSend<T>(
  send: (key: string, confirmed: boolean) => Promise<T>,
  done: (answer: T) => void,
  said: string | ((answer: T) => string) | null,
) {
  const notice = useNotice()
  const [key, setKey] = useState(onceKey)
  const queries = useQueryClient()
  const sending = useMutation({
    mutationFn: (confirmed: boolean) => send(key, confirmed),
    onError: (error) => {
      // Nothing was stored: the next try is another request. Where nobody knows, the same key asks again.
      if (!(error instanceof ProblemError && error.unreachable)) setKey(onceKey())
    },
    onSuccess: async (answer) => {
      await Promise.race([queries.invalidateQueries(), patience()])
      done(answer)
      if (said !== null) notice({ text: typeof said === 'string' ? said : said(answer) })
    },
  })
  const problem = sending.error instanceof ProblemError ? sending.error : undefined
  return {
    send: () => sending.mutate(false),
    /** Sends again what was asked about: it is right as read. */
    confirm: () => sending.mutate(true),
    busy: sending.isPending,
    error: sending.error,
    /** Takes the last error off the screen. */
    reset: () => sending.reset(),
    wrong: (field: string) => problem?.field(field),
  }
}
