import Box from '@mui/material/Box'
import type { Schemas } from '../api/client'
import { VerdictIcon } from '../drawings/verdict/VerdictIcon'
import { STATES } from '../drawings/verdict/verdicts'
import { say } from './words'

/** All reasons of a verdict, worst first, each with its rule and who says so. */
export function ReasonList({ judgement }: { judgement: Schemas['AssessmentView'] }) {
  if (judgement.reasons.length === 0) {
    return (
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
        <VerdictIcon verdict="GOOD" named={false} />
        <span>{say('measuredCurrentAndWithinEvery')}</span>
      </Box>
    )
  }
  return (
    <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1.25 }}>
      {judgement.reasons.map((reason) => (
        <Box
          component="li"
          key={`${reason.rule} ${reason.statement}`}
          sx={{ display: 'grid', gridTemplateColumns: '20px 1fr', gap: 1 }}
        >
          <Box sx={{ pt: 0.25 }}>
            <VerdictIcon verdict={reason.verdict} named={false} />
          </Box>
          <div>
            <Box>
              <Box component="span" sx={{ color: STATES[reason.verdict].colour, fontWeight: 700 }}>
                {STATES[reason.verdict].word}
              </Box>{' '}
              <strong>{reason.statement}</strong>
            </Box>
            <div>{reason.explanation}</div>
            <Box sx={{ color: 'text.secondary', fontSize: 12.5 }}>
              {reason.rule} · {reason.authority}: {reason.source}
            </Box>
          </div>
        </Box>
      ))}
    </Box>
  )
}
