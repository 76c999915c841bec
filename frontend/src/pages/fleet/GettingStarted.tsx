import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { Link } from 'react-router'
import { STEPS, useSteps } from '../../session/gettingStarted'
import { useMayAs } from '../../session/session'
import { say } from './words'

/** The next thing to do to know the product by hand, until all are done or somebody puts them away. */
export function GettingStarted() {
  const steps = useSteps()
  const [open, setOpen] = useState(false)
  const may = useMayAs()
  const mine = STEPS.filter((step) => may(step.least))
  const next = mine.find((step) => !steps.isDone(step))
  if (steps.away || !next) return null
  return (
    <Box
      component="section"
      aria-label={say('gettingStarted')}
      sx={{ px: 2, py: 1, borderBottom: 1, borderColor: 'divider', background: 'background.paper' }}
    >
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
        <Box sx={{ flex: 1, minWidth: 200 }}>
          <strong>{say('gettingStarted2', { done: mine.filter(steps.isDone).length, all: mine.length })}</strong>{' '}
          <Link to={next.to}>{next.words}</Link>
        </Box>
        <Button size="small" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? say('nextStep') : say('allSteps')}
        </Button>
        <Button size="small" onClick={steps.putAway}>
          {say('dismiss')}
        </Button>
      </Box>
      {open && (
        <Box component="ol" sx={{ m: 0, mt: 1, pl: 3, display: 'grid', gap: 0.5 }}>
          {mine.map((step) => (
            <li key={step.key}>
              {steps.isDone(step) ? say('done', { step: step.words }) : <Link to={step.to}>{step.words}</Link>}
            </li>
          ))}
        </Box>
      )}
    </Box>
  )
}
