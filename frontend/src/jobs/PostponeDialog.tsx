import Box from '@mui/material/Box'
import { useState } from 'react'
import { answerOf, api, type DueLine } from '../api/client'
import { useUnits } from '../base/settings'
import { Entry } from '../ui/Entry'
import { FormDialog } from '../ui/FormDialog'
import { useSend } from '../ui/useSend'
import { say } from './words'

/** Leaves a piece of due work until a day, by name and with a reason. */
export function PostponeDialog({ line, onClose }: { line: DueLine; onClose: () => void }) {
  const [units] = useUnits()
  const [until, setUntil] = useState('')
  const [reason, setReason] = useState('')
  const form = useSend<unknown>(
    () =>
      answerOf(
        api.POST('/api/vehicles/{id}/postponements', {
          params: { path: { id: line.vehicleId }, query: { units } },
          body: { key: line.key, reason, ...(until && { until }) },
        }),
      ),
    onClose,
    say('isPostponed', { unit: line.unit, line: line.label.toLowerCase() }),
  )
  return (
    <FormDialog
      title={say('postpone', { line: line.label, unit: line.unit, positions: line.positions.join(' ') })}
      action={say('postpone2')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Box sx={{ width: '100%' }}>
        {line.reason.statement}. <strong>{say('waitingMeans')}</strong> {line.consequence}
      </Box>
      <Entry
        label={say('until')}
        value={until}
        onChange={setUntil}
        error={form.wrong('until')}
        type="date"
        width={190}
      />
      <Entry label={say('reason')} value={reason} onChange={setReason} error={form.wrong('reason')} width={340} />
    </FormDialog>
  )
}
