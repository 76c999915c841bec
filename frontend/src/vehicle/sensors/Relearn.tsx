import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { answerOf, api, onceKey, ProblemError, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { RelearnDiagram } from '../../drawings/relearn-diagram/RelearnDiagram'
import { useMay, useSimulated } from '../../session/session'
import { Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { moment, pressureUnit } from '../../units/format'
import { useVehicle } from '../VehiclePage'
import { ProcedureDialog, ProcedureWords } from './Procedure'
import { SensorSimulator } from './SensorSimulator'
import { say } from './words'

type View = Schemas['RelearnView']
type Coach = Schemas['RelearnGuideView']
type Kind = NonNullable<Schemas['RelearnEventRequest']['type']>

/** The relearn coach: how this vehicle learns, one thing at a time, until dash and gauge agree at every corner. */
export function Relearn() {
  const { vehicle } = useVehicle()
  const [units] = useUnits()
  const queries = useQueryClient()
  const key = ['vehicle', vehicle.id, 'relearn', units]
  const query = useQuery({
    queryKey: key,
    queryFn: () =>
      answerOf(api.GET('/api/vehicles/{id}/relearn', { params: { path: { id: vehicle.id }, query: { units } } })),
  })
  const technician = useMay('TECHNICIAN')
  const coordinator = useMay('COORDINATOR')
  const [noting, setNoting] = useState(false)
  const took = (next: View) => queries.setQueryData(key, next)
  const start = useMutation({
    mutationFn: (body: Schemas['StartRelearnRequest']) =>
      answerOf(
        api.POST('/api/vehicles/{id}/relearn', { params: { path: { id: vehicle.id }, query: { units } }, body }),
      ),
    onSuccess: took,
  })
  if (query.isPending) return <LoadingLines />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  const view = query.data
  const procedure = view.procedure ?? view.templates[0]
  return (
    <Box component="section" aria-label={say('relearn')} sx={{ display: 'grid', gap: 1.5 }}>
      <Box component="h2" sx={{ typography: 'h3', m: 0 }}>
        {say('relearn')}
      </Box>
      {procedure && (
        <div>
          {!view.procedure && <strong>{say('noRelearnProcedureOnFile')}</strong>}
          <ProcedureWords procedure={procedure} />
          {coordinator && (
            <Button size="small" onClick={() => setNoting(true)}>
              {view.procedure ? say('changeIt') : say('addProcedure')}
            </Button>
          )}
        </div>
      )}
      {!view.open && technician && procedure && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button variant="contained" onClick={() => start.mutate({ trigger: 'TOOL', practice: false })}>
            {say('startWithTheActivationTool')}
          </Button>
          <Button
            variant="outlined"
            sx={{ background: color.sheet }}
            onClick={() => start.mutate({ trigger: 'DEFLATION', practice: false })}
          >
            {say('startByLettingAirOut')}
          </Button>
          <Button onClick={() => start.mutate({ trigger: procedure.trigger, practice: true })}>
            {say('practice')}
          </Button>
        </Box>
      )}
      {start.error && <Alert severity="error">{start.error.message}</Alert>}
      {view.open && <OpenRelearn vehicleId={vehicle.id} coach={view.open} onTook={took} />}
      {view.ended.length > 0 && (
        <details>
          <summary>{say('earlierRelearns', { count: view.ended.length })}</summary>
          <ul>
            {view.ended.map((one) => (
              <li key={one.endedAt}>
                {moment(one.endedAt)}: {one.outcome}
              </li>
            ))}
          </ul>
        </details>
      )}
      {noting && <ProcedureDialog vehicleId={vehicle.id} view={view} onClose={() => setNoting(false)} />}
    </Box>
  )
}

function OpenRelearn(props: { vehicleId: number; coach: Coach; onTook: (view: View) => void }) {
  const simulated = useSimulated()
  const { vehicleId, coach } = props
  const [units] = useUnits()
  const may = useMay('TECHNICIAN')
  const queries = useQueryClient()
  // Readings follow each other faster than answers come: each has a key of its own until it is answered.
  const keys = useRef(new Map<string, string>())
  const [why, setWhy] = useState('')
  const path = { id: vehicleId }
  const log = useMutation({
    scope: { id: say('relearn2', { vehicleId }) },
    mutationFn: (body: Schemas['RelearnEventRequest']) => {
      const what = JSON.stringify(body)
      const key = keys.current.get(what) ?? onceKey()
      keys.current.set(what, key)
      return answerOf(
        api.POST('/api/vehicles/{id}/relearn/events', {
          params: { path, query: { units }, header: { 'Idempotency-Key': key } },
          body,
        }),
      )
    },
    onError: (error, body) => {
      if (!(error instanceof ProblemError && error.unreachable)) keys.current.delete(JSON.stringify(body))
    },
    onSuccess: (next, body) => {
      keys.current.delete(JSON.stringify(body))
      props.onTook(next)
      void queries.invalidateQueries({ queryKey: ['vehicle', vehicleId, 'receiver'] })
    },
  })
  const end = useMutation({
    mutationFn: () =>
      answerOf(
        api.POST('/api/vehicles/{id}/relearn/end', { params: { path, query: { units } }, body: { reason: why } }),
      ),
    onSuccess: props.onTook,
  })
  const says = (kind: Kind, position?: string) => log.mutate({ type: kind, ...(position && { position }) })
  const problem = [log.error, end.error].find((error) => error instanceof ProblemError) as ProblemError | undefined
  const lit = coach.corners.find((corner) => corner.lit)
  const big = { minHeight: 48, fontSize: 15 }
  return (
    <Box
      sx={{
        background: color.sheet,
        border: 1,
        borderColor: 'divider',
        borderRadius: 1,
        p: 2,
        display: 'grid',
        gap: 1.5,
      }}
    >
      {coach.practice && <Alert severity="info">{say('practiceNothingOfThisCounts')}</Alert>}
      <Box aria-live="polite" sx={{ fontSize: 20, fontWeight: 750, lineHeight: 1.25 }}>
        {coach.statement}
      </Box>
      {coach.diagnosis && (
        <Alert severity="warning">
          <strong>{coach.diagnosis.position}:</strong> {coach.diagnosis.statement}
        </Alert>
      )}
      {coach.remarks.map((remark) => (
        <Alert key={remark} severity="warning">
          {remark}
        </Alert>
      ))}
      {problem && !problem.problem.fields.length && <Alert severity="error">{problem.message}</Alert>}
      <RelearnDiagram views={coach.corners} />
      {may && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          {coach.stage === 'PREPARE' && (
            <Button variant="contained" sx={big} onClick={() => says('LAMPS_OFF')}>
              {say('automaticLampsOff')}
            </Button>
          )}
          {coach.stage === 'ENTER' && (
            <>
              <Button variant="contained" sx={big} onClick={() => says('ENTERED')}>
                {say('learnMode')}
              </Button>
              <Button sx={big} onClick={() => says('ENTRY_FAILED')}>
                {say('entryMethodFailed')}
              </Button>
            </>
          )}
          {coach.stage === 'CORNERS' &&
            !lit &&
            coach.corners
              .filter((corner) => !corner.confirmed)
              .map((corner) => (
                <Button
                  key={corner.position}
                  variant={corner.expected ? 'contained' : 'outlined'}
                  sx={{ ...big, ...(corner.expected ? {} : { background: color.sheet }) }}
                  onClick={() => says('LAMP_LIT', corner.position)}
                >
                  {say('isLit', { position: corner.position })}
                </Button>
              ))}
          {coach.stage === 'CORNERS' && lit && (
            <>
              {coach.trigger === 'DEFLATION' && (
                <Button
                  variant="outlined"
                  sx={{ ...big, background: color.sheet }}
                  onClick={() => says('AIR_RELEASED', lit.position)}
                >
                  {say('airReleased', { position: lit.position })}
                </Button>
              )}
              <Button variant="contained" sx={big} onClick={() => says('CONFIRMED', lit.position)}>
                {say('hornChirpedOnce', { position: lit.position })}
              </Button>
              <Button sx={big} onClick={() => says('NO_RESPONSE', lit.position)}>
                {say('noHorn')}
              </Button>
            </>
          )}
          {coach.stage === 'CORNERS' && (
            <>
              <Button sx={big} onClick={() => says('ENDED')}>
                {say('endSignal')}
              </Button>
              <Button sx={big} onClick={() => says('TIMED_OUT')}>
                {say('timedOut')}
              </Button>
            </>
          )}
        </Box>
      )}
      {may && (coach.stage === 'REINFLATE' || coach.stage === 'COMPARE') && (
        <Readings
          coach={coach}
          units={units}
          onRead={(kind, position, pressure) => log.mutate({ type: kind, position, pressure })}
          problem={problem}
        />
      )}
      {may && coach.stage === 'COMPARE' && (
        <Button onClick={() => says('ENTERED')} sx={{ justifySelf: 'start' }}>
          {say('startAgainFromTheFirst')}
        </Button>
      )}
      {may && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start' }}>
          {coach.canFinish ? (
            <Button variant="contained" sx={big} onClick={() => end.mutate()} loading={end.isPending}>
              {say('finishRelearn')}
            </Button>
          ) : (
            <details>
              <summary>{say('abandonRelearn')}</summary>
              <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start', mt: 1 }}>
                <Entry
                  label={say('reason')}
                  value={why}
                  onChange={setWhy}
                  error={problem?.field('reason')}
                  width={280}
                />
                <Button sx={{ minHeight: 44 }} onClick={() => end.mutate()} loading={end.isPending}>
                  {say('abandonRelearn2')}
                </Button>
              </Box>
            </details>
          )}
        </Box>
      )}
      {simulated && <SensorSimulator vehicleId={vehicleId} coach={coach} />}
      <details>
        <summary>{say('whatWasSeenAndHeard', { count: coach.log.length })}</summary>
        <ol>
          {coach.log.map((line, index) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a log only grows
            <li key={index}>
              {moment(line.at)} {line.by}: {line.label}
            </li>
          ))}
        </ol>
      </details>
    </Box>
  )
}

/** Gauge and dash, corner by corner. */
function Readings(props: {
  coach: Coach
  units: 'US' | 'METRIC'
  onRead: (kind: Kind, position: string, pressure: string) => void
  problem: ProblemError | undefined
}) {
  const [typed, setTyped] = useState<Record<string, string>>({})
  const [last, setLast] = useState('')
  const read = (kind: 'GAUGE' | 'DASH', position: string, before: string | undefined) => {
    const key = `${kind} ${position}`
    const figure = typed[key]?.trim()
    if (figure && figure !== before) {
      setLast(key)
      props.onRead(kind, position, figure)
    }
  }
  return (
    <Box component="fieldset" sx={{ border: 0, m: 0, p: 0, display: 'grid', gap: 1 }}>
      <Box component="legend" sx={{ typography: 'h2', p: 0 }}>
        {props.coach.stage === 'REINFLATE' ? say('filledAgainByGauge') : say('gaugeAndDashAtEvery')}
      </Box>
      {props.coach.corners.map((corner) => (
        <Box key={corner.position} sx={{ display: 'flex', gap: 1, alignItems: 'flex-start', flexWrap: 'wrap' }}>
          <Box sx={{ width: 120, pt: 1 }}>
            <strong>{corner.position}</strong> {corner.target && say('target', { target: corner.target })}
          </Box>
          {(['GAUGE', 'DASH'] as const).map((kind) => {
            const known = kind === 'GAUGE' ? corner.gauge : corner.dash
            const key = `${kind} ${corner.position}`
            return (
              <Entry
                key={kind}
                label={say('gauge2', { isGauge: kind === 'GAUGE', position: corner.position })}
                value={typed[key] ?? known}
                onChange={(figure) => setTyped({ ...typed, [key]: figure })}
                onBlur={() => read(kind, corner.position, known)}
                error={last === key ? props.problem?.field('pressure') : undefined}
                unit={pressureUnit(props.units)}
                width={150}
              />
            )
          })}
        </Box>
      ))}
    </Box>
  )
}
