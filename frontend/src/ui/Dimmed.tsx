import Box from '@mui/material/Box'
import type { ReactNode } from 'react'

/** An answer to what was asked before, while the answer to what is asked now is on its way: pale, and nothing in it can be used. */
export function Dimmed({ when, children }: { when: boolean; children: ReactNode }) {
  return (
    <Box
      aria-busy={when}
      inert={when}
      sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2.5, opacity: when ? 0.4 : 1 }}
    >
      {children}
    </Box>
  )
}
