import Box from '@mui/material/Box'
import { byEarOnly } from '../base/byEar'
import { color } from '../base/theme'
import { phases, type StepView } from './steps'
import { say } from './words'

const SIGN = { OPEN: '○', WAITS: '·', DONE: '✓', SKIPPED: '–' } as const
// What only waits is told by its dot; the word is for those who hear the page.
const WORD = { OPEN: 'open', WAITS: 'waits', DONE: 'done', SKIPPED: 'skipped' } as const

/** Every step of the sheet with its state; tapping one opens it. */
export function StepList(props: { steps: StepView[]; chosen: string | undefined; onChoose: (key: string) => void }) {
  return (
    <Box component="nav" aria-label={say('steps')} sx={{ display: 'grid', gap: 1.25 }}>
      {phases(props.steps).map((phase) => (
        <div key={`${phase.title} ${phase.steps[0]?.key}`}>
          <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.25 }}>
            {phase.title}
          </Box>
          <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
            {phase.steps.map((step) => (
              <li key={step.key}>
                <Box
                  component="button"
                  type="button"
                  aria-current={step.key === props.chosen ? 'step' : undefined}
                  onClick={() => props.onChoose(step.key)}
                  sx={{
                    font: 'inherit',
                    display: 'flex',
                    gap: 1,
                    alignItems: 'center',
                    width: '100%',
                    minHeight: 36,
                    px: 1,
                    py: 0.25,
                    textAlign: 'left',
                    cursor: 'pointer',
                    color: step.state === 'WAITS' ? color.quiet : color.ink,
                    background: step.key === props.chosen ? color.picked : 'transparent',
                    border: 0,
                    borderLeft: `4px solid ${step.key === props.chosen ? color.petrol : 'transparent'}`,
                    '&:focus-visible': { outline: `2px solid ${color.petrol}` },
                  }}
                >
                  <Box component="span" aria-hidden sx={{ width: 16, fontWeight: 750, color: color.petrol }}>
                    {SIGN[step.state]}
                  </Box>
                  <span>
                    {step.title}{' '}
                    <Box component="span" sx={step.state === 'WAITS' ? byEarOnly : { color: 'text.secondary' }}>
                      {WORD[step.state]}
                      {step.by && `, ${step.by}`}
                      {step.outside && step.state === 'OPEN' && say('outsideItsLimits')}
                    </Box>
                  </span>
                </Box>
              </li>
            ))}
          </Box>
        </div>
      ))}
    </Box>
  )
}
