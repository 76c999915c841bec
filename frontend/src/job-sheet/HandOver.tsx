import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, onceKey, ProblemError } from '../api/client'
import { useUnits } from '../base/settings'
import { mono } from '../base/theme'
import { Entry } from '../ui/Entry'
import { Table } from '../ui/Table'
import { useUnsaved } from '../ui/useUnsaved'
import { day, many, moment } from '../units/format'
import type { Visit } from './visit'
import { say } from './words'

/** What the vehicle leaves with: what was done, what is on it, when it is next wanted, and the signature. */
export function HandOver({ visit, may, onTook }: { visit: Visit; may: boolean; onTook: (view: Visit) => void }) {
  return (
    <Box component="section" aria-label={say('handOver3')}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 1 }}>
        {say('handOver3')}
      </Box>
      <Next visit={visit} />
      <Box component="h3" sx={{ fontSize: 15, m: 0, mt: 1.5, mb: 0.5 }}>
        {say('done')}
      </Box>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {visit.work.map((work) => (
          <li key={`${work.position} ${work.label}`}>
            <strong>{work.position ?? say('vehicle')}</strong> {work.label}
            {work.done ? `: ${work.done}` : say('notDone')}
          </li>
        ))}
      </Box>
      <Box component="h3" sx={{ fontSize: 15, m: 0, mt: 1.5, mb: 0.5 }}>
        {say('onTheVehicle')}
      </Box>
      <Table
        label={say('onTheVehicle')}
        heads={[say('position'), say('tire'), say('dotCode'), say('age'), say('lastPressure'), say('target')]}
      >
        {visit.positions.map((row) => (
          <tr key={row.position}>
            <td>
              <strong>{row.position}</strong> {row.name}
            </td>
            <td>{row.tire ?? say('noneOnFile')}</td>
            <Box component="td" sx={{ fontFamily: mono }}>
              {row.dot ?? say('notRead')}
            </Box>
            <td>{row.age ?? say('notKnown')}</td>
            <td>{row.pressure ?? say('notChecked')}</td>
            <td>{row.target ?? say('notKnown')}</td>
          </tr>
        ))}
      </Table>
      {visit.handedOver ? (
        <p>
          <strong>{say('handedOver2', { to: visit.handedOver.to })}</strong>
          {say('byTheLetter', { by: visit.handedOver.by, moment: moment(visit.handedOver.at) })}
        </p>
      ) : (
        may && <Sign visit={visit} onTook={onTook} />
      )}
    </Box>
  )
}

/** When it is next wanted, for how many tires, at what cost; and what is left to do. */
function Next({ visit }: { visit: Visit }) {
  return (
    <>
      <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: 2, rowGap: 0.5, m: 0 }}>
        <dt>{say('nextWanted')}</dt>
        <Box component="dd" sx={{ m: 0, fontWeight: 650 }}>
          {visit.nextWanted ?? say('nothingPlannedOrDue')}
        </Box>
        <dt>{say('nextTires')}</dt>
        <Box component="dd" sx={{ m: 0, fontWeight: 650 }}>
          {visit.nextTires ?? say('noneFallsDueWithin')}
        </Box>
      </Box>
      <Box component="h3" sx={{ fontSize: 15, m: 0, mt: 1.5, mb: 0.5 }}>
        {say('whatFallsDueNext')}
      </Box>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {visit.planned.map((job) => (
          <li key={job.id}>
            <strong>{day(job.day)}</strong>
            {say('planned', {
              items: job.items.map((item) => [item.position, item.label].filter(Boolean).join(' ')).join('; '),
            })}
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
    </>
  )
}

/** Who takes it over; not while something is missing. */
function Sign({ visit, onTook }: { visit: Visit; onTook: (view: Visit) => void }) {
  const [units] = useUnits()
  const [to, setTo] = useState('')
  const [key, setKey] = useState(onceKey)
  const unsaved = useUnsaved()
  const missing = visit.stages.filter((stage) => stage.state === 'OPEN' && stage.stage !== 'HAND_OVER')
  const sign = useMutation({
    mutationFn: () =>
      answerOf(
        api.POST('/api/jobs/{id}/visit/hand-over', {
          params: { path: { id: visit.jobId }, query: { units }, header: { 'Idempotency-Key': key } },
          body: { to },
        }),
      ),
    onSettled: () => setKey(onceKey()),
    onSuccess: (next) => {
      unsaved.saved()
      onTook(next)
    },
  })
  const problem = sign.error instanceof ProblemError ? sign.error : undefined
  return (
    <Box
      component="form"
      className="not-printed"
      noValidate
      aria-label={say('signTheHandOver')}
      onChange={() => unsaved.touch()}
      onSubmit={(event) => {
        event.preventDefault()
        sign.mutate()
      }}
      sx={{ mt: 2, display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}
    >
      {unsaved.question}
      <Entry label={say('personInChargeName')} value={to} onChange={setTo} error={problem?.field('to')} width={300} />
      <Button
        type="submit"
        variant="contained"
        loading={sign.isPending}
        disabled={missing.length > 0}
        sx={{ minHeight: 44 }}
      >
        {say('signTheHandOver')}
      </Button>
      {missing.length > 0 && (
        <Box sx={{ alignSelf: 'center' }}>
          {say('open', {
            many: many(missing.length, say('stageIs'), say('stagesAre')),
            missing: missing.map((stage) => stage.label).join(', '),
          })}
        </Box>
      )}
      {problem && problem.problem.fields.length === 0 && <Alert severity="error">{problem.message}</Alert>}
    </Box>
  )
}
