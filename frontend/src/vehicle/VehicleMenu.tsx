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
    () => notice({ text: `${vehicle.unit} is back in service.` }),
    null,
  )
  const retire = useSend(
    () => answerOf(api.POST('/api/vehicles/{id}/retire', { params: { path: { id: vehicle.id } } })),
    () =>
      notice({
        text: `${vehicle.unit} is retired. Its history and its installed tires stay on file.`,
        undo: async () => {
          await answerOf(api.POST('/api/vehicles/{id}/restore', { params: { path: { id: vehicle.id } } }))
          return `${vehicle.unit} is back in service.`
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
        Record
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
            Read the odometer…
          </MenuItem>
        )}
        {technician && vehicle.odometer && (
          <MenuItem
            onClick={() => {
              close()
              setCorrecting(true)
            }}
          >
            Correct the odometer…
          </MenuItem>
        )}
        {coordinator && (
          <MenuItem
            onClick={() => {
              close()
              setReplacing(true)
            }}
          >
            The odometer was replaced…
          </MenuItem>
        )}
        {coordinator && (
          <MenuItem component={Link} to={`/vehicles/${vehicle.id}/edit`}>
            Edit vehicle…
          </MenuItem>
        )}
        {coordinator && (
          <MenuItem component={Link} to={`/vehicles/new?from=${vehicle.id}`}>
            Duplicate vehicle…
          </MenuItem>
        )}
        <MenuItem component={Link} to={`/vehicles/${vehicle.id}/evidence`}>
          Evidence pack
        </MenuItem>
        <MenuItem component={Link} to={`/labels?vehicles=${vehicle.id}`}>
          Print tags
        </MenuItem>
        {coordinator && (
          <MenuItem
            onClick={() => {
              close()
              if (vehicle.retired) restore.send()
              else retire.send()
            }}
          >
            {vehicle.retired ? 'Restore to service' : 'Retire the vehicle'}
          </MenuItem>
        )}
      </Menu>
      {correcting && <OdometerCorrectionDialog vehicle={vehicle} onClose={() => setCorrecting(false)} />}
      {replacing && <OdometerReplacedDialog vehicle={vehicle} onClose={() => setReplacing(false)} />}
      {reading && <OdometerDialog vehicle={vehicle} onClose={() => setReading(false)} />}
    </>
  )
}
