import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useEffect, useRef } from 'react'
import { say } from './words'

/** The end of a list that goes on: asks for more as it comes into sight, or by its button; nothing where all is shown. */
export function More({ what, more }: { what: string; more: (() => void) | undefined }) {
  const end = useRef<HTMLDivElement>(null)
  useEffect(() => {
    if (!more || !end.current || !('IntersectionObserver' in globalThis)) return
    const watch = new IntersectionObserver(
      (seen) => {
        if (seen.some((one) => one.isIntersecting)) more()
      },
      // What lies above counts, too: a jump far down must not leave the list's end behind.
      { rootMargin: '100000px 0px 600px' },
    )
    watch.observe(end.current)
    return () => watch.disconnect()
  }, [more])
  if (!more) return null
  return (
    <Box ref={end} className="not-printed" sx={{ p: 1.5, textAlign: 'center' }}>
      <Button onClick={more}>{say('more', { about: what })}</Button>
    </Box>
  )
}
