import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, ProblemError, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { type Seen, VersionComparison } from '../../conflict/VersionComparison'
import { useMay } from '../../session/session'
import { Choice, Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { useNotice } from '../../ui/Notice'
import { Page } from '../../ui/Page'
import { PhoneFold } from '../../ui/PhoneFold'
import { Table } from '../../ui/Table'
import { useSend } from '../../ui/useSend'
import { localDay, many } from '../../units/format'
import { Calendars } from './Calendars'
import { TravelTimes } from './TravelTimes'
import { say } from './words'

type View = Schemas['ShopSetupView']
type Form = View['setup']
const WEEK = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY'] as const

/** What the shops can do: hours, bays, equipment, people, holidays, and how many of a class stay in service. */
export function ShopSetup() {
  const [units] = useUnits()
  const query = useQuery({
    queryKey: ['shop-setup', units],
    queryFn: () => answerOf(api.GET('/api/shop/setup', { params: { query: { units } } })),
  })
  if (query.isPending) return <LoadingLines lines={12} />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  return <Edit key={query.data.version} view={query.data} />
}

function Edit({ view }: { view: View }) {
  const [units] = useUnits()
  const [form, setForm] = useState<Form>(view.setup)
  const [seen, setSeen] = useState<Seen<Form>>({ version: view.version, form: view.setup })
  const may = useMay('COORDINATOR')
  const notice = useNotice()
  const queries = useQueryClient()
  const save = useSend<View>(
    () =>
      answerOf(
        api.PUT('/api/shop/setup', {
          params: { query: { units }, header: { 'If-Match': `"${seen.version}"` } },
          body: form,
        }),
      ),
    (next) => {
      queries.setQueryData(['shop-setup', units], next)
      notice({ text: say('savedTheNextProposalUses') })
    },
    null,
  )
  const general =
    save.error instanceof ProblemError &&
    (save.error.field('setup') ?? (save.error.problem.fields.length === 0 ? save.error.message : undefined))
  const change = <K extends keyof Form>(part: K, at: number, changed: Partial<Form[K][number]>) =>
    setForm({ ...form, [part]: form[part].map((one, index) => (index === at ? { ...one, ...changed } : one)) })
  const drop = <K extends keyof Form>(part: K, at: number) =>
    setForm({ ...form, [part]: form[part].filter((_, index) => index !== at) })
  const wrongIn = (part: string) =>
    save.error instanceof ProblemError && save.error.problem.fields.some((one) => one.field.startsWith(part))
  const yards = form.yards.map((yard) => [yard.name, yard.name] as const)
  return (
    <Page
      title={say('shopSetup')}
      actions={
        may && (
          <Button variant="contained" onClick={save.send} loading={save.busy}>
            {say('keepIt')}
          </Button>
        )
      }
    >
      <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2.5 }}>
        {general && <Alert severity="error">{general}</Alert>}
        <VersionComparison
          error={save.error}
          seen={seen}
          mine={form}
          load={async () => {
            const now = await answerOf(api.GET('/api/shop/setup', { params: { query: { units } } }))
            return { version: now.version, form: now.setup }
          }}
          onGoOn={(next, now) => {
            setForm(next)
            setSeen(now)
            save.reset()
          }}
        />
        {view.errors.map((fault) => (
          <Alert key={fault} severity="warning">
            {fault}
          </Alert>
        ))}
        {form.yards.map((yard, at) => (
          <PhoneFold
            key={yard.name}
            title={yard.name}
            about={many(yard.bays, say('bay4'), say('bays'))}
            wrong={wrongIn(`yards[${at}]`)}
          >
            <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 1 }}>
              <Entry
                label={say('bays2')}
                value={String(yard.bays)}
                onChange={(text) => change('yards', at, { bays: Number(text) || 0 })}
                error={save.wrong(`yards[${at}].bays`)}
                width={80}
              />
              {WEEK.map((weekday) => (
                <Entry
                  key={weekday}
                  label={weekday.charAt(0) + weekday.slice(1, 3).toLowerCase()}
                  value={yard.open[weekday] ?? ''}
                  onChange={(text) => change('yards', at, { open: { ...yard.open, [weekday]: text } })}
                  error={save.wrong(`yards[${at}].open.${weekday}`)}
                  hint={yard.open[weekday] ? undefined : say('closed')}
                  width={125}
                />
              ))}
            </Box>
            <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
              {view.equipment.map((one) => (
                <Entry
                  key={one.code}
                  label={one.label}
                  value={String(yard.equipment[one.code] ?? 0)}
                  onChange={(text) =>
                    change('yards', at, { equipment: { ...yard.equipment, [one.code]: Number(text) || 0 } })
                  }
                  error={save.wrong(`yards[${at}].equipment`)}
                  width={150}
                />
              ))}
            </Box>
          </PhoneFold>
        ))}
        <TravelTimes form={form} usual={view.usualTravel} onChange={setForm} wrong={save.wrong} />
        <PhoneFold
          title={say('people')}
          about={many(form.technicians.length, say('person2'), say('people2'))}
          wrong={wrongIn('technicians')}
        >
          {form.technicians.map((worker, at) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: lines have no name of their own
            <Box key={at} sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 1, alignItems: 'center' }}>
              <Choice
                label={say('who')}
                value={worker.name}
                options={view.technicians.map((name) => [name, name] as const)}
                onChange={(name) => change('technicians', at, { name })}
                error={save.wrong(`technicians[${at}].name`)}
                width={190}
              />
              <Choice
                label={say('yard')}
                value={worker.yard}
                options={yards}
                onChange={(yard) => change('technicians', at, { yard })}
                error={save.wrong(`technicians[${at}].yard`)}
                width={140}
              />
              <Entry
                label={say('hours')}
                value={worker.hours}
                onChange={(hours) => change('technicians', at, { hours })}
                error={save.wrong(`technicians[${at}].hours`)}
                width={140}
              />
              <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, display: 'flex', gap: 0.75 }}>
                <Box component="legend" sx={{ position: 'absolute', left: -9999 }}>
                  {say('daysWorks', { worker: worker.name })}
                </Box>
                {WEEK.map((weekday) => (
                  <label key={weekday}>
                    <input
                      type="checkbox"
                      checked={worker.days.includes(weekday)}
                      onChange={() =>
                        change('technicians', at, {
                          days: worker.days.includes(weekday)
                            ? worker.days.filter((one) => one !== weekday)
                            : [...worker.days, weekday],
                        })
                      }
                    />
                    {weekday.slice(0, 2)}
                  </label>
                ))}
              </Box>
              {may && (
                <Button size="small" onClick={() => drop('technicians', at)}>
                  {say('remove')}
                </Button>
              )}
            </Box>
          ))}
          {may && (
            <Button
              onClick={() =>
                setForm({
                  ...form,
                  technicians: [
                    ...form.technicians,
                    {
                      name: view.technicians[0] ?? '',
                      yard: form.yards[0]?.name ?? '',
                      days: WEEK.slice(0, 5),
                      hours: '07:00–16:30',
                    },
                  ],
                })
              }
            >
              {say('addAPerson')}
            </Button>
          )}
        </PhoneFold>
        <PhoneFold title={say('closedDays')} wrong={wrongIn('closures')}>
          {form.closures.map((closure, at) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: lines have no name of their own
            <Box key={at} sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 1 }}>
              <Choice
                label={say('yard')}
                value={closure.yard ?? ''}
                options={[['', say('allYards')], ...yards]}
                onChange={(yard) => change('closures', at, { yard })}
                width={140}
              />
              <Entry
                label={say('from')}
                value={closure.from}
                onChange={(from) => change('closures', at, { from })}
                error={save.wrong(`closures[${at}].from`)}
                type="date"
                width={160}
              />
              <Entry
                label={say('to2')}
                value={closure.to}
                onChange={(to) => change('closures', at, { to })}
                error={save.wrong(`closures[${at}].to`)}
                type="date"
                width={160}
              />
              <Entry
                label={say('why')}
                value={closure.reason}
                onChange={(why) => change('closures', at, { reason: why })}
                width={240}
              />
              {may && (
                <Button size="small" onClick={() => drop('closures', at)}>
                  {say('remove')}
                </Button>
              )}
            </Box>
          ))}
          {may && (
            <Button
              onClick={() =>
                setForm({
                  ...form,
                  closures: [
                    ...form.closures,
                    { from: localDay(new Date()), to: localDay(new Date()), reason: 'holiday' },
                  ],
                })
              }
            >
              {say('addClosedDays')}
            </Button>
          )}
        </PhoneFold>
        <PhoneFold title={say('minimumInService')} wrong={wrongIn('minimums')}>
          <Table label={say('minimumInService')} heads={[say('vehicleClass'), say('atLeast'), '']}>
            {view.classes.map((name) => {
              const at = form.minimums.findIndex((rule) => rule.vehicleClass === name)
              return (
                <tr key={name}>
                  <td>{name}</td>
                  <Box component="td" sx={{ minWidth: 280 }}>
                    <Entry
                      label={say('inServiceEveryDay', { name })}
                      value={at < 0 ? '' : String(form.minimums[at]?.minimum)}
                      onChange={(text) => {
                        const rest = form.minimums.filter((rule) => rule.vehicleClass !== name)
                        setForm({
                          ...form,
                          minimums:
                            text.trim() === '' ? rest : [...rest, { vehicleClass: name, minimum: Number(text) || 0 }],
                        })
                      }}
                      error={at < 0 ? undefined : save.wrong(`minimums[${at}].minimum`)}
                      width={260}
                    />
                  </Box>
                  <td>{at < 0 && say('noMinimum')}</td>
                </tr>
              )
            })}
          </Table>
        </PhoneFold>
        <Calendars />
      </Box>
    </Page>
  )
}
