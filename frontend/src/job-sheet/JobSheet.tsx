import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { answerOf, api, onceKey, ProblemError } from '../api/client'
import { hear } from '../api/stream'
import { useUnits } from '../base/settings'
import { color } from '../base/theme'
import { GaugePanel } from '../gauge/GaugePanel'
import { useGauge } from '../gauge/useGauge'
import { useMay } from '../session/session'
import { LoadProblem } from '../ui/ErrorNotice'
import { LoadingLines } from '../ui/Loading'
import { useNotice } from '../ui/Notice'
import { Title } from '../ui/Title'
import { moment } from '../units/format'
import { HandOver, JobSheetOptions } from './JobSheetOptions'
import { StepCard } from './StepCard'
import { StepList } from './StepList'
import { nextAfter, type SheetView } from './steps'
import { say } from './words'

/** A job's sheet: one step at a time, large, on a phone; all steps beside it on a wider page. */
export function JobSheet() {
  const jobId = Number(useParams().id)
  const [units] = useUnits()
  const queries = useQueryClient()
  const query = useQuery({
    queryKey: ['jobs', 'sheet', jobId, units],
    queryFn: () => answerOf(api.GET('/api/jobs/{id}/sheet', { params: { path: { id: jobId }, query: { units } } })),
  })
  // What somebody else marks shows here within a moment.
  useEffect(
    () =>
      hear(
        `/api/jobs/${jobId}/sheet/events`,
        'changed',
        () => void queries.invalidateQueries({ queryKey: ['jobs', 'sheet', jobId] }),
      ),
    [jobId, queries],
  )
  if (query.isPending) return <LoadingLines lines={10} />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  return <OpenSheet sheet={query.data} />
}

function OpenSheet({ sheet }: { sheet: SheetView }) {
  const may = useMay('TECHNICIAN')
  const [chosen, setChosen] = useState<string>()
  const [going, setGoing] = useState(false)
  const gauge = useGauge()
  const first = nextAfter(sheet.steps, undefined) ?? sheet.steps[0]
  const step = sheet.steps.find((one) => one.key === chosen) ?? first
  const marked = sheet.steps.length - sheet.open
  return (
    <Box sx={{ px: { xs: 1.5, md: 2.5 }, py: 1.5, display: 'grid', gap: 1.5, minWidth: 0 }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'baseline', flexWrap: 'wrap' }}>
        <Title>{say('jobSheet', { unit: sheet.unit })}</Title>
        <Box component="h1" sx={{ typography: 'h1', m: 0 }}>
          <Link to={`/vehicles/${sheet.vehicleId}/jobs`}>{sheet.unit}</Link>
          {say('jobSheet2')}
        </Box>
        <Box sx={{ color: 'text.secondary' }}>
          {sheet.tasks.join(' · ')}
          {sheet.note && ` · ${sheet.note}`}
        </Box>
        <Box component="strong" aria-live="polite" sx={{ ml: { sm: 'auto' } }}>
          {say('ofSteps', { marked, count: sheet.steps.length })}
        </Box>
        <Box component="a" href={`/api/jobs/${sheet.jobId}/sheet.pdf`} target="_blank" rel="noreferrer">
          {say('printIt')}
        </Box>
      </Box>
      <Progress done={marked} all={sheet.steps.length} />
      {sheet.doneAt && (
        <Alert severity="success">
          {say('closedBy', { moment: moment(sheet.doneAt), doneBy: sheet.doneBy })}
          <Link to={`/jobs/${sheet.jobId}/visit`}>{say('visitAndHandOver')}</Link>
        </Alert>
      )}
      {sheet.warnings.map((warning) => (
        <Alert key={warning} severity="warning">
          {warning}
        </Alert>
      ))}
      {may && !sheet.doneAt && <JobSheetOptions sheet={sheet} folded={marked > 3} />}
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,1fr) 330px' },
          alignItems: 'start',
        }}
      >
        <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }}>
          {step && (
            <StepCard
              key={`${step.key} ${step.state === 'DONE' || step.state === 'SKIPPED'}`}
              sheet={sheet}
              step={step}
              may={may}
              focused={going}
              gauge={gauge}
              onGo={setChosen}
              onMarked={(next) => {
                setGoing(true)
                const same = next.steps.find((one) => one.key === step.key)
                const stays = same === undefined || same.state === 'OPEN' || same.state === 'WAITS'
                setChosen(stays ? step.key : nextAfter(next.steps, step.key)?.key)
              }}
            />
          )}
          {may && !sheet.doneAt && <CloseSheet sheet={sheet} onOpen={setChosen} />}
          {may && !sheet.doneAt && <HandOver sheet={sheet} />}
          {may && !sheet.doneAt && <GaugePanel gauge={gauge} />}
          {!sheet.doneAt && <Link to={`/jobs/${sheet.jobId}/visit`}>{say('shopVisitCheckInTests')}</Link>}
        </Box>
        <StepList steps={sheet.steps} chosen={step?.key} onChoose={setChosen} />
      </Box>
    </Box>
  )
}

function Progress({ done, all }: { done: number; all: number }) {
  return (
    <Box aria-hidden sx={{ height: 8, background: color.hairline, borderRadius: 1, overflow: 'hidden' }}>
      <Box sx={{ height: '100%', width: `${all === 0 ? 0 : (done / all) * 100}%`, bgcolor: 'primary.main' }} />
    </Box>
  )
}

/** Closing is signing the job off: nothing may be open. */
function CloseSheet({ sheet, onOpen }: { sheet: SheetView; onOpen: (key: string) => void }) {
  const [units] = useUnits()
  const [key, setKey] = useState(onceKey)
  const queries = useQueryClient()
  const notice = useNotice()
  const go = useNavigate()
  const closing = useMutation({
    mutationFn: () =>
      answerOf(
        api.POST('/api/jobs/{id}/sheet/completion', {
          params: {
            path: { id: sheet.jobId },
            query: { units },
            header: { 'If-Match': `"${sheet.version}"`, 'Idempotency-Key': key },
          },
          body: {},
        }),
      ),
    onError: (error) => {
      if (!(error instanceof ProblemError && error.unreachable)) setKey(onceKey())
    },
    onSuccess: async () => {
      await queries.invalidateQueries()
      notice({ text: say('completedFollowUpWork', { unit: sheet.unit }) })
      go(`/jobs/${sheet.jobId}/visit`)
    },
  })
  const open = sheet.steps.find((step) => step.state === 'OPEN' || step.state === 'WAITS')
  const problem = closing.error instanceof ProblemError ? closing.error : undefined
  const said = problem && [problem.message, ...problem.problem.fields.map((field) => field.message)].join(' ')
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      {said && <Alert severity="error">{said}</Alert>}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
        <Button
          variant={sheet.open === 0 ? 'contained' : 'outlined'}
          onClick={() => closing.mutate()}
          loading={closing.isPending}
          sx={{ minHeight: 52, background: sheet.open === 0 ? undefined : color.sheet }}
        >
          {say('completeJob')}
        </Button>
        {open && (
          <Button onClick={() => onOpen(open.key)}>
            {say('openFirst', { open: sheet.open, first: open.title })}
            {open.position && say('at', { position: open.position })}
          </Button>
        )}
      </Box>
    </Box>
  )
}
