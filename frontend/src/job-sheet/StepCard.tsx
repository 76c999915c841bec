import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { Link } from 'react-router'
import { answerOf, api, onceKey, ProblemError } from '../api/client'
import { useUnits } from '../base/settings'
import { color } from '../base/theme'
import { TorqueSequence } from '../drawings/torque-sequence/TorqueSequence'
import { ValveClock } from '../drawings/valve-clock/ValveClock'
import { WheelSection } from '../drawings/wheel-section/WheelSection'
import type { useGauge } from '../gauge/useGauge'
import { Entry } from '../ui/Entry'
import { moment } from '../units/format'
import { StepFields } from './StepFields'
import { draft, type SheetView, type StepView } from './steps'
import { say } from './words'

/** One step, large: what to do, what hurts there, what has to be read. */
export function StepCard(props: {
  sheet: SheetView
  step: StepView
  may: boolean
  /** Whether it came up because the step before was marked: then the hands are already on the keys. */
  focused: boolean
  gauge: ReturnType<typeof useGauge>
  onMarked: (sheet: SheetView) => void
  onGo: (step: string) => void
}) {
  const { sheet, step } = props
  const card = useRef<HTMLDivElement>(null)
  const focused = useRef(props.focused)
  useEffect(() => {
    if (focused.current) card.current?.querySelector<HTMLElement>('form input, form button')?.focus()
  }, [])
  const [units] = useUnits()
  const queries = useQueryClient()
  const [fields, setFields] = useState(() => draft.read(sheet.jobId, step.key))
  const [leaving, setLeaving] = useState(false)
  const [reason, setReason] = useState('')
  const [key, setKey] = useState(onceKey)
  const path = { id: sheet.jobId, step: step.key }
  const took = async (next: SheetView) => {
    setKey(onceKey())
    queries.setQueryData(['jobs', 'sheet', sheet.jobId, units], next)
    props.onMarked(next)
  }
  const done = useMutation({
    mutationFn: () =>
      answerOf(
        api.POST('/api/jobs/{id}/sheet/steps/{step}', {
          params: { path, query: { units }, header: { 'Idempotency-Key': key } },
          body: { fields },
        }),
      ),
    onError: (error) => {
      if (!(error instanceof ProblemError && error.unreachable)) setKey(onceKey())
    },
    onSuccess: (next) => {
      // Where steps before it are to be done again, its figures will be other ones.
      if (next.steps.find((one) => one.key === step.key)?.state !== 'OPEN') draft.forget(sheet.jobId, step.key)
      return took(next)
    },
  })
  const skip = useMutation({
    mutationFn: () =>
      answerOf(
        api.POST('/api/jobs/{id}/sheet/steps/{step}/skip', { params: { path, query: { units } }, body: { reason } }),
      ),
    onSuccess: took,
  })
  const undo = useMutation({
    mutationFn: () =>
      answerOf(api.POST('/api/jobs/{id}/sheet/steps/{step}/undo', { params: { path, query: { units } } })),
    onSuccess: took,
  })
  const failed = done.error ?? skip.error ?? undo.error
  const problem = failed instanceof ProblemError ? failed : undefined
  const atField = problem !== undefined && problem.problem.fields.length > 0
  const change = (field: string, value: string) => {
    const next = { ...fields, [field]: value }
    setFields(next)
    draft.write(sheet.jobId, step.key, next)
  }
  const gauge = props.gauge
  const gauged = step.fields.some((field) => field.type === 'PRESSURE' || field.name === 'outer')
  const first = sheet.steps.find((one) => step.blockedBy === `${one.title}${one.position ? ` at ${one.position}` : ''}`)
  const settled = step.state === 'DONE' || step.state === 'SKIPPED'
  const tightened = Math.min(Number(fields.nuts ?? 0) || 0, step.torqueSequence?.order.length ?? 0)
  return (
    <Box
      component="section"
      ref={card}
      aria-label={`${step.title}${step.position ? say('at', { position: step.position }) : ''}`}
      sx={{ background: color.sheet, border: 1, borderColor: 'divider', borderRadius: 1, p: { xs: 1.5, sm: 2 } }}
    >
      <Box sx={{ color: 'text.secondary' }}>
        {[step.phase, step.position && `${step.position}, ${step.positionName}`].filter(Boolean).join(' · ')}
      </Box>
      <Box component="h2" sx={{ fontSize: 22, fontWeight: 750, fontStretch: '108%', lineHeight: 1.2, m: 0, mb: 1 }}>
        {step.title}
      </Box>
      <Box sx={{ fontSize: 16, maxWidth: 640 }}>{step.does}</Box>
      {step.caution && (
        <Alert severity="warning" icon={false} sx={{ mt: 1.25, fontSize: 15, fontWeight: 600 }}>
          {step.caution}
        </Alert>
      )}
      {step.valveClocks.map((clock) => (
        <Box key={clock.step} sx={{ mt: 1.5 }}>
          <ValveClock clock={clock} />
        </Box>
      ))}
      {step.wheelSection && (
        <Box sx={{ mt: 1.5 }}>
          <WheelSection section={step.wheelSection} />
        </Box>
      )}
      {step.tries.length > 0 && <Tries tries={step.tries} />}
      {settled ? (
        <Settled step={step} may={props.may && !sheet.doneAt} busy={undo.isPending} onUndo={() => undo.mutate()} />
      ) : (
        <Box
          component="form"
          noValidate
          onSubmit={(event) => {
            event.preventDefault()
            done.mutate()
          }}
          sx={{ mt: 1.5, display: 'grid', gap: 1.5 }}
        >
          {step.torqueSequence && (
            <TorqueSequence
              order={step.torqueSequence.order}
              tightened={tightened}
              stage={say('fullTorque')}
              wrench={step.torqueSequence.wrench}
              onTighten={props.may ? () => change('nuts', String(tightened + 1)) : undefined}
            />
          )}
          {step.fields.length > 0 && (
            <StepFields
              wanted={step.fields}
              fields={fields}
              wrong={(field) => problem?.field(field)}
              onChange={change}
              units={units}
            />
          )}
          {gauge.state === 'paired' && gauged && step.position && (
            <Button
              variant="outlined"
              onClick={() =>
                void gauge.press(
                  sheet.vehicleId,
                  step.position ?? '',
                  units,
                  step.fields.find((field) => field.towards)?.towards ?? '',
                )
              }
              sx={{ minHeight: 48, background: color.sheet, justifySelf: 'start' }}
            >
              {say('readGauge')}
            </Button>
          )}
          {step.outside && !done.isPending && (
            <Alert severity="error">
              <strong>{say('outsideLimits')}</strong> {step.outside}
            </Alert>
          )}
          {problem && !atField && <Alert severity="error">{problem.message}</Alert>}
          {step.state === 'WAITS' ? (
            <Alert
              severity="info"
              action={
                first && (
                  <Button onClick={() => props.onGo(first.key)}>
                    {say('goTo', { first: first.title.toLowerCase() })}
                  </Button>
                )
              }
            >
              {say('completeFirst', { blockedBy: step.blockedBy })}
            </Alert>
          ) : (
            props.may &&
            !sheet.doneAt && (
              <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
                {step.recordedBy ? (
                  <Button
                    component={Link}
                    to={RECORDED_ON[step.recordedBy].to(sheet)}
                    variant="contained"
                    sx={{ minHeight: 52, minWidth: 190, fontSize: 17 }}
                  >
                    {RECORDED_ON[step.recordedBy].action}
                  </Button>
                ) : (
                  <Button
                    type="submit"
                    variant="contained"
                    loading={done.isPending}
                    sx={{ minHeight: 52, minWidth: 190, fontSize: 17 }}
                  >
                    {step.fields.length > 0 ? say('saveAndContinue') : say('done')}
                  </Button>
                )}
                {step.canBeSkipped && !leaving && (
                  <Button onClick={() => setLeaving(true)} sx={{ minHeight: 52 }}>
                    {say('skip')}
                  </Button>
                )}
              </Box>
            )
          )}
          {leaving && (
            <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start' }}>
              <Entry
                label={say('reasonForSkipping')}
                value={reason}
                onChange={setReason}
                error={problem?.field('reason')}
                width={300}
                autoFocus
              />
              <Button variant="outlined" onClick={() => skip.mutate()} loading={skip.isPending} sx={{ minHeight: 44 }}>
                {say('skipStep')}
              </Button>
            </Box>
          )}
        </Box>
      )}
    </Box>
  )
}

/** Where the record is made that does a step: it is done as soon as it stands there. */
const RECORDED_ON: Record<NonNullable<StepView['recordedBy']>, { action: string; to: (sheet: SheetView) => string }> = {
  SCALE_TICKET: { action: say('enterTheScaleTicket'), to: (sheet) => `/vehicles/${sheet.vehicleId}/load-pressure` },
  RELEARN: { action: say('openTheRelearn'), to: (sheet) => `/vehicles/${sheet.vehicleId}/sensors` },
  DASH_AND_GAUGE: { action: say('compareDashAndGauge'), to: (sheet) => `/vehicles/${sheet.vehicleId}/sensors` },
  ALIGNMENT: { action: say('enterTheAlignment'), to: (sheet) => `/jobs/${sheet.jobId}/visit` },
}

/** What was done here before and no longer counts. */
function Tries({ tries }: { tries: StepView['tries'] }) {
  return (
    <Box
      component="ul"
      aria-label={say('triedBefore')}
      sx={{ listStyle: 'none', m: 0, mt: 1.5, p: 0, color: 'text.secondary' }}
    >
      {tries.map((tried) => (
        <li key={`${tried.at} ${tried.statement}`}>
          {say('triedBeforeToBeDone', {
            statement: tried.statement,
            within: tried.within,
            by: tried.by,
            moment: moment(tried.at),
          })}
        </li>
      ))}
    </Box>
  )
}

/** Who marked it, when, and what was read. */
function Settled(props: { step: StepView; may: boolean; busy: boolean; onUndo: () => void }) {
  const { step } = props
  return (
    <Box sx={{ mt: 1.5, display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
      <div>
        <strong>{step.state === 'DONE' ? say('done') : say('skipped')}</strong>
        {say('by', { by: step.by })}
        {step.at && moment(step.at)}
        {step.statement && step.statement !== 'done' && `: ${step.statement}`}
      </div>
      {props.may && !(step.recordedBy && step.state === 'DONE') && (
        <Button onClick={props.onUndo} loading={props.busy}>
          {say('undo')}
        </Button>
      )}
    </Box>
  )
}
