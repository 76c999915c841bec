import Box from '@mui/material/Box'
import type { ReactNode } from 'react'
import { color } from '../base/theme'

const PHONE = '@media (max-width: 600px)'

/** A head that tells in which order its column stands. */
interface SortedHead {
  key: string
  head: ReactNode
  sort: 'ascending' | 'descending' | 'none' | undefined
}

const isSorted = (head: ReactNode | SortedHead): head is SortedHead =>
  typeof head === 'object' && head !== null && 'head' in head

/** The first column names the record and stands above; a column without a head, as its buttons, stands below. */
const onPhone = (heads: (ReactNode | SortedHead)[]) => ({
  [PHONE]: {
    '& thead': { display: 'none' },
    '& tbody tr': {
      display: 'flex',
      flexWrap: 'wrap',
      columnGap: 1.75,
      borderBottom: 1,
      borderColor: 'divider',
      px: 1,
      py: 0.75,
    },
    '& td': { border: 0, p: 0, py: 0.25, overflowWrap: 'anywhere' },
    '& td:empty': { display: 'none' },
    '& td:first-of-type': { flexBasis: '100%' },
    ...Object.fromEntries(
      heads.flatMap((head, at) =>
        at === 0 || typeof head !== 'string'
          ? []
          : [
              head === ''
                ? [`& td:nth-of-type(${at + 1})`, { flexBasis: '100%', ml: -0.75 }]
                : [
                    `& td:nth-of-type(${at + 1})::before`,
                    { content: `${JSON.stringify(head)} " "`, color: 'text.secondary', whiteSpace: 'pre' },
                  ],
            ],
      ),
    ),
  },
})

/** A plain table of records: hairlines, heads above, wide ones scroll in their own room. */
export function Table({
  label,
  heads,
  count,
  stacked = false,
  children,
}: {
  label: string
  heads: (ReactNode | SortedHead)[]
  /** Whether a phone shows each record as lines of its own, every figure behind its head, and nothing to its right is out of sight. */
  stacked?: boolean
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
          ...(stacked && onPhone(heads)),
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
