import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { answerOf, api, onceKey, ProblemError, type Schemas } from '../api/client'
import { useUnits } from '../base/settings'
import { color, mono } from '../base/theme'
import { useMay } from '../session/session'
import { Choice } from '../ui/Entry'
import { LoadProblem } from '../ui/ErrorNotice'
import { LoadingLines } from '../ui/Loading'
import { Page } from '../ui/Page'
import { Table } from '../ui/Table'
import { useUnsaved } from '../ui/useUnsaved'
import { day, moment } from '../units/format'
import { StepFields } from './StepFields'

type View = Schemas['ShopVisitView']
type EntryCode = NonNullable<Schemas['VisitEntryRequest']['entry']>

/** A shop visit: what is noted beside the work, and the page the vehicle leaves with. */
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
  if (query.isPending) return <LoadingLines lines={8} />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  const visit = query.data
  return (
    <Page
      title={`${visit.unit}, shop visit`}
      about={visit.done ? 'The work is closed' : `Planned for ${day(visit.day)}`}
      actions={
        <>
          <Button component={Link} to={`/jobs/${jobId}/sheet`}>
            Job sheet
          </Button>
          <Button variant="outlined" onClick={() => globalThis.print()} sx={{ background: color.sheet }}>
            Print the hand-over
          </Button>
        </>
      }
    >
      <Box sx={{ display: 'grid', gap: 3 }}>
        <Notes visit={visit} />
        {may && !visit.done && (
          <div>
            <Link to={`/vehicles/${visit.vehicleId}/load`}>Record a weighing</Link>: a scale ticket belongs to the
            vehicle, not to the visit.
          </div>
        )}
        {may && <Note visit={visit} onTook={(next) => queries.setQueryData(key, next)} />}
        <Compared visit={visit} />
        <HandOverPage visit={visit} />
      </Box>
    </Page>
  )
}

function Notes({ visit }: { visit: View }) {
  const parts = [...new Set(visit.entries.map((entry) => entry.part))]
  return (
    <Box component="section" aria-label="Noted so far">
      {visit.lines.length === 0 && <p>No entries yet. Start with damage present at check-in.</p>}
      {parts.map((part) => {
        const codes = visit.entries.filter((entry) => entry.part === part).map((entry) => entry.entry)
        const lines = visit.lines.filter((line) => codes.includes(line.entry))
        if (lines.length === 0) return null
        return (
          <div key={part}>
            <Box component="h2" sx={{ typography: 'h2', m: 0, mt: 1 }}>
              {part}
            </Box>
            {lines.map((line) => (
              <Box key={line.id} sx={{ py: 0.5, borderBottom: 1, borderColor: 'divider' }}>
                <strong>{visit.entries.find((entry) => entry.entry === line.entry)?.label}</strong>
                {line.label && `: ${line.label}`}{' '}
                {line.warning && (
                  <Box component="strong" sx={{ color: 'error.main' }}>
                    {line.warning}{' '}
                  </Box>
                )}
                <Box component="span" sx={{ color: 'text.secondary' }}>
                  {line.by}, {moment(line.at)}
                </Box>
                {line.photo && (
                  <div>
                    <img
                      src={`/api/jobs/${visit.jobId}/visit/photos/${line.id}`}
                      alt={visit.entries.find((entry) => entry.entry === line.entry)?.label ?? 'Photo'}
                      style={{ maxWidth: 220, maxHeight: 160 }}
                    />
                  </div>
                )}
              </Box>
            ))}
          </div>
        )
      })}
    </Box>
  )
}

function Note({ visit, onTook }: { visit: View; onTook: (view: View) => void }) {
  const [units] = useUnits()
  const [entry, setEntry] = useState<EntryCode>('DAMAGE')
  const [fields, setFields] = useState<Record<string, string>>({})
  const wanted = visit.entries.find((one) => one.entry === entry)?.fields ?? []
  const [key, setKey] = useState(onceKey)
  const params = { path: { id: visit.jobId }, query: { units }, header: { 'Idempotency-Key': key } }
  const settled = { onSettled: () => setKey(onceKey()), onSuccess: onTook }
  const unsaved = useUnsaved()
  const note = useMutation({
    mutationFn: () => answerOf(api.POST('/api/jobs/{id}/visit', { params, body: { entry, fields } })),
    ...settled,
    onSuccess: (next: View) => {
      setFields({})
      unsaved.saved()
      onTook(next)
    },
  })
  const photo = useMutation({
    mutationFn: (file: File) =>
      answerOf(
        api.POST('/api/jobs/{id}/visit/photos', {
          params: { ...params, query: { units, entry } },
          body: file as unknown as string,
          bodySerializer: (body) => body as unknown as Blob,
          headers: { 'content-type': file.type },
        }),
      ),
    ...settled,
  })
  const problem = [note.error, photo.error].find((error) => error instanceof ProblemError) as ProblemError | undefined
  return (
    <Box
      component="form"
      onChange={(event: React.FormEvent) => {
        // A photo is sent as soon as it is chosen.
        if ((event.target as HTMLInputElement).type !== 'file') unsaved.touch()
      }}
      className="not-printed"
      noValidate
      onSubmit={(event) => {
        event.preventDefault()
        note.mutate()
      }}
      sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}
    >
      {unsaved.question}
      <Choice
        label="Note"
        value={entry}
        options={visit.entries.map((one) => [one.entry, `${one.part}: ${one.label}`] as [EntryCode, string])}
        onChange={(next) => {
          setEntry(next)
          setFields({})
        }}
        error={problem?.field('entry')}
        width={330}
      />
      <StepFields
        wanted={wanted}
        fields={fields}
        wrong={(field) => problem?.field(field)}
        onChange={(field, value) => setFields({ ...fields, [field]: value })}
        units={units}
      />
      <Button type="submit" variant="contained" loading={note.isPending} sx={{ minHeight: 44 }}>
        Add entry
      </Button>
      <Button
        component="label"
        variant="outlined"
        loading={photo.isPending}
        sx={{ minHeight: 44, background: color.sheet }}
      >
        Photo…
        <input
          type="file"
          accept="image/jpeg,image/png"
          hidden
          onChange={(event) => {
            const file = event.target.files?.[0]
            if (file) photo.mutate(file)
            event.target.value = ''
          }}
        />
      </Button>
      {problem?.field('photo') && <Alert severity="error">{problem.field('photo')}</Alert>}
      {problem && problem.problem.fields.length === 0 && <Alert severity="error">{problem.message}</Alert>}
    </Box>
  )
}

/** Ride height and alignment before and after, side by side. */
function Compared({ visit }: { visit: View }) {
  if (visit.compared.length === 0) return null
  return (
    <Box component="section" aria-label="Before and after">
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 1 }}>
        Before and after the work
      </Box>
      <Table label="Before and after the work" heads={['Measured', 'Before', 'After', 'Change']}>
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
      <Box sx={{ color: 'text.secondary', mt: 0.5 }}>The correct values are in the vehicle manufacturer’s data.</Box>
    </Box>
  )
}

/** DOT and pressure of every position as the vehicle leaves, and what falls due next. */
function HandOverPage({ visit }: { visit: View }) {
  return (
    <Box component="section" aria-label="Hand-over">
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 1 }}>
        Hand-over: what is on the vehicle
      </Box>
      <Table label="What is on the vehicle" heads={['Position', 'Tire', 'DOT code', 'Age', 'Last pressure', 'Target']}>
        {visit.positions.map((row) => (
          <tr key={row.position}>
            <td>
              <strong>{row.position}</strong> {row.name}
            </td>
            <td>{row.tire ?? 'none on file'}</td>
            <Box component="td" sx={{ fontFamily: mono }}>
              {row.dot ?? 'not read'}
            </Box>
            <td>{row.age ?? 'not known'}</td>
            <td>{row.pressure ?? 'not checked'}</td>
            <td>{row.target ?? 'not known'}</td>
          </tr>
        ))}
      </Table>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mt: 2, mb: 0.5 }}>
        What falls due next
      </Box>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {visit.planned.map((job) => (
          <li key={job.id}>
            <strong>{day(job.day)}</strong>, planned:{' '}
            {job.items.map((item) => [item.position, item.label].filter(Boolean).join(' ')).join('; ')}
            {job.note && ` (${job.note})`}
          </li>
        ))}
        {visit.due
          .filter((line) => !line.scheduled)
          .map((line) => (
            <li key={line.key}>
              <strong>{day(line.due)}</strong>: {line.positions.join(' ')} {line.label}, {line.reason.statement}
            </li>
          ))}
      </Box>
    </Box>
  )
}
