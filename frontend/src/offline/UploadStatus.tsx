import Box from '@mui/material/Box'
import { Link } from 'react-router'
import { color } from '../base/theme'
import { many } from '../units/format'
import { type Held, uploadQueue } from './uploadQueue'
import { useHeld, useSending } from './useUploadQueue'
import { say } from './words'

/** What waits, in words; empty where nothing does. */
export function waitingWords(held: Held): string {
  const { entries, photos, finishes } = uploadQueue.waiting(held)
  return [
    entries > 0 && many(entries, 'position', 'positions'),
    photos > 0 && many(photos, 'photo', 'photos'),
    finishes > 0 && many(finishes, say('walkAroundToFinish'), say('walkAroundsToFinish')),
  ]
    .filter(Boolean)
    .join(', ')
}

/** What isn't with the server yet, on every page while there is any; sends it when it can. */
export function UploadStatus() {
  useSending()
  const held = useHeld()
  const { conflicts, stuck } = uploadQueue.waiting(held)
  const words = waitingWords(held)
  if (held.reached && stuck === 0) return null
  return (
    <Box
      role="status"
      className="not-printed"
      sx={{
        background: color.waiting,
        borderBottom: 1,
        borderColor: color.waitingEdge,
        px: { xs: 1.5, md: 2.5 },
        py: 0.75,
        display: 'flex',
        gap: 1,
        flexWrap: 'wrap',
      }}
    >
      <strong>
        {conflicts > 0
          ? say('conflictWithAnotherUser')
          : held.reached
            ? say('waitingForADecision')
            : say('noConnectionToTheServer')}
      </strong>
      <span>{words ? say('onThisDeviceNotSent', { words }) : say('whatIsTypedIsSaved')}</span>
      <Link to="/offline">{stuck > 0 ? say('resolve') : say('offline')}</Link>
    </Box>
  )
}
