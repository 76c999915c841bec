import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { lazy, Suspense, useEffect, useRef, useState } from 'react'
import { Link } from 'react-router'
import { answerOf, api, type Job, ProblemError } from '../api/client'
import { color } from '../base/theme'
import { useMay } from '../session/session'
import { useNotice } from '../ui/Notice'
import { day, moment } from '../units/format'
import { JobTires } from './JobTires'
import { say } from './words'

const DoneDialog = lazy(async () => ({ default: (await import('./CompleteJobDialog')).CompleteJobDialog }))

/** One job: its work, and moving it, taking it off the plan, or marking it done. */
export function JobCard({
  job,
  today,
  marked = false,
  withDay = false,
}: {
  job: Job
  today: string
  marked?: boolean
  withDay?: boolean
}) {
  const [finishing, setFinishing] = useState(false)
  const mayRecord = useMay('TECHNICIAN')
  const queries = useQueryClient()
  const card = useRef<HTMLDivElement>(null)
  useEffect(() => {
    if (marked) card.current?.scrollIntoView({ block: 'center' })
  }, [marked])
  const seen = { 'If-Match': `"${job.version}"` }
  const refresh = () => queries.invalidateQueries()
  const notice = useNotice()
  const move = useMutation({
    mutationFn: (to: string) =>
      answerOf(
        api.PUT('/api/jobs/{id}/date', {
          params: { path: { id: job.id }, header: seen },
          body: { day: to },
        }),
      ),
    onSuccess: (moved) => notice({ text: say('isMoved', { unit: job.unit, day: day(moved.day) }) }),
    onSettled: refresh,
  })
  const cancel = useMutation({
    mutationFn: () =>
      answerOf(
        api.DELETE('/api/jobs/{id}', {
          params: { path: { id: job.id }, header: seen },
        }),
      ),
    onSuccess: () =>
      notice({
        text: say('isOffThePlan', { unit: job.unit }),
        undo: async () => {
          const back = await answerOf(api.POST('/api/jobs/{id}/restore', { params: { path: { id: job.id } } }))
          return say('isOnAgain', { unit: job.unit, day: day(back.day) })
        },
      }),
    onSettled: refresh,
  })
  const failed = move.error ?? cancel.error
  const problem = failed instanceof ProblemError ? (failed.field('day') ?? failed.message) : undefined
  return (
    <Box
      ref={card}
      component="article"
      aria-label={`${job.unit}, ${job.doneAt ? say('done') : day(job.day)}`}
      sx={{
        background: color.sheet,
        border: 1,
        borderColor: marked ? color.petrol : 'divider',
        borderRadius: 1,
        p: 1.5,
      }}
    >
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', mb: 0.75 }}>
        <Box
          component={Link}
          to={`/vehicles/${job.vehicleId}`}
          sx={{ fontWeight: 750, fontSize: 15, color: 'primary.main' }}
        >
          {job.unit}
        </Box>
        <Box sx={{ color: 'text.secondary' }}>
          {say('yard', { yard: job.yard })}
          {withDay && ` · ${day(job.day, today)}`}
          {say('scheduledBy', { createdBy: job.createdBy })}
          {job.note && ` · ${job.note}`}
        </Box>
        {job.doneAt ? (
          <Box sx={{ ml: 'auto', fontWeight: 650 }}>
            {say('doneBy', { moment: moment(job.doneAt), doneBy: job.doneBy })}
          </Box>
        ) : (
          <Box sx={{ ml: 'auto', display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
            <TextField
              label={say('day')}
              type="date"
              value={job.day}
              onChange={(event) => event.target.value && move.mutate(event.target.value)}
              slotProps={{ inputLabel: { shrink: true } }}
            />
            <Button onClick={() => cancel.mutate()}>{say('unschedule')}</Button>
            <Button component={Link} to={`/jobs/${job.id}/visit`}>
              {say('visit')}
            </Button>
            <Button onClick={() => setFinishing(true)}>{say('completeJob2')}</Button>
            <Button variant="contained" component={Link} to={`/jobs/${job.id}/sheet`}>
              {say('jobSheet')}
            </Button>
          </Box>
        )}
      </Box>
      {problem && (
        <Alert severity="error" sx={{ mb: 1 }}>
          {problem}
        </Alert>
      )}
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {job.items.map((item) => (
          <li key={item.id}>
            <strong>{item.position ?? say('vehicle2')}</strong> {item.label}.{' '}
            <Box component="span" sx={{ color: 'text.secondary' }}>
              {item.reason}
            </Box>
            {item.done && <Box sx={{ fontWeight: 650 }}>{item.done}</Box>}
          </li>
        ))}
      </Box>
      <JobTires job={job} may={mayRecord} />
      {finishing && (
        <Suspense fallback={null}>
          <DoneDialog job={job} today={today} onClose={() => setFinishing(false)} />
        </Suspense>
      )}
    </Box>
  )
}
