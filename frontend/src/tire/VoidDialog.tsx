import Box from '@mui/material/Box'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../api/client'
import { Entry } from '../ui/Entry'
import { FormDialog } from '../ui/FormDialog'
import { useNotice } from '../ui/Notice'
import { useSend } from '../ui/useSend'
import { say } from './words'

/** Takes a mistyped reading out of all judging, by name and reason; it stays on file, struck out. */
export function VoidDialog({ line, onClose }: { line: Schemas['TireHistoryEntryView']; onClose: () => void }) {
  const [reason, setReason] = useState('')
  const notice = useNotice()
  const form = useSend(
    () =>
      answerOf(
        api.POST('/api/readings/{id}/void', { params: { path: { id: line.readingId ?? 0 } }, body: { reason } }),
      ),
    () => {
      notice({ text: say('readingVoidedItStays') })
      onClose()
    },
    null,
  )
  return (
    <FormDialog
      title={say('voidReading')}
      action={say('voidReading')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Box sx={{ width: '100%' }}>{line.description}</Box>
      <Entry
        label={say('whatWasWrong2')}
        value={reason}
        onChange={setReason}
        error={form.wrong('reason')}
        hint={say('forExampleTypedInto')}
        width="100%"
        autoFocus
      />
      <Box sx={{ color: 'text.secondary' }}>{say('onlyForATypingError')}</Box>
    </FormDialog>
  )
}
