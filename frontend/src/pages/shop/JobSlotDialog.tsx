import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { answerOf, api, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { CurrentJob } from '../../conflict/CurrentJob'
import { useMay } from '../../session/session'
import { Choice, Entry } from '../../ui/Entry'
import { FormDialog } from '../../ui/FormDialog'
import { useNotice } from '../../ui/Notice'
import { useSend } from '../../ui/useSend'
import { day } from '../../units/format'
import type { Placed } from './placed'
import { say } from './words'

/** One job's place: moved by typing, pinned, and explained; what is against it is said before anybody drives there. */
export function JobSlotDialog(props: { job: Placed; view: Schemas['ScheduleView']; onClose: () => void }) {
  const { job } = props
  const [units] = useUnits()
  const may = useMay('COORDINATOR')
  const notice = useNotice()
  const [at, setAt] = useState(job.yard)
  const yard = props.view.yards.find((one) => one.name === at)
  const [dayOf, setDay] = useState(job.day)
  const [start, setStart] = useState(job.start ?? '08:00')
  const [bay, setBay] = useState(String(job.bay ?? 1))
  const [people, setPeople] = useState<string[]>(job.assignees)
  const [pinned, setPinned] = useState(job.pinned)
  const [version, setVersion] = useState(job.version)
  const why = useQuery({
    queryKey: ['jobs', 'why', job.jobId, job.version, units],
    queryFn: () =>
      answerOf(api.GET('/api/shop/jobs/{id}/explanation', { params: { path: { id: job.jobId }, query: { units } } })),
    enabled: job.start !== undefined,
    retry: false,
  })
  const form = useSend<Placed>(
    () =>
      answerOf(
        api.PUT('/api/shop/jobs/{id}/slot', {
          params: { path: { id: job.jobId }, query: { units }, header: { 'If-Match': `"${version}"` } },
          body: { yard: at, day: dayOf, start, bay: Number(bay), assignees: people, pinned },
        }),
      ),
    (placed) => {
      notice({
        text:
          placed.conflicts.length === 0
            ? say('isOn', { unit: placed.unit, day: day(placed.day), start: placed.start })
            : say('conflictsWithARule', { unit: placed.unit, statement: placed.conflicts[0]?.statement }),
      })
      props.onClose()
    },
    null,
  )
  return (
    <FormDialog
      title={`${job.unit}: ${job.work.join('; ')}`}
      action={say('saveTimeSlot')}
      error={form.error}
      busy={form.busy}
      disabled={!may}
      onSend={form.send}
      onClose={props.onClose}
      wide
    >
      <CurrentJob
        error={form.error}
        onGoOn={(now) => {
          setVersion(now.version)
          form.reset()
        }}
      />
      <Box sx={{ width: '100%' }}>
        {say('minutes', {
          minutes: job.minutes,
          techniciansNeeded:
            job.techniciansNeeded === 1 ? say('at1Technician') : `${job.techniciansNeeded} technicians`,
        })}
        {job.requirements.length > 0 && `, ${job.requirements.join(', ')}`}
        {say('due', { due: day(job.due) })}
        {job.blockedBy && ` ${job.blockedBy}.`} <Link to={`/jobs/${job.jobId}/sheet`}>{say('jobSheet')}</Link>
      </Box>
      {job.conflicts.map((clash) => (
        <Alert key={clash.statement} severity="error" sx={{ width: '100%' }}>
          <strong>{clash.title}.</strong> {clash.statement}
        </Alert>
      ))}
      <Entry
        label={say('day')}
        value={dayOf}
        onChange={setDay}
        error={form.wrong('day')}
        type="date"
        width={170}
        autoFocus
      />
      <Entry
        label={say('from')}
        value={start}
        onChange={setStart}
        error={form.wrong('start')}
        type="time"
        width={120}
      />
      <Choice
        label={say('yard')}
        value={at}
        options={props.view.yards.map((one) => [one.name, one.name] as const)}
        onChange={(next) => {
          setAt(next)
          // Another yard has other people, and perhaps fewer bays.
          setPeople(next === job.yard ? job.assignees : [])
          setBay('1')
        }}
        error={form.wrong('yard')}
        width={150}
      />
      <Choice
        label={say('bay')}
        value={bay}
        options={Array.from(
          { length: yard?.bays ?? 1 },
          (_, at) => [String(at + 1), say('bay2', { at: at + 1 })] as const,
        )}
        onChange={setBay}
        error={form.wrong('bay')}
        width={110}
      />
      <FormControlLabel
        control={<Checkbox checked={pinned} onChange={(event) => setPinned(event.target.checked)} />}
        label={say('pinnedTheProposalDoesNot')}
      />
      <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, width: '100%' }}>
        <Box component="legend" sx={{ p: 0, color: 'text.secondary' }}>
          {say('whoDoes')}
        </Box>
        {(yard?.technicians ?? []).map((name) => (
          <FormControlLabel
            key={name}
            control={
              <Checkbox
                checked={people.includes(name)}
                onChange={() =>
                  setPeople(people.includes(name) ? people.filter((one) => one !== name) : [...people, name])
                }
              />
            }
            label={name}
          />
        ))}
      </Box>
      {why.data && (
        <Box component="section" aria-label={say('whyThere')} sx={{ width: '100%' }}>
          <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
            {say('whyThisTime')}
          </Box>
          {why.data.statement}
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {why.data.earlier.map((one) => (
              <li key={one.day}>
                {day(one.day)}: {one.title ? `${one.title.toLowerCase()}. ` : ''}
                {one.statement}
              </li>
            ))}
          </Box>
        </Box>
      )}
    </FormDialog>
  )
}
