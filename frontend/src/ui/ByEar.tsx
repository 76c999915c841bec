import Box from '@mui/material/Box'
import type { ReactNode } from 'react'
import { byEarOnly } from '../base/byEar'

/**
 * What the eye sees from where something stands and the ear has to be told. Beside the visible words it makes up the name of a
 * button, so that whoever says the visible words hits it.
 */
export function ByEar({ children }: { children: ReactNode }) {
  return (
    <Box component="span" sx={byEarOnly}>
      {children}
    </Box>
  )
}
