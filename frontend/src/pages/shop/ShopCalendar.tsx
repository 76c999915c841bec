import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { useMay } from '../../session/session'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { useNotice } from '../../ui/Notice'
import { Page } from '../../ui/Page'
import { day, localDay, many } from '../../units/format'
import { CombinedVisits } from './CombinedVisits'
import { JobSlotDialog } from './JobSlotDialog'
import type { Placed } from './placed'
import { ScheduleProposal } from './ScheduleProposal'

type View = Schemas['ScheduleView']

const DAYS = 86_400_000
const shift = (iso: string, days: number) => localDay(new Date(Date.parse(`${iso}T12:00:00`) + days * DAYS))
const monday = (iso: string) => shift(iso, -((new Date(`${iso}T12:00:00`).getDay() + 6) % 7))

/** A week of the shop: bays of every yard, a column a day; jobs are moved by hand or by keys, and say what is against them. */
export function ShopCalendar() {
  const [units] = useUnits()
  const [from, setFrom] = useState(() => monday(localDay(new Date())))
  const [moving, setMoving] = useState<Placed | null>(null)
  const may = useMay('COORDINATOR')
  const query = useQuery({
    queryKey: ['jobs', 'schedule', from, units],
    queryFn: () => answerOf(api.GET('/api/shop/schedule', { params: { query: { from, weeks: 1, units } } })),
  })
  if (query.isPending) return <LoadingLines lines={12} />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  const view = query.data
  const conflicts = view.jobs.filter((job) => job.conflicts.length > 0)
  const before = view.jobs.filter((job) => job.day < view.from)
  return (
    <Page
      title="Schedule"
      about={`Week of ${day(view.from)}`}
      actions={
        <>
          <Button onClick={() => setFrom(shift(from, -7))}>Week before</Button>
          <Button onClick={() => setFrom(monday(localDay(new Date())))}>This week</Button>
          <Button onClick={() => setFrom(shift(from, 7))}>Week after</Button>
        </>
      }
    >
      <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2 }}>
        {may && <ScheduleProposal />}
        {conflicts.length > 0 && (
          <Alert severity="error">
            <strong>{many(conflicts.length, 'job conflicts', 'jobs conflict')} with a rule:</strong>{' '}
            {conflicts.map((job) => `${job.unit} ${day(job.day)} (${job.conflicts[0]?.title})`).join('; ')}
          </Alert>
        )}
        {before.length > 0 && (
          <Alert severity="warning">
            Not done yet: {before.map((job) => `${job.unit} ${day(job.day)}`).join('; ')}
          </Alert>
        )}
        {view.yards.map((yard) => (
          <YardWeek key={yard.name} yard={yard} view={view} may={may} onMove={setMoving} />
        ))}
        <CombinedVisits />
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
    mutationFn: ({ job, dayOf, bay }: { job: Placed; dayOf: string; bay: number }) =>
      answerOf(
        api.PUT('/api/shop/jobs/{id}/slot', {
          params: { path: { id: job.jobId }, query: { units }, header: { 'If-Match': `"${job.version}"` } },
          body: {
            yard: yard.name,
            day: dayOf,
            start: job.start ?? '08:00',
            bay,
            assignees: job.assignees,
            pinned: job.pinned,
          },
        }),
      ),
    onError: (error) => notice({ text: error instanceof Error ? error.message : 'It could not be moved.' }),
    onSettled: () => queries.invalidateQueries({ queryKey: ['jobs'] }),
  })
  const bays = [...Array.from({ length: yard.bays }, (_, at) => at + 1), 0]
  const drop = (event: React.DragEvent, dayOf: string, bay: number) => {
    event.preventDefault()
    const id = Number(event.dataTransfer.getData('text/plain'))
    const job = view.jobs.find((one) => one.jobId === id)
    if (job && bay > 0) put.mutate({ job, dayOf, bay })
  }
  if (yard.technicians.length === 0 && view.jobs.every((job) => job.yard !== yard.name)) {
    return (
      <Box component="section" aria-label={yard.name}>
        <strong>{yard.name}</strong>: no technicians this week, and no job. Add technicians under Shop setup.
      </Box>
    )
  }
  return (
    <Box component="section" aria-label={yard.name}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
        {yard.name}{' '}
        <Box component="span" sx={{ color: 'text.secondary', fontWeight: 450 }}>
          {many(yard.bays, 'bay', 'bays')} · {yard.technicians.join(', ') || 'No technicians'}
        </Box>
      </Box>
      <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={`Week at ${yard.name}`}>
        <Box
          component="table"
          sx={{
            borderCollapse: 'collapse',
            width: '100%',
            minWidth: 860,
            tableLayout: 'fixed',
            background: color.sheet,
            '& td, & th': { border: 1, borderColor: 'divider', verticalAlign: 'top', p: 0.5 },
            '& th': { textAlign: 'left', fontWeight: 650, color: 'text.secondary' },
          }}
        >
          <thead>
            <tr>
              <Box component="th" sx={{ width: 70 }} scope="col">
                Bay
              </Box>
              {yard.days.map((one) => (
                <th key={one.day} scope="col">
                  {new Date(`${one.day}T12:00:00`).toLocaleDateString('en-US', { weekday: 'short' })} {day(one.day)}
                  {one.closed && (
                    <Box component="span" sx={{ display: 'block', fontWeight: 450 }}>
                      {one.closed}
                    </Box>
                  )}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {bays.map((bay) => (
              <tr key={bay}>
                <th scope="row">{bay === 0 ? 'No time yet' : bay}</th>
                {yard.days.map((one) => (
                  <Box
                    component="td"
                    key={one.day}
                    sx={{ background: one.closed ? color.pointed : undefined, height: 44 }}
                    onDragOver={(event: React.DragEvent) => event.preventDefault()}
                    onDrop={(event: React.DragEvent) => drop(event, one.day, bay)}
                  >
                    {view.jobs
                      .filter(
                        (job) =>
                          job.yard === yard.name &&
                          job.day === one.day &&
                          (bay === 0 ? job.bay === undefined : job.bay === bay),
                      )
                      .sort((first, next) => (first.start ?? '').localeCompare(next.start ?? ''))
                      .map((job) => (
                        <JobBlock key={job.jobId} job={job} may={props.may} onMove={() => props.onMove(job)} />
                      ))}
                  </Box>
                ))}
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
    </Box>
  )
}

/** A job in its bay; a button, so that keys reach it, and draggable. */
function JobBlock({ job, may, onMove }: { job: Placed; may: boolean; onMove: () => void }) {
  const conflict = job.conflicts.length > 0
  return (
    <Box
      component="button"
      type="button"
      draggable={may}
      onDragStart={(event: React.DragEvent) => event.dataTransfer.setData('text/plain', String(job.jobId))}
      onClick={onMove}
      aria-label={`${job.unit}, ${job.start ? `${job.start} to ${job.end}, bay ${job.bay}` : 'no hour yet'}${conflict ? `, conflict: ${job.conflicts[0]?.title}` : ''}`}
      sx={{
        display: 'block',
        width: '100%',
        textAlign: 'left',
        font: 'inherit',
        fontSize: 12.5,
        border: 1,
        borderColor: conflict ? color.stop : 'divider',
        borderLeft: `4px ${conflict ? 'double' : 'solid'}`,
        borderLeftColor: conflict ? color.stop : 'primary.main',
        background: conflict ? color.stopTint : color.picked,
        borderRadius: 0.5,
        p: 0.5,
        mb: 0.5,
        cursor: 'pointer',
        color: 'text.primary',
      }}
    >
      <strong>{job.unit}</strong> {job.start && `${job.start}–${job.end}`} {job.pinned && '· pinned'}
      <Box sx={{ color: 'text.secondary', overflowWrap: 'anywhere' }}>{job.work.join('; ')}</Box>
      {job.assignees.length > 0 && <div>{job.assignees.join(', ')}</div>}
      {job.late && <strong>after its due day, {day(job.due)}</strong>}
      {job.conflicts.map((clash) => (
        <Box key={clash.statement} sx={{ color: color.stop, fontWeight: 650 }}>
          {clash.title}
        </Box>
      ))}
    </Box>
  )
}
