import Box from '@mui/material/Box'
import type { ReactNode } from 'react'

/** One part of a long form under its own heading. */
export function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box
      component="fieldset"
      sx={{
        border: 0,
        borderTop: 1,
        borderColor: 'divider',
        m: 0,
        px: 0,
        py: 2,
        display: 'flex',
        flexWrap: 'wrap',
        gap: 1.75,
      }}
    >
      <Box component="legend" sx={{ typography: 'h3', float: 'left', width: '100%', p: 0, mb: 0.5 }}>
        {title}
      </Box>
      {children}
    </Box>
  )
}
