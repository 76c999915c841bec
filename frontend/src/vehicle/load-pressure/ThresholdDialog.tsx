import Box from '@mui/material/Box'
import { useState } from 'react'
import { answerOf, api } from '../../api/client'
import { useUnits } from '../../base/settings'
import { Entry } from '../../ui/Entry'
import { FormDialog } from '../../ui/FormDialog'
import { useSend } from '../../ui/useSend'
import { pressureUnit } from '../../units/format'
import type { AxleSheet } from './views'

/** At which pressure the vehicle's own system warns: a fact of the vehicle, recorded with who and why. */
export function ThresholdDialog(props: { vehicleId: number; axle: AxleSheet; onClose: () => void }) {
  const [units] = useUnits()
  const [pressure, setPressure] = useState('')
  const [percent, setPercent] = useState('')
  const [why, setWhy] = useState('')
  const form = useSend(
    () =>
      answerOf(
        api.PUT('/api/vehicles/{id}/axles/{axle}/warning-threshold', {
          params: { path: { id: props.vehicleId, axle: props.axle.axle }, query: { units } },
          body: { pressure, percentBelow: percent, reason: why },
        }),
      ),
    props.onClose,
    `The warning threshold of axle ${props.axle.axle} is on record.`,
  )
  return (
    <FormDialog
      title={`Warning threshold of axle ${props.axle.axle}`}
      action="Record it"
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={props.onClose}
    >
      <Box sx={{ width: '100%' }}>
        Now: {props.axle.warning ?? 'not on record'}. Wanted: at or over the need{' '}
        {props.axle.minimumForLoad ?? '(not known)'} and at most 95% of the target {props.axle.target ?? '(none)'}. A
        qualified person sets it in the vehicle; here it is only recorded.
      </Box>
      <Entry
        label="Warning threshold"
        value={pressure}
        onChange={setPressure}
        error={form.wrong('pressure')}
        unit={pressureUnit(units)}
        width={170}
        autoFocus
      />
      <Entry
        label="… or under the set pressure by"
        value={percent}
        onChange={setPercent}
        error={form.wrong('percentBelow')}
        unit="%"
        width={240}
      />
      <Entry
        label="Why, or where it was read"
        value={why}
        onChange={setWhy}
        error={form.wrong('reason')}
        width="100%"
      />
      <Box sx={{ width: '100%', color: 'text.secondary' }}>A lowered threshold stays marked permanently.</Box>
    </FormDialog>
  )
}
