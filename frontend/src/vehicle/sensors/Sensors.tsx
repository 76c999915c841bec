import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { sensorsQuery } from '../../api/queries'
import { color, mono } from '../../base/theme'
import { VerdictIcon } from '../../drawings/verdict/VerdictIcon'
import { useMay } from '../../session/session'
import { ByEar } from '../../ui/ByEar'
import { Choice, Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { FormDialog } from '../../ui/FormDialog'
import { LoadingLines } from '../../ui/Loading'
import { Table } from '../../ui/Table'
import { useSend } from '../../ui/useSend'
import { day, moment } from '../../units/format'
import { useVehicle } from '../VehiclePage'
import { DashGaugeComparison } from './DashGaugeComparison'
import { Relearn } from './Relearn'
import { SensorReplacementOptions } from './SensorReplacementOptions'
import { say } from './words'

type Line = Schemas['SensorRow']

const MOUNTS = [
  ['INSIDE', say('insideOnTheValve')],
  ['OUTSIDE', say('outsideOnTheValveCap')],
] as const

/** Which sensor is where, and how long its battery may last. */
export function Sensors() {
  const { vehicle, picked } = useVehicle()
  const query = useQuery(sensorsQuery(vehicle.id))
  const [open, setOpen] = useState<Line>()
  const [dead, setDead] = useState<string>()
  const may = useMay('TECHNICIAN')
  if (query.isPending) return <LoadingLines />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  const view = query.data
  const relearn = vehicle.due.find((line) => line.workType === 'RELEARN')
  const none = view.rows.every((line) => line.sensorId === undefined)
  return (
    <Box sx={{ px: 2.5, py: 2 }}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1 }}>
        {say('sensorsOnThisVehicle')}
      </Box>
      {relearn && (
        <Alert severity="warning" sx={{ mb: 2, maxWidth: 760 }}>
          <strong>{relearn.reason.statement}.</strong> {relearn.reason.explanation}
        </Alert>
      )}
      {none && <p>{say('noSensorIsOnFile')}</p>}
      <Table
        label={say('sensors')}
        heads={[
          say('position'),
          'ID',
          say('sits'),
          say('inServiceSince'),
          say('batteryMayFailFrom'),
          say('overdue'),
          '',
        ]}
      >
        {view.rows.map((line) => (
          <Box component="tr" key={line.position} sx={line.position === picked ? { background: color.picked } : {}}>
            <td>
              <strong>{line.position}</strong> {line.positionName}
            </td>
            <Box component="td" sx={{ fontFamily: mono, whiteSpace: 'nowrap' }}>
              {line.sensorId ?? '–'}
            </Box>
            <td>{line.locationLabel ?? say('noneOnFile')}</td>
            <td>{line.sensorId === undefined ? '' : line.installedDate ? day(line.installedDate) : say('unknown')}</td>
            <td>{line.expectedEnd && say('from', { expectedEnd: day(line.expectedEnd) })}</td>
            <td>
              {line.overdue && (
                <span style={{ display: 'inline-flex', gap: 6, alignItems: 'center', whiteSpace: 'nowrap' }}>
                  {line.verdict && <VerdictIcon verdict={line.verdict} />}
                  {day(line.overdue)}
                </span>
              )}
            </td>
            <td>
              {may && (
                <Button size="small" onClick={() => setOpen(line)}>
                  {line.sensorId ? 'Change…' : 'Record…'} <ByEar>{say('sensorAt', { position: line.position })}</ByEar>
                </Button>
              )}
              {line.sensorId && line.location === 'INSIDE' && (
                <Button size="small" onClick={() => setDead(line.position)}>
                  {say('sensorDead')}
                  <ByEar>{say('atOneOrAll', { position: line.position })}</ByEar>
                </Button>
              )}
            </td>
          </Box>
        ))}
      </Table>
      {view.explanation && <Box sx={{ color: 'text.secondary', mt: 1, maxWidth: 640 }}>{view.explanation}</Box>}
      <Box sx={{ display: 'grid', gap: 3, mt: 3, borderTop: 1, borderColor: 'divider', pt: 2 }}>
        <DashGaugeComparison />
        <Relearn />
      </Box>
      {view.history.length > 0 && (
        <>
          <Box component="h2" sx={{ typography: 'h2', mt: 3, mb: 1 }}>
            {say('whatHappenedToThem')}
          </Box>
          <Table
            label={say('whatHappenedToTheSensors')}
            heads={[say('when'), say('position'), 'ID', say('what'), say('by')]}
          >
            {view.history.map((event) => (
              <tr key={`${event.at} ${event.position} ${event.code} ${event.description}`}>
                <td>{moment(event.at)}</td>
                <td>
                  <strong>{event.position}</strong>
                </td>
                <Box component="td" sx={{ fontFamily: mono }}>
                  {event.code}
                </Box>
                <td>
                  {event.description}
                  {event.note && `: ${event.note}`}
                </td>
                <td>{event.by}</td>
              </tr>
            ))}
          </Table>
        </>
      )}
      {dead && (
        <SensorReplacementOptions
          vehicleId={vehicle.id}
          position={dead}
          today={vehicle.today}
          onClose={() => setDead(undefined)}
        />
      )}
      {open && <SensorDialog vehicleId={vehicle.id} line={open} onClose={() => setOpen(undefined)} />}
    </Box>
  )
}

function SensorDialog({ vehicleId, line, onClose }: { vehicleId: number; line: Line; onClose: () => void }) {
  const [code, setCode] = useState(line.sensorId ?? '')
  const [mount, setMount] = useState<NonNullable<Line['location']>>(line.location ?? 'INSIDE')
  const [fitted, setFitted] = useState(line.installedDate ?? '')
  const [note, setNote] = useState('')
  const form = useSend(
    () =>
      answerOf(
        api.PUT('/api/vehicles/{id}/sensors/{position}', {
          params: { path: { id: vehicleId, position: line.position } },
          body: {
            ...(line.sensorId && { before: line.sensorId }),
            sensorId: code,
            location: mount,
            ...(fitted && { installedDate: fitted }),
            note,
          },
        }),
      ),
    onClose,
    say('sensorAtIsOnRecord', { position: line.position }),
  )
  return (
    <FormDialog
      title={say('sensorAt2', { position: line.position, positionName: line.positionName })}
      action={say('recordIt')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Entry
        label="ID"
        value={code}
        onChange={setCode}
        error={form.wrong('sensorId')}
        hint={line.sensorId ? say('clearTheIdToRemove') : say('asPrinted')}
        code
        autoFocus
        width={300}
      />
      <Choice
        label={say('location')}
        value={mount}
        options={MOUNTS}
        onChange={setMount}
        error={form.wrong('location')}
        width={300}
      />
      <Entry
        label={say('inServiceSince')}
        type="date"
        value={fitted}
        onChange={setFitted}
        error={form.wrong('installedDate')}
        hint={say('leaveItEmptyIfUnknown')}
        width={300}
      />
      <Entry label={say('note')} value={note} onChange={setNote} error={form.wrong('note')} width={300} />
    </FormDialog>
  )
}
