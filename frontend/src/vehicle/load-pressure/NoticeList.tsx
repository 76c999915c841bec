import Box from '@mui/material/Box'
import type { Schemas } from '../../api/client'
import { VerdictIcon } from '../../drawings/verdict/VerdictIcon'
import { say } from './words'

type Concern = Schemas['NoticeView']

const VERDICT = {
  DO_NOT_OPERATE: 'DO_NOT_OPERATE',
  SERVICE_DUE: 'SERVICE_DUE',
  WATCH: 'WATCH',
  UNKNOWN: 'UNKNOWN',
} as const

/** What has to be known about an axle, worst first; plain notes carry no state. */
export function NoticeList({ concerns }: { concerns: Concern[] }) {
  if (concerns.length === 0) return null
  return (
    <Box
      component="ul"
      aria-label={say('toKnow')}
      sx={{ listStyle: 'none', m: 0, mt: 1.5, p: 0, display: 'grid', gap: 1 }}
    >
      {concerns.map((concern) => (
        <Box component="li" key={concern.statement} sx={{ display: 'grid', gridTemplateColumns: '20px 1fr', gap: 1 }}>
          <Box sx={{ pt: 0.25 }}>
            {concern.severity === 'NOTE' ? (
              <Box aria-hidden sx={{ width: 14, textAlign: 'center', fontWeight: 700 }}>
                –
              </Box>
            ) : (
              <VerdictIcon verdict={VERDICT[concern.severity]} />
            )}
          </Box>
          <div>
            <strong>{concern.statement}.</strong> {concern.explanation}
          </div>
        </Box>
      ))}
    </Box>
  )
}
