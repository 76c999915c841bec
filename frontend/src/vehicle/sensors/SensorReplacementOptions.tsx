import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, onceKey, ProblemError } from '../../api/client'
import { useMay } from '../../session/session'
import { Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { useNotice } from '../../ui/Notice'
import { day as dayWords, many } from '../../units/format'
import { say } from './words'

/** A dead sensor: one now and the others as they die, or all at once, with what each costs; ends in the job for either. */
export function SensorReplacementOptions(props: {
  vehicleId: number
  position: string
  today: string
  onClose: () => void
}) {
  const query = useQuery({
    queryKey: ['vehicle', props.vehicleId, 'one-or-all', props.position],
    queryFn: () =>
      answerOf(
        api.GET('/api/vehicles/{id}/sensors/{position}/replacement-options', {
          params: { path: { id: props.vehicleId, position: props.position } },
        }),
      ),
  })
  const may = useMay('COORDINATOR')
  const queries = useQueryClient()
  const notice = useNotice()
  const [day, setDay] = useState(props.today)
  const [key, setKey] = useState(onceKey)
  const book = useMutation({
    mutationFn: (positions: string[]) =>
      answerOf(
        api.POST('/api/wished-work', {
          params: { header: { 'Idempotency-Key': key } },
          body: {
            vehicleId: props.vehicleId,
            workType: 'REPLACE_SENSOR',
            positions,
            wish: say('sensorAtIsDead', { position: props.position }),
            day,
          },
        }),
      ),
    onSettled: () => setKey(onceKey()),
    onSuccess: async (job) => {
      await queries.invalidateQueries()
      notice({ text: say('newSensorsBooked', { unit: job.unit, dayWords: dayWords(job.day) }) })
      props.onClose()
    },
  })
  const problem = book.error instanceof ProblemError ? book.error : undefined
  const options = query.data
  const bookOne = { variant: options?.allIsCheaper ? 'outlined' : 'contained' } as const
  const bookAll = { variant: options?.allIsCheaper ? 'contained' : 'outlined' } as const
  return (
    <Dialog open onClose={props.onClose} fullWidth maxWidth="sm" aria-labelledby="one-or-all">
      <DialogTitle id="one-or-all">{say('sensorAtIsDeadOne', { position: props.position })}</DialogTitle>
      <DialogContent dividers>
        {query.isPending && <LoadingLines />}
        {query.isError && <LoadProblem error={query.error} again={() => query.refetch()} />}
        {options && (
          <Box sx={{ display: 'grid', gap: 1.5 }}>
            <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: '1fr 1fr' }}>
              <div>
                <strong>{say('replaceOneAtATime')}</strong>
                <Box sx={{ fontSize: 22, fontWeight: 750 }}>{say('now', { oneNow: options.oneNow })}</Box>
                <div>{say('inAll', { oneInAll: options.oneInAll })}</div>
              </div>
              <div>
                <strong>{say('replaceAll')}</strong>
                <Box sx={{ fontSize: 22, fontWeight: 750 }}>{options.all}</Box>
              </div>
            </Box>
            <div>
              <strong>{options.cheaper}</strong>
            </div>
            <div>
              <strong>{options.safer}</strong>
            </div>
            <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
              {options.lines.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </Box>
            <Box sx={{ color: 'text.secondary' }}>{say('reckonedWithThePolicysPrice')}</Box>
            {may && (
              <Entry
                label={say('dayForTheJob')}
                type="date"
                value={day}
                onChange={setDay}
                error={problem?.field('day')}
                width={200}
              />
            )}
            {problem && problem.field('day') === undefined && (
              <Alert severity="error">{problem.field('workType') ?? problem.message}</Alert>
            )}
          </Box>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={props.onClose}>{say('cancel')}</Button>
        {may && options && (
          <>
            <Button {...bookOne} disabled={book.isPending} onClick={() => book.mutate([props.position])}>
              {say('bookAlone', { position: props.position })}
            </Button>
            <Button {...bookAll} disabled={book.isPending} onClick={() => book.mutate(options.positions)}>
              {say('bookAll', { many: many(options.positions.length, 'sensor', 'sensors') })}
            </Button>
          </>
        )}
      </DialogActions>
    </Dialog>
  )
}
