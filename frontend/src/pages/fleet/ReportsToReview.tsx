import Box from '@mui/material/Box'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { reportsQuery } from '../../api/queries'

/** Drivers' reports nobody has looked at yet; nothing where there are none. */
export function ReportsToReview() {
  const reports = useQuery(reportsQuery)
  if (!reports.data || reports.data.length === 0) return null
  return (
    <Box
      component="section"
      aria-label="Drivers’ reports"
      sx={{ px: 2, py: 1, borderBottom: 1, borderColor: 'divider' }}
    >
      <strong>Driver reports to review:</strong>{' '}
      {reports.data.map((one, at) => (
        <span key={one.report.id}>
          {at > 0 && ' · '}
          <Link to={`/vehicles/${one.vehicleId}/wear`}>{one.unit}</Link> {one.report.label}
          {one.report.corner && ` at ${one.report.corner}`}
        </span>
      ))}
    </Box>
  )
}
