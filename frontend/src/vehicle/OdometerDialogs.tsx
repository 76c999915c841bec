import Box from '@mui/material/Box'
import FormControlLabel from '@mui/material/FormControlLabel'
import Radio from '@mui/material/Radio'
import RadioGroup from '@mui/material/RadioGroup'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../api/client'
import { odometerQuery } from '../api/queries'
import { useUnits } from '../base/settings'
import { DayAndOdometer } from '../tire/DayAndOdometer'
import { Entry } from '../ui/Entry'
import { LoadProblem } from '../ui/ErrorNotice'
import { FormDialog } from '../ui/FormDialog'
import { LoadingLines } from '../ui/Loading'
import { useSend } from '../ui/useSend'
import { day, localDay } from '../units/format'
import { say } from './words'

type Line = Schemas['OdometerReadingView']

/** A wrong reading is voided and the right one put in its place; both stay on record. */
export function OdometerCorrectionDialog({
  vehicle,
  onClose,
}: {
  vehicle: Schemas['VehicleView']
  onClose: () => void
}) {
  const [units] = useUnits()
  const lines = useQuery(odometerQuery(vehicle.id, units))
  const [chosen, setChosen] = useState<number | null>(null)
  const [odometer, setOdometer] = useState('')
  const [reason, setReason] = useState('')
  const line = lines.data?.find((one) => one.id === chosen)
  const form = useSend(
    (_, confirmed) =>
      answerOf(
        api.POST('/api/vehicles/{id}/odometer/{readingId}/correction', {
          params: { path: { id: vehicle.id, readingId: chosen ?? 0 }, query: { units } },
          body: { odometer, reason, confirmed },
        }),
      ),
    onClose,
    say('odometerIsCorrectedTheWrong', { unit: vehicle.unit }),
  )
  return (
    <FormDialog
      title={say('correctTheOdometer', { unit: vehicle.unit })}
      action={odometer.trim() === '' ? say('voidReading') : say('correctReading')}
      error={form.error}
      busy={form.busy}
      disabled={!line}
      onSend={form.send}
      onConfirm={form.confirm}
      onClose={onClose}
    >
      {lines.error && <LoadProblem error={lines.error} again={() => lines.refetch()} />}
      {lines.isPending && <LoadingLines lines={4} />}
      {lines.data && (
        <RadioGroup
          aria-label={say('whichReadingIsWrong')}
          value={chosen ?? ''}
          onChange={(_, value) => setChosen(Number(value))}
          sx={{ width: '100%', maxHeight: 260, overflowY: 'auto', flexWrap: 'nowrap' }}
        >
          {lines.data.map((one) => (
            <ReadingLine key={one.id} line={one} />
          ))}
        </RadioGroup>
      )}
      {line?.isOfReplacement && <Box sx={{ width: '100%' }}>{say('thisWasRead')}</Box>}
      {line && (
        <>
          <Entry
            label={say('whatItShouldHaveBeen')}
            value={odometer}
            onChange={setOdometer}
            error={form.wrong('odometer')}
            unit={units === 'US' ? 'mi' : 'km'}
            hint={say('blankThereIsNoRight')}
            width={240}
            autoFocus
          />
          <Entry
            label={say('whatWasWrong')}
            value={reason}
            onChange={setReason}
            error={form.wrong('reason')}
            hint={say('forExampleADigitToo')}
            width="100%"
          />
        </>
      )}
    </FormDialog>
  )
}

function ReadingLine({ line }: { line: Line }) {
  const isVoided = Boolean(line.voidedBy)
  return (
    <FormControlLabel
      value={line.id}
      disabled={isVoided}
      control={<Radio />}
      label={
        <>
          <Box component="span" sx={{ fontWeight: 600, textDecoration: isVoided ? 'line-through' : 'none' }}>
            {line.odometer}
          </Box>
          {`, ${day(line.day)}, ${line.by}`}
          {line.isOfReplacement && say('asTheOdometerWasReplaced')}
          {isVoided && line.voidedDay && (
            <Box component="span" sx={{ display: 'block' }}>
              {say('voidedBy', { voidedDay: day(line.voidedDay), voidedBy: line.voidedBy, reason: line.reason })}
            </Box>
          )}
        </>
      }
    />
  )
}

/** Miles are counted on: what the old one showed last, and what the new one begins with. */
export function OdometerReplacedDialog({ vehicle, onClose }: { vehicle: Schemas['VehicleView']; onClose: () => void }) {
  const [units] = useUnits()
  const [last, setLast] = useState('')
  const [first, setFirst] = useState('0')
  const [note, setNote] = useState('')
  const unit = units === 'US' ? 'mi' : 'km'
  const form = useSend(
    (_, confirmed) =>
      answerOf(
        api.POST('/api/vehicles/{id}/odometer-replacement', {
          params: { path: { id: vehicle.id }, query: { units } },
          body: { last, first, note, confirmed },
        }),
      ),
    onClose,
    say('countsOnFromTheNew', { unit: vehicle.unit }),
  )
  return (
    <FormDialog
      title={say('hasAnotherOdometer', { unit: vehicle.unit })}
      action={say('recordIt')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onConfirm={form.confirm}
      onClose={onClose}
    >
      <Entry
        label={say('oldOneShowedLast')}
        value={last}
        onChange={setLast}
        unit={unit}
        error={form.wrong('last')}
        hint={vehicle.odometer ? say('lastRead', { odometer: vehicle.odometer }) : undefined}
        autoFocus
      />
      <Entry label={say('newOneBegins')} value={first} onChange={setFirst} unit={unit} error={form.wrong('first')} />
      <Entry label={say('note')} value={note} onChange={setNote} error={form.wrong('note')} width="100%" />
      <span>{say('fromNow')}</span>
    </FormDialog>
  )
}

export function OdometerDialog({ vehicle, onClose }: { vehicle: Schemas['VehicleView']; onClose: () => void }) {
  const [units] = useUnits()
  const [day, setDay] = useState(localDay(new Date()))
  const [odometer, setOdometer] = useState('')
  const form = useSend(
    (_, confirmed) =>
      answerOf(
        api.POST('/api/vehicles/{id}/odometer', {
          params: { path: { id: vehicle.id }, query: { units } },
          body: { odometer, day, confirmed },
        }),
      ),
    onClose,
    say('odometerIsOnRecord', { unit: vehicle.unit }),
  )
  return (
    <FormDialog
      title={say('odometerOf', { unit: vehicle.unit })}
      action={say('recordIt')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onConfirm={form.confirm}
      onClose={onClose}
    >
      <DayAndOdometer
        day={day}
        onDay={setDay}
        odometer={odometer}
        onOdometer={setOdometer}
        odometerHint={say('asItShows')}
        odometerLabel={vehicle.odometer ? say('odometerLast', { odometer: vehicle.odometer }) : say('odometer')}
        wrong={form.wrong}
      />
    </FormDialog>
  )
}
