import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api } from '../../api/client'
import { registerQuery } from '../../api/queries'
import { houseStyle } from '../../base/settings'
import { ModelField } from '../../entry/ModelField'
import { Entry, NameEntry } from '../../ui/Entry'
import { FormDialog } from '../../ui/FormDialog'
import { useNotice } from '../../ui/Notice'
import { useSend } from '../../ui/useSend'

interface DraftLine {
  key: number
  tireModelId: number | undefined
  quantity: string
  price: string
}

const blank = (key: number): DraftLine => ({ key, tireModelId: undefined, quantity: '4', price: '' })

/** Takes back an order written by mistake. */
export async function withdrawn(orderId: number) {
  await answerOf(api.POST('/api/orders/{id}/withdraw', { params: { path: { id: orderId } } }))
  return 'The order is withdrawn. Nothing of it is expected any more.'
}

/** Writes an order down, so that what comes can be held against it. */
export function OrderDialog({ onClose }: { onClose: () => void }) {
  const [supplier, setSupplier] = useState('')
  const [yard, setYard] = useState('')
  const [note, setNote] = useState('')
  const [lines, setLines] = useState<DraftLine[]>([blank(0)])
  const register = useQuery(registerQuery)
  const notice = useNotice()
  const form = useSend(
    (key) =>
      answerOf(
        api.POST('/api/orders', {
          params: { header: { 'Idempotency-Key': key } },
          body: {
            supplier,
            yard,
            note,
            lines: lines.map((line) => ({
              quantity: Number.parseInt(line.quantity, 10) || 0,
              price: line.price,
              ...(line.tireModelId !== undefined && { tireModelId: line.tireModelId }),
            })),
          },
        }),
      ),
    ({ id }) => {
      notice({
        text: 'Order saved. Receive the tires against it on delivery.',
        undo: () => withdrawn(id),
      })
      onClose()
    },
    null,
  )
  const change = (key: number, part: Partial<DraftLine>) =>
    setLines(lines.map((line) => (line.key === key ? { ...line, ...part } : line)))
  return (
    <FormDialog
      title="Order tires"
      action="Save order"
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
      wide
    >
      <Entry label="Ordered from" value={supplier} onChange={setSupplier} error={form.wrong('supplier')} autoFocus />
      <NameEntry
        label="Delivered to yard"
        value={yard}
        names={register.data?.yards ?? []}
        onChange={setYard}
        error={form.wrong('yard')}
      />
      <Entry label="Note (optional)" value={note} onChange={setNote} error={form.wrong('note')} width={300} />
      {lines.map((line, at) => (
        <Box
          key={line.key}
          component="fieldset"
          sx={{
            border: 0,
            borderTop: 1,
            borderColor: 'divider',
            p: 0,
            pt: 2,
            m: 0,
            width: '100%',
            display: 'flex',
            gap: 1.5,
            flexWrap: 'wrap',
          }}
        >
          <Box component="legend" sx={{ float: 'left', width: '100%', p: 0 }}>
            Line {at + 1}
          </Box>
          <ModelField
            value={line.tireModelId}
            onChange={(id) => change(line.key, { tireModelId: id })}
            error={form.wrong(`lines[${at}].tireModelId`)}
            width={420}
          />
          <Entry
            label="How many"
            value={line.quantity}
            onChange={(quantity) => change(line.key, { quantity })}
            error={form.wrong(`lines[${at}].quantity`)}
            width={110}
          />
          <Entry
            label="Price each"
            value={line.price}
            onChange={(price) => change(line.key, { price })}
            error={form.wrong(`lines[${at}].price`)}
            unit={houseStyle.currencySign()}
            width={140}
          />
          {lines.length > 1 && (
            <Button onClick={() => setLines(lines.filter((one) => one.key !== line.key))}>Remove</Button>
          )}
        </Box>
      ))}
      <Button variant="outlined" onClick={() => setLines([...lines, blank(Date.now())])}>
        Another line
      </Button>
    </FormDialog>
  )
}
