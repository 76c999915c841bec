import Button from '@mui/material/Button'
import Menu from '@mui/material/Menu'
import MenuItem from '@mui/material/MenuItem'
import { useState } from 'react'
import { Link } from 'react-router'
import { answerOf, api, type Schemas } from '../api/client'
import { useUnits } from '../base/settings'
import { color } from '../base/theme'
import { useMay } from '../session/session'
import { DayAndOdometer } from '../tire/DayAndOdometer'
import { Entry } from '../ui/Entry'
import { FormDialog } from '../ui/FormDialog'
import { useNotice } from '../ui/Notice'
import { useSend } from '../ui/useSend'
import { localDay } from '../units/format'

/** What is done with a vehicle's record now and then. */
export function VehicleMenu({ vehicle }: { vehicle: Schemas['VehicleView'] }) {
  const [at, setAt] = useState<HTMLElement | null>(null)
  const [reading, setReading] = useState(false)
  const [replacing, setReplacing] = useState(false)
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
      {replacing && <ReplacedDialog vehicle={vehicle} onClose={() => setReplacing(false)} />}
      {reading && <OdometerDialog vehicle={vehicle} onClose={() => setReading(false)} />}
    </>
  )
}

/** Miles are counted on: what the old one showed last, and what the new one begins with. */
function ReplacedDialog({ vehicle, onClose }: { vehicle: Schemas['VehicleView']; onClose: () => void }) {
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
    `${vehicle.unit} counts on from the new odometer.`,
  )
  return (
    <FormDialog
      title={`${vehicle.unit} has another odometer`}
      action="Record it"
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onConfirm={form.confirm}
      onClose={onClose}
    >
      <Entry
        label="The old one showed last"
        value={last}
        onChange={setLast}
        unit={unit}
        error={form.wrong('last')}
        hint={vehicle.odometer ? `Last read ${vehicle.odometer}` : undefined}
        autoFocus
      />
      <Entry
        label="The new one begins with"
        value={first}
        onChange={setFirst}
        unit={unit}
        error={form.wrong('first')}
      />
      <Entry label="Note" value={note} onChange={setNote} error={form.wrong('note')} width="100%" />
      <span>From now on it is read off the new one. Miles of vehicle and tires are counted on through the change.</span>
    </FormDialog>
  )
}

function OdometerDialog({ vehicle, onClose }: { vehicle: Schemas['VehicleView']; onClose: () => void }) {
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
    `${vehicle.unit}: the odometer is on record.`,
  )
  return (
    <FormDialog
      title={`Odometer of ${vehicle.unit}`}
      action="Record it"
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
        odometerLabel={vehicle.odometer ? `Odometer, last ${vehicle.odometer}` : 'Odometer'}
        wrong={form.wrong}
      />
    </FormDialog>
  )
}
