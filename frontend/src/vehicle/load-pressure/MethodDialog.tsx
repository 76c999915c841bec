import Box from '@mui/material/Box'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import Radio from '@mui/material/Radio'
import RadioGroup from '@mui/material/RadioGroup'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { useMay } from '../../session/session'
import { Entry } from '../../ui/Entry'
import { FormDialog } from '../../ui/FormDialog'
import { useSend } from '../../ui/useSend'
import type { LoadPressureView } from './views'
import { say } from './words'

type School = Schemas['MethodResultView']['method']

/** One school for the vehicle, with a reason and a name. What an axle doesn't allow falls back to the default order there. */
export function MethodDialog(props: { vehicleId: number; page: LoadPressureView; onClose: () => void }) {
  const { page } = props
  const [units] = useUnits()
  const [school, setSchool] = useState<School | ''>(page.choice?.method ?? '')
  const [reason, setReason] = useState('')
  const [below, setBelow] = useState(false)
  const manager = useMay('MANAGER')
  const form = useSend(
    () =>
      answerOf(
        api.PUT('/api/vehicles/{id}/method', {
          params: { path: { id: props.vehicleId }, query: { units } },
          body: { reason, allowsBelowPlacard: below, ...(school && { method: school }) },
        }),
      ),
    props.onClose,
    say('methodIsSignedTargetsFollow'),
  )
  const schools = page.axles[0]?.methods ?? []
  const answers = (of: School) =>
    page.axles
      .map((axle) => axle.methods.find((one) => one.method === of))
      .map((one) => (one?.isOffered ? one.pressure : say('notHere')))
      .join(' · ')
  return (
    <FormDialog
      title={say('chooseMethod')}
      action={say('saveMethod')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={props.onClose}
    >
      <RadioGroup
        value={school}
        onChange={(event) => setSchool(event.target.value as School | '')}
        sx={{ width: '100%' }}
      >
        <FormControlLabel value="" control={<Radio />} label={say('defaultOrderWeighedLoadPlacard')} />
        {schools.map((one) => (
          <FormControlLabel
            key={one.method}
            value={one.method}
            control={<Radio />}
            label={
              <Box>
                <strong>{one.label}</strong>: {answers(one.method)}
                <Box sx={{ color: 'text.secondary', fontSize: 12.5 }}>{one.useWhen}</Box>
              </Box>
            }
          />
        ))}
      </RadioGroup>
      {form.wrong('method') && (
        <Box role="alert" sx={{ color: 'error.main' }}>
          {form.wrong('method')}
        </Box>
      )}
      {page.isLight && school === 'WEIGHED_LOAD' && (
        <Box sx={{ width: '100%' }}>
          <FormControlLabel
            control={
              <Checkbox checked={below} onChange={(event) => setBelow(event.target.checked)} disabled={!manager} />
            }
            label={say('allowLessThanThePlacard')}
          />
          {form.wrong('allowsBelowPlacard') && (
            <Box role="alert" sx={{ color: 'error.main' }}>
              {form.wrong('allowsBelowPlacard')}
            </Box>
          )}
        </Box>
      )}
      <Entry label={say('why')} value={reason} onChange={setReason} error={form.wrong('reason')} width="100%" />
      <Box sx={{ width: '100%', color: 'text.secondary' }}>{say('neverAboveTheMaximumPressure')}</Box>
    </FormDialog>
  )
}
