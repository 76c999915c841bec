import Box from '@mui/material/Box'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { ledgerQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { LongList } from '../../ui/LongList'
import { Table } from '../../ui/Table'
import { moment } from '../../units/format'
import { useVehicle } from '../VehiclePage'
import { say } from './words'

/** What happened at this vehicle's places: read, found, put right, moved; newest first. */
export function History() {
  const { vehicle, picked } = useVehicle()
  const [units] = useUnits()
  const ledger = useQuery(ledgerQuery(vehicle.id, units))
  if (ledger.isPending) return <LoadingLines />
  if (ledger.isError) return <LoadProblem error={ledger.error} again={() => ledger.refetch()} />
  const lines = ledger.data.filter((line) => picked === undefined || line.position === picked)
  return (
    <Box sx={{ px: 2.5, py: 2, overflowX: 'auto' }}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1 }}>
        {picked ? say('at', { picked }) : say('allPositionsPickATire')}
      </Box>
      <Box sx={{ mb: 1 }}>
        <Link to={`/vehicles/${vehicle.id}/evidence`}>{say('evidencePack', { unit: vehicle.unit })}</Link>
        {say('whatIsOnRecordOver')}
      </Box>
      {lines.length === 0 && <p>{say('nothingIsRecordedHereYet')}</p>}
      <Table label={say('history')} heads={[say('when'), say('place'), say('what'), say('who')]} count={lines.length}>
        <LongList
          of={lines}
          keyOf={(line) => `${line.at} ${line.position} ${line.type} ${line.description}`}
          as="tr"
          height={31}
          row={(line, place) => (
            <tr {...place}>
              <Box component="td" sx={{ whiteSpace: 'nowrap', color: 'text.secondary' }}>
                {moment(line.at)}
              </Box>
              <td>
                <strong>{line.position}</strong>
              </td>
              <td>
                {line.description}
                {line.tireId !== undefined && (
                  <>
                    {' · '}
                    <Link to={`/tires/${line.tireId}`}>{say('tire')}</Link>
                  </>
                )}
              </td>
              <Box component="td" sx={{ whiteSpace: 'nowrap', color: 'text.secondary' }}>
                {line.by}
              </Box>
            </tr>
          )}
        />
      </Table>
    </Box>
  )
}
