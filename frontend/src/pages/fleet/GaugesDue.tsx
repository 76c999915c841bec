import Box from '@mui/material/Box'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { gaugesQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { day } from '../../units/format'

/** Gauges that have to be at the master gauge within a month; nothing where there are none. */
export function GaugesDue({ today }: { today: string }) {
  const [units] = useUnits()
  const gauges = useQuery(gaugesQuery(units))
  const due = gauges.data?.filter((gauge) => gauge.dueSoon) ?? []
  if (due.length === 0) return null
  return (
    <Box component="section" aria-label="Gauges due" sx={{ px: 2, py: 1, borderBottom: 1, borderColor: 'divider' }}>
      <strong>Gauge calibration overdue:</strong>{' '}
      {due.map((gauge, at) => (
        <span key={gauge.id}>
          {at > 0 && ' · '}
          <Link to="/reference/gauges">{gauge.name}</Link>{' '}
          {gauge.calibrated ? `${gauge.doubt ? 'was due' : 'by'} ${day(gauge.due, today)}` : 'never checked'}
        </span>
      ))}
    </Box>
  )
}
