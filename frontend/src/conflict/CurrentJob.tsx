import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import { type Job, ProblemError } from '../api/client'
import { day } from '../units/format'
import { say } from './words'

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
            {say('goOn')}
          </Button>
        )
      }
    >
      <strong>
        {say('onFileNow', {
          doneAt:
            job.doneAt === undefined
              ? say('on', { day: day(job.day) })
              : say('doneBy', { doneBy: job.doneBy ?? say('anotherUser') }),
        })}
      </strong>{' '}
      {job.items.map((item) => (item.position ? `${item.position}: ${item.label}` : item.label)).join('; ')}.
      {job.note && ` ${job.note}.`}
      {say('yourEntriesAreBelow')}
    </Alert>
  )
}
