import Box from '@mui/material/Box'
import { useQuery } from '@tanstack/react-query'
import { vehicleJobsQuery } from '../../api/queries'
import { JobCard } from '../../jobs/JobCard'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { useVehicle } from '../VehiclePage'

/** The jobs of this vehicle: what is planned, then what was done. */
export function VehicleJobs() {
  const { vehicle } = useVehicle()
  const jobs = useQuery(vehicleJobsQuery(vehicle.id))
  if (jobs.isPending) return <LoadingLines />
  if (jobs.isError) return <LoadProblem error={jobs.error} again={() => jobs.refetch()} />
  return (
    <Box sx={{ px: 2.5, py: 2, display: 'grid', gap: 1.5 }}>
      {jobs.data.length === 0 && (
        <p>No job yet. Schedule due work from the overview. It is listed here until it is complete.</p>
      )}
      {jobs.data.map((job) => (
        <JobCard key={job.id} job={job} today={vehicle.today} withDay />
      ))}
    </Box>
  )
}
