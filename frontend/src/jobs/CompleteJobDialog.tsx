import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import Stack from '@mui/material/Stack'
import TextField from '@mui/material/TextField'
import useMediaQuery from '@mui/material/useMediaQuery'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Job, onceKey, type Problem, ProblemError } from '../api/client'
import { useUnits } from '../base/settings'
import { CurrentJob } from '../conflict/CurrentJob'
import { ConfirmValue } from '../ui/ConfirmValue'
import { Entry } from '../ui/Entry'
import { useNotice } from '../ui/Notice'
import { distanceUnit } from '../units/format'
import { ItemFields } from './ItemFields'
import type { Result } from './result'
import { say } from './words'

const keyOf = (jobId: number) => `rotagens.signoff.${jobId}`

/** What was typed is saved on this device until the job is signed off, also when the page closes. */
const typed = {
  read: (jobId: number) => JSON.parse(localStorage.getItem(keyOf(jobId)) ?? '{}') as Record<number, Result>,
  write: (jobId: number, results: Record<number, Result>) =>
    localStorage.setItem(keyOf(jobId), JSON.stringify(results)),
  forget: (jobId: number) => localStorage.removeItem(keyOf(jobId)),
}

/** The same results with the figures asked about said to be right. */
function confirming(results: Record<number, Result>, asked: Problem['fields']) {
  const next = { ...results }
  for (const { field } of asked) {
    const [, item, figure] = field.split('.')
    const itemId = Number(item)
    if (figure) next[itemId] = { ...next[itemId], itemId, confirmed: [...(next[itemId]?.confirmed ?? []), figure] }
  }
  return next
}

/** Marks a job done: who, when, and what was read after each piece of work. */
export function CompleteJobDialog(props: { job: Job; today: string; onClose: () => void }) {
  const { today, onClose } = props
  const [job, setJob] = useState(props.job)
  const [units] = useUnits()
  const [day, setDay] = useState(today)
  const [odometer, setOdometer] = useState('')
  const [since, setSince] = useState('')
  const [weights, setWeights] = useState('')
  const [results, setResults] = useState<Record<number, Result>>(() => typed.read(job.id))
  const [key, setKey] = useState(onceKey)
  const queries = useQueryClient()
  const notice = useNotice()
  const phone = useMediaQuery('(max-width: 600px)')
  const done = useMutation({
    mutationFn: (results: Record<number, Result>) =>
      answerOf(
        api.POST('/api/jobs/{id}/completion', {
          params: {
            path: { id: job.id },
            query: { units },
            header: { 'If-Match': `"${job.version}"`, 'Idempotency-Key': key },
          },
          body: {
            day,
            ...(odometer.trim() && { odometer }),
            ...(since.trim() && { milesSince: since }),
            ...(weights.trim() && { weightPieces: weights }),
            results: job.items.map((item) => results[item.id] ?? { itemId: item.id }),
          },
        }),
      ),
    onError: (error) => {
      if (!(error instanceof ProblemError && error.unreachable)) setKey(onceKey())
    },
    onSuccess: async () => {
      typed.forget(job.id)
      await queries.invalidateQueries()
      notice({ text: say('completed', { unit: job.unit }) })
      onClose()
    },
  })
  const retorque = job.followUp !== undefined && job.items.some((item) => item.workType === 'RETORQUE')
  const sent = done.variables
  const problem = done.error instanceof ProblemError ? done.error : undefined
  const asked = (problem?.asks ?? []).filter((field) => {
    const [, item, figure] = field.field.split('.')
    // Typed anew, it is another question.
    return results[Number(item)]?.[figure as 'pressure'] === sent?.[Number(item)]?.[figure as 'pressure']
  })
  const change = (itemId: number, part: Partial<Result>) => {
    const next = { ...results, [itemId]: { ...results[itemId], ...part, itemId } }
    setResults(next)
    typed.write(job.id, next)
  }
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" fullScreen={phone} aria-labelledby="done-title">
      <DialogTitle id="done-title">{say('whatWasReadAfter', { unit: job.unit })}</DialogTitle>
      <Box
        component="form"
        noValidate
        onSubmit={(event) => {
          event.preventDefault()
          done.mutate(results)
        }}
        sx={{ display: 'contents' }}
      >
        <DialogContent dividers>
          {asked.length > 0 && (
            <ConfirmValue
              questions={asked}
              onConfirm={() => {
                setResults(confirming(results, asked))
                done.mutate(confirming(results, asked))
              }}
            />
          )}
          {problem && asked.length === 0 && (
            <Alert severity="error" sx={{ mb: 2 }}>
              <strong>{problem.problem.title}.</strong> {problem.problem.detail}
            </Alert>
          )}
          <CurrentJob
            error={done.error}
            onGoOn={(now) => {
              setJob(now)
              done.reset()
            }}
          />
          <Stack direction="row" spacing={2} sx={{ mb: 2, flexWrap: 'wrap', rowGap: 1.5 }}>
            <TextField
              label={say('day')}
              type="date"
              value={day}
              onChange={(event) => setDay(event.target.value)}
              error={problem?.field('day') !== undefined}
              helperText={problem?.field(say('day2'))}
              slotProps={{ inputLabel: { shrink: true } }}
            />
            {retorque && !job.followUp?.odometer ? (
              <Entry
                label={say('distanceSinceTheWheelsWent')}
                value={since}
                onChange={setSince}
                error={problem?.field('milesSince')}
                hint={say('tooSoonItDoesNot')}
                unit={distanceUnit(units)}
                width={260}
              />
            ) : (
              <Entry
                label={retorque ? say('odometer') : say('odometerIfRead')}
                value={odometer}
                onChange={setOdometer}
                error={problem?.field('odometer')}
                hint={
                  retorque
                    ? say('whenTheWheelsWent', { odometer: job.followUp?.odometer })
                    : say('reTorqueIsCountedFrom')
                }
                unit={distanceUnit(units)}
                width={260}
              />
            )}
            {job.items.some((item) => item.requiredResult.includes('NEW_TIRE')) && (
              <Entry
                label={say('balanceWeightsUsed')}
                value={weights}
                onChange={setWeights}
                error={problem?.field('weightPieces')}
                hint={say('piecesOfOz7G')}
                width={220}
              />
            )}
          </Stack>
          {job.items.map((item) => (
            <ItemFields
              key={item.id}
              item={item}
              result={results[item.id]}
              wrong={(field) => problem?.field(`results.${item.id}.${field}`)}
              onChange={(part) => change(item.id, part)}
            />
          ))}
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>{say('cancel')}</Button>
          <Button type="submit" variant="contained" loading={done.isPending}>
            {say('completeJob')}
          </Button>
        </DialogActions>
      </Box>
    </Dialog>
  )
}
