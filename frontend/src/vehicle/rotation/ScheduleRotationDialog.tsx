import Alert from '@mui/material/Alert'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { answerOf, api } from '../../api/client'
import { useUnits } from '../../base/settings'
import { Entry } from '../../ui/Entry'
import { FormDialog } from '../../ui/FormDialog'
import { useNotice } from '../../ui/Notice'
import { useSend } from '../../ui/useSend'
import { day as dayWords } from '../../units/format'
import type { Asked, Places, Purpose } from './plan'
import { say } from './words'

/** Puts an arrangement on a day. Nothing moves before its job is signed off. */
export function ScheduleRotationDialog(props: {
  vehicleId: number
  unit: string
  today: string
  asked: Asked
  purpose: Purpose | undefined
  places: Places
  before: Places
  onClose: () => void
}) {
  const [units] = useUnits()
  const [day, setDay] = useState(props.today)
  const [reason, setReason] = useState('')
  const notice = useNotice()
  const go = useNavigate()
  const overrides = (props.asked.override ?? []).length > 0
  const form = useSend(
    (key) =>
      answerOf(
        api.POST('/api/vehicles/{id}/rotation', {
          params: { path: { id: props.vehicleId }, query: { units }, header: { 'Idempotency-Key': key } },
          body: {
            options: props.asked,
            ...(props.purpose && { goal: props.purpose }),
            arrangement: props.places,
            before: props.before,
            reason,
            ...(day && { day }),
          },
        }),
      ),
    () => {
      notice({ text: say('rotationIsPlanned', { unit: props.unit, dayWords: dayWords(day, props.today) }) })
      go(`/vehicles/${props.vehicleId}/jobs`)
    },
    null,
  )
  const broken = form.wrong('arrangement') ?? form.wrong('override')
  return (
    <FormDialog
      title={say('scheduleRotation', { unit: props.unit })}
      action={say('scheduleRotation2')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={props.onClose}
    >
      {broken && <Alert severity="error">{broken}</Alert>}
      <Entry label={say('day')} type="date" value={day} onChange={setDay} error={form.wrong('day')} />
      {overrides && (
        <Entry
          label={say('overrideReason')}
          value={reason}
          onChange={setReason}
          error={form.wrong('reason')}
          hint={say('savedWithTheJobUnder')}
          width="100%"
        />
      )}
      <div>{say('tiresFromStockAreReserved')}</div>
    </FormDialog>
  )
}
