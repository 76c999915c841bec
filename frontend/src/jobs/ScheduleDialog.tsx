import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import Stack from '@mui/material/Stack'
import TextField from '@mui/material/TextField'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type DueLine, type Job, onceKey, ProblemError } from '../api/client'
import { useUnits } from '../base/settings'
import { useNotice } from '../ui/Notice'
import { day as dayWords, localDay } from '../units/format'

/** Puts chosen work on a day. */
export function ScheduleDialog({ lines, onClose }: { lines: DueLine[]; onClose: (done: boolean) => void }) {
  const [units] = useUnits()
  const [day, setDay] = useState(localDay(new Date()))
  const [note, setNote] = useState('')
  const [key] = useState(onceKey)
  const queries = useQueryClient()
  const notice = useNotice()
  const refresh = () => queries.invalidateQueries()
  const undo = async (jobs: Job[]) => {
    for (const job of jobs) {
      await answerOf(
        api.DELETE('/api/jobs/{id}', {
          params: { path: { id: job.id }, header: { 'If-Match': `"${job.version}"` } },
        }),
      )
    }
    await refresh()
  }
  const schedule = useMutation({
    mutationFn: () =>
      answerOf(
        api.POST('/api/jobs', {
          params: { query: { units }, header: { 'Idempotency-Key': key } },
          body: {
            day,
            note,
            work: lines.map((line) => ({ vehicleId: line.vehicleId, key: line.key })),
          },
        }),
      ),
    onSuccess: async (jobs) => {
      await refresh()
      const what = jobs.length === 1 ? `${jobs[0]?.unit} is` : `${jobs.length} vehicles are`
      notice({ text: `${what} on ${dayWords(day)}.`, undo: () => void undo(jobs) })
      onClose(true)
    },
  })
  const problem = schedule.error instanceof ProblemError ? schedule.error : undefined
  return (
    <Dialog open onClose={() => onClose(false)} fullWidth maxWidth="sm" aria-labelledby="schedule-title">
      <DialogTitle id="schedule-title">Put on a day</DialogTitle>
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault()
          schedule.mutate()
        }}
      >
        <DialogContent>
          <Stack spacing={2}>
            {problem && problem.problem.fields.length === 0 && <Alert severity="error">{problem.message}</Alert>}
            <Stack direction={{ xs: 'column', sm: 'row' }} spacing={2} sx={{ pt: 0.5 }}>
              <TextField
                label="Day"
                type="date"
                value={day}
                onChange={(event) => setDay(event.target.value)}
                error={problem?.field('day') !== undefined}
                helperText={problem?.field('day')}
                autoFocus
                slotProps={{ inputLabel: { shrink: true } }}
              />
            </Stack>
            <TextField
              label="Note for the shop (optional)"
              value={note}
              onChange={(event) => setNote(event.target.value)}
              error={problem?.field('note') !== undefined}
              helperText={problem?.field('note')}
            />
            <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
              {lines.map((line) => (
                <li key={`${line.vehicleId} ${line.key}`}>
                  <strong>
                    {line.unit} {line.positions.join(' ')}
                  </strong>{' '}
                  {line.label}
                  {line.due < day && line.days >= 0 && ` (due ${dayWords(line.due)}, before this day)`}
                </li>
              ))}
            </Box>
            {lines.some((line) => line.urgency === 'DO_NOT_OPERATE') && (
              <Alert severity="warning" icon={false}>
                Do not operate this vehicle until the job is complete. Scheduling it does not change that.
              </Alert>
            )}
          </Stack>
        </DialogContent>
        <DialogActions>
          <Button onClick={() => onClose(false)}>Leave</Button>
          <Button type="submit" variant="contained" loading={schedule.isPending}>
            Schedule
          </Button>
        </DialogActions>
      </Box>
    </Dialog>
  )
}
