import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import ListItemText from '@mui/material/ListItemText'
import Menu from '@mui/material/Menu'
import MenuItem from '@mui/material/MenuItem'
import type { SxProps } from '@mui/material/styles'
import { type ReactNode, useState } from 'react'
import { useHiddenColumns } from '../base/settings'
import { Entry } from './Entry'
import { LongList } from './LongList'
import { Table } from './Table'
import { holds } from './typed'
import { useAddress } from './useAddress'
import { say } from './words'

/** One column of a table of records. */
export interface Column<T> {
  key: string
  head: string
  cell: (row: T) => ReactNode
  /** What its order goes by, smallest first; what isn't known comes last, either way round. */
  by?: (row: T) => string | number | undefined
  sx?: SxProps
  /** Names the record, and so can't be put away. */
  stays?: boolean
}

/**
 * A table of records that is found in by typing, sorted by its heads and shows the columns somebody wants. What is looked for and
 * the order stand in the address; the columns stay with the device.
 */
export function Records<T>(props: {
  /** Under which the device keeps the columns. */
  name: string
  label: string
  rows: T[]
  columns: Column<T>[]
  keyOf: (row: T) => string | number
  /** What is looked for in a row by typing. */
  words: (row: T) => string
  /** About how high a row is, in pixels. */
  height: number
  /** Said where nothing fits what is looked for. */
  none: string
  /** More that narrows the table, beside the field that finds. */
  children?: ReactNode
}) {
  const [find, setFind] = useAddress('find')
  const [sort, setSort] = useAddress('sort')
  const [hidden, setHidden] = useHiddenColumns(props.name)
  const columns = props.columns.filter((one) => one.stays || !hidden.includes(one.key))
  const down = sort.startsWith('-')
  const key = down ? sort.slice(1) : sort
  const by = props.columns.find((one) => one.key === key)?.by
  const found = props.rows.filter((row) => holds(props.words(row), find))
  const rows = by ? inOrder(found, by, down) : found
  const next = (column: Column<T>) =>
    setSort(sort === column.key ? `-${column.key}` : sort === `-${column.key}` ? '' : column.key)
  return (
    <>
      <Box sx={{ display: 'flex', gap: 1.5, mb: 1.5, flexWrap: 'wrap', alignItems: 'center' }} className="not-printed">
        <Entry label={say('find')} value={find} onChange={setFind} width={240} />
        {props.children}
        <ColumnChoice columns={props.columns} hidden={hidden} onChange={setHidden} />
      </Box>
      <Table
        label={props.label}
        count={rows.length}
        heads={columns.map((one) => ({
          key: one.key,
          sort: one.by && (key === one.key ? (down ? 'descending' : 'ascending') : 'none'),
          head: one.by ? <SortButton column={one} down={key === one.key ? down : undefined} onSort={next} /> : one.head,
        }))}
      >
        <LongList
          of={rows}
          keyOf={props.keyOf}
          as="tr"
          height={props.height}
          row={(row, place) => (
            <tr {...place}>
              {columns.map((one) => (
                <Box component="td" key={one.key} sx={one.sx}>
                  {one.cell(row)}
                </Box>
              ))}
            </tr>
          )}
        />
      </Table>
      {rows.length === 0 && (
        <p>
          {props.none} {find && <Button onClick={() => setFind('')}>{say('showAll')}</Button>}
        </p>
      )}
    </>
  )
}

function inOrder<T>(rows: T[], by: NonNullable<Column<T>['by']>, down: boolean): T[] {
  return [...rows].sort((one, other) => {
    const a = by(one)
    const b = by(other)
    if (a === undefined || b === undefined) return Number(a === undefined) - Number(b === undefined)
    const order =
      typeof a === 'number' && typeof b === 'number'
        ? a - b
        : String(a).localeCompare(String(b), 'en', { numeric: true })
    return down ? -order : order
  })
}

function SortButton<T>(props: { column: Column<T>; down: boolean | undefined; onSort: (column: Column<T>) => void }) {
  const { column, down } = props
  return (
    <Button
      size="small"
      onClick={() => props.onSort(column)}
      title={say('sortBy', { head: column.head.toLowerCase() })}
      sx={{
        color: 'inherit',
        fontWeight: 'inherit',
        p: 0,
        minWidth: 0,
        minHeight: { xs: 44, sm: 24 },
        fontSize: 'inherit',
      }}
    >
      {column.head}
      <Box component="span" aria-hidden sx={{ ml: 0.5, width: 10, visibility: down === undefined ? 'hidden' : null }}>
        {down ? '↓' : '↑'}
      </Box>
    </Button>
  )
}

function ColumnChoice<T>(props: { columns: Column<T>[]; hidden: string[]; onChange: (hidden: string[]) => void }) {
  const [at, setAt] = useState<HTMLElement | null>(null)
  return (
    <>
      <Button
        aria-haspopup="menu"
        aria-expanded={at !== null}
        onClick={(event) => setAt(event.currentTarget)}
        sx={{ ml: { sm: 'auto' } }}
      >
        {say('columns')}
        {props.hidden.length > 0 && say('hidden', { count: props.hidden.length })}
      </Button>
      <Menu open={at !== null} anchorEl={at} onClose={() => setAt(null)}>
        {props.columns
          .filter((one) => !one.stays)
          .map((one) => {
            const shown = !props.hidden.includes(one.key)
            return (
              <MenuItem
                key={one.key}
                role="menuitemcheckbox"
                aria-checked={shown}
                dense
                onClick={() =>
                  props.onChange(shown ? [...props.hidden, one.key] : props.hidden.filter((key) => key !== one.key))
                }
              >
                <Checkbox checked={shown} size="small" tabIndex={-1} aria-hidden sx={{ p: 0.5, mr: 1 }} />
                <ListItemText>{one.head}</ListItemText>
              </MenuItem>
            )
          })}
      </Menu>
    </>
  )
}
