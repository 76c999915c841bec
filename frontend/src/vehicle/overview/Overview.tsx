import Box from '@mui/material/Box'
import { useState } from 'react'
import { color } from '../../base/theme'
import { ReasonList } from '../../ui/ReasonList'
import { day } from '../../units/format'
import { useVehicle } from '../VehiclePage'
import { Decisions } from './Decisions'
import { PositionTable } from './PositionTable'
import { TireActions } from './TireActions'
import { VehicleNotes } from './VehicleNotes'
import { say } from './words'

/** What needs a decision, then every position in figures, then what is due later. */
export function Overview() {
  const { vehicle, picked } = useVehicle()
  const row = vehicle.positions.find((one) => one.position === picked)
  const [later, setLater] = useState(false)
  const decisions = vehicle.due.filter((line) => line.needsDecision)
  const rest = vehicle.due.filter((line) => !line.needsDecision)
  return (
    <Box sx={{ px: 2.5, py: 2 }}>
      {row && (
        <Box
          component="section"
          aria-label={say('reasonsAt', { position: row.position })}
          sx={{ background: color.sheet, border: 1, borderColor: 'divider', borderRadius: 1, p: 1.5, mb: 2 }}
        >
          <Box component="h2" sx={{ typography: 'h3', m: 0 }}>
            {row.position} · {row.name}
          </Box>
          <Box sx={{ color: 'text.secondary', mb: 1 }}>
            {row.tire ?? say('noTireOnFile')} {row.size} {row.dot && say('dotWeek2', { dot: row.dot })}
            {row.pressureOn && say('checked', { pressureOn: day(row.pressureOn, vehicle.today) })}
            {row.treadOn && say('treadRead', { treadOn: day(row.treadOn, vehicle.today) })}
          </Box>
          <ReasonList judgement={row.assessment} />
          <TireActions vehicleId={vehicle.id} row={row} />
        </Box>
      )}
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
        {say('needsADecision')}
      </Box>
      {decisions.length === 0 ? (
        <Box sx={{ py: 1.5 }}>{say('noDecisionsNeededAllReadings')}</Box>
      ) : (
        <Decisions lines={decisions} />
      )}
      <Box component="h2" sx={{ typography: 'h2', m: 0, mt: 2.5, mb: 0.5 }}>
        {say('onTheVehicle')}
      </Box>
      <PositionTable />
      {rest.length > 0 && (
        <Box
          component="details"
          open={later}
          onToggle={(event: React.SyntheticEvent<HTMLDetailsElement>) => setLater(event.currentTarget.open)}
          sx={{ mt: 2 }}
        >
          <Box component="summary" sx={{ typography: 'h2', cursor: 'pointer' }}>
            {say('upcoming', { count: rest.length })}
          </Box>
          <Decisions lines={rest} />
        </Box>
      )}
      <VehicleNotes vehicle={vehicle} />
    </Box>
  )
}
