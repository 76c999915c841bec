import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { settingsQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { useMay } from '../../session/session'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { useNotice } from '../../ui/Notice'
import { Page } from '../../ui/Page'
import { PageParts } from '../../ui/PageParts'
import { day, localDay, many, weekday } from '../../units/format'
import { CombinedVisits } from './CombinedVisits'
import { HOUR_PX, type Hours, hoursOf, spanOf, timeAt } from './hours'
import { JobSlotDialog } from './JobSlotDialog'
import type { Placed } from './placed'
import { ScheduleProposal } from './ScheduleProposal'
import { say } from './words'

type View = Schemas['ScheduleView']

const DAYS = 86_400_000
const shift = (iso: string, days: number) => localDay(new Date(Date.parse(`${iso}T12:00:00`) + days * DAYS))
const FIRST = { SUNDAY: 0, MONDAY: 1 } as const
/** The day the week of a day begins on. */
const weekOf = (iso: string, begins: keyof typeof FIRST) =>
  shift(iso, -((new Date(`${iso}T12:00:00`).getDay() + 7 - FIRST[begins]) % 7))

/** A week of the shop: bays of every yard, a column a day; jobs are moved by hand or by keys, and say what is against them. */
export function ShopCalendar() {
  const [units] = useUnits()
  const settings = useQuery(settingsQuery)
  const begins = settings.data?.weekStart ?? 'MONDAY'
  const [at, setAt] = useState(() => localDay(new Date()))
  const from = weekOf(at, begins)
  const [moving, setMoving] = useState<Placed | null>(null)
  const may = useMay('COORDINATOR')
  const query = useQuery({
    queryKey: ['jobs', 'schedule', from, units],
    queryFn: () => answerOf(api.GET('/api/shop/schedule', { params: { query: { from, weeks: 1, units } } })),
    enabled: !settings.isPending,
  })
  if (query.isPending || settings.isPending) return <LoadingLines lines={12} />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  const view = query.data
  const conflicts = view.jobs.filter((job) => job.conflicts.length > 0)
  const before = view.jobs.filter((job) => job.day < view.from)
  return (
    <Page
      title={say('schedule')}
      about={say('weekOf', { from: day(view.from) })}
      actions={
        <>
          <Button onClick={() => setAt(shift(at, -7))}>{say('weekBefore')}</Button>
          <Button onClick={() => setAt(localDay(new Date()))}>{say('thisWeek')}</Button>
          <Button onClick={() => setAt(shift(at, 7))}>{say('weekAfter')}</Button>
        </>
      }
    >
      <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2 }}>
        {may && <ScheduleProposal />}
        {conflicts.length > 0 && (
          <Alert severity="error">
            <strong>
              {say('withARule', { many: many(conflicts.length, say('jobConflicts'), say('jobsConflict')) })}
            </strong>{' '}
            {conflicts.map((job) => `${job.unit} ${day(job.day)} (${job.conflicts[0]?.title})`).join('; ')}
          </Alert>
        )}
        {before.length > 0 && (
          <Alert severity="warning">
            {say('notDoneYet2', { before: before.map((job) => `${job.unit} ${day(job.day)}`).join('; ') })}
          </Alert>
        )}
        <PageParts
          label={say('yards')}
          parts={[
            ...view.yards.map((yard) => ({
              key: yard.name,
              word: `${yard.name} · ${many(view.jobs.filter((job) => job.yard === yard.name).length, 'job', 'jobs')}`,
              show: () => <YardWeek yard={yard} view={view} may={may} onMove={setMoving} />,
            })),
            { key: 'combined', word: say('combinedVisits'), show: () => <CombinedVisits /> },
          ]}
        />
      </Box>
      {moving && <JobSlotDialog job={moving} view={view} onClose={() => setMoving(null)} />}
    </Page>
  )
}

function YardWeek(props: { yard: View['yards'][number]; view: View; may: boolean; onMove: (job: Placed) => void }) {
  const { yard, view } = props
  const [units] = useUnits()
  const notice = useNotice()
  const queries = useQueryClient()
  const put = useMutation({
    mutationFn: ({ job, dayOf, bay, start }: { job: Placed; dayOf: string; bay: number; start: string }) =>
      answerOf(
        api.PUT('/api/shop/jobs/{id}/slot', {
          params: { path: { id: job.jobId }, query: { units }, header: { 'If-Match': `"${job.version}"` } },
          body: {
            yard: yard.name,
            day: dayOf,
            start,
            bay,
            assignees: job.assignees,
            pinned: job.pinned,
          },
        }),
      ),
    onError: (error) => notice({ text: error instanceof Error ? error.message : say('itCouldNotBeMoved') }),
    onSettled: () => queries.invalidateQueries({ queryKey: ['jobs'] }),
  })
  const here = view.jobs.filter((job) => job.yard === yard.name)
  const hours = hoursOf(here)
  const jobsOf = (dayOf: string, bay: number | undefined) => here.filter((job) => job.day === dayOf && job.bay === bay)
  const drop = (event: React.DragEvent, dayOf: string, bay: number) => {
    event.preventDefault()
    const id = Number(event.dataTransfer.getData('text/plain'))
    const job = view.jobs.find((one) => one.jobId === id)
    const down = event.clientY - event.currentTarget.getBoundingClientRect().top
    if (job) put.mutate({ job, dayOf, bay, start: timeAt(down, hours) })
  }
  if (yard.technicians.length === 0 && view.jobs.every((job) => job.yard !== yard.name)) {
    return (
      <Box component="section" aria-label={yard.name}>
        <strong>{yard.name}</strong>
        {say('noTechniciansThisWeek')}
      </Box>
    )
  }
  return (
    <Box component="section" aria-label={yard.name}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
        {yard.name}{' '}
        <Box component="span" sx={{ color: 'text.secondary', fontWeight: 450 }}>
          {many(yard.bays, 'bay', 'bays')} · {yard.technicians.join(', ') || say('noTechnicians')}
        </Box>
      </Box>
      <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={say('weekAt', { yard: yard.name })}>
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: `44px ${yard.days
              .map((one) =>
                // A closed day without a job needs no room for its bays.
                one.closed && here.every((job) => job.day !== one.day)
                  ? '92px'
                  : `minmax(${Math.max(118, yard.bays * 96)}px, 1fr)`,
              )
              .join(' ')}`,
            minWidth: 'min-content',
            background: color.sheet,
            border: 1,
            borderColor: 'divider',
          }}
        >
          <div />
          {yard.days.map((one) => (
            <Box key={one.day} sx={{ borderLeft: 1, borderColor: 'divider', p: 0.75, color: 'text.secondary' }}>
              <strong>
                {new Date(`${one.day}T12:00:00`).toLocaleDateString('en-US', { weekday: 'short' })} {day(one.day)}
              </strong>
              {one.closed && <div>{one.closed}</div>}
            </Box>
          ))}
          <HourScale hours={hours} />
          {yard.days.map((one) => (
            <Box
              key={one.day}
              role="group"
              aria-label={`${weekday(one.day)}, ${day(one.day)}`}
              sx={{
                borderLeft: 1,
                borderTop: 1,
                borderColor: 'divider',
                background: one.closed ? color.pointed : null,
              }}
            >
              <Box sx={{ display: 'grid', gridTemplateColumns: `repeat(${yard.bays}, minmax(0, 1fr))` }}>
                {Array.from({ length: yard.bays }, (_, at) => at + 1).map((bay) => (
                  <Box
                    key={bay}
                    onDragOver={(event: React.DragEvent) => event.preventDefault()}
                    onDrop={(event: React.DragEvent) => drop(event, one.day, bay)}
                    sx={{
                      position: 'relative',
                      height: hours.count * HOUR_PX,
                      borderLeft: bay > 1 ? 1 : 0,
                      borderColor: 'divider',
                      backgroundImage: `repeating-linear-gradient(to bottom, ${color.hairline} 0 1px, transparent 1px ${HOUR_PX}px)`,
                    }}
                  >
                    {jobsOf(one.day, bay).map((job) => (
                      <JobBlock
                        key={job.jobId}
                        job={job}
                        may={props.may}
                        onMove={() => props.onMove(job)}
                        at={spanOf(job, hours)}
                      />
                    ))}
                  </Box>
                ))}
              </Box>
              {jobsOf(one.day, undefined).length > 0 && (
                <Box sx={{ borderTop: 1, borderColor: 'divider', p: 0.5, display: 'grid', gap: 0.5 }}>
                  <Box sx={{ color: 'text.secondary', fontSize: 12.5 }}>{say('noTimeYet')}</Box>
                  {jobsOf(one.day, undefined).map((job) => (
                    <JobBlock key={job.jobId} job={job} may={props.may} onMove={() => props.onMove(job)} />
                  ))}
                </Box>
              )}
            </Box>
          ))}
        </Box>
      </Box>
    </Box>
  )
}

const LINE_PX = 16

/** The hours of the day at the side. */
function HourScale({ hours }: { hours: Hours }) {
  return (
    <Box aria-hidden sx={{ borderTop: 1, borderColor: 'divider', position: 'relative', height: hours.count * HOUR_PX }}>
      {Array.from({ length: hours.count }, (_, at) => hours.first + at).map((hour) => (
        <Box
          key={hour}
          sx={{
            position: 'absolute',
            top: (hour - hours.first) * HOUR_PX + 1,
            right: 4,
            color: 'text.secondary',
            fontSize: 12,
          }}
        >
          {hour}:00
        </Box>
      ))}
    </Box>
  )
}

/** A job in its bay: whose, what, and how it stands; a button, so that keys reach it, and draggable. More is said on opening it. */
function JobBlock(props: {
  job: Placed
  may: boolean
  onMove: () => void
  /** Where on the time scale; without it, in a list. */
  at?: { top: number; height: number }
}) {
  const { job, may, at } = props
  const conflict = job.conflicts.length > 0
  const state = stateOf(job)
  const short = at !== undefined && at.height < 52
  // As many lines of what is done as have room under the unit and over the state.
  const lines = at === undefined ? 2 : Math.max(1, Math.floor((at.height - 10) / LINE_PX) - (state && !short ? 2 : 1))
  return (
    <Box
      component="button"
      type="button"
      draggable={may}
      onDragStart={(event: React.DragEvent) => event.dataTransfer.setData('text/plain', String(job.jobId))}
      onClick={props.onMove}
      title={`${job.work.join('; ')}${job.assignees.length > 0 ? ` · ${job.assignees.join(', ')}` : ''}`}
      aria-label={`${job.unit}, ${job.start ? say('toBay', { start: job.start, end: job.end, bay: job.bay }) : say('noHourYet')}, ${job.work.join('; ')}${state ? say('conflict', { conflict, state }) : ''}`}
      sx={{
        ...(at ? { position: 'absolute', left: 2, right: 2, top: at.top, height: at.height } : { width: '100%' }),
        display: 'flex',
        flexDirection: 'column',
        justifyContent: 'flex-start',
        overflow: 'hidden',
        textAlign: 'left',
        font: 'inherit',
        fontSize: 12.5,
        lineHeight: 1.25,
        border: 1,
        borderColor: conflict ? color.stop : 'divider',
        borderLeft: `4px ${conflict ? 'double' : 'solid'}`,
        borderLeftColor: conflict ? color.stop : 'primary.main',
        background: conflict ? color.stopTint : color.picked,
        borderRadius: 0.5,
        px: 0.5,
        py: 0.25,
        cursor: 'pointer',
        color: 'text.primary',
        '& > *': { overflow: 'hidden', textOverflow: 'ellipsis', flexShrink: 0, whiteSpace: 'nowrap' },
      }}
    >
      <span>
        <strong>{job.unit}</strong>
        {short && state && <Box component="span" sx={{ color: color.stop, fontWeight: 650 }}>{` ${state}`}</Box>}
      </span>
      <Box
        component="span"
        sx={{
          color: 'text.secondary',
          '&&': { whiteSpace: 'normal', display: '-webkit-box', WebkitBoxOrient: 'vertical', WebkitLineClamp: lines },
        }}
      >
        {job.work.join('; ')}
      </Box>
      {!short && state && (
        <Box component="span" sx={{ color: conflict || job.late ? color.stop : null, fontWeight: 650 }}>
          {state}
        </Box>
      )}
    </Box>
  )
}

/** What is worth a word of how a job stands. */
function stateOf(job: Placed): string | undefined {
  if (job.conflicts[0]) return job.conflicts[0].title
  if (job.blockedBy) return 'waits'
  if (job.late) return 'late'
  return job.pinned ? 'pinned' : undefined
}
