import Box from '@mui/material/Box'
import type { ReactNode } from 'react'
import { color } from '../base/theme'

/** A plain table of records: hairlines, heads above, wide ones scroll in their own room. */
export function Table({
  label,
  heads,
  count,
  children,
}: {
  label: string
  heads: ReactNode[]
  /** How many records there are, where not all of them may stand in the page. */
  count?: number
  children: ReactNode
}) {
  return (
    <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={label}>
      <Box
        component="table"
        aria-label={label}
        {...(count !== undefined && { 'aria-rowcount': count + 1 })}
        sx={{
          borderCollapse: 'collapse',
          width: '100%',
          background: color.sheet,
          '& th': { textAlign: 'left', fontWeight: 650, color: 'text.secondary', whiteSpace: 'nowrap' },
          '& td, & th': { borderBottom: 1, borderColor: 'divider', px: 1, py: 0.75, verticalAlign: 'top' },
        }}
      >
        <thead>
          <tr>
            {heads.map((head, at) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: heads never move
              <th key={at} scope="col">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>{children}</tbody>
      </Box>
    </Box>
  )
}
