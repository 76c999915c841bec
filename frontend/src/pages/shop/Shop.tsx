import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import type { Job } from '../../api/client'
import { doneJobsQuery, openJobsQuery } from '../../api/queries'
import { JobCard } from '../../jobs/JobCard'
import { Choice, Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { LongList } from '../../ui/LongList'
import { Page } from '../../ui/Page'
import { holds } from '../../ui/typed'
import { useAddress } from '../../ui/useAddress'
import { day, localDay, many, weekday } from '../../units/format'
import { say, sayAround } from './words'

type Row = { head: string; late: boolean } | { job: Job }

const SHOWN = [
  ['', say('openAndDone')],
  ['open', 'open'],
  ['late', 'late'],
  ['today', 'today'],
  ['done', 'done'],
] as const
type Shown = (typeof SHOWN)[number][0]

const SORTS = [
  ['', 'day'],
  ['unit', 'vehicle'],
  ['yard', 'yard'],
] as const
type Sort = (typeof SORTS)[number][0]

const words = (job: Job) =>
  `${job.unit} ${job.yard} ${job.note} ${job.createdBy} ${job.items.map((item) => `${item.label} ${item.position ?? ''}`).join(' ')}`

const DONE_FIRST = 6

/** Jobs by day, and what was done lately; found, narrowed and ordered by what stands in the address. */
export function Shop() {
  const open = useQuery(openJobsQuery)
  const done = useQuery(doneJobsQuery)
  const [search] = useSearchParams()
  const [find, setFind] = useAddress('find')
  const [yard, setYard] = useAddress('yard')
  const [shown, setShown] = useAddress('show')
  const [sort, setSort] = useAddress('sort')
  const marked = Number(search.get('job'))
  const today = localDay(new Date())
  if (open.isPending) return <LoadingLines />
  if (open.isError) return <LoadProblem error={open.error} again={() => open.refetch()} />
  const all = [...open.data, ...(done.data ?? [])]
  const yards = [...new Set(all.map((job) => job.yard))].sort()
  const found = all.filter(
    (job) => isShown(job, shown as Shown, today) && (yard === '' || job.yard === yard) && holds(words(job), find),
  )
  // Beside the open jobs only the newest of the done ones, until somebody looks for more.
  const finished = found.filter((job) => job.doneAt !== undefined)
  const kept = new Set(
    shown === '' && find === '' ? finished.filter((job, number) => number < DONE_FIRST || job.id === marked) : finished,
  )
  const jobs = found.filter((job) => job.doneAt === undefined || kept.has(job))
  const rows = grouped(jobs, sort as Sort, today)
  const at = rows.findIndex((row) => 'job' in row && row.job.id === marked)
  return (
    <Page
      title={say('shop')}
      about={`${many(open.data.length, say('job'), say('jobs'))} open${found.length < all.length ? say('shown', { count: found.length }) : ''}`}
    >
      {all.length > 0 && (
        <Box role="search" aria-label={say('jobs2')} sx={{ display: 'flex', gap: 1.5, mb: 2, flexWrap: 'wrap' }}>
          <Entry label={say('find')} value={find} onChange={setFind} width={220} />
          <Choice
            label={say('yard')}
            value={yard}
            options={[['', say('allYards')], ...yards.map((name) => [name, name] as [string, string])]}
            onChange={setYard}
            width={150}
          />
          <Choice label={say('show')} value={shown as Shown} options={SHOWN} onChange={setShown} width={160} />
          <Choice label={say('by')} value={sort as Sort} options={SORTS} onChange={setSort} width={120} />
        </Box>
      )}
      {open.data.length === 0 && (
        <p>{sayAround('noJobsScheduledScheduleDue', {}, { page: (inner) => <Link to="/fleet">{inner}</Link> })}</p>
      )}
      {all.length > 0 && jobs.length === 0 && (
        <p>
          {say('noMatchingJobs')}
          <Button component={Link} to="/shop" replace>
            {say('showAll')}
          </Button>
        </p>
      )}
      <Box sx={{ maxWidth: 1100 }}>
        <LongList
          of={rows}
          keyOf={(row) => ('job' in row ? say('done', { doneAt: Boolean(row.job.doneAt), id: row.job.id }) : row.head)}
          as="div"
          height={110}
          show={at < 0 ? undefined : at}
          row={(row, place) =>
            'job' in row ? (
              <div {...place} style={{ paddingBottom: 8 }}>
                <JobCard job={row.job} today={today} marked={row.job.id === marked} withDay={sort !== ''} />
              </div>
            ) : (
              <Box component="h2" {...place} sx={{ m: 0, pt: 1, pb: 1, fontSize: 15, fontWeight: 700 }}>
                {row.head}
                {row.late && (
                  <Box component="span" sx={{ color: 'error.main' }}>
                    {say('notDoneYet')}
                  </Box>
                )}
              </Box>
            )
          }
        />
        {jobs.length < found.length && (
          <Link to="/shop?show=done">{say('allDoneLately', { count: finished.length })}</Link>
        )}
      </Box>
    </Page>
  )
}

function isShown(job: Job, shown: Shown, today: string): boolean {
  const open = job.doneAt === undefined
  if (shown === 'open') return open
  if (shown === 'late') return open && job.day < today
  if (shown === 'today') return open && job.day === today
  if (shown === 'done') return !open
  return true
}

/** The jobs under their heads; what is done comes last. */
function grouped(jobs: Job[], sort: Sort, today: string): Row[] {
  const open = jobs.filter((job) => job.doneAt === undefined)
  const done = jobs.filter((job) => job.doneAt !== undefined)
  const headOf = (job: Job) => (sort === 'unit' ? job.unit : sort === 'yard' ? job.yard : job.day)
  const heads = [...new Set(open.map(headOf))].sort((one, other) => one.localeCompare(other, 'en', { numeric: true }))
  const rows: Row[] = heads.flatMap((head) => [
    {
      head: sort !== '' ? head : head === today ? say('today', { head: day(head) }) : `${weekday(head)}, ${day(head)}`,
      late: sort === '' && head < today,
    },
    ...open.filter((job) => headOf(job) === head).map((job) => ({ job })),
  ])
  if (done.length > 0) rows.push({ head: say('doneLately'), late: false }, ...done.map((job) => ({ job })))
  return rows
}
