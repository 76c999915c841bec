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
import { say } from './words'

/** The slips on record, newest first, and how far the newest is from the vehicle's limits. */
export function Weights({ page, vehicleId }: { page: LoadPressureView; vehicleId: number }) {
  const [changed, setChanged] = useState(false)
  const may = useMay('TECHNICIAN')
  return (
    <Box component="section" aria-label={say('weights')}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, mb: 0.75, flexWrap: 'wrap' }}>
        <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
          {say('weights')}
        </Box>
        {page.gross && (
          <span>
            {say('grossOfGvwr', { load: page.gross.load, limit: page.gross.limit })}
            <strong style={page.gross.isExceeded ? { color: color.stop } : undefined}>
              {page.gross.remaining} {page.gross.isExceeded ? 'over' : 'left'}
            </strong>
          </span>
        )}
        {page.bodyChanged && (
          <span>{say('bodyOrEquipmentChanged', { bodyChanged: day(page.bodyChanged, page.today) })}</span>
        )}
        {may && (
          <Button size="small" onClick={() => setChanged(true)}>
            {say('bodyOrEquipmentChanged2')}
          </Button>
        )}
      </Box>
      {page.scaleTickets.length === 0 ? (
        <Box sx={{ color: 'text.secondary' }}>{say('neverWeighedWeigh')}</Box>
      ) : (
        <Table
          label={say('scaleTickets')}
          heads={[
            say('day'),
            say('load'),
            say('scale'),
            ...page.axles.map((one) => say('axle3', { axle: one.axle })),
            say('gross'),
            say('by'),
          ]}
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
                  {axle.left && <Box sx={{ fontSize: 12 }}>{say('lR', { left: axle.left, right: axle.right })}</Box>}
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
    say('changeIsOnRecordWeigh'),
  )
  return (
    <FormDialog
      title={say('bodyOrEquipmentChanged3')}
      action={say('recordIt')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Box sx={{ width: '100%' }}>{say('weightsFromBeforeCount')}</Box>
      <Entry
        label={say('whatChanged')}
        value={note}
        onChange={setNote}
        error={form.wrong('note')}
        width="100%"
        autoFocus
      />
      <Entry
        label={say('day')}
        type="date"
        value={on}
        onChange={setOn}
        error={form.wrong('day')}
        hint={say('blankToday')}
      />
    </FormDialog>
  )
}
