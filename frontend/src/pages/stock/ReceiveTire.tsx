import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api } from '../../api/client'
import { registerQuery } from '../../api/queries'
import { houseStyle, useUnits } from '../../base/settings'
import { DotEntry } from '../../entry/DotEntry'
import { ModelField } from '../../entry/ModelField'
import { Entry, NameEntry } from '../../ui/Entry'
import { FormDialog } from '../../ui/FormDialog'
import { useNotice } from '../../ui/Notice'
import { useSend } from '../../ui/useSend'
import { depthUnit } from '../../units/format'

/** Puts one tire on record that came without an order: of a model on file, it takes its DOT code and nothing else. */
export function ReceiveTire({ onClose }: { onClose: () => void }) {
  const [units] = useUnits()
  const [modelId, setModelId] = useState<number>()
  const [dotCode, setDotCode] = useState('')
  const [retread, setRetread] = useState(false)
  const [retreadCode, setRetreadCode] = useState('')
  const [number, setNumber] = useState('')
  const [price, setPrice] = useState('')
  const [depth, setDepth] = useState('')
  const [yard, setYard] = useState('')
  const [shelf, setShelf] = useState('')
  const register = useQuery(registerQuery)
  const notice = useNotice()
  const form = useSend(
    (key) =>
      answerOf(
        api.POST('/api/tires', {
          params: { query: { units }, header: { 'Idempotency-Key': key } },
          body: {
            dotCode,
            retread,
            retreadCode,
            number,
            price,
            depth,
            yard,
            shelf,
            ...(modelId !== undefined && { tireModelId: modelId }),
          },
        }),
      ),
    (recorded) => {
      notice({ text: ['Tire added.', ...recorded.notes].join(' ') })
      onClose()
    },
    null,
  )
  return (
    <FormDialog
      title="Receive a tire"
      action="Add tire"
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <ModelField value={modelId} onChange={setModelId} error={form.wrong('tireModelId')} autoFocus />
      <FormControlLabel
        control={<Checkbox checked={retread} onChange={(event) => setRetread(event.target.checked)} />}
        label="It is a retread (a rounded edge or seam at the tread shoulder)"
        sx={{ width: '100%' }}
      />
      <DotEntry
        label={retread ? 'DOT code of the casing, if readable' : 'DOT code'}
        value={dotCode}
        onChange={setDotCode}
        error={form.wrong('dotCode')}
        width="100%"
      />
      {retread && (
        <DotEntry
          label="Retreader’s mark after DOT-R"
          value={retreadCode}
          onChange={setRetreadCode}
          error={form.wrong('retreadCode')}
          retread
          width="100%"
        />
      )}
      <NameEntry
        label="Yard"
        value={yard}
        names={register.data?.yards ?? []}
        onChange={setYard}
        error={form.wrong('yard')}
      />
      <Entry label="Shelf (optional)" value={shelf} onChange={setShelf} error={form.wrong('shelf')} />
      <Entry label="Number on it (optional)" value={number} onChange={setNumber} error={form.wrong('number')} code />
      <Entry
        label="Lowest tread (optional)"
        value={depth}
        onChange={setDepth}
        error={form.wrong('depth')}
        unit={depthUnit(units)}
      />
      <Entry
        label="Price (optional)"
        value={price}
        onChange={setPrice}
        error={form.wrong('price')}
        unit={houseStyle.currencySign()}
        hint="Blank: from the catalog"
      />
    </FormDialog>
  )
}
