import Box from '@mui/material/Box'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../api/client'
import { useUnits } from '../base/settings'
import { Entry } from '../ui/Entry'
import { FormDialog } from '../ui/FormDialog'
import { useNotice } from '../ui/Notice'
import { useSend } from '../ui/useSend'
import { DayAndOdometer } from './DayAndOdometer'
import { say } from './words'

/** Puts a line of the ledger right by a new one; the old line stays to be seen. */
export function CorrectEntryDialog({ line, onClose }: { line: Schemas['TireHistoryEntryView']; onClose: () => void }) {
  const [units] = useUnits()
  const [day, setDay] = useState(line.at.slice(0, 10))
  const [odometer, setOdometer] = useState('')
  const [note, setNote] = useState('')
  const notice = useNotice()
  const form = useSend(
    () =>
      answerOf(
        api.POST('/api/movements/{id}/correct', {
          params: { path: { id: line.id }, query: { units } },
          body: { odometer, note, ...(day !== line.at.slice(0, 10) && { day }) },
        }),
      ),
    () => {
      notice({ text: say('correctionSavedTheOriginalEntry') })
      onClose()
    },
    null,
  )
  return (
    <FormDialog
      title={say('correctALine')}
      action={say('writeTheCorrection')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Box sx={{ width: '100%' }}>{line.description}</Box>
      <DayAndOdometer day={day} onDay={setDay} odometer={odometer} onOdometer={setOdometer} wrong={form.wrong} />
      <Entry label={say('whatWasWrong')} value={note} onChange={setNote} error={form.wrong('note')} width="100%" />
      <Box sx={{ color: 'text.secondary' }}>{say('tireThatIsRecorded')}</Box>
    </FormDialog>
  )
}
