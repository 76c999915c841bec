import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, ProblemError, type Schemas } from '../../api/client'
import { registerQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { useMay, useSimulated } from '../../session/session'
import { Choice, Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { FormDialog } from '../../ui/FormDialog'
import { LoadingLines } from '../../ui/Loading'
import { useNotice } from '../../ui/Notice'
import { Page } from '../../ui/Page'
import { Table } from '../../ui/Table'
import { useSend } from '../../ui/useSend'
import { day, many, moment } from '../../units/format'
import { withdrawn } from './OrderDialog'
import { PartsToOrder } from './Parts'
import { say } from './words'

type List = Schemas['SupplierList']

/** What open jobs need and isn't there, by supplier, with the day to order by; who delivers; programs; mail that went out. */
export function OrderNeeds() {
  const [units] = useUnits()
  const list = useQuery({
    queryKey: ['order-list', units],
    queryFn: () => answerOf(api.GET('/api/order-needs', { params: { query: { units } } })),
  })
  if (list.isPending) return <LoadingLines lines={10} />
  if (list.isError) return <LoadProblem error={list.error} again={() => list.refetch()} />
  return (
    <Page
      title={say('toOrder')}
      about={say('tiresForOpenJobs', { reduce: list.data.reduce((sum, one) => sum + one.tires, 0) })}
      actions={
        <>
          <Button component="a" href={`/api/order-needs.csv?units=${units}`}>
            {say('csv')}
          </Button>
          <Button component="a" href={`/api/order-needs.pdf?units=${units}`} target="_blank" rel="noreferrer">
            {say('pdf')}
          </Button>
        </>
      }
    >
      <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2.5 }}>
        {list.data.length === 0 && <p>{say('noOpenJobNeeds')}</p>}
        {list.data.map((one) => (
          <OneSupplier key={one.supplier} list={one} />
        ))}
        <PartsToOrder />
        <SupplierPart />
        <Programs />
        <Outbox />
      </Box>
    </Page>
  )
}

function OneSupplier({ list }: { list: List }) {
  const [units] = useUnits()
  const may = useMay('COORDINATOR')
  const notice = useNotice()
  const register = useQuery(registerQuery)
  const [yard, setYard] = useState('')
  const yards = register.data?.yards ?? []
  const to = yard || yards[0] || ''
  const send = useSend<Schemas['SentOrderView']>(
    (key) =>
      answerOf(
        api.POST('/api/orders/from-needs', {
          params: { query: { units }, header: { 'Idempotency-Key': key } },
          body: { supplier: list.supplier, yard: to },
        }),
      ),
    (sent) =>
      notice({
        text: say('orderForCreatedTheE', { many: many(sent.tires, 'tire', 'tires') }),
        undo: async () => say('secondEMailTells', { consequence: await withdrawn(sent.orderId) }),
      }),
    null,
  )
  return (
    <Box component="section" aria-label={list.supplier}>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', mb: 0.5 }}>
        <Box component="h2" sx={{ typography: 'h3', m: 0 }}>
          {list.supplier}
        </Box>
        <Box sx={{ color: 'text.secondary' }}>
          {say('toOrderLeadTimeDays', {
            many: many(list.tires, 'tire', 'tires'),
            total: list.total,
            leadDays: list.leadDays,
          })}
        </Box>
        {may && list.email && list.tires > 0 && (
          <>
            <Choice
              label={say('deliverTo')}
              value={to}
              options={yards.map((name) => [name, name] as const)}
              onChange={setYard}
              width={150}
            />
            <Button variant="contained" onClick={send.send} loading={send.busy}>
              {say('createOrder')}
            </Button>
          </>
        )}
      </Box>
      {send.error instanceof ProblemError && (
        <Alert severity="error">{send.error.field('supplier') ?? send.error.field('yard') ?? send.error.message}</Alert>
      )}
      <Table
        label={say('toOrderFrom', { supplier: list.supplier })}
        heads={[
          say('model'),
          say('needed'),
          say('inStock'),
          say('onOrder'),
          say('toOrder'),
          say('orderBy'),
          say('neededBy'),
          say('total'),
          say('jobs'),
        ]}
      >
        {list.lines.map((line) => (
          <tr key={line.tireModelId}>
            <td>
              {line.model}{' '}
              <Box component="span" sx={{ color: 'text.secondary' }}>
                {line.sidewall}
              </Box>
            </td>
            <td>{line.wanted}</td>
            <td>{line.inStock}</td>
            <td>{line.onOrder}</td>
            <td>
              <strong>{line.toOrder}</strong>
            </td>
            <td>
              {line.toOrder === 0 ? (
                'nothing'
              ) : line.late ? (
                <strong>{say('todayTooLate', { neededBy: day(line.neededBy) })}</strong>
              ) : (
                day(line.orderBy)
              )}
            </td>
            <td>{day(line.neededBy)}</td>
            <td>{line.total ?? say('noPriceOnFile')}</td>
            <td>{line.jobs.join('; ')}</td>
          </tr>
        ))}
      </Table>
    </Box>
  )
}

function SupplierPart() {
  const [editing, setEditing] = useState<Schemas['SupplierView'] | 'new' | null>(null)
  const may = useMay('COORDINATOR')
  const suppliers = useQuery({ queryKey: ['suppliers'], queryFn: () => answerOf(api.GET('/api/suppliers')) })
  return (
    <Box component="section" aria-label={say('suppliers')}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
        {say('suppliers')}
      </Box>
      <Table label={say('suppliers')} heads={[say('name'), say('mail'), say('leadTime'), say('delivers'), '']}>
        {(suppliers.data ?? []).map((one) => (
          <tr key={one.id}>
            <td>{one.name}</td>
            <td>{one.email}</td>
            <td>{say('days', { leadDays: one.leadDays })}</td>
            <td>{one.manufacturers}</td>
            <td>
              {may && (
                <Button size="small" onClick={() => setEditing(one)}>
                  {say('change')}
                </Button>
              )}
            </td>
          </tr>
        ))}
      </Table>
      {may && <Button onClick={() => setEditing('new')}>{say('addASupplier')}</Button>}
      {editing && (
        <SupplierDialog supplier={editing === 'new' ? undefined : editing} onClose={() => setEditing(null)} />
      )}
    </Box>
  )
}

function SupplierDialog(props: { supplier: Schemas['SupplierView'] | undefined; onClose: () => void }) {
  const { supplier } = props
  const [name, setName] = useState(supplier?.name ?? '')
  const [mail, setMail] = useState(supplier?.email ?? '')
  const [lead, setLead] = useState(String(supplier?.leadDays ?? 7))
  const [makers, setMakers] = useState(supplier?.manufacturers ?? '')
  const form = useSend<unknown>(
    () =>
      answerOf(
        api.POST('/api/suppliers', {
          body: {
            ...(supplier && { id: supplier.id, version: supplier.version }),
            name,
            email: mail,
            manufacturers: makers,
            ...(lead.trim() !== '' && !Number.isNaN(Number(lead)) && { leadDays: Number(lead) }),
          },
        }),
      ),
    props.onClose,
    say('isOnFile', { name }),
  )
  return (
    <FormDialog
      title={supplier ? say('change2', { supplier: supplier.name }) : say('addASupplier2')}
      action={say('keepIt')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={props.onClose}
    >
      <Entry label={say('name')} value={name} onChange={setName} error={form.wrong('name')} width={260} autoFocus />
      <Entry label={say('mail')} value={mail} onChange={setMail} error={form.wrong('email')} width={260} />
      <Entry
        label={say('leadTime')}
        value={lead}
        onChange={setLead}
        error={form.wrong('leadDays')}
        unit="days"
        width={130}
      />
      <Entry
        label={say('makesItDeliversWithCommas')}
        value={makers}
        onChange={setMakers}
        error={form.wrong('manufacturers')}
        width={380}
      />
    </FormDialog>
  )
}

function Programs() {
  const [units] = useUnits()
  const may = useMay('MANAGER')
  const [adding, setAdding] = useState(false)
  const programs = useQuery({
    queryKey: ['programs', units],
    queryFn: () => answerOf(api.GET('/api/discount-programs', { params: { query: { units } } })),
  })
  return (
    <Box component="section" aria-label={say('discountPrograms')}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
        {say('discountPrograms')}
      </Box>
      {programs.data?.length === 0 && <p>{say('noneOnFile')}</p>}
      {(programs.data ?? []).map((one) => (
        <div key={one.id}>
          <strong>{one.name}</strong>
          {say('yearOffEachTirePays', {
            fee: one.fee,
            saving: one.saving,
            breakEven: one.breakEven,
            statement: one.statement,
          })}
        </div>
      ))}
      {may && <Button onClick={() => setAdding(true)}>{say('addAProgram')}</Button>}
      {adding && <ProgramDialog onClose={() => setAdding(false)} />}
    </Box>
  )
}

function ProgramDialog({ onClose }: { onClose: () => void }) {
  const [name, setName] = useState('')
  const [fee, setFee] = useState('')
  const [saving, setSaving] = useState('')
  const form = useSend<unknown>(
    () => answerOf(api.POST('/api/discount-programs', { body: { name, fee, saving } })),
    onClose,
    say('isOnFile', { name }),
  )
  return (
    <FormDialog
      title={say('addADiscountProgram')}
      action={say('keepIt')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Entry label={say('name')} value={name} onChange={setName} error={form.wrong('name')} width={260} autoFocus />
      <Entry label={say('feeAYear')} value={fee} onChange={setFee} error={form.wrong('fee')} width={150} />
      <Entry
        label={say('savingOnEachTire')}
        value={saving}
        onChange={setSaving}
        error={form.wrong('saving')}
        width={190}
      />
    </FormDialog>
  )
}

function Outbox() {
  const simulated = useSimulated()
  const outbox = useQuery({ queryKey: ['outbox'], queryFn: () => answerOf(api.GET('/api/outbox')) })
  return (
    <Box component="section" aria-label={say('outbox')}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
        {say('outbox')}
        {simulated && say('simulatedNothingLeavesThisMachine')}
      </Box>
      {outbox.data?.length === 0 && <p>{say('noMessages')}</p>}
      {(outbox.data ?? []).map((mail) => (
        <details key={mail.id}>
          <summary>
            {say('to', {
              subject: mail.subject,
              recipient: mail.recipient,
              by: mail.by,
              moment: moment(mail.at),
              sentAt: mail.sentAt
                ? say('sent', { moment: moment(mail.sentAt) })
                : mail.isWaiting
                  ? say('waitsToBeSent', { problem: mail.problem ? `: ${mail.problem}` : '' })
                  : mail.problem || say('notSentNoMailServer'),
            })}
          </summary>
          <Box component="pre" sx={{ font: 'inherit', whiteSpace: 'pre-wrap', m: 0, p: 1, background: color.sheet }}>
            {mail.body}
          </Box>
        </details>
      ))}
    </Box>
  )
}
