import Box from '@mui/material/Box'
import type { SaveState } from './useWalkAroundPosition'

const WORDS: Record<SaveState, string> = {
  blank: '',
  typing: 'typing…',
  saving: 'saving…',
  saved: 'saved',
  refused: 'not saved: see the marked entry',
  unreachable: 'saved on this device',
  conflict: 'changed by another user',
}

/** Whether what stands in the fields is safe with the server. */
export function SaveNote({ state }: { state: SaveState }) {
  return (
    <Box component="span" role="status" sx={{ ml: 'auto', color: 'text.secondary', fontSize: 12.5 }}>
      {WORDS[state]}
    </Box>
  )
}
