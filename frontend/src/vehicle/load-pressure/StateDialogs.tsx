import Box from '@mui/material/Box'
import { useState } from 'react'
import { answerOf, api } from '../../api/client'
import { useUnits } from '../../base/settings'
import { Choice, Entry } from '../../ui/Entry'
import { FormDialog } from '../../ui/FormDialog'
import { useNotice } from '../../ui/Notice'
import { useSend } from '../../ui/useSend'
import type { LoadPressureView } from './views'
import { say } from './words'

export type LoadState = 'EMPTY' | 'NORMAL' | 'FULL' | 'TOWING'

export const LOAD_STATES = [
  ['EMPTY', 'empty'],
  ['NORMAL', 'usual'],
  ['FULL', 'full'],
  ['TOWING', 'towing'],
] as const

/** Which load the pressures are for, from today. */
export function LoadStateDialog(props: { vehicleId: number; page: LoadPressureView; onClose: () => void }) {
  const [units] = useUnits()
  const [state, setState] = useState<LoadState>(props.page.state === 'UNKNOWN' ? 'NORMAL' : props.page.state)
  const [until, setUntil] = useState('')
  const form = useSend(
    () =>
      answerOf(
        api.PUT('/api/vehicles/{id}/load-state', {
          params: { path: { id: props.vehicleId }, query: { units } },
          body: { state, ...(until && { until }) },
        }),
      ),
    props.onClose,
    say('loadStateIsSetTargets'),
  )
  return (
    <FormDialog
      title={say('currentLoadState')}
      action={say('setLoadState')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={props.onClose}
    >
      <Choice
        label={say('load')}
        value={state}
        options={LOAD_STATES}
        onChange={setState}
        error={form.wrong('state')}
        width={160}
      />
      <Entry
        label={say('until')}
        type="date"
        value={until}
        onChange={setUntil}
        error={form.wrong('until')}
        hint={state === 'EMPTY' ? say('requiredForTheEmptyLoad') : say('blankUntilChanged')}
      />
      <Box sx={{ width: '100%', color: 'text.secondary' }}>{say('targetsChangeAtOnce')}</Box>
    </FormDialog>
  )
}

/** A trip with a load: a job raises the pressures on its first day, another restores them after. */
export function TripDialog(props: { vehicleId: number; onClose: () => void }) {
  const [units] = useUnits()
  const notice = useNotice()
  const [state, setState] = useState<LoadState>('FULL')
  const [from, setFrom] = useState('')
  const [until, setUntil] = useState('')
  const [note, setNote] = useState('')
  const form = useSend(
    (key) =>
      answerOf(
        api.POST('/api/vehicles/{id}/trips', {
          params: { path: { id: props.vehicleId }, query: { units }, header: { 'Idempotency-Key': key } },
          body: { state, note, ...(from && { from }), ...(until && { until }) },
        }),
      ),
    () => {
      notice({ text: say('tripSavedJobsToRaise') })
      props.onClose()
    },
    null,
  )
  return (
    <FormDialog
      title={say('bookALoadedTrip')}
      action={say('bookIt')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={props.onClose}
    >
      <Choice
        label={say('load')}
        value={state}
        options={LOAD_STATES}
        onChange={setState}
        error={form.wrong('state')}
        width={160}
      />
      <Entry
        label={say('firstDay')}
        type="date"
        value={from}
        onChange={setFrom}
        error={form.wrong('from')}
        width={170}
      />
      <Entry
        label={say('lastDay')}
        type="date"
        value={until}
        onChange={setUntil}
        error={form.wrong('until')}
        width={170}
      />
      <Entry label={say('note')} value={note} onChange={setNote} error={form.wrong('note')} width="100%" />
    </FormDialog>
  )
}
