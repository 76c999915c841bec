import Alert from '@mui/material/Alert'
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

/** Moves a tire to another place; a tire that is there comes to this one. */
export function MoveTireDialog({ tire, onClose }: { tire: Schemas['TirePageView']; onClose: () => void }) {
  const [units] = useUnits()
  const [goal, setGoal] = useState<Goal>()
  const [day, setDay] = useState(localDay(new Date()))
  const [odometer, setOdometer] = useState('')
  const [otherOdometer, setOtherOdometer] = useState('')
  const [note, setNote] = useState('')
  const notice = useNotice()
  const other = goal !== undefined && goal.vehicleId !== tire.where.vehicleId
  const form = useSend(
    (key, confirmed) =>
      answerOf(
        api.POST('/api/tires/{id}/swap', {
          params: { path: { id: tire.id }, query: { units }, header: { 'Idempotency-Key': key } },
          body: { ...goal, odometer, otherOdometer, day, note, confirmed },
        }),
      ),
    (moved) => {
      notice({
        text: say('movedToARelearn', { where: moved.where }),
      })
      onClose()
    },
    null,
  )
  return (
    <FormDialog
      title={say('moveFrom', {
        number: tire.number ?? say('tire', { id: tire.id }),
        unit: tire.where.unit,
        position: tire.where.position,
      })}
      action={say('moveIt')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onConfirm={form.confirm}
      onClose={onClose}
    >
      <Alert severity="info" icon={false} sx={{ width: '100%', py: 0.25 }}>
        {say('ifATire')}
      </Alert>
      <PositionField
        label={say('toVehicleAndPosition')}
        value={goal}
        onChange={setGoal}
        error={form.wrong('position') ?? form.wrong('vehicleId') ?? form.wrong('tire')}
      />
      <DayAndOdometer
        day={day}
        onDay={setDay}
        odometer={odometer}
        onOdometer={setOdometer}
        odometerLabel={other ? say('odometerOf', { unit: tire.where.unit }) : say('odometer')}
        wrong={form.wrong}
      />
      {other && (
        <Entry
          label={say('odometerOfTheOtherVehicle')}
          value={otherOdometer}
          onChange={setOtherOdometer}
          error={form.wrong('otherOdometer')}
          unit={units === 'US' ? 'mi' : 'km'}
          width={260}
        />
      )}
      <Entry label={say('noteOptional')} value={note} onChange={setNote} error={form.wrong('note')} width="100%" />
    </FormDialog>
  )
}
