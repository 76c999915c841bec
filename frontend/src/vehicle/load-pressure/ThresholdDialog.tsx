import Box from '@mui/material/Box'
import { useState } from 'react'
import { answerOf, api } from '../../api/client'
import { useUnits } from '../../base/settings'
import { Entry } from '../../ui/Entry'
import { FormDialog } from '../../ui/FormDialog'
import { useSend } from '../../ui/useSend'
import { pressureUnit } from '../../units/format'
import type { AxleSheet } from './views'
import { say } from './words'

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
    say('warningThresholdOfAxle', { axle: props.axle.axle }),
  )
  return (
    <FormDialog
      title={say('warningThresholdOfAxle2', { axle: props.axle.axle })}
      action={say('recordIt')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={props.onClose}
    >
      <Box sx={{ width: '100%' }}>
        {say('nowWantedAtOrOver', {
          warning: props.axle.warning ?? say('notOnRecord'),
          minimumForLoad: props.axle.minimumForLoad ?? say('notKnown2'),
          target: props.axle.target ?? '(none)',
        })}
      </Box>
      <Entry
        label={say('warningThreshold2')}
        value={pressure}
        onChange={setPressure}
        error={form.wrong('pressure')}
        unit={pressureUnit(units)}
        width={170}
        autoFocus
      />
      <Entry
        label={say('orUnderTheSetPressure')}
        value={percent}
        onChange={setPercent}
        error={form.wrong('percentBelow')}
        unit="%"
        width={240}
      />
      <Entry label={say('whyOrWhereItWas')} value={why} onChange={setWhy} error={form.wrong('reason')} width="100%" />
      <Box sx={{ width: '100%', color: 'text.secondary' }}>{say('loweredThresholdStaysMarkedPermanently')}</Box>
    </FormDialog>
  )
}
