import Button from '@mui/material/Button'
import Menu from '@mui/material/Menu'
import MenuItem from '@mui/material/MenuItem'
import { useState } from 'react'
import { Link } from 'react-router'
import { answerOf, api, type Schemas } from '../api/client'
import { color } from '../base/theme'
import { useMay } from '../session/session'
import { useNotice } from '../ui/Notice'
import { useSend } from '../ui/useSend'
import { OdometerCorrectionDialog, OdometerDialog, OdometerReplacedDialog } from './OdometerDialogs'
import { say } from './words'

/** What is done with a vehicle's record now and then. */
export function VehicleMenu({ vehicle }: { vehicle: Schemas['VehicleView'] }) {
  const [at, setAt] = useState<HTMLElement | null>(null)
  const [reading, setReading] = useState(false)
  const [replacing, setReplacing] = useState(false)
  const [correcting, setCorrecting] = useState(false)
  const coordinator = useMay('COORDINATOR')
  const technician = useMay('TECHNICIAN')
  const notice = useNotice()
  const close = () => setAt(null)
  const restore = useSend(
    () => answerOf(api.POST('/api/vehicles/{id}/restore', { params: { path: { id: vehicle.id } } })),
    () => notice({ text: say('isBackInService', { unit: vehicle.unit }) }),
    null,
  )
  const retire = useSend(
    () => answerOf(api.POST('/api/vehicles/{id}/retire', { params: { path: { id: vehicle.id } } })),
    () =>
      notice({
        text: say('isRetiredItsHistory', { unit: vehicle.unit }),
        undo: async () => {
          await answerOf(api.POST('/api/vehicles/{id}/restore', { params: { path: { id: vehicle.id } } }))
          return say('isBackInService', { unit: vehicle.unit })
        },
      }),
    null,
  )
  return (
    <>
      <Button
        variant="outlined"
        sx={{ background: color.sheet }}
        aria-haspopup="menu"
        onClick={(event) => setAt(event.currentTarget)}
      >
        {say('record')}
        <span aria-hidden="true">&nbsp;▾</span>
      </Button>
      <Menu anchorEl={at} open={at !== null} onClose={close}>
        {technician && (
          <MenuItem
            onClick={() => {
              close()
              setReading(true)
            }}
          >
            {say('readTheOdometer')}
          </MenuItem>
        )}
        {technician && vehicle.odometer && (
          <MenuItem
            onClick={() => {
              close()
              setCorrecting(true)
            }}
          >
            {say('correctTheOdometer2')}
          </MenuItem>
        )}
        {coordinator && (
          <MenuItem
            onClick={() => {
              close()
              setReplacing(true)
            }}
          >
            {say('odometerWasReplaced')}
          </MenuItem>
        )}
        {coordinator && (
          <MenuItem component={Link} to={`/vehicles/${vehicle.id}/edit`}>
            {say('editVehicle')}
          </MenuItem>
        )}
        {coordinator && (
          <MenuItem component={Link} to={`/vehicles/new?from=${vehicle.id}`}>
            {say('duplicateVehicle')}
          </MenuItem>
        )}
        <MenuItem component={Link} to={`/vehicles/${vehicle.id}/evidence`}>
          {say('evidencePack')}
        </MenuItem>
        <MenuItem component={Link} to={`/labels?vehicles=${vehicle.id}`}>
          {say('printTags')}
        </MenuItem>
        {coordinator && (
          <MenuItem
            onClick={() => {
              close()
              if (vehicle.retired) restore.send()
              else retire.send()
            }}
          >
            {vehicle.retired ? say('restoreToService') : say('retireTheVehicle')}
          </MenuItem>
        )}
      </Menu>
      {correcting && <OdometerCorrectionDialog vehicle={vehicle} onClose={() => setCorrecting(false)} />}
      {replacing && <OdometerReplacedDialog vehicle={vehicle} onClose={() => setReplacing(false)} />}
      {reading && <OdometerDialog vehicle={vehicle} onClose={() => setReading(false)} />}
    </>
  )
}
