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
import { say } from './words'

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
  return say('orderIsWithdrawnNothing')
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
        text: say('orderSavedReceiveTheTires'),
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
      title={say('orderTires')}
      action={say('saveOrder')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
      wide
    >
      <Entry
        label={say('orderedFrom')}
        value={supplier}
        onChange={setSupplier}
        error={form.wrong('supplier')}
        autoFocus
      />
      <NameEntry
        label={say('deliveredToYard')}
        value={yard}
        names={register.data?.yards ?? []}
        onChange={setYard}
        error={form.wrong('yard')}
      />
      <Entry label={say('noteOptional')} value={note} onChange={setNote} error={form.wrong('note')} width={300} />
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
            {say('line', { at: at + 1 })}
          </Box>
          <ModelField
            value={line.tireModelId}
            onChange={(id) => change(line.key, { tireModelId: id })}
            error={form.wrong(`lines[${at}].tireModelId`)}
            width={420}
          />
          <Entry
            label={say('howMany')}
            value={line.quantity}
            onChange={(quantity) => change(line.key, { quantity })}
            error={form.wrong(`lines[${at}].quantity`)}
            width={110}
          />
          <Entry
            label={say('priceEach')}
            value={line.price}
            onChange={(price) => change(line.key, { price })}
            error={form.wrong(`lines[${at}].price`)}
            unit={houseStyle.currencySign()}
            width={140}
          />
          {lines.length > 1 && (
            <Button onClick={() => setLines(lines.filter((one) => one.key !== line.key))}>{say('remove')}</Button>
          )}
        </Box>
      ))}
      <Button variant="outlined" onClick={() => setLines([...lines, blank(Date.now())])}>
        {say('anotherLine')}
      </Button>
    </FormDialog>
  )
}
