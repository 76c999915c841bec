import Box from '@mui/material/Box'
import type { ReactNode } from 'react'
import { Title } from './Title'

/** A page with its heading, what it is about, and what can be done here. */
export function Page(props: { title: ReactNode; about?: ReactNode; actions?: ReactNode; children: ReactNode }) {
  return (
    <Box sx={{ px: { xs: 1.5, md: 2.5 }, py: 2, minWidth: 0 }}>
      {typeof props.title === 'string' && <Title>{props.title}</Title>}
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', mb: 1.5 }}>
        <Box component="h1" sx={{ typography: 'h1', m: 0 }}>
          {props.title}
        </Box>
        {props.about && <Box sx={{ color: 'text.secondary' }}>{props.about}</Box>}
        <Box className="not-printed" sx={{ ml: 'auto', display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          {props.actions}
        </Box>
      </Box>
      {props.children}
    </Box>
  )
}
