import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { ProblemError, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { VerdictIcon } from '../../drawings/verdict/VerdictIcon'
import { STATES } from '../../drawings/verdict/verdicts'
import { uploadQueue } from '../../offline/uploadQueue'
import { useHeld } from '../../offline/useUploadQueue'
import { Entry } from '../../ui/Entry'
import { useNotice } from '../../ui/Notice'
import { many } from '../../units/format'
import { ReadingField } from './ReadingField'
import { typeAhead } from './typeAhead'
import { say } from './words'

/** The end of the walk: every position once more, the odometer, and who signs. */
export function WalkAroundSummary({
  walk,
  onGo,
}: {
  walk: Schemas['WalkAroundView']
  onGo: (position: string) => void
}) {
  const [units] = useUnits()
  const [odometer, setOdometer] = useState('')
  const [skipped, setSkipped] = useState('')
  // What was typed on after the last position belongs to no tire.
  useEffect(() => void typeAhead.end(), [])
  const navigate = useNavigate()
  const queries = useQueryClient()
  const notice = useNotice()
  const held = useHeld()
  const sheet = held.sheets.find((one) => one.vehicleId === walk.vehicleId)
  const finish = useMutation({
    mutationFn: async (confirmed: boolean) => {
      const key = await uploadQueue.finishLater(walk.vehicleId, odometer, skipped, confirmed)
      await uploadQueue.sendAll()
      return uploadQueue.finishedAs(key)
    },
    onSuccess: (done) => {
      if (!done) return
      void queries.invalidateQueries()
      notice({
        text: say('savedVerdict', {
          many: many(done.readings, 'position', 'positions'),
          unit: walk.unit,
          word: STATES[done.verdict].word,
        }),
      })
      navigate(`/vehicles/${walk.vehicleId}`)
    },
  })
  const problem = sheet?.finish?.problem && new ProblemError(sheet.finish.problem)
  const kept = held.entries.filter((one) => one.vehicleId === walk.vehicleId)
  const stuck = kept.filter((one) => one.state !== 'waiting')
  const waits = Boolean(sheet?.finish && !sheet.finish.problem && !finish.isPending)
  const entered = (stop: Schemas['WalkAroundStopView']) =>
    stop.entry !== undefined || kept.some((one) => one.position === stop.position)
  const missing = walk.positions.filter((stop) => stop.tire && !entered(stop))
  const lacking = walk.positions.filter((stop) => stop.entry && stop.missing)
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault()
        finish.mutate(false)
      }}
      sx={{ px: { xs: 1.5, md: 2.5 }, py: 2, maxWidth: 760 }}
    >
      <Box component="h2" sx={{ m: 0, mb: 1, fontSize: 20 }}>
        {say('endOfTheWalk')}
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, mb: 2, p: 0 }}>
        {walk.positions.map((stop) => (
          <Box
            component="li"
            key={stop.position}
            sx={{
              display: 'grid',
              gridTemplateColumns: '48px 20px 1fr auto',
              gap: 1,
              alignItems: 'center',
              borderBottom: 1,
              borderColor: 'divider',
              minHeight: 44,
            }}
          >
            <strong>{stop.position}</strong>
            {stop.entry ? <VerdictIcon verdict={stop.assessment.verdict} /> : <span />}
            <span>
              {stop.entry?.skipReason
                ? say('skipped2', { skipReason: stop.entry.skipReason })
                : stop.entry
                  ? (stop.assessment.reasons[0]?.statement ?? say('withinEveryLimit'))
                  : entered(stop)
                    ? say('savedOnThisDevice3')
                    : say('noEntryTheLastReading')}
              {stop.entry && stop.missing && (
                <Box sx={{ color: 'text.secondary' }}>{say('enteredHere', { missing: stop.missing })}</Box>
              )}
            </span>
            <Button size="small" onClick={() => onGo(stop.position)}>
              {entered(stop) ? say('change') : 'Enter'}
            </Button>
          </Box>
        ))}
      </Box>
      {missing.length > 0 && (
        <Alert severity="info" icon={false} sx={{ mb: 2 }}>
          {say('ofPositionsHaveNoEntry', { missing: missing.length, all: walk.positions.length })}
        </Alert>
      )}
      {stuck.length > 0 && (
        <Alert severity="warning" sx={{ mb: 2 }}>
          {say('notSavedYetAnotherUser', { stuck: stuck.map((one) => one.position).join(', ') })}
        </Alert>
      )}
      {waits && stuck.length === 0 && (
        <Alert severity="info" sx={{ mb: 2 }}>
          {say('waitingToUploadEverything')}
          <Link to="/offline">{say('showWhatWaitsToUpload')}</Link>
        </Alert>
      )}
      {missing.length + lacking.length > 0 && (
        <Box sx={{ mb: 2 }}>
          <Entry
            label={missing.length > 0 ? say('reasonForSkipping') : say('whySomethingIsMissing')}
            value={skipped}
            onChange={setSkipped}
            error={problem?.field('skipReason')}
            width="100%"
          />
        </Box>
      )}
      {problem && problem.problem.fields.length === 0 && (
        <Alert severity="error" sx={{ mb: 2 }}>
          {problem.message}
        </Alert>
      )}
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        <Box sx={{ width: 220 }}>
          <ReadingField
            label={walk.lastOdometer ? say('odometerLast', { lastOdometer: walk.lastOdometer }) : say('odometer')}
            unit={units === 'US' ? 'mi' : 'km'}
            value={odometer}
            error={problem?.field('odometer')}
            onChange={setOdometer}
          />
        </Box>
        {problem?.problem.fields.some((field) => field.check) && (
          <Button variant="outlined" onClick={() => finish.mutate(true)} sx={{ minHeight: 48 }}>
            {say('confirmOdometer')}
          </Button>
        )}
        <Button
          type="submit"
          variant="contained"
          loading={finish.isPending}
          disabled={stuck.length > 0}
          sx={{ minHeight: 48, flex: { xs: 1, sm: 'none' } }}
        >
          {say('finishWalkAround')}
        </Button>
      </Box>
    </Box>
  )
}
