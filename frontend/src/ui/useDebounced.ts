import { useEffect, useState } from 'react'

const PAUSE_MS = 350

/** What was typed, once the hand rests. */
export function useDebounced(text: string): string {
  const [rested, setRested] = useState(text)
  useEffect(() => {
    const timer = setTimeout(() => setRested(text), PAUSE_MS)
    return () => clearTimeout(timer)
  }, [text])
  return rested
}
