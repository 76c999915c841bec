import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { Link, useParams } from 'react-router'
import { answerOf, api } from '../api/client'
import { useUnits } from '../base/settings'
import { color } from '../base/theme'
import { useMay } from '../session/session'
import { LoadProblem } from '../ui/ErrorNotice'
import { LoadingLines } from '../ui/Loading'
import { Page } from '../ui/Page'
import { Table } from '../ui/Table'
import { day, moment } from '../units/format'
import { HandOver } from './HandOver'
import { VisitNote } from './VisitNote'
import { VisitStages } from './VisitStages'
import { type EntryCode, knownLimits, measureAgain, type Visit } from './visit'
import { say } from './words'

/** A shop visit: its stages, what is noted beside the work, and the page the vehicle leaves with. */
export function ShopVisit() {
  const jobId = Number(useParams().id)
  const [units] = useUnits()
  const queries = useQueryClient()
  const key = ['jobs', 'visit', jobId, units]
  const query = useQuery({
    queryKey: key,
    queryFn: () => answerOf(api.GET('/api/jobs/{id}/visit', { params: { path: { id: jobId }, query: { units } } })),
  })
  const may = useMay('TECHNICIAN')
  const form = useRef<HTMLDivElement>(null)
  const [start, setStart] = useState<{ entry: EntryCode; fields: Record<string, string>; turn: number }>({
    entry: 'DAMAGE',
    fields: {},
    turn: 0,
  })
  if (query.isPending) return <LoadingLines lines={8} />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  const visit = query.data
  const took = (next: Visit) => {
    queries.setQueryData(key, next)
    // A figure of steering or suspension changes the vehicle's verdict, its due work and the job's sheet.
    void queries.invalidateQueries({ predicate: (one) => one.queryKey !== key && one.queryKey[1] !== 'visit' })
  }
  const noteNext = (entry: EntryCode, fields = knownLimits(visit, entry)) => {
    setStart({ entry, fields, turn: start.turn + 1 })
    form.current?.scrollIntoView({ block: 'center' })
    form.current?.querySelector<HTMLElement>('input, [role=combobox]')?.focus()
  }
  return (
    <Page
      title={say('shopVisit', { unit: visit.unit })}
      about={
        visit.handedOver
          ? say('handedOver3')
          : visit.done
            ? say('workIsClosed')
            : say('plannedFor', { day: day(visit.day) })
      }
      actions={
        <>
          <Button component={Link} to={`/jobs/${jobId}/sheet`}>
            {say('jobSheet3')}
          </Button>
          <Button variant="outlined" onClick={() => globalThis.print()} sx={{ background: color.sheet }}>
            {say('printTheHandOver')}
          </Button>
        </>
      }
    >
      <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0,1fr)', gap: 2.5, maxWidth: 1080 }}>
        <VisitStages visit={visit} may={may} onNote={noteNext} />
        {may && !visit.handedOver && (
          <div ref={form}>
            <VisitNote key={start.turn} visit={visit} start={start} onTook={took} />
          </div>
        )}
        <Noted
          visit={visit}
          onAgain={
            may && !visit.handedOver ? (line) => noteNext(line.entry as EntryCode, measureAgain(line)) : undefined
          }
        />
        <Compared visit={visit} />
        <HandOver visit={visit} may={may} onTook={took} />
      </Box>
    </Page>
  )
}

function Noted({ visit, onAgain }: { visit: Visit; onAgain: ((line: Visit['lines'][number]) => void) | undefined }) {
  const parts = [...new Set(visit.lines.map((line) => line.part))]
  return (
    <Box component="section" aria-label={say('notedSoFar')}>
      {visit.lines.length === 0 && <p>{say('noEntriesYetStart')}</p>}
      {parts.map((part) => (
        <div key={part}>
          <Box component="h2" sx={{ typography: 'h2', m: 0, mt: 1 }}>
            {part}
          </Box>
          {visit.lines
            .filter((line) => line.part === part)
            .map((line) => (
              <Box key={line.id} sx={{ py: 0.5, borderBottom: 1, borderColor: 'divider' }}>
                <strong>{line.title}</strong>
                {line.label && `: ${line.label}`}{' '}
                {line.warning && (
                  <Box component="strong" sx={{ color: 'error.main' }}>
                    {line.warning}{' '}
                  </Box>
                )}
                <Box component="span" sx={{ color: 'text.secondary' }}>
                  {line.by}, {moment(line.at)}
                </Box>
                {line.warning && onAgain && (
                  <Button className="not-printed" size="small" onClick={() => onAgain(line)} sx={{ ml: 1 }}>
                    {say('measureAgain')}
                  </Button>
                )}
                {line.photo && (
                  <div>
                    <img
                      src={`/api/jobs/${visit.jobId}/visit/photos/${line.id}`}
                      alt={line.title}
                      style={{ maxWidth: 220, maxHeight: 160 }}
                    />
                  </div>
                )}
              </Box>
            ))}
        </div>
      ))}
    </Box>
  )
}

/** Ride height and alignment before and after, side by side. */
function Compared({ visit }: { visit: Visit }) {
  if (visit.compared.length === 0) return null
  return (
    <Box component="section" aria-label={say('beforeAndAfter')}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 1 }}>
        {say('beforeAndAfterTheWork')}
      </Box>
      <Table label={say('beforeAndAfterTheWork')} heads={[say('measured'), say('before'), say('after'), say('change')]}>
        {visit.compared.map((row) => (
          <tr key={row.description}>
            <td>{row.description}</td>
            <td>{row.before}</td>
            <td>{row.after}</td>
            <td>
              <strong>{row.difference}</strong>
            </td>
          </tr>
        ))}
      </Table>
      <Box sx={{ color: 'text.secondary', mt: 0.5 }}>{say('correctValues')}</Box>
    </Box>
  )
}
