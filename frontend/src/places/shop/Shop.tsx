import Box from '@mui/material/Box'
import { useQuery } from '@tanstack/react-query'
import { useSearchParams } from 'react-router'
import { doneJobsQuery, openJobsQuery } from '../../api/queries'
import { JobCard } from '../../jobs/JobCard'
import { LoadProblem } from '../../ui/Failed'
import { LoadingLines } from '../../ui/Loading'
import { day, localDay } from '../../units/format'

/** Jobs by day, and what was done lately. */
export function Shop() {
  const open = useQuery(openJobsQuery)
  const done = useQuery(doneJobsQuery)
  const [search] = useSearchParams()
  const marked = Number(search.get('job'))
  const today = localDay(new Date())
  if (open.isPending) return <LoadingLines />
  if (open.isError) return <LoadProblem error={open.error} again={() => open.refetch()} />
  const days = [...new Set(open.data.map((job) => job.day))]
  return (
    <Box sx={{ px: 2.5, py: 2, maxWidth: 1100 }}>
      <Box component="h1" sx={{ typography: 'h1', m: 0, mb: 2 }}>
        Shop
      </Box>
      {days.length === 0 && <p>Nothing is planned. Choose something in the yard’s due list and put it on a day.</p>}
      {days.map((planned) => (
        <Box key={planned} component="section" aria-label={day(planned)} sx={{ mb: 2.5 }}>
          <Box component="h2" sx={{ m: 0, mb: 1, fontSize: 15, fontWeight: 700 }}>
            {planned === today ? `Today, ${day(planned)}` : day(planned)}
            {planned < today && (
              <Box component="span" sx={{ color: 'error.main' }}>
                {' '}
                · not done yet
              </Box>
            )}
          </Box>
          <Box sx={{ display: 'grid', gap: 1 }}>
            {open.data
              .filter((job) => job.day === planned)
              .map((job) => (
                <JobCard key={job.id} job={job} today={today} marked={job.id === marked} />
              ))}
          </Box>
        </Box>
      ))}
      {(done.data ?? []).length > 0 && (
        <Box component="section" aria-label="Done">
          <Box component="h2" sx={{ m: 0, mb: 1, fontSize: 15, fontWeight: 700 }}>
            Done lately
          </Box>
          <Box sx={{ display: 'grid', gap: 1 }}>
            {done.data?.map((job) => (
              <JobCard key={job.id} job={job} today={today} marked={job.id === marked} />
            ))}
          </Box>
        </Box>
      )}
    </Box>
  )
}
