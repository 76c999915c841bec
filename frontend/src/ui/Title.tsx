import { useEffect } from 'react'

/** Names the page in the browser’s tab and history, the most specific part first. */
export function Title({ children }: { children: string }) {
  useEffect(() => {
    document.title = `${children} · Rotagens`
  }, [children])
  return null
}
