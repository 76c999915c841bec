import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { answerOf, api, onceKey, ProblemError, type Schemas } from '../../api/client'
import { useUnits } from '../../app/settings'
import { StateGlyph } from '../../drawings/state/StateGlyph'
import { STATES } from '../../drawings/state/states'
import { Entry } from '../../ui/Entry'
import { useNotice } from '../../ui/Notice'
import { FigureField } from './FigureField'

/** The end of the walk: every position once more, the odometer, and who signs. */
export function Finish({ walk, onGo }: { walk: Schemas['WalkRound']; onGo: (position: string) => void }) {
  const [units] = useUnits()
  const [odometer, setOdometer] = useState('')
  const [skipped, setSkipped] = useState('')
  const [key, setKey] = useState(onceKey)
  const navigate = useNavigate()
  const queries = useQueryClient()
  const notice = useNotice()
  const finish = useMutation({
    mutationFn: () =>
      answerOf(
        api.POST('/api/walk-rounds/{id}/finish', {
          params: { path: { id: walk.id }, query: { units }, header: { 'Idempotency-Key': key } },
          body: { odometer, skipped },
        }),
      ),
    onError: (error) => {
      if (!(error instanceof ProblemError && error.unreachable)) setKey(onceKey())
    },
    onSuccess: async (done) => {
      await queries.invalidateQueries()
      notice({
        text: `${walk.unit}: ${done.readings} positions written to the history. ${walk.unit} is now ${STATES[done.verdict].word}.`,
      })
      navigate(`/vehicles/${walk.vehicleId}`)
    },
  })
  const problem = finish.error instanceof ProblemError ? finish.error : undefined
  const missing = walk.stops.filter((stop) => !stop.entry)
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault()
        finish.mutate()
      }}
      sx={{ px: { xs: 1.5, md: 2.5 }, py: 2, maxWidth: 760 }}
    >
      <Box component="h2" sx={{ m: 0, mb: 1, fontSize: 20 }}>
        End of the walk
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, mb: 2, p: 0 }}>
        {walk.stops.map((stop) => (
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
            {stop.entry ? <StateGlyph verdict={stop.judgement.verdict} /> : <span />}
            <span>
              {stop.entry
                ? (stop.judgement.reasons[0]?.says ?? 'Within every limit')
                : 'Not entered: stays as last known'}
            </span>
            <Button size="small" onClick={() => onGo(stop.position)}>
              {stop.entry ? 'Change' : 'Enter'}
            </Button>
          </Box>
        ))}
      </Box>
      {missing.length > 0 && (
        <Alert severity="info" icon={false} sx={{ mb: 2 }}>
          {missing.length} of {walk.stops.length} positions have no entry. They keep their last reading and grow old.
        </Alert>
      )}
      {missing.length > 0 && (
        <Box sx={{ mb: 2 }}>
          <Entry
            label="Why they were left out"
            value={skipped}
            onChange={setSkipped}
            error={problem?.field('skipped')}
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
          <FigureField
            label={walk.lastOdometer ? `Odometer, last ${walk.lastOdometer}` : 'Odometer'}
            unit={units === 'US' ? 'mi' : 'km'}
            value={odometer}
            error={problem?.field('odometer')}
            onChange={setOdometer}
          />
        </Box>
        <Button
          type="submit"
          variant="contained"
          loading={finish.isPending}
          sx={{ minHeight: 48, flex: { xs: 1, sm: 'none' } }}
        >
          Finish walk-round
        </Button>
      </Box>
    </Box>
  )
}
