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
import { say } from './words'

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
      notice({ text: [say('tireAdded'), ...recorded.notes].join(' ') })
      onClose()
    },
    null,
  )
  return (
    <FormDialog
      title={say('receiveATire')}
      action={say('addTire')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <ModelField value={modelId} onChange={setModelId} error={form.wrong('tireModelId')} autoFocus />
      <FormControlLabel
        control={<Checkbox checked={retread} onChange={(event) => setRetread(event.target.checked)} />}
        label={say('itIsARetread')}
        sx={{ width: '100%' }}
      />
      <DotEntry
        label={retread ? say('dotCodeOfTheCasing') : say('dotCode')}
        value={dotCode}
        onChange={setDotCode}
        error={form.wrong('dotCode')}
        width="100%"
      />
      {retread && (
        <DotEntry
          label={say('retreadersMarkAfterDotR')}
          value={retreadCode}
          onChange={setRetreadCode}
          error={form.wrong('retreadCode')}
          retread
          width="100%"
        />
      )}
      <NameEntry
        label={say('yard')}
        value={yard}
        names={register.data?.yards ?? []}
        onChange={setYard}
        error={form.wrong('yard')}
      />
      <Entry label={say('shelfOptional')} value={shelf} onChange={setShelf} error={form.wrong('shelf')} />
      <Entry label={say('numberOnItOptional')} value={number} onChange={setNumber} error={form.wrong('number')} code />
      <Entry
        label={say('lowestTreadOptional')}
        value={depth}
        onChange={setDepth}
        error={form.wrong('depth')}
        unit={depthUnit(units)}
      />
      <Entry
        label={say('priceOptional')}
        value={price}
        onChange={setPrice}
        error={form.wrong('price')}
        unit={houseStyle.currencySign()}
        hint={say('blankFromTheCatalog')}
      />
    </FormDialog>
  )
}
