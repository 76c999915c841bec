import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import { type Job, ProblemError } from '../api/client'
import { day } from '../units/format'

/** A job somebody else changed meanwhile: what it is now, beside what was entered for it, and a way to go on. */
export function CurrentJob({ error, onGoOn }: { error: unknown; onGoOn: (job: Job) => void }) {
  const problem = error instanceof ProblemError && error.problem.status === 412 ? error.problem : undefined
  const job = problem?.current as Job | undefined
  if (!job) return null
  return (
    <Alert
      severity="info"
      sx={{ width: '100%', mb: 2 }}
      action={
        job.doneAt === undefined && (
          <Button color="inherit" size="small" onClick={() => onGoOn(job)}>
            Go on with it
          </Button>
        )
      }
    >
      <strong>
        On file now: {job.doneAt === undefined ? `on ${day(job.day)}` : `done by ${job.doneBy ?? 'another user'}`}.
      </strong>{' '}
      {job.items.map((item) => (item.position ? `${item.position}: ${item.label}` : item.label)).join('; ')}.
      {job.note && ` ${job.note}.`} Your entries are below.
    </Alert>
  )
}
