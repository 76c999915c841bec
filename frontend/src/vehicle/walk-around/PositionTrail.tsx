import Box from '@mui/material/Box'
import type { Schemas } from '../../api/client'
import { color } from '../../base/theme'
import { VerdictIcon } from '../../drawings/verdict/VerdictIcon'
import { STATES } from '../../drawings/verdict/verdicts'
import { say } from './words'

/** The positions in the order of the walk; entered ones carry their verdict. */
export function PositionTrail({
  stops,
  at,
  waiting,
  onGo,
}: {
  stops: Schemas['WalkAroundStopView'][]
  at: string | undefined
  /** Whether something typed here isn't with the server yet. */
  waiting: (position: string) => boolean
  onGo: (position: string) => void
}) {
  return (
    <Box
      component="nav"
      aria-label={say('positionsInWalkingOrder')}
      sx={{
        display: 'flex',
        gap: 0.5,
        px: { xs: 1, md: 2.5 },
        py: 0.75,
        overflowX: 'auto',
        borderBottom: 1,
        borderColor: 'divider',
        background: color.sheet,
      }}
    >
      {stops.map((stop) => {
        const here = stop.position === at
        return (
          <Box
            key={stop.position}
            component="button"
            type="button"
            aria-current={here ? 'step' : undefined}
            aria-label={`${stop.position}, ${stop.name}, ${
              waiting(stop.position)
                ? say('savedOnThisDevice')
                : stop.entry
                  ? STATES[stop.assessment.verdict].word
                  : say('notEnteredYet')
            }`}
            onClick={() => onGo(stop.position)}
            sx={{
              font: 'inherit',
              fontWeight: here ? 750 : 500,
              minWidth: 44,
              minHeight: 44,
              px: 0.75,
              border: 0,
              borderBottom: `3px solid ${here ? color.petrol : 'transparent'}`,
              background: here ? color.picked : 'none',
              color: 'text.primary',
              cursor: 'pointer',
              display: 'flex',
              flexDirection: 'column',
              alignItems: 'center',
              justifyContent: 'center',
              gap: 0.25,
            }}
          >
            {stop.position}
            {waiting(stop.position) ? (
              <Box aria-hidden="true" sx={{ fontSize: 13, lineHeight: 1 }}>
                …
              </Box>
            ) : stop.entry ? (
              <VerdictIcon verdict={stop.assessment.verdict} size={13} named={false} />
            ) : (
              <Box sx={{ width: 12, height: 2, my: '5.5px', background: color.frame }} />
            )}
          </Box>
        )
      })}
    </Box>
  )
}
