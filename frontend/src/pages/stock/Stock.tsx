import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import type { Schemas } from '../../api/client'
import { stockQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { mono } from '../../base/theme'
import { useMay } from '../../session/session'
import { Choice, Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { LongList } from '../../ui/LongList'
import { Page } from '../../ui/Page'
import { Table } from '../../ui/Table'
import { day, many } from '../../units/format'
import { ReceiveTire } from './ReceiveTire'

type Row = Schemas['StockRow']
type Order = 'age' | 'depth' | 'place'

const STATE_WORDS: Record<Row['state'], string> = {
  IN_STOCK: 'in stock',
  RETREAD_CANDIDATE: 'set aside for retread',
  AT_RETREADER: 'at the retreader',
  SCRAPPED: 'scrapped',
}

const depthOf = (row: Row) => (row.depth === undefined ? -1 : Number.parseFloat(row.depth))
/** By yard and shelf; what lies at no yard stands last. */
const byPlace = (a: Row, b: Row) =>
  Number(a.yard === undefined) - Number(b.yard === undefined) ||
  `${a.yard} ${a.shelf}`.localeCompare(`${b.yard} ${b.shelf}`)

/** Tires on no vehicle, oldest first: the oldest goes on the road first. */
export function Stock() {
  const [units] = useUnits()
  const [search, setSearch] = useSearchParams()
  const [scrapped, setScrapped] = useState(false)
  const [order, setOrder] = useState<Order>('age')
  const [text, setText] = useState('')
  const stock = useQuery(stockQuery(units, scrapped))
  const may = useMay('TECHNICIAN')
  const receiving = search.has('receive')
  const close = () => setSearch({}, { replace: true })
  if (stock.isPending) return <LoadingLines lines={8} />
  if (stock.isError) return <LoadProblem error={stock.error} again={() => stock.refetch()} />
  const wanted = text.trim().toLowerCase()
  const rows = stock.data.filter((row) =>
    `${row.number ?? ''} ${row.model} ${row.sidewall} ${row.dot ?? ''} ${row.yard ?? ''} ${row.shelf}`
      .toLowerCase()
      .includes(wanted),
  )
  if (order === 'depth') rows.sort((a, b) => depthOf(b) - depthOf(a))
  if (order === 'place') rows.sort(byPlace)
  return (
    <Page
      title="Stock"
      about={`${many(stock.data.length, 'tire', 'tires')} in stock`}
      actions={
        may && (
          <Button variant="contained" onClick={() => setSearch({ receive: '' })}>
            Receive a tire…
          </Button>
        )
      }
    >
      <Box sx={{ display: 'flex', gap: 1.5, mb: 1.5, flexWrap: 'wrap', alignItems: 'center' }}>
        <Entry label="Find" value={text} onChange={setText} width={240} />
        <Choice
          label="Sorted by"
          value={order}
          options={[
            ['age', 'age, oldest first'],
            ['depth', 'tread depth, deepest first'],
            ['place', 'place'],
          ]}
          onChange={setOrder}
        />
        <FormControlLabel
          control={<Checkbox checked={scrapped} onChange={(event) => setScrapped(event.target.checked)} />}
          label="Include scrapped"
        />
      </Box>
      {stock.data.length === 0 ? (
        <p>Nothing is in stock. Receive a tire here, or order some under Orders and receiving.</p>
      ) : (
        <Table
          label="Tires in stock"
          count={rows.length}
          heads={['Tire', 'Model', 'DOT week', 'Age', 'Lowest tread', 'Where', 'Since', 'Price']}
        >
          <LongList
            of={rows}
            keyOf={(row) => row.tireId}
            as="tr"
            height={49}
            row={(row, place) => (
              <tr {...place}>
                <td>
                  <Link to={`/tires/${row.tireId}`} style={{ fontWeight: 700, whiteSpace: 'nowrap' }}>
                    {row.number ?? `no number (${row.tireId})`}
                  </Link>
                </td>
                <td>
                  {row.model}{' '}
                  <Box component="span" sx={{ color: 'text.secondary' }}>
                    {row.sidewall}
                  </Box>
                  {row.retread && ', retread'}
                  {row.open.length > 0 && (
                    <Box sx={{ color: 'error.main', fontWeight: 650 }}>{row.open.join(', ')}</Box>
                  )}
                </td>
                <Box component="td" sx={{ fontFamily: mono }}>
                  {row.dot ?? 'not read'}
                </Box>
                <Box component="td" sx={{ whiteSpace: 'nowrap' }}>
                  {row.ageYears === undefined ? 'not known' : `${row.ageYears.toFixed(1)} y`}
                </Box>
                <Box component="td" sx={{ whiteSpace: 'nowrap' }}>
                  {row.depth ?? 'not measured'}
                </Box>
                <td>
                  {row.state !== 'IN_STOCK' && <strong>{STATE_WORDS[row.state]}</strong>}
                  {row.state !== 'IN_STOCK' && row.yard && ', '}
                  {row.yard}
                  {row.shelf && `, ${row.shelf}`}
                </td>
                <Box component="td" sx={{ whiteSpace: 'nowrap', color: 'text.secondary' }}>
                  {day(row.since)}
                </Box>
                <Box component="td" sx={{ whiteSpace: 'nowrap', textAlign: 'right' }}>
                  {row.price}
                </Box>
              </tr>
            )}
          />
        </Table>
      )}
      {rows.length === 0 && stock.data.length > 0 && <p>No matching tires in stock.</p>}
      {receiving && <ReceiveTire onClose={close} />}
    </Page>
  )
}
