import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import type { Schemas } from '../../api/client'
import { stockQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { mono } from '../../base/theme'
import { useMay } from '../../session/session'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { Page } from '../../ui/Page'
import { type Column, Records } from '../../ui/Records'
import { useAddress } from '../../ui/useAddress'
import { day, many } from '../../units/format'
import { ReceiveTire } from './ReceiveTire'
import { say, sayAround } from './words'

type Row = Schemas['StockRow']
const STATE_WORDS: Record<Row['state'], string> = {
  IN_STOCK: say('inStock2'),
  RETREAD_CANDIDATE: say('setAsideForRetread'),
  AT_RETREADER: say('atTheRetreader'),
  SCRAPPED: 'scrapped',
}

const columns: Column<Row>[] = [
  {
    key: 'tire',
    head: say('tire3'),
    stays: true,
    by: (row) => row.number,
    cell: (row) => (
      <Link to={`/tires/${row.tireId}`} style={{ fontWeight: 700, whiteSpace: 'nowrap' }}>
        {row.number ?? say('noNumber', { tireId: row.tireId })}
      </Link>
    ),
  },
  {
    key: 'model',
    head: say('model'),
    by: (row) => `${row.model} ${row.sidewall}`,
    cell: (row) => (
      <>
        {row.model}{' '}
        <Box component="span" sx={{ color: 'text.secondary' }}>
          {row.sidewall}
        </Box>
        {row.retread && say('retread')}
        {row.open.length > 0 && <Box sx={{ color: 'error.main', fontWeight: 650 }}>{row.open.join(', ')}</Box>}
      </>
    ),
  },
  { key: 'dot', head: say('dotWeek'), sx: { fontFamily: mono }, cell: (row) => row.dot ?? say('notRead') },
  {
    key: 'age',
    head: say('age'),
    sx: { whiteSpace: 'nowrap' },
    by: (row) => row.ageYears,
    cell: (row) => (row.ageYears === undefined ? say('notKnown') : `${row.ageYears.toFixed(1)} y`),
  },
  {
    key: 'depth',
    head: say('lowestTread'),
    sx: { whiteSpace: 'nowrap' },
    by: (row) => (row.depth === undefined ? undefined : Number.parseFloat(row.depth)),
    cell: (row) => row.depth ?? say('notMeasured'),
  },
  {
    key: 'where',
    head: say('where'),
    by: (row) => row.yard && `${row.yard} ${row.shelf}`,
    cell: (row) => (
      <>
        {row.state !== 'IN_STOCK' && <strong>{STATE_WORDS[row.state]}</strong>}
        {row.state !== 'IN_STOCK' && row.yard && ', '}
        {row.yard}
        {row.shelf && `, ${row.shelf}`}
      </>
    ),
  },
  {
    key: 'since',
    head: say('since'),
    sx: { whiteSpace: 'nowrap', color: 'text.secondary' },
    by: (row) => row.since,
    cell: (row) => day(row.since),
  },
  {
    key: 'price',
    head: say('price'),
    sx: { whiteSpace: 'nowrap', textAlign: 'right' },
    by: (row) => (row.price === undefined ? undefined : Number.parseFloat(row.price.replace(/[^\d.]/g, ''))),
    cell: (row) => row.price,
  },
]

/** Tires on no vehicle, oldest first: the oldest goes on the road first. */
export function Stock() {
  const [units] = useUnits()
  const [scrapped, setScrapped] = useAddress('scrapped')
  const [search, setSearch] = useSearchParams()
  const stock = useQuery(stockQuery(units, scrapped !== ''))
  const may = useMay('TECHNICIAN')
  const receive = (open: boolean) =>
    setSearch(
      (before) => {
        if (open) before.set('receive', '')
        else before.delete('receive')
        return before
      },
      { replace: !open },
    )
  if (stock.isPending) return <LoadingLines lines={8} />
  if (stock.isError) return <LoadProblem error={stock.error} again={() => stock.refetch()} />
  return (
    <Page
      title={say('stock')}
      about={say('inStock3', { many: many(stock.data.length, say('tire'), say('tires')) })}
      actions={
        may && (
          <Button variant="contained" onClick={() => receive(true)}>
            {say('receiveATire2')}
          </Button>
        )
      }
    >
      {stock.data.length === 0 ? (
        <p>
          {sayAround(
            'nothingIsInStock',
            {},
            {
              receive: (inner) => <Link to="/stock?receive">{inner}</Link>,
              order: (inner) => <Link to="/stock/to-order">{inner}</Link>,
            },
          )}
        </p>
      ) : (
        <Records
          name="stock"
          label={say('tiresInStock')}
          rows={stock.data}
          columns={columns}
          keyOf={(row) => row.tireId}
          words={(row) =>
            `${row.number ?? ''} ${row.model} ${row.sidewall} ${row.dot ?? ''} ${row.yard ?? ''} ${row.shelf} ${STATE_WORDS[row.state]}`
          }
          height={49}
          none={say('noMatchingTiresInStock')}
        >
          <FormControlLabel
            control={
              <Checkbox
                checked={scrapped !== ''}
                onChange={(event) => setScrapped(event.target.checked ? 'shown' : '')}
              />
            }
            label={say('includeScrapped')}
          />
        </Records>
      )}
      {search.has('receive') && <ReceiveTire onClose={() => receive(false)} />}
    </Page>
  )
}
