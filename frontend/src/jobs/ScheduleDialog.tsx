import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import TextField from '@mui/material/TextField'
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type DueLine, type Job, onceKey, ProblemError } from '../api/client'
import { useUnits } from '../base/settings'
import { FormDialog } from '../ui/FormDialog'
import { useNotice } from '../ui/Notice'
import { day as dayWords, hoursAndMinutes, localDay, many, weekday } from '../units/format'
import { asRequest, choosesTire } from './ChooseTireDialog'
import { NewJobTires, type TiresSoFar, tireKey } from './NewJobTires'
import { say } from './words'

/** The work of one vehicle, the same on several tires said once. */
const workIn = (lines: DueLine[]) =>
  [...new Set(lines.map((line) => line.label))]
    .map((label) =>
      [label, ...lines.filter((line) => line.label === label).map((line) => line.places)].join(' ').trim(),
    )
    .join(', ')

/** Where this work puts a tire on that somebody chooses. */
const tirePositions = (lines: DueLine[]) => [...new Set(lines.filter(choosesTire).flatMap((line) => line.positions))]

/** The items of a job that stand for this due work. */
const addedItems = (job: Job, lines: DueLine[]) =>
  job.items
    .filter((item) =>
      lines.some(
        (line) =>
          line.workType === item.workType &&
          (line.positions.length === 0 ? !item.position : line.positions.includes(item.position ?? '')),
      ),
    )
    .map((item) => item.id)

/** Puts chosen work on days: each vehicle on the next day its shop is open and has the hours, or on the day a person chooses. */
export function ScheduleDialog({ lines, onClose }: { lines: DueLine[]; onClose: (done: boolean) => void }) {
  const [units] = useUnits()
  const [chosen, setChosen] = useState<Record<string, string>>({})
  const [joining, setJoining] = useState<ReadonlyMap<number, boolean>>(new Map())
  const [note, setNote] = useState('')
  const [tires, setTires] = useState<TiresSoFar>({})
  const [key] = useState(onceKey)
  const queries = useQueryClient()
  const notice = useNotice()
  const work = lines.map((line) => ({ vehicleId: line.vehicleId, key: line.key }))
  const whole = Object.fromEntries(Object.entries(chosen).filter(([, day]) => /^\d{4}-\d\d-\d\d$/.test(day)))
  const proposed = useQuery({
    queryKey: ['open days', work, whole, units],
    queryFn: () =>
      answerOf(api.POST('/api/shop/open-days', { params: { query: { units } }, body: { work, chosen: whole } })),
    placeholderData: keepPreviousData,
    staleTime: 0,
  })
  const proposals = new Map(proposed.data?.map((one) => [one.vehicleId, one]))
  const vehicles = [...new Map(lines.map((line) => [line.vehicleId, line.unit]))].map(([id, unit]) => ({
    id,
    unit,
    work: lines.filter((line) => line.vehicleId === id),
    day: chosen[id] ?? proposals.get(id)?.day ?? '',
    proposal: proposals.get(id),
    joins: (joining.get(id) ?? proposals.get(id)?.takesAlong) ? proposals.get(id)?.openJob : undefined,
  }))
  // Where no day could be found, a vehicle doesn't hold up the others.
  const going = vehicles.filter((one) => one.joins || one.day !== '')
  const leftOut = proposed.isPending ? [] : vehicles.filter((one) => !going.includes(one))
  const refresh = () => queries.invalidateQueries()
  /** A job made just now goes off the plan; one that was there before loses only what was added. */
  const undo = async (jobs: Job[]) => {
    for (const job of jobs) {
      const header = { 'If-Match': `"${job.version}"` }
      const asked = vehicles.find((one) => one.joins?.jobId === job.id)?.work
      await answerOf(
        asked
          ? api.DELETE('/api/jobs/{id}/items', {
              params: { path: { id: job.id }, header, query: { item: addedItems(job, asked) } },
            })
          : api.DELETE('/api/jobs/{id}', { params: { path: { id: job.id }, header } }),
      )
    }
    return say('notScheduled', {
      count:
        jobs.length === 1 ? say('thisWork', { unit: jobs[0]?.unit }) : say('workOnVehicles', { count: jobs.length }),
    })
  }
  const schedule = useMutation({
    mutationFn: () =>
      answerOf(
        api.POST('/api/jobs', {
          params: { query: { units }, header: { 'Idempotency-Key': key } },
          body: {
            note,
            work: work.filter((item) => going.some((one) => one.id === item.vehicleId)),
            days: Object.fromEntries(going.filter((one) => !one.joins).map((one) => [one.id, one.day])),
            join: Object.fromEntries(vehicles.flatMap((one) => (one.joins ? [[one.id, one.joins.jobId]] : []))),
            tires: Object.fromEntries(
              going.map((one) => [
                one.id,
                Object.fromEntries(
                  tirePositions(one.work).flatMap((position) => {
                    const choice = tires[tireKey(one.unit, position)]
                    return choice ? [[position, asRequest(choice)]] : []
                  }),
                ),
              ]),
            ),
          },
        }),
      ),
    onSuccess: async (jobs) => {
      await refresh()
      const days = [...new Set(jobs.map((job) => job.day))].sort()
      const what = jobs.length === 1 ? `${jobs[0]?.unit} is` : say('vehiclesAre', { count: jobs.length })
      const on =
        days.length === 1
          ? dayWords(days[0] ?? '')
          : say('to', { from: dayWords(days[0] ?? ''), to: dayWords(days.at(-1) ?? '') })
      notice({
        text: say('scheduled', {
          work: what,
          on,
          more: leftOut.length > 0 ? say('notScheduled2', { leftOut: leftOut.map((one) => one.unit).join(', ') }) : '',
        }),
        undo: () => undo(jobs),
      })
      onClose(true)
    },
  })
  const problem = schedule.error instanceof ProblemError ? schedule.error : undefined
  const stopped = vehicles.filter((one) => one.work.some((line) => line.urgency === 'DO_NOT_OPERATE'))
  const several = vehicles.length > 1
  return (
    <FormDialog
      title={
        several
          ? say('scheduleWork', { many: many(vehicles.length, say('vehicle'), say('vehicles')) })
          : say('schedule', { unit: vehicles[0]?.unit })
      }
      action={several && leftOut.length > 0 ? say('schedule2', { count: going.length }) : say('schedule3')}
      error={problem?.problem.fields.length ? null : schedule.error}
      busy={schedule.isPending}
      disabled={going.length === 0}
      onSend={() => schedule.mutate()}
      onClose={() => onClose(false)}
      wide={several}
    >
      {several && (
        <TextField
          label={say('oneDayForAllOptional')}
          type="date"
          value=""
          onChange={(event) => setChosen(Object.fromEntries(vehicles.map((one) => [one.id, event.target.value])))}
          slotProps={{ inputLabel: { shrink: true } }}
        />
      )}
      <Box component="ul" aria-busy={proposed.isFetching} sx={{ listStyle: 'none', m: 0, p: 0, width: '100%' }}>
        {vehicles.map((one) => (
          <Box
            component="li"
            key={one.id}
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: '1fr', sm: 'minmax(0,1fr) 210px' },
              gap: 1.5,
              py: 1,
              borderTop: several ? 1 : 0,
              borderColor: 'divider',
            }}
          >
            <Box>
              <strong>{one.unit}</strong> {workIn(one.work)}
              <Box sx={{ color: 'text.secondary', fontSize: 12.5 }}>
                {one.proposal &&
                  say('inTheShop', { hoursAndMinutes: hoursAndMinutes(one.proposal.minutes), yard: one.proposal.yard })}
                {one.proposal?.note}
                {one.work.some((line) => one.day && line.due < one.day && line.days >= 0) &&
                  say('dueBeforeThisDay', { dayWords: dayWords(one.work.map((line) => line.due).sort()[0] ?? '') })}
              </Box>
            </Box>
            {tirePositions(one.work).length > 0 && (
              <Box sx={{ gridColumn: '1 / -1', order: 1 }}>
                <NewJobTires
                  vehicleId={one.id}
                  unit={one.unit}
                  positions={tirePositions(one.work)}
                  day={one.joins?.day ?? one.day}
                  chosen={tires}
                  onChoose={setTires}
                  error={(position) => problem?.field(`tires.${one.unit}.${position}`)}
                />
              </Box>
            )}
            {one.proposal?.openJob && (
              <FormControlLabel
                sx={{ gridColumn: '1 / -1' }}
                control={
                  <Checkbox
                    checked={one.joins !== undefined}
                    onChange={(_, joins) => setJoining((before) => new Map(before).set(one.id, joins))}
                  />
                }
                label={say('addToTheJobHas', {
                  unit: one.unit,
                  weekday: weekday(one.proposal.openJob.day),
                  dayWords: dayWords(one.proposal.openJob.day),
                })}
              />
            )}
            {!one.joins && (
              <TextField
                label={several ? say('dayFor', { unit: one.unit }) : say('day')}
                type="date"
                value={one.day}
                onChange={(event) => setChosen({ ...chosen, [one.id]: event.target.value })}
                error={problem?.field('day') !== undefined}
                helperText={
                  problem?.field(say('day2')) ??
                  (one.proposal?.closed
                    ? say('shopClosed', {
                        weekday: weekday(one.day),
                        closed: one.proposal.closed === 'closed' ? '' : `, ${one.proposal.closed}`,
                      })
                    : one.day
                      ? say('mark', { weekday: weekday(one.day), chosen: Boolean(chosen[one.id]) })
                      : proposed.isPending
                        ? say('lookingForAnOpenDay')
                        : several
                          ? say('noDayFoundNotScheduled')
                          : say('noDayFoundChooseOne'))
                }
                slotProps={{ inputLabel: { shrink: true }, htmlInput: { min: localDay(new Date()) } }}
                sx={{
                  '& .MuiFormHelperText-root': one.proposal?.closed ? { color: 'error.main', fontWeight: 650 } : {},
                }}
              />
            )}
          </Box>
        ))}
      </Box>
      <TextField
        label={say('noteForTheShopOptional')}
        value={note}
        onChange={(event) => setNote(event.target.value)}
        error={problem?.field('note') !== undefined}
        helperText={problem?.field(say('note'))}
        fullWidth
      />
      {problem?.field('work') && <Alert severity="error">{problem.field('work')}</Alert>}
      {stopped.length > 0 && (
        <Alert severity="warning" icon={false} sx={{ width: '100%' }}>
          {say('doNotOperateUntil', {
            count: stopped.length === 1 ? stopped[0]?.unit : stopped.map((one) => one.unit).join(', '),
          })}
        </Alert>
      )}
    </FormDialog>
  )
}
