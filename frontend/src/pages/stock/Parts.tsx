import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { useMay } from '../../session/session'
import { Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { FormDialog } from '../../ui/FormDialog'
import { LoadingLines } from '../../ui/Loading'
import { Page } from '../../ui/Page'
import { Table } from '../../ui/Table'
import { useSend } from '../../ui/useSend'
import { many } from '../../units/format'

type Row = Schemas['PartStockRow']
type Doing = { row: Row; what: 'count' | 'receive' | 'level' }

/** Small parts on the shelf of each yard: what lies there, what jobs will take, when more are ordered. */
export function Parts() {
  const parts = useQuery({ queryKey: ['parts'], queryFn: () => answerOf(api.GET('/api/parts')) })
  const technician = useMay('TECHNICIAN')
  const coordinator = useMay('COORDINATOR')
  const [doing, setDoing] = useState<Doing | null>(null)
  if (parts.isPending) return <LoadingLines lines={10} />
  if (parts.isError) return <LoadProblem error={parts.error} again={() => parts.refetch()} />
  const yards = [...new Set(parts.data.map((row) => row.yard))]
  const short = parts.data.filter((row) => row.toOrder > 0)
  return (
    <Page
      title="Parts"
      about={short.length === 0 ? 'Nothing to order' : `${many(short.length, 'part', 'parts')} to order`}
    >
      {yards.length === 0 && <p>No yard on file yet. Add a vehicle first: its yard comes with it.</p>}
      {yards.map((yard) => (
        <Box component="section" key={yard} aria-label={yard} sx={{ mb: 2.5 }}>
          <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
            {yard}
          </Box>
          <Table
            label={`Parts at ${yard}`}
            stacked
            heads={['Part', 'On the shelf', 'Open jobs take', 'Order at', 'Fill up to', 'To order', '']}
          >
            {parts.data
              .filter((row) => row.yard === yard)
              .map((row) => (
                <tr key={row.part}>
                  <td>
                    <strong>{row.label}</strong>
                  </td>
                  <td>
                    {row.count === undefined
                      ? 'not counted'
                      : row.count < 0
                        ? `${-row.count} more used than counted: count them`
                        : row.count}
                  </td>
                  <td>{row.planned}</td>
                  <td>{row.orderUpTo === 0 ? 'none kept' : row.reorderPoint}</td>
                  <td>{row.orderUpTo === 0 ? '' : row.orderUpTo}</td>
                  <td>{row.toOrder > 0 ? <strong>{row.toOrder}</strong> : 'none'}</td>
                  <td style={{ whiteSpace: 'nowrap' }}>
                    {technician && (
                      <>
                        <Button size="small" onClick={() => setDoing({ row, what: 'count' })}>
                          Count…
                        </Button>
                        <Button size="small" onClick={() => setDoing({ row, what: 'receive' })}>
                          Receive…
                        </Button>
                      </>
                    )}
                    {coordinator && (
                      <Button size="small" onClick={() => setDoing({ row, what: 'level' })}>
                        Order at…
                      </Button>
                    )}
                  </td>
                </tr>
              ))}
          </Table>
        </Box>
      ))}
      {doing?.what === 'level' && <LevelDialog row={doing.row} onClose={() => setDoing(null)} />}
      {doing && doing.what !== 'level' && (
        <CountDialog row={doing.row} received={doing.what === 'receive'} onClose={() => setDoing(null)} />
      )}
    </Page>
  )
}

const whole = (text: string) => (/^\d{1,5}$/.test(text.trim()) ? { count: Number(text) } : {})

function CountDialog({ row, received, onClose }: { row: Row; received: boolean; onClose: () => void }) {
  const [count, setCount] = useState('')
  const body = { yard: row.yard, part: row.part, ...whole(count) }
  const form = useSend<unknown>(
    (key) => {
      const params = { header: { 'Idempotency-Key': key } }
      return answerOf(
        received
          ? api.POST('/api/parts/deliveries', { params, body })
          : api.POST('/api/parts/counts', { params, body }),
      )
    },
    onClose,
    `${row.label} at ${row.yard} ${received ? 'are received' : 'are counted'}.`,
  )
  return (
    <FormDialog
      title={`${received ? 'Receive' : 'Count'} ${row.label.toLowerCase()} at ${row.yard}`}
      action={received ? 'Receive' : 'Save the count'}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Entry
        label={received ? 'How many came' : 'How many lie there'}
        value={count}
        onChange={setCount}
        error={form.wrong('count')}
        hint={row.count === undefined ? 'Never counted before' : `${row.count} on record`}
        autoFocus
      />
    </FormDialog>
  )
}

function LevelDialog({ row, onClose }: { row: Row; onClose: () => void }) {
  const [at, setAt] = useState(String(row.reorderPoint))
  const [upTo, setUpTo] = useState(String(row.orderUpTo))
  const form = useSend<unknown>(
    () =>
      answerOf(
        api.PUT('/api/parts/levels', {
          body: {
            yard: row.yard,
            part: row.part,
            ...(whole(at).count !== undefined && { reorderPoint: Number(at) }),
            ...(whole(upTo).count !== undefined && { orderUpTo: Number(upTo) }),
          },
        }),
      ),
    onClose,
    `${row.label} at ${row.yard}: the reorder point is on file.`,
  )
  return (
    <FormDialog
      title={`When to order ${row.label.toLowerCase()} for ${row.yard}`}
      action="Save"
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Entry
        label="Order when left"
        value={at}
        onChange={setAt}
        error={form.wrong('reorderPoint')}
        width={160}
        autoFocus
      />
      <Entry label="Fill up to" value={upTo} onChange={setUpTo} error={form.wrong('orderUpTo')} width={160} />
    </FormDialog>
  )
}

/** Small parts to order, yard by yard, under the tires to order. */
export function PartsToOrder() {
  const parts = useQuery({ queryKey: ['parts'], queryFn: () => answerOf(api.GET('/api/parts')) })
  const short = (parts.data ?? []).filter((row) => row.toOrder > 0)
  return (
    <Box component="section" aria-label="Parts to order">
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
        Parts
      </Box>
      {parts.data && short.length === 0 && <p>No part is at its reorder point.</p>}
      {short.length > 0 && (
        <Table label="Parts to order" heads={['Yard', 'Part', 'On the shelf', 'Open jobs take', 'To order']}>
          {short.map((row) => (
            <tr key={`${row.yard} ${row.part}`}>
              <td>{row.yard}</td>
              <td>{row.label}</td>
              <td>{row.count ?? 'not counted'}</td>
              <td>{row.planned}</td>
              <td>
                <strong>{row.toOrder}</strong>
              </td>
            </tr>
          ))}
        </Table>
      )}
    </Box>
  )
}
