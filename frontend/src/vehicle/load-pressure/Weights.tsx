import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { answerOf, api } from '../../api/client'
import { color } from '../../base/theme'
import { useMay } from '../../session/session'
import { Entry } from '../../ui/Entry'
import { FormDialog } from '../../ui/FormDialog'
import { Table } from '../../ui/Table'
import { useSend } from '../../ui/useSend'
import { day } from '../../units/format'
import type { LoadPressureView } from './views'

/** The slips on record, newest first, and how far the newest is from the vehicle's limits. */
export function Weights({ page, vehicleId }: { page: LoadPressureView; vehicleId: number }) {
  const [changed, setChanged] = useState(false)
  const may = useMay('TECHNICIAN')
  return (
    <Box component="section" aria-label="Weights">
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, mb: 0.75, flexWrap: 'wrap' }}>
        <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
          Weights
        </Box>
        {page.gross && (
          <span>
            Gross {page.gross.load} of {page.gross.limit} GVWR:{' '}
            <strong style={page.gross.isExceeded ? { color: color.stop } : undefined}>
              {page.gross.remaining} {page.gross.isExceeded ? 'over' : 'left'}
            </strong>
          </span>
        )}
        {page.bodyChanged && <span>Body or equipment changed {day(page.bodyChanged, page.today)}</span>}
        {may && (
          <Button size="small" onClick={() => setChanged(true)}>
            Body or equipment changed…
          </Button>
        )}
      </Box>
      {page.scaleTickets.length === 0 ? (
        <Box sx={{ color: 'text.secondary' }}>
          Never weighed. Weigh it as it travels: fuel full, fresh water full, waste empty, cargo and people; each wheel
          end if you can.
        </Box>
      ) : (
        <Table
          label="Scale tickets"
          heads={['Day', 'Load', 'Scale', ...page.axles.map((one) => `Axle ${one.axle}`), 'Gross', 'By']}
        >
          {page.scaleTickets.map((slip) => (
            <tr key={slip.id}>
              <Box component="td" sx={{ whiteSpace: 'nowrap' }}>
                {day(slip.on, page.today)}
              </Box>
              <td>{slip.stateLabel}</td>
              <td>
                {slip.scale}
                {slip.disagrees.map((words) => (
                  <Box key={words} sx={{ color: color.watch, fontWeight: 650 }}>
                    {words}
                  </Box>
                ))}
                {slip.note && <Box sx={{ color: 'text.secondary' }}>{slip.note}</Box>}
              </td>
              {slip.axles.map((axle) => (
                <Box component="td" key={axle.axle} sx={{ whiteSpace: 'nowrap' }}>
                  <strong>{axle.total}</strong>
                  {axle.left && (
                    <Box sx={{ fontSize: 12 }}>
                      L {axle.left} · R {axle.right}
                    </Box>
                  )}
                </Box>
              ))}
              <Box component="td" sx={{ whiteSpace: 'nowrap' }}>
                {slip.gross ?? '–'}
              </Box>
              <td>{slip.by}</td>
            </tr>
          ))}
        </Table>
      )}
      {changed && <BodyDialog vehicleId={vehicleId} onClose={() => setChanged(false)} />}
    </Box>
  )
}

function BodyDialog({ vehicleId, onClose }: { vehicleId: number; onClose: () => void }) {
  const [note, setNote] = useState('')
  const [on, setOn] = useState('')
  const form = useSend(
    () =>
      answerOf(
        api.POST('/api/vehicles/{id}/body-changes', {
          params: { path: { id: vehicleId } },
          body: { note, ...(on && { day: on }) },
        }),
      ),
    onClose,
    'The change is on record. Weigh before the next load.',
  )
  return (
    <FormDialog
      title="Body or equipment changed"
      action="Record it"
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Box sx={{ width: '100%' }}>Weights from before count as old from then on: weigh the vehicle again.</Box>
      <Entry label="What changed" value={note} onChange={setNote} error={form.wrong('note')} width="100%" autoFocus />
      <Entry label="Day" type="date" value={on} onChange={setOn} error={form.wrong('day')} hint="Blank: today" />
    </FormDialog>
  )
}
