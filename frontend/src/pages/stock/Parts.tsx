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
import { say } from './words'

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
      title={say('parts')}
      about={
        short.length === 0
          ? say('nothingToOrder')
          : say('toOrder2', { many: many(short.length, say('part'), say('parts2')) })
      }
    >
      {yards.length === 0 && <p>{say('noYardOnFileYet')}</p>}
      {yards.map((yard) => (
        <Box component="section" key={yard} aria-label={yard} sx={{ mb: 2.5 }}>
          <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
            {yard}
          </Box>
          <Table
            label={say('partsAt', { yard })}
            stacked
            heads={[
              say('part2'),
              say('onTheShelf'),
              say('openJobsTake'),
              say('orderAt'),
              say('fillUp'),
              say('toOrder'),
              '',
            ]}
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
                      ? say('notCounted')
                      : row.count < 0
                        ? say('moreUsedThanCountedCount', { count: -row.count })
                        : row.count}
                  </td>
                  <td>{row.planned}</td>
                  <td>{row.orderUpTo === 0 ? say('noneKept') : row.reorderPoint}</td>
                  <td>{row.orderUpTo === 0 ? '' : row.orderUpTo}</td>
                  <td>{row.toOrder > 0 ? <strong>{row.toOrder}</strong> : 'none'}</td>
                  <td style={{ whiteSpace: 'nowrap' }}>
                    {technician && (
                      <>
                        <Button size="small" onClick={() => setDoing({ row, what: 'count' })}>
                          {say('count')}
                        </Button>
                        <Button size="small" onClick={() => setDoing({ row, what: 'receive' })}>
                          {say('receive')}
                        </Button>
                      </>
                    )}
                    {coordinator && (
                      <Button size="small" onClick={() => setDoing({ row, what: 'level' })}>
                        {say('orderAt2')}
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
    say('atAreReceived', { row: row.label, yard: row.yard, received }),
  )
  return (
    <FormDialog
      title={say('receiveAt', { received, row: row.label.toLowerCase(), yard: row.yard })}
      action={received ? say('receive4') : say('saveTheCount')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Entry
        label={received ? say('howManyCame') : say('howManyLieThere')}
        value={count}
        onChange={setCount}
        error={form.wrong('count')}
        hint={row.count === undefined ? say('neverCountedBefore') : say('onRecord', { count: row.count })}
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
    say('atTheReorderPoint', { row: row.label, yard: row.yard }),
  )
  return (
    <FormDialog
      title={say('whenToOrder', { row: row.label.toLowerCase(), yard: row.yard })}
      action={say('save')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Entry
        label={say('orderWhenLeft')}
        value={at}
        onChange={setAt}
        error={form.wrong('reorderPoint')}
        width={160}
        autoFocus
      />
      <Entry label={say('fillUp')} value={upTo} onChange={setUpTo} error={form.wrong('orderUpTo')} width={160} />
    </FormDialog>
  )
}

/** Small parts to order, yard by yard, under the tires to order. */
export function PartsToOrder() {
  const parts = useQuery({ queryKey: ['parts'], queryFn: () => answerOf(api.GET('/api/parts')) })
  const short = (parts.data ?? []).filter((row) => row.toOrder > 0)
  return (
    <Box component="section" aria-label={say('partsToOrder')}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
        {say('parts')}
      </Box>
      {parts.data && short.length === 0 && <p>{say('noPart')}</p>}
      {short.length > 0 && (
        <Table
          label={say('partsToOrder')}
          heads={[say('yard'), say('part2'), say('onTheShelf'), say('openJobsTake'), say('toOrder')]}
        >
          {short.map((row) => (
            <tr key={`${row.yard} ${row.part}`}>
              <td>{row.yard}</td>
              <td>{row.label}</td>
              <td>{row.count ?? say('notCounted')}</td>
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
