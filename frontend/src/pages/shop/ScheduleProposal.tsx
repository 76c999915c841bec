import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import LinearProgress from '@mui/material/LinearProgress'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, ProblemError, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { Choice } from '../../ui/Entry'
import { useNotice } from '../../ui/Notice'
import { Table } from '../../ui/Table'
import { useSend } from '../../ui/useSend'
import { day, many } from '../../units/format'
import { say } from './words'

type Plan = Schemas['ScheduleProposalView']

/** Has the next weeks planned in the background; what comes of it is looked at first and then taken, or not. */
export function ScheduleProposal() {
  const [units] = useUnits()
  const [weeks, setWeeks] = useState('8')
  const [takeDue, setTakeDue] = useState(true)
  const queries = useQueryClient()
  const notice = useNotice()
  const key = ['shop-plan', units]
  const plan = useQuery({
    queryKey: key,
    queryFn: () => answerOf(api.GET('/api/shop/proposal', { params: { query: { units } } })),
    refetchInterval: (query) => (query.state.data?.running ? 700 : false),
  })
  const start = useSend<Plan>(
    () =>
      answerOf(
        api.POST('/api/shop/proposal', {
          params: { query: { units } },
          body: { weeks: Number(weeks) || 8, seed: 1, takeDue },
        }),
      ),
    (next) => queries.setQueryData(key, next),
    null,
  )
  const take = useSend<Schemas['AcceptedScheduleView']>(
    (once) =>
      answerOf(
        api.POST('/api/shop/proposal/accept', { params: { query: { units }, header: { 'Idempotency-Key': once } } }),
      ),
    (taken) =>
      notice({
        text: say('placeOfThemNewFrom', { many: many(taken.jobs, say('jobHas'), say('jobsHave')), made: taken.made }),
      }),
    null,
  )
  const stop = useSend<unknown>(
    () => answerOf(api.POST('/api/shop/proposal/cancel')),
    () => void plan.refetch(),
    null,
  )
  const now = plan.data
  const problem = [start.error, take.error, stop.error].find((error) => error instanceof ProblemError) as
    | ProblemError
    | undefined
  const says = problem && [problem.message, ...problem.problem.fields.map((field) => field.message)].join(' ')
  return (
    <Box
      component="section"
      aria-label={say('planning')}
      sx={{ background: color.sheet, border: 1, borderColor: 'divider', p: 1.5 }}
    >
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center' }}>
        <Choice
          label={say('planAhead')}
          value={weeks}
          options={['1', '2', '4', '8', '12'].map(
            (one) => [one, one === '1' ? say('at1Week') : `${one} weeks`] as const,
          )}
          onChange={setWeeks}
          width={130}
        />
        <FormControlLabel
          control={<Checkbox checked={takeDue} onChange={(event) => setTakeDue(event.target.checked)} />}
          label={say('withDueWorkThatHas')}
        />
        <Button variant="contained" onClick={start.send} loading={start.busy} disabled={now?.running ?? false}>
          {say('proposeSchedule')}
        </Button>
        {now?.running && (
          <Button onClick={stop.send} loading={stop.busy} variant="outlined">
            {say('useBestSoFar')}
          </Button>
        )}
      </Box>
      {now?.running && (
        <Box role="status" sx={{ mt: 1 }}>
          {say('improvingTheProposalRound', { done: now.done + 1, rounds: now.rounds, seconds: now.seconds })}
          <LinearProgress
            aria-label={say('planning')}
            variant="determinate"
            value={(100 * now.done) / now.rounds}
            sx={{ mt: 0.5 }}
          />
        </Box>
      )}
      {says && (
        <Alert severity="error" sx={{ mt: 1 }}>
          {says}
        </Alert>
      )}
      {now?.failed && (
        <Alert severity="error" sx={{ mt: 1 }}>
          {now.failed}
        </Alert>
      )}
      {now && !now.running && now.jobs.length + now.unscheduled.length > 0 && (
        <Found plan={now} busy={take.busy} onTake={take.send} />
      )}
    </Box>
  )
}

function Found({ plan, busy, onTake }: { plan: Plan; busy: boolean; onTake: () => void }) {
  return (
    <Box sx={{ mt: 1.5, display: 'grid', gap: 1 }}>
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'center' }}>
        <div>
          <strong>{say('placed', { many: many(plan.jobs.length, 'job', 'jobs') })}</strong>
          {say('until')}
          {plan.last && day(plan.last)}
          {say('inSDaysLate', {
            seconds: plan.seconds,
            daysLate: plan.daysLate,
            firstFitDaysLate: plan.firstFitDaysLate,
            points: plan.points.toLocaleString('en-US'),
            firstFitPoints: plan.firstFitPoints.toLocaleString('en-US'),
          })}
        </div>
        <Button variant="contained" onClick={onTake} loading={busy} disabled={plan.jobs.length === 0}>
          {say('acceptSchedule')}
        </Button>
      </Box>
      {plan.unscheduled.length > 0 && (
        <Alert severity="warning">
          <strong>{say('withoutAPlace')}</strong>
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {plan.unscheduled.map((one) => (
              <li key={`${one.unit} ${one.work.join()}`}>
                {one.unit} {one.work.join('; ')}: {one.statement}
              </li>
            ))}
          </Box>
        </Alert>
      )}
      <Box sx={{ maxHeight: 320, overflowY: 'auto' }}>
        <Table
          label={say('proposedSchedule')}
          heads={[say('vehicle'), say('when'), say('where'), say('who'), say('work'), say('due2'), say('was')]}
        >
          {plan.jobs.map((job) => (
            <tr key={`${job.unit} ${job.day} ${job.start} ${job.bay}`}>
              <td>
                <strong>{job.unit}</strong>
              </td>
              <td>
                {day(job.day)} {job.start}
              </td>
              <td>{say('bay3', { yard: job.yard, bay: job.bay })}</td>
              <td>{job.assignees.join(', ')}</td>
              <td>{job.work.join('; ')}</td>
              <td>{job.day > job.due ? <strong>{day(job.due)}</strong> : day(job.due)}</td>
              <td>{job.jobId === undefined ? 'new' : job.was}</td>
            </tr>
          ))}
        </Table>
      </Box>
    </Box>
  )
}
