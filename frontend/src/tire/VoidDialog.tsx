import Box from '@mui/material/Box'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../api/client'
import { Entry } from '../ui/Entry'
import { FormDialog } from '../ui/FormDialog'
import { useNotice } from '../ui/Notice'
import { useSend } from '../ui/useSend'

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
      notice({ text: 'Reading voided. It stays in the history, struck out. Alerts it alone had opened are cleared.' })
      onClose()
    },
    null,
  )
  return (
    <FormDialog
      title="Void reading"
      action="Void reading"
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Box sx={{ width: '100%' }}>{line.description}</Box>
      <Entry
        label="What was wrong with it"
        value={reason}
        onChange={setReason}
        error={form.wrong('reason')}
        hint="For example: typed into the wrong tire"
        width="100%"
        autoFocus
      />
      <Box sx={{ color: 'text.secondary' }}>
        Only for a typing error. A reading that was right and has changed since is answered by a new reading.
      </Box>
    </FormDialog>
  )
}
