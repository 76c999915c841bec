import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { Link } from 'react-router'
import type { DueLine } from '../../api/client'
import { color } from '../../base/theme'
import { VerdictIcon } from '../../drawings/verdict/VerdictIcon'
import { day, when } from '../../units/format'
import { useVehicle } from '../VehiclePage'
import { say } from './words'

/** Due work of this vehicle, each with its reason and the next step. */
export function Decisions({ lines }: { lines: DueLine[] }) {
  const { vehicle, schedule, pick, picked } = useVehicle()
  return (
    <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {lines.map((line) => (
        <Box
          component="li"
          key={line.key}
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '20px 1fr', sm: '20px 92px minmax(0,1fr) auto' },
            columnGap: 1.25,
            rowGap: 0.5,
            alignItems: 'center',
            borderBottom: 1,
            borderColor: 'divider',
            py: 1,
          }}
        >
          <VerdictIcon verdict={line.urgency} />
          <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 0.75 }}>
            {line.positions.map((position) => (
              <Box
                key={position}
                component="button"
                type="button"
                onClick={() => picked !== position && pick(position)}
                sx={{
                  font: 'inherit',
                  minWidth: { xs: 44, sm: 26 },
                  minHeight: { xs: 44, sm: 26 },
                  textAlign: 'left',
                  fontWeight: 700,
                  border: 0,
                  p: 0,
                  background: 'none',
                  cursor: 'pointer',
                  color: 'text.primary',
                  textDecoration: 'underline',
                  textDecorationColor: color.frame,
                }}
              >
                {position}
              </Box>
            ))}
          </Box>
          <Box sx={{ minWidth: 0, gridColumn: { xs: '2', sm: 'auto' } }}>
            <Box>
              <strong>{line.reason.statement}.</strong> {line.label}, {when(line.days)}
              {line.days > 0 && ` (${day(line.due, vehicle.today)})`}.
            </Box>
            <Box sx={{ color: 'text.secondary' }}>{line.reason.explanation}</Box>
          </Box>
          <Box sx={{ gridColumn: { xs: '2', sm: 'auto' }, whiteSpace: 'nowrap' }}>
            {line.scheduled ? (
              <Button component={Link} to={`/shop?job=${line.scheduled.jobId}`} variant="outlined" size="small">
                {say('on', { day: day(line.scheduled.day, vehicle.today) })}
              </Button>
            ) : line.canBeScheduled ? (
              <Button variant="outlined" size="small" onClick={() => schedule([line])} sx={{ background: color.sheet }}>
                {say('schedule')}
              </Button>
            ) : null}
          </Box>
        </Box>
      ))}
    </Box>
  )
}
