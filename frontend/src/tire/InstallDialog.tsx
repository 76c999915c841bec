import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../api/client'
import { useUnits } from '../base/settings'
import { Entry } from '../ui/Entry'
import { FormDialog } from '../ui/FormDialog'
import { useNotice } from '../ui/Notice'
import { useSend } from '../ui/useSend'
import { localDay } from '../units/format'
import { DayAndOdometer } from './DayAndOdometer'
import { type Goal, PositionField } from './PositionField'
import { say } from './words'

export type TireHere = Pick<Schemas['TirePageView'], 'id' | 'number' | 'model'>

/** Fits a tire from stock: what it would bring is said before it is done. */
export function InstallDialog(props: { tire: TireHere; goal?: Goal; onClose: () => void }) {
  const { tire } = props
  const [units] = useUnits()
  const [goal, setGoal] = useState<Goal | undefined>(props.goal)
  const [day, setDay] = useState(localDay(new Date()))
  const [odometer, setOdometer] = useState('')
  const [note, setNote] = useState('')
  const notice = useNotice()
  const check = useQuery({
    queryKey: ['fit-check', tire.id, goal, units],
    queryFn: () =>
      answerOf(
        api.POST('/api/tires/{id}/install-check', {
          params: { path: { id: tire.id }, query: { units } },
          body: { ...goal },
        }),
      ),
    enabled: goal !== undefined,
    retry: false,
  })
  const form = useSend(
    (key, confirmed) =>
      answerOf(
        api.POST('/api/tires/{id}/installation', {
          params: { path: { id: tire.id }, query: { units }, header: { 'Idempotency-Key': key } },
          body: { ...goal, odometer, day, note, confirmed },
        }),
      ),
    (moved) => {
      notice({
        text: say('installedAtCheckColdPressure', { where: moved.where }),
      })
      props.onClose()
    },
    null,
  )
  return (
    <FormDialog
      title={say('install', { number: tire.number ?? say('tire', { id: tire.id }), model: tire.model })}
      action={say('install3')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onConfirm={form.confirm}
      onClose={props.onClose}
    >
      <Alert severity="warning" icon={false} sx={{ width: '100%', py: 0.25 }}>
        {say('levelGroundChocksStandsBefore')}
      </Alert>
      <PositionField
        value={goal}
        onChange={setGoal}
        error={form.wrong('position') ?? form.wrong('vehicleId') ?? form.wrong('tire')}
      />
      <DayAndOdometer day={day} onDay={setDay} odometer={odometer} onOdometer={setOdometer} wrong={form.wrong} />
      <Entry label={say('noteOptional')} value={note} onChange={setNote} error={form.wrong('note')} width="100%" />
      {check.data && (
        <Box sx={{ width: '100%' }} aria-live="polite">
          {check.data.refusals.map((reason) => (
            <Alert key={reason.statement} severity="error" sx={{ mb: 1 }}>
              <strong>{say('cannotBeInstalledThere', { statement: reason.statement })}</strong> {reason.explanation}
            </Alert>
          ))}
          {check.data.notes.map((reason) => (
            <Alert key={reason.statement} severity="info" sx={{ mb: 1 }}>
              {say('toCorrectAfterInstalling', { statement: reason.statement, explanation: reason.explanation })}
            </Alert>
          ))}
        </Box>
      )}
    </FormDialog>
  )
}
