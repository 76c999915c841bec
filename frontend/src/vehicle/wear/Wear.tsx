import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { wearQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { useMay } from '../../session/session'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { Table } from '../../ui/Table'
import { day } from '../../units/format'
import { useVehicle } from '../VehiclePage'
import { EventDialog } from './EventDialog'
import { Reports } from './Reports'
import { TireWearView } from './TireWearView'
import { say } from './words'

export type WearPage = Schemas['WearPage']

/** What the treads say, and why: pattern, causes with evidence for and against, and when each reaches its limits. */
export function Wear() {
  const { vehicle, picked, pick } = useVehicle()
  const [units] = useUnits()
  const query = useQuery(wearQuery(vehicle.id, units))
  const [recording, setRecording] = useState(false)
  const may = useMay('TECHNICIAN')
  if (query.isPending) return <LoadingLines lines={10} />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  const page = query.data
  const worst = page.tires.find((tire) => tire.pattern?.toCorrect) ?? page.tires[0]
  const shown = page.tires.find((tire) => tire.position === picked) ?? worst
  return (
    <Box sx={{ px: { xs: 1.5, md: 2 }, py: 1.5, display: 'grid', gap: 2.5 }}>
      <Box component="section" aria-label={say('patterns')}>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
          {page.tires.map((tire) => (
            <Button
              key={tire.position}
              variant={tire === shown ? 'contained' : 'outlined'}
              size="small"
              aria-pressed={tire === shown}
              onClick={() => tire.position !== picked && pick(tire.position)}
              sx={{
                background: tire === shown ? undefined : color.sheet,
                flexDirection: 'column',
                alignItems: 'flex-start',
                minHeight: 44,
              }}
            >
              <strong>{tire.position}</strong>
              <span style={{ fontWeight: 450 }}>{tire.pattern?.label ?? say('cantTell')}</span>
            </Button>
          ))}
        </Box>
      </Box>
      {shown && <TireWearView tire={shown} due={vehicle.due} today={page.today} />}
      {page.tires.length === 0 && <Box>{say('noTireOnFile')}</Box>}
      <Box component="section" aria-label={say('whatHappened')}>
        <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', mb: 0.75 }}>
          <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
            {say('vehicleEvents')}
          </Box>
          {may && (
            <Button size="small" onClick={() => setRecording(true)}>
              {say('addEvent2')}
            </Button>
          )}
        </Box>
        {page.events.length === 0 ? (
          <Box sx={{ color: 'text.secondary' }}>{say('nothingOnRecordAlignment')}</Box>
        ) : (
          <Table label={say('events')} heads={[say('day'), say('what'), say('note'), say('by')]}>
            {page.events.map((event) => (
              <tr key={`${event.on} ${event.type} ${event.note}`}>
                <td>{day(event.on, page.today)}</td>
                <td>{event.label}</td>
                <td>{event.note}</td>
                <td>{event.by}</td>
              </tr>
            ))}
          </Table>
        )}
      </Box>
      <Reports reports={page.reports} vehicleId={vehicle.id} unit={vehicle.unit} />
      {recording && (
        <EventDialog
          vehicleId={vehicle.id}
          positions={page.tires.map((tire) => tire.position)}
          onClose={() => setRecording(false)}
        />
      )}
    </Box>
  )
}
