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
import { say } from './words'

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
    <Page title={say('policy')} about={say('ifSeveralScopesApply')}>
      <PageParts
        label={say('partsOfThePolicy')}
        parts={[
          ...topics.map((topic) => ({
            key: topic.toLowerCase(),
            word: policy.data.find((one) => one.topic === topic)?.topicTitle ?? '',
            show: () => <Numbers of={policy.data.filter((one) => one.topic === topic)} open={setOpen} may={may} />,
          })),
          { key: 'choices', word: say('choices'), show: () => <PolicyChoices may={may} /> },
        ]}
      />
      {!may && <p>{say('onlyAManagerCanChange')}</p>}
      {open && <SignDialog number={open} onClose={() => setOpen(null)} />}
    </Page>
  )
}

/** One part's numbers; the one that was looked for is marked and in sight. */
function Numbers({ of, open, may }: { of: Number[]; open: (number: Number) => void; may: boolean }) {
  const [marked] = useAddress('at')
  return (
    <Table label={say('policyNumbers')} heads={[say('number'), say('default'), say('stricterIs'), say('setBy'), '']}>
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
              <Button size="small" onClick={() => open(number)} aria-label={say('change4', { what: number.title })}>
                {say('change2')}
              </Button>
            )}
          </td>
        </tr>
      ))}
    </Table>
  )
}

const AXLES = [
  ['', say('allAxles')],
  ['steer', say('steerAxles')],
  ['drive', say('driveAxles')],
  ['tag', say('tagAxles')],
  ['pusher', say('pusherAxles')],
  ['trailer', say('trailerAxles')],
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
      notice({ text: say('signedEveryVerdictFollows', { what: number.title }) })
      onClose()
    },
    null,
  )
  return (
    <FormDialog
      title={number.title}
      action={value.trim() === '' ? say('restoreDefault') : say('approveChange')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
      wide
    >
      <Choice
        label={say('scope')}
        value={vehicleClass}
        options={[
          ['', say('wholeFleet')],
          ...(register.data?.classes ?? []).map((name) => [name, name] as [string, string]),
        ]}
        onChange={setVehicleClass}
        error={form.wrong('vehicleClass')}
        width={210}
      />
      <Choice
        label={say('on')}
        value={axle}
        options={AXLES}
        onChange={setAxle}
        error={form.wrong('axle')}
        width={160}
      />
      <Entry
        label={say('tiresMade')}
        value={maker}
        onChange={setMaker}
        error={form.wrong('manufacturer')}
        hint={say('blankAllManufacturers')}
        width={180}
      />
      <Entry
        label={say('number')}
        value={value}
        onChange={setValue}
        error={form.wrong('value')}
        unit={number.unit}
        hint={say('defaultHigherIsStricterLeave', {
          defaultValue: number.defaultValue,
          source: number.source,
          isHigher: number.stricter === 'HIGHER',
        })}
        width={300}
        autoFocus
      />
      <Entry label={say('why')} value={why} onChange={setWhy} error={form.wrong('reason')} width={420} />
      {preview.data && <Preview turned={preview.data.changedVerdicts} moved={preview.data.movedDueDates} />}
      {years.data && <YearsAhead difference={years.data} />}
      {years.error && (
        <Box sx={{ width: '100%' }}>
          {say('outlookCannotBeCalculated', {
            error: years.error instanceof ProblemError ? years.error.field('value') : say('serverDoesntAnswer'),
          })}
        </Box>
      )}
      <Box sx={{ color: 'text.secondary', width: '100%' }}>{say('lawAndManufacturerDataCome')}</Box>
    </FormDialog>
  )
}

/** What it would change over fifteen years, everything run to its limit. */
function YearsAhead({ difference }: { difference: Schemas['DifferenceView'] }) {
  const { tires, money, oldestSteer, limitsExceeded: breaks } = difference
  return (
    <Box component="section" aria-label={say('at15YearOutlook')} aria-live="polite" sx={{ width: '100%' }}>
      {[tires, money, oldestSteer, breaks].every((one) => one === 'the same') ? (
        <strong>{say('overFifteenYearsItWould')}</strong>
      ) : (
        <>
          <strong>{say('overFifteenYearsEverythingRun')}</strong>{' '}
          {say('tiresBoughtMoneyOldestSteer', { tires, money, oldestSteer, breaks })}
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
    <Box component="section" aria-label={say('whatItWouldDo')} aria-live="polite" sx={{ width: '100%' }}>
      <strong>
        {turned.length === 0
          ? say('thisChangeWouldAffectNo')
          : say('thisChangeWouldAffectVerdict', { count: turned.length })}
      </strong>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {turned.slice(0, SHOWN).map((one) => (
          <li key={`${one.vehicleId} ${one.position}`}>
            {one.unit} {one.position}: {STATES[one.before].word} → <strong>{STATES[one.after].word}</strong>
            {one.headline && `, ${one.headline}`}
          </li>
        ))}
        {turned.length > SHOWN && <li>{say('andMore', { count: turned.length - SHOWN })}</li>}
      </Box>
      <Box sx={{ mt: 1 }}>
        <strong>
          {moved.length === 0
            ? say('noDueWorkWouldMove')
            : say('wouldMove', {
                many: many(moved.length, say('pieceOfDueWork'), say('piecesOfDueWork')),
                more: overdue > 0 ? say('ofThemOverdueAtOnce', { overdue }) : '',
              })}
        </strong>
      </Box>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {moved.slice(0, SHOWN).map((one) => (
          <li key={`${one.vehicleId} ${one.work} ${one.positions.join(' ')} ${one.before} ${one.after}`}>
            {one.unit} {one.positions.join(', ')} {one.work}: {one.before ? day(one.before) : say('notDue')} →{' '}
            <strong>{one.after ? day(one.after) : say('notDue')}</strong>
            {one.becomesOverdue && say('overdue')}
          </li>
        ))}
        {moved.length > SHOWN && <li>{say('andMore', { count: moved.length - SHOWN })}</li>}
      </Box>
    </Box>
  )
}
