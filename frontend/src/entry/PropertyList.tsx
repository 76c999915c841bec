import Box from '@mui/material/Box'
import type { Schemas } from '../api/client'
import { say } from './words'

/** Facts about a tire or model: what, the figure, what it means. */
export function PropertyList({ facts }: { facts: Schemas['Property'][] }) {
  return (
    <Box
      component="dl"
      sx={{
        m: 0,
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '190px minmax(0, 1fr)' },
        '& dt': { color: 'text.secondary', py: { sm: 0.5 }, pt: 0.5 },
        '& dd': { m: 0, py: { sm: 0.5 }, pb: 0.5 },
      }}
    >
      {facts.map((fact) => (
        <Box key={fact.name} sx={{ display: 'contents' }}>
          <dt>{fact.name}</dt>
          <dd>
            <strong>{fact.value ?? say('notKnown')}</strong>
            {fact.means && (
              <Box component="span" sx={{ color: 'text.secondary' }}>
                {' '}
                · {fact.means}
              </Box>
            )}
          </dd>
        </Box>
      ))}
    </Box>
  )
}
