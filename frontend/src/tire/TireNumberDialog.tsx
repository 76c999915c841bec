import { useState } from 'react'
import { answerOf, api, type Schemas } from '../api/client'
import { houseStyle } from '../base/settings'
import { Entry } from '../ui/Entry'
import { FormDialog } from '../ui/FormDialog'
import { useNotice } from '../ui/Notice'
import { useSend } from '../ui/useSend'
import { say } from './words'

/** The number branded or painted on a tire, and what it cost. */
export function TireNumberDialog({ tire, onClose }: { tire: Schemas['TirePageView']; onClose: () => void }) {
  const [number, setNumber] = useState(tire.number ?? '')
  const [price, setPrice] = useState(tire.price?.replace(/[$,]/g, '') ?? '')
  const notice = useNotice()
  const form = useSend(
    () => answerOf(api.PUT('/api/tires/{id}', { params: { path: { id: tire.id } }, body: { number, price } })),
    () => {
      notice({ text: say('saved') })
      onClose()
    },
    null,
  )
  return (
    <FormDialog
      title={say('numberAndPrice')}
      action={say('save')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Entry
        label={say('numberOnTheTire')}
        value={number}
        onChange={setNumber}
        error={form.wrong('number')}
        code
        autoFocus
      />
      <Entry
        label={say('pricePaid')}
        value={price}
        onChange={setPrice}
        error={form.wrong('price')}
        unit={houseStyle.currencySign()}
      />
    </FormDialog>
  )
}
