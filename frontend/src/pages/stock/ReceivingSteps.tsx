import Box from '@mui/material/Box'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import type { Schemas } from '../../api/client'
import { color } from '../../base/theme'
import { Entry } from '../../ui/Entry'
import { say } from './words'

type StepView = Schemas['ReceivingStepView']
export type ReceivingCode = StepView['step']
export interface Tick {
  done: boolean
  reason: string
}

/** The receiving inspection step by step: ticked one at a time, or left out with a reason; the rest is read tire by tire. */
export function ReceivingSteps(props: {
  steps: StepView[]
  ticks: Record<string, Tick>
  counted: string
  wrong: (field: string) => string | undefined
  onCount: (value: string) => void
  onTick: (step: ReceivingCode, tick: Tick) => void
}) {
  return (
    <Box component="ol" aria-label={say('receivingInspection')} sx={{ width: '100%', m: 0, pl: 2.5 }}>
      {props.steps.map((step) => {
        const tick = props.ticks[step.step] ?? { done: false, reason: '' }
        const error = props.wrong(`steps.${step.step}`)
        return (
          <Box component="li" key={step.step} sx={{ py: 0.5 }}>
            <strong>{step.title}.</strong> {step.does}
            {step.caution && <Box sx={{ fontWeight: 600, color: color.caution }}>{step.caution}</Box>}
            {step.step === 'COUNT' && (
              <Box sx={{ mt: 0.75 }}>
                <Entry
                  label={say('tiresThatCame')}
                  value={props.counted}
                  onChange={props.onCount}
                  error={props.wrong('counted')}
                  width={170}
                  autoFocus
                />
              </Box>
            )}
            {step.byFigures && step.step !== 'COUNT' && (
              <Box sx={{ color: 'text.secondary' }}>{say('enteredTireByTireBelow')}</Box>
            )}
            {!step.byFigures && (
              <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-start', flexWrap: 'wrap', mt: 1.25 }}>
                <FormControlLabel
                  control={
                    <Checkbox
                      checked={tick.done}
                      onChange={(event) => props.onTick(step.step, { ...tick, done: event.target.checked })}
                      slotProps={{ input: { 'aria-label': say('done', { step: step.title }) } }}
                    />
                  }
                  label={say('done2')}
                />
                {!tick.done && (
                  <Entry
                    label={say('orReasonForSkipping', { step: step.title.toLowerCase() })}
                    value={tick.reason}
                    onChange={(reason) => props.onTick(step.step, { ...tick, reason })}
                    error={error}
                    width={380}
                  />
                )}
              </Box>
            )}
          </Box>
        )
      })}
    </Box>
  )
}
