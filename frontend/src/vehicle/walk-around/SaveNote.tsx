import Box from '@mui/material/Box'
import type { SaveState } from './useWalkAroundPosition'
import { say } from './words'

const WORDS: Record<SaveState, string> = {
  blank: '',
  typing: 'typing…',
  saving: 'saving…',
  saved: 'saved',
  refused: say('notSavedSeeTheMarked'),
  unreachable: say('savedOnThisDevice'),
  conflict: say('changedByAnotherUser'),
}

/** Whether what stands in the fields is safe with the server. */
export function SaveNote({ state }: { state: SaveState }) {
  return (
    <Box component="span" role="status" sx={{ ml: 'auto', color: 'text.secondary', fontSize: 12.5 }}>
      {WORDS[state]}
    </Box>
  )
}
