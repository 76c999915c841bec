import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { vehicleJobsQuery } from '../../api/queries'
import { BookWorkDialog } from '../../jobs/BookWorkDialog'
import { JobCard } from '../../jobs/JobCard'
import { useMay } from '../../session/session'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { useVehicle } from '../VehiclePage'
import { say } from './words'

/** The jobs of this vehicle: what is planned, then what was done; and booking what somebody asks for. */
export function VehicleJobs() {
  const { vehicle } = useVehicle()
  const jobs = useQuery(vehicleJobsQuery(vehicle.id))
  const may = useMay('COORDINATOR')
  const [booking, setBooking] = useState(false)
  if (jobs.isPending) return <LoadingLines />
  if (jobs.isError) return <LoadProblem error={jobs.error} again={() => jobs.refetch()} />
  return (
    <Box sx={{ px: 2.5, py: 2, display: 'grid', gap: 1.5 }}>
      {may && !vehicle.retired && (
        <div>
          <Button variant="outlined" onClick={() => setBooking(true)} sx={{ minHeight: 44 }}>
            {say('bookWork')}
          </Button>
        </div>
      )}
      {jobs.data.length === 0 && <p>{say('noJobYetScheduleDue')}</p>}
      {jobs.data.map((job) => (
        <JobCard key={job.id} job={job} today={vehicle.today} withDay />
      ))}
      {booking && (
        <BookWorkDialog
          vehicleId={vehicle.id}
          unit={vehicle.unit}
          today={vehicle.today}
          positions={vehicle.positions.map((row) => row.position)}
          openJobs={jobs.data.filter((job) => !job.doneAt)}
          onClose={() => setBooking(false)}
        />
      )}
    </Box>
  )
}
