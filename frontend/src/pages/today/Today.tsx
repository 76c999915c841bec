import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { todayQuery } from '../../api/queries'
import { useUnits, useYard } from '../../base/settings'
import { color } from '../../base/theme'
import { VerdictIcon } from '../../drawings/verdict/VerdictIcon'
import { waitingWords } from '../../offline/UploadStatus'
import { useHeld } from '../../offline/useUploadQueue'
import { useMe } from '../../session/session'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { Title } from '../../ui/Title'
import { day, hoursAndMinutes, many, weekday, when } from '../../units/format'
import { StartWalkAround } from '../../vehicle/StartWalkAround'
import { say } from './words'

type Job = Schemas['TodayJob']

/** The day of one yard for whoever works there: what comes next, what to bring, where to walk round, what must not be driven. */
export function Today() {
  const [units] = useUnits()
  const [yard, setYard] = useYard()
  const me = useMe()
  const query = useQuery(todayQuery(yard, units))
  const waits = waitingWords(useHeld())
  if (query.isPending) return <LoadingLines lines={10} />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  const of = query.data
  const [next, ...others] = of.jobs
  return (
    <Box sx={{ maxWidth: 1100, width: '100%', mx: 'auto', px: { xs: 0, sm: 2.5 }, pb: 3 }}>
      <Box
        sx={{ px: { xs: 1.5, sm: 0 }, pt: 1, pb: 1, display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}
      >
        <Title>{say('today')}</Title>
        <Box component="h1" sx={{ typography: 'h1', m: 0 }}>
          {say('today')}
        </Box>
        <Box component="span" sx={{ color: 'text.secondary' }}>
          {weekday(of.today).slice(0, 3)}, {day(of.today, of.today)}
        </Box>
        <TextField
          select
          value={of.yard ?? ''}
          onChange={(event) => setYard(event.target.value)}
          sx={{ ml: 'auto', minWidth: 130, '& .MuiInputBase-root': { height: { xs: 44, sm: 36 } } }}
          slotProps={{ select: { SelectDisplayProps: { 'aria-label': say('yard'), 'aria-labelledby': '' } } }}
        >
          {of.yards.map((one) => (
            <MenuItem key={one} value={one}>
              {one}
            </MenuItem>
          ))}
        </TextField>
      </Box>
      <Box sx={{ px: { xs: 1.5, sm: 0 }, pb: 1.5 }}>
        {me && <strong>{me.name.split(' ')[0]}</strong>}: {many(of.jobs.length, 'job', 'jobs')}
        {of.doneToday > 0 && say('andDone', { doneToday: of.doneToday })},{' '}
        {many(of.walkArounds.length, say('walkAroundDue'), say('walkAroundsDue'))}.{' '}
        {waits ? (
          <Link to="/offline">
            <strong>{say('waitingToUpload', { waits })}</strong>
          </Link>
        ) : (
          say('everythingIsUploaded')
        )}
      </Box>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,1fr) minmax(0,1fr)' },
          columnGap: 3,
          alignItems: 'start',
        }}
      >
        <Box>
          {next ? (
            <Next job={next} today={of.today} />
          ) : (
            <Box sx={{ background: color.sheet, p: 2, mx: { xs: 1.5, sm: 0 } }}>
              {say('noJobsToday', { yard: of.yard ?? say('anyYard') })}
              <Link to="/fleet">{say('whatIsDue')}</Link>
            </Box>
          )}
          {others.length > 0 && (
            <Part title={say('then')} about={many(others.length, say('job'), say('jobs'))}>
              {others.map((job) => (
                <Row
                  key={job.jobId}
                  action={<Open to={`/jobs/${job.jobId}/sheet`} name={`Open the job sheet of ${job.unit}`} />}
                >
                  <strong>{job.unit}</strong> {job.work.join(', ')}
                  <Quiet>{slot(job, of.today)}</Quiet>
                  {job.blockedBy && <Quiet strong>{job.blockedBy}</Quiet>}
                </Row>
              ))}
            </Part>
          )}
        </Box>
        <Box>
          <Part title={say('walkAroundsDueHere')} about={say('coldParked3Hours')}>
            {of.walkArounds.length === 0 && <Row>{say('noneThisWeek')}</Row>}
            {of.walkArounds.map((one) => (
              <Row
                key={one.vehicleId}
                action={<StartWalkAround vehicleId={one.vehicleId} unit={one.unit} open={one.openWalkAround} />}
              >
                <Link to={`/vehicles/${one.vehicleId}`}>
                  <strong>{one.unit}</strong>
                </Link>{' '}
                {many(one.tires, 'tire', 'tires')}
                <Quiet strong={one.days < 0}>
                  {one.statement}, {one.days <= 0 ? when(one.days) : say('due', { weekday: weekday(one.due) })}
                </Quiet>
              </Row>
            ))}
          </Part>
          <Part title={say('doNotOperate')} about={many(of.doNotOperate.length, say('vehicle'), say('vehicles'))}>
            {of.doNotOperate.length === 0 && <Row>{say('everyVehicleOfThisYard')}</Row>}
            {of.doNotOperate.map((one) => (
              <Row key={one.vehicleId} icon={<VerdictIcon verdict="DO_NOT_OPERATE" size={18} />}>
                <Link to={`/vehicles/${one.vehicleId}`}>
                  <strong>{one.unit}</strong>
                </Link>{' '}
                {one.places}
                <Quiet>{one.statement}</Quiet>
              </Row>
            ))}
          </Part>
        </Box>
      </Box>
    </Box>
  )
}

/** When and where a job is, in one line. */
function slot(job: Job, today: string): string {
  return [
    job.day < today ? say('leftOverFrom', { day: day(job.day, today) }) : job.start,
    job.bay !== undefined && say('bay', { bay: job.bay }),
    job.assignees.length > 0
      ? say('with', { assignees: job.assignees.map((name) => name.split(' ')[0]).join(', ') })
      : say('nobodyNamedYet'),
    hoursAndMinutes(job.minutes),
  ]
    .filter(Boolean)
    .join(' · ')
}

function Next({ job, today }: { job: Job; today: string }) {
  return (
    <Box
      component="section"
      aria-label={say('nextJob')}
      sx={{
        mb: 2,
        background: color.sheet,
        border: 1,
        borderColor: 'divider',
        borderRadius: 1,
        p: 1.5,
        mx: { xs: 1.5, sm: 0 },
      }}
    >
      <Quiet>
        {say('next', { slot: slot(job, today) })}
        {job.mine && ' · yours'}
      </Quiet>
      <Box component="h2" sx={{ m: 0, fontSize: 19, fontWeight: 700 }}>
        <Link to={`/vehicles/${job.vehicleId}`}>{job.unit}</Link>{' '}
        <Box component="span" sx={{ fontSize: 14, fontWeight: 450 }}>
          {job.description}
        </Box>
      </Box>
      <Box component="ul" sx={{ m: 0, my: 0.75, pl: 2.25 }}>
        {job.work.map((one) => (
          <li key={one}>{one}</li>
        ))}
      </Box>
      {job.stopped && (
        <Box sx={{ display: 'flex', gap: 0.75, alignItems: 'center', mb: 0.75 }}>
          <VerdictIcon verdict="DO_NOT_OPERATE" size={16} />
          {say('doNotOperateUntil')}
        </Box>
      )}
      {job.blockedBy && <Quiet strong>{job.blockedBy}</Quiet>}
      {job.note && <Box>{say('note', { note: job.note })}</Box>}
      {job.bring.length > 0 && (
        <Box sx={{ mb: 1 }}>
          <strong>{say('bring')}</strong> {job.bring.join(', ')}
        </Box>
      )}
      {job.wrenches.map((one) => (
        <Quiet key={one} strong>
          {say('torqueWrenchCheckItBefore', { one })}
        </Quiet>
      ))}
      <Button
        component={Link}
        to={`/jobs/${job.jobId}/sheet`}
        variant="contained"
        fullWidth
        sx={{ minHeight: 52, fontSize: 16, mt: 1 }}
      >
        {say('openTheJobSheet')}
      </Button>
    </Box>
  )
}

function Part(props: { title: string; about?: string; children: ReactNode }) {
  return (
    <Box component="section" aria-label={props.title} sx={{ mt: { xs: 1.5, md: 0 }, mb: { md: 2 } }}>
      <Box
        sx={{
          display: 'flex',
          alignItems: 'baseline',
          px: 1.5,
          py: 0.75,
          background: color.pointed,
          borderRadius: { sm: 1 },
        }}
      >
        <Box component="h2" sx={{ m: 0, fontSize: 14, fontWeight: 700 }}>
          {props.title}
        </Box>
        <Box component="span" sx={{ ml: 'auto', color: 'text.secondary', fontSize: 12.5 }}>
          {props.about}
        </Box>
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, background: color.sheet }}>
        {props.children}
      </Box>
    </Box>
  )
}

function Row(props: { icon?: ReactNode; action?: ReactNode; children: ReactNode }) {
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        gap: 1,
        alignItems: 'center',
        px: 1.5,
        py: 0.75,
        minHeight: 56,
        borderBottom: 1,
        borderColor: 'divider',
      }}
    >
      {props.icon}
      <Box sx={{ flex: 1, minWidth: 0 }}>{props.children}</Box>
      {props.action}
    </Box>
  )
}

function Quiet({ strong = false, children }: { strong?: boolean; children: ReactNode }) {
  return (
    <Box sx={{ fontSize: 12.5, color: strong ? color.caution : 'text.secondary', fontWeight: strong ? 650 : 450 }}>
      {children}
    </Box>
  )
}

function Open({ to, name }: { to: string; name: string }) {
  return (
    <Button component={Link} to={to} variant="outlined" aria-label={name} sx={{ minHeight: 48, minWidth: 76 }}>
      {say('open')}
    </Button>
  )
}
