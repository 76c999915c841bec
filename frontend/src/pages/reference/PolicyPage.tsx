import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, ProblemError, type Schemas } from '../../api/client'
import { registerQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { STATES } from '../../drawings/verdict/verdicts'
import { useMay } from '../../session/session'
import { Choice, Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { FormDialog } from '../../ui/FormDialog'
import { LoadingLines } from '../../ui/Loading'
import { useNotice } from '../../ui/Notice'
import { Page } from '../../ui/Page'
import { PageParts } from '../../ui/PageParts'
import { Table } from '../../ui/Table'
import { useAddress } from '../../ui/useAddress'
import { useDebounced } from '../../ui/useDebounced'
import { useSend } from '../../ui/useSend'
import { day, many } from '../../units/format'
import { PolicyChoices } from './PolicyChoices'
import { SettingHistory } from './SettingHistory'

type Number = Schemas['PolicyNumberView']

/** In the order in which one reads a tire. */
const TOPICS: Number['topic'][] = ['PRESSURE', 'TREAD', 'AGE', 'ROTATION', 'PLANNING']

/** Every number a fleet may set: its default, what the fleet and its classes signed, and which way is stricter. */
export function PolicyPage() {
  const policy = useQuery({ queryKey: ['policy'], queryFn: () => answerOf(api.GET('/api/policy')) })
  const [open, setOpen] = useState<Number | null>(null)
  const may = useMay('MANAGER')
  if (policy.isPending) return <LoadingLines lines={10} />
  if (policy.isError) return <LoadProblem error={policy.error} again={() => policy.refetch()} />
  const topics = [...new Set(policy.data.map((one) => one.topic))].sort(
    (one, other) => TOPICS.indexOf(one) - TOPICS.indexOf(other),
  )
  return (
    <Page title="Policy" about="If several scopes apply, the strictest value applies">
      <PageParts
        label="Parts of the policy"
        parts={[
          ...topics.map((topic) => ({
            key: topic.toLowerCase(),
            word: policy.data.find((one) => one.topic === topic)?.topicTitle ?? '',
            show: () => <Numbers of={policy.data.filter((one) => one.topic === topic)} open={setOpen} may={may} />,
          })),
          { key: 'choices', word: 'Choices', show: () => <PolicyChoices may={may} /> },
        ]}
      />
      {!may && <p>Only a manager can change policy.</p>}
      {open && <SignDialog number={open} onClose={() => setOpen(null)} />}
    </Page>
  )
}

/** One part's numbers; the one that was looked for is marked and in sight. */
function Numbers({ of, open, may }: { of: Number[]; open: (number: Number) => void; may: boolean }) {
  const [marked] = useAddress('at')
  return (
    <Table label="Policy numbers" heads={['Number', 'Default', 'Stricter is', 'Set by', '']}>
      {of.map((number) => (
        <tr
          key={number.number}
          {...(number.number === marked && {
            'aria-current': true,
            ref: (row: HTMLTableRowElement | null) => row?.scrollIntoView({ block: 'center' }),
            style: { background: color.picked },
          })}
        >
          <td>
            <strong>{number.title}</strong>
          </td>
          <Box component="td" sx={{ whiteSpace: 'nowrap' }}>
            {number.defaultValue}
            <Box sx={{ color: 'text.secondary', fontSize: 12.5, whiteSpace: 'normal' }}>{number.source}</Box>
          </Box>
          <td>{number.stricter === 'HIGHER' ? 'higher' : 'lower'}</td>
          <td>
            <SettingHistory settings={number.settings} earlier={number.earlier} />
          </td>
          <td>
            {may && (
              <Button size="small" onClick={() => open(number)} aria-label={`Change ${number.title}`}>
                Change…
              </Button>
            )}
          </td>
        </tr>
      ))}
    </Table>
  )
}

const AXLES = [
  ['', 'all axles'],
  ['steer', 'steer axles'],
  ['drive', 'drive axles'],
  ['tag', 'tag axles'],
  ['pusher', 'pusher axles'],
  ['trailer', 'trailer axles'],
] as const

/** Signs a number for a scope, after looking at what it would turn today. */
function SignDialog({ number, onClose }: { number: Number; onClose: () => void }) {
  const [vehicleClass, setVehicleClass] = useState('')
  const [axle, setAxle] = useState<(typeof AXLES)[number][0]>('')
  const [maker, setMaker] = useState('')
  const [value, setValue] = useState('')
  const [why, setWhy] = useState('')
  const register = useQuery(registerQuery)
  const notice = useNotice()
  const [units] = useUnits()
  const body = { value, reason: why, vehicleClass, axle, manufacturer: maker }
  const path = { number: number.number }
  const rested = useDebounced(JSON.stringify(body))
  const preview = useQuery({
    queryKey: ['policy-preview', number.number, units, rested],
    enabled: (JSON.parse(rested) as typeof body).value.trim() !== '',
    retry: false,
    queryFn: () =>
      answerOf(
        api.POST('/api/policy/{number}/preview', {
          params: { path, query: { units } },
          body: JSON.parse(rested) as typeof body,
        }),
      ),
  })
  const years = useQuery({
    queryKey: ['policy-years', number.number, units, rested],
    enabled: preview.data !== undefined,
    retry: false,
    queryFn: () =>
      answerOf(
        api.POST('/api/policy/{number}/outlook', {
          params: { path, query: { units } },
          body: JSON.parse(rested) as typeof body,
        }),
      ),
  })
  const form = useSend(
    () => answerOf(api.PUT('/api/policy/{number}', { params: { path }, body })),
    () => {
      notice({ text: `${number.title}: signed. Every verdict follows it from now on.` })
      onClose()
    },
    null,
  )
  return (
    <FormDialog
      title={number.title}
      action={value.trim() === '' ? 'Restore default' : 'Approve change'}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
      wide
    >
      <Choice
        label="Scope"
        value={vehicleClass}
        options={[
          ['', 'the whole fleet'],
          ...(register.data?.classes ?? []).map((name) => [name, name] as [string, string]),
        ]}
        onChange={setVehicleClass}
        error={form.wrong('vehicleClass')}
        width={210}
      />
      <Choice label="On" value={axle} options={AXLES} onChange={setAxle} error={form.wrong('axle')} width={160} />
      <Entry
        label="Tires made by"
        value={maker}
        onChange={setMaker}
        error={form.wrong('manufacturer')}
        hint="Blank: all manufacturers"
        width={180}
      />
      <Entry
        label="Number"
        value={value}
        onChange={setValue}
        error={form.wrong('value')}
        unit={number.unit}
        hint={`Default ${number.defaultValue}, ${number.source}; ${number.stricter === 'HIGHER' ? 'higher' : 'lower'} is stricter. Leave blank to restore the default for this scope.`}
        width={300}
        autoFocus
      />
      <Entry label="Why" value={why} onChange={setWhy} error={form.wrong('reason')} width={420} />
      {preview.data && <Preview turned={preview.data.changedVerdicts} moved={preview.data.movedDueDates} />}
      {years.data && <YearsAhead difference={years.data} />}
      {years.error && (
        <Box sx={{ width: '100%' }}>
          The outlook cannot be calculated with this value:{' '}
          {years.error instanceof ProblemError ? years.error.field('value') : 'the server doesn’t answer'}
        </Box>
      )}
      <Box sx={{ color: 'text.secondary', width: '100%' }}>
        Law and manufacturer data come first, whatever is set here.
      </Box>
    </FormDialog>
  )
}

/** What it would change over fifteen years, everything run to its limit. */
function YearsAhead({ difference }: { difference: Schemas['DifferenceView'] }) {
  const { tires, money, oldestSteer, limitsExceeded: breaks } = difference
  return (
    <Box component="section" aria-label="The 15-year outlook" aria-live="polite" sx={{ width: '100%' }}>
      {[tires, money, oldestSteer, breaks].every((one) => one === 'the same') ? (
        <strong>Over fifteen years it would change nothing.</strong>
      ) : (
        <>
          <strong>Over fifteen years, everything run to its limit:</strong>{' '}
          {`tires bought: ${tires}; money: ${money}; oldest steer tire: ${oldestSteer}; broken limits: ${breaks}.`}
        </>
      )}
    </Box>
  )
}

const SHOWN = 12

/** Which verdicts it would turn today, what would become overdue, and which days would move. */
function Preview({ turned, moved }: { turned: Schemas['ChangedVerdictView'][]; moved: Schemas['MovedDue'][] }) {
  const overdue = moved.filter((one) => one.becomesOverdue).length
  return (
    <Box component="section" aria-label="What it would do" aria-live="polite" sx={{ width: '100%' }}>
      <strong>
        {turned.length === 0
          ? 'This change would affect no verdict today.'
          : `This change would affect ${turned.length} ${turned.length === 1 ? 'verdict' : 'verdicts'} today:`}
      </strong>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {turned.slice(0, SHOWN).map((one) => (
          <li key={`${one.vehicleId} ${one.position}`}>
            {one.unit} {one.position}: {STATES[one.before].word} → <strong>{STATES[one.after].word}</strong>
            {one.headline && `, ${one.headline}`}
          </li>
        ))}
        {turned.length > SHOWN && <li>… and {turned.length - SHOWN} more</li>}
      </Box>
      <Box sx={{ mt: 1 }}>
        <strong>
          {moved.length === 0
            ? 'No due work would move.'
            : `${many(moved.length, 'piece of due work', 'pieces of due work')} would move${
                overdue > 0 ? `, ${overdue} of them overdue at once` : ''
              }:`}
        </strong>
      </Box>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {moved.slice(0, SHOWN).map((one) => (
          <li key={`${one.vehicleId} ${one.work} ${one.positions.join(' ')} ${one.before} ${one.after}`}>
            {one.unit} {one.positions.join(', ')} {one.work}: {one.before ? day(one.before) : 'not due'} →{' '}
            <strong>{one.after ? day(one.after) : 'not due'}</strong>
            {one.becomesOverdue && ', overdue'}
          </li>
        ))}
        {moved.length > SHOWN && <li>… and {moved.length - SHOWN} more</li>}
      </Box>
    </Box>
  )
}
