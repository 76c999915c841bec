import Box from '@mui/material/Box'
import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '../../api/client'
import { lossQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { LossChart } from '../../drawings/loss/LossChart'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { day } from '../../units/format'
import { say } from './words'

const WARNED: Partial<Record<Schemas['PressureLossView']['kind'], { label: string; color: string }>> = {
  LEAK: { label: 'Leak: ', color: color.stop },
  SUSPECTED_LEAK: { label: say('suspectedLeak'), color: color.plan },
}

/** What is not listed comes last, in the order of the walk-around. */
const URGENCY: Schemas['PressureLossView']['kind'][] = ['SUSPECTED_LEAK', 'LEAK']

/** How fast each tire loses air, and when it has to be checked next. */
export function LossSection({ vehicleId }: { vehicleId: number }) {
  const [units] = useUnits()
  const query = useQuery(lossQuery(vehicleId, units))
  if (query.isPending) return <LoadingLines lines={4} />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  return (
    <Box component="section" aria-label={say('lossOfPressure')}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.25 }}>
        {say('lossOfPressure')}
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: 12.5, mb: 1 }}>{say('lineAsReadCrosses')}</Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(235px, 1fr))', gap: 1.5 }}>
        {[...query.data]
          .sort((a, b) => URGENCY.indexOf(b.kind) - URGENCY.indexOf(a.kind))
          .map((tire) => (
            <Box
              key={tire.position}
              sx={{
                background: color.sheet,
                border: 1,
                borderColor: WARNED[tire.kind]?.color ?? 'divider',
                borderRadius: 1,
                p: 1,
                minWidth: 0,
              }}
            >
              <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1 }}>
                <strong>
                  {tire.position} <span style={{ fontWeight: 450 }}>{tire.name}</span>
                </strong>
                <span>
                  {tire.gas === 'NITROGEN' && 'nitrogen · '}
                  <strong>{tire.points[0]?.pressure}</strong>
                </span>
              </Box>
              <LossChart loss={tire} />
              <Box sx={{ fontWeight: 650, color: WARNED[tire.kind]?.color }}>
                {WARNED[tire.kind]?.label}
                {tire.rate ?? say('rateNotKnown')}
              </Box>
              <Box sx={{ fontSize: 12.5 }}>{tire.statement}</Box>
              <Box sx={{ fontSize: 12.5, color: 'text.secondary' }}>
                {tire.nextCheck ? say('checkIt', { nextCheck: day(tire.nextCheck) }) : say('noColdReading')}
                {tire.reachesMinimum && say('atTheMinimum', { reachesMinimum: day(tire.reachesMinimum) })}
              </Box>
            </Box>
          ))}
      </Box>
    </Box>
  )
}
