import Box from '@mui/material/Box'
import { useQuery } from '@tanstack/react-query'
import { useSearchParams } from 'react-router'
import type { Job } from '../../api/client'
import { doneJobsQuery, openJobsQuery } from '../../api/queries'
import { JobCard } from '../../jobs/JobCard'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { LongList } from '../../ui/LongList'
import { day, localDay } from '../../units/format'

type Row = { head: string; late: boolean } | { job: Job }

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
  const lately = done.data ?? []
  const rows: Row[] = [
    ...days.flatMap((planned) => [
      { head: planned === today ? `Today, ${day(planned)}` : day(planned), late: planned < today },
      ...open.data.filter((job) => job.day === planned).map((job) => ({ job })),
    ]),
    ...(lately.length > 0 ? [{ head: 'Done lately', late: false }] : []),
    ...lately.map((job) => ({ job })),
  ]
  const at = rows.findIndex((row) => 'job' in row && row.job.id === marked)
  return (
    <Box sx={{ px: 2.5, py: 2, maxWidth: 1100 }}>
      <Box component="h1" sx={{ typography: 'h1', m: 0, mb: 2 }}>
        Shop
      </Box>
      {days.length === 0 && <p>No jobs scheduled. Schedule due work from the Fleet page.</p>}
      <LongList
        of={rows}
        keyOf={(row) => ('job' in row ? `${row.job.doneAt ? 'done' : 'open'} ${row.job.id}` : row.head)}
        as="div"
        height={110}
        show={at < 0 ? undefined : at}
        row={(row, place) =>
          'job' in row ? (
            <div {...place} style={{ paddingBottom: 8 }}>
              <JobCard job={row.job} today={today} marked={row.job.id === marked} />
            </div>
          ) : (
            <Box component="h2" {...place} sx={{ m: 0, pt: 1, pb: 1, fontSize: 15, fontWeight: 700 }}>
              {row.head}
              {row.late && (
                <Box component="span" sx={{ color: 'error.main' }}>
                  {' '}
                  · not done yet
                </Box>
              )}
            </Box>
          )
        }
      />
    </Box>
  )
}
