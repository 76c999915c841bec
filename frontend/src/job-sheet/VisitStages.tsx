import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { Link } from 'react-router'
import { color } from '../base/theme'
import type { EntryCode, Stage, Visit } from './visit'
import { say } from './words'

/** The line that closes a stage, where it is closed by one. */
const NOTED_BY: Partial<Record<Stage['stage'], EntryCode>> = {
  CHECK_IN: 'DAMAGE',
  ROAD_TEST_BEFORE: 'ROAD_TEST_BEFORE',
  ALIGNMENT: 'ALIGNMENT_AFTER',
  ROAD_TEST_AFTER: 'ROAD_TEST_AFTER',
  CLEAN_UP: 'CLEAN_UP',
}

/** Its words stand under the stage's own on a phone. */
const WAY = { minHeight: 40, minWidth: 0, justifyContent: 'flex-start' }

const STATE_WORD: Record<Stage['state'], string> = {
  DONE: say('done'),
  OPEN: say('open3'),
  NOT_NEEDED: say('notNeeded'),
}

/** From booking to hand-over: what is done, and what keeps the vehicle in, with the way to it. */
export function VisitStages(props: { visit: Visit; may: boolean; onNote: (entry: EntryCode) => void }) {
  const { visit } = props
  return (
    <Box
      component="ol"
      aria-label={say('stagesOfTheVisit')}
      sx={{ listStyle: 'none', m: 0, p: 0, background: color.sheet, border: 1, borderColor: 'divider' }}
    >
      {visit.stages.map((stage, index) => (
        <Box
          component="li"
          key={stage.stage}
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '22px minmax(0,1fr) auto', sm: '22px 150px 84px minmax(0,1fr) auto' },
            columnGap: 1.25,
            alignItems: 'center',
            px: 1.25,
            py: 0.5,
            minHeight: { xs: 32, sm: 40 },
            borderTop: index > 0 ? 1 : 0,
            borderColor: 'divider',
          }}
        >
          <StageMark state={stage.state} />
          <strong>{stage.label}</strong>
          <Box sx={{ color: stage.state === 'OPEN' ? 'error.main' : 'text.secondary' }}>{STATE_WORD[stage.state]}</Box>
          <Box sx={{ gridColumn: { xs: '2 / -1', sm: 'auto' }, minWidth: 0, overflowWrap: 'anywhere' }}>
            {stage.statement.map((line) => (
              <div key={line}>{line}</div>
            ))}
          </Box>
          <Box className="not-printed" sx={{ gridColumn: { xs: '2 / -1', sm: 'auto' }, ml: { xs: -0.75, sm: 0 } }}>
            {stage.state === 'OPEN' && <WayTo stage={stage} {...props} />}
          </Box>
        </Box>
      ))}
    </Box>
  )
}

function WayTo({
  stage,
  visit,
  may,
  onNote,
}: {
  stage: Stage
  visit: Visit
  may: boolean
  onNote: (entry: EntryCode) => void
}) {
  const entry = NOTED_BY[stage.stage]
  if (stage.stage === 'WORK') {
    return (
      <Button size="small" component={Link} to={`/jobs/${visit.jobId}/sheet`} sx={WAY}>
        {say('openTheJobSheet')}
      </Button>
    )
  }
  if (stage.stage === 'WEIGHING') {
    return (
      <Button size="small" component={Link} to={`/vehicles/${visit.vehicleId}/load-pressure`} sx={WAY}>
        {say('enterTheScaleTicket')}
      </Button>
    )
  }
  if (stage.stage === 'FIT_TO_LEAVE') {
    return (
      <Button size="small" component={Link} to={`/vehicles/${visit.vehicleId}`} sx={WAY}>
        {say('open2', { unit: visit.unit })}
      </Button>
    )
  }
  return may && entry && !visit.handedOver ? (
    <Button size="small" onClick={() => onNote(entry)} sx={WAY}>
      {say('noteIt')}
    </Button>
  ) : null
}

/** Told apart by shape: a tick, an empty ring, a dash. */
function StageMark({ state }: { state: Stage['state'] }) {
  return (
    <svg viewBox="0 0 16 16" width={18} height={18} aria-hidden="true" style={{ display: 'block' }}>
      {state === 'DONE' && <path d="M2.5 8.5l3.5 3.5 7.5-8" fill="none" stroke={color.fit} strokeWidth={2.4} />}
      {state === 'OPEN' && <circle cx={8} cy={8} r={5.5} fill="none" stroke={color.stop} strokeWidth={2.4} />}
      {state === 'NOT_NEEDED' && <path d="M4 8h8" stroke={color.frame} strokeWidth={2} />}
    </svg>
  )
}
