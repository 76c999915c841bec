import Box from '@mui/material/Box'
import type { ReactNode } from 'react'
import { color } from '../base/theme'

/** A head that tells in which order its column stands. */
interface SortedHead {
  key: string
  head: ReactNode
  sort: 'ascending' | 'descending' | 'none' | undefined
}

const isSorted = (head: ReactNode | SortedHead): head is SortedHead =>
  typeof head === 'object' && head !== null && 'head' in head

/** A plain table of records: hairlines, heads above, wide ones scroll in their own room. */
export function Table({
  label,
  heads,
  count,
  children,
}: {
  label: string
  heads: (ReactNode | SortedHead)[]
  /** How many records there are, where not all of them may stand in the page. */
  count?: number
  children: ReactNode
}) {
  return (
    <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="group" aria-label={label}>
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
          '& th[scope="col"]': { verticalAlign: 'middle' },
        }}
      >
        <thead>
          <tr>
            {heads.map((head, at) =>
              isSorted(head) ? (
                <th key={head.key} scope="col" aria-sort={head.sort}>
                  {head.head}
                </th>
              ) : (
                // biome-ignore lint/suspicious/noArrayIndexKey: these heads never move
                <th key={at} scope="col">
                  {head}
                </th>
              ),
            )}
          </tr>
        </thead>
        <tbody>{children}</tbody>
      </Box>
    </Box>
  )
}
