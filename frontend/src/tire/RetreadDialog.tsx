import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../api/client'
import { registerQuery } from '../api/queries'
import { houseStyle, useUnits } from '../base/settings'
import { DotEntry } from '../entry/DotEntry'
import { ModelField } from '../entry/ModelField'
import { Entry, NameEntry } from '../ui/Entry'
import { FormDialog } from '../ui/FormDialog'
import { useNotice } from '../ui/Notice'
import { useSend } from '../ui/useSend'
import { depthUnit } from '../units/format'
import { say } from './words'

/** A casing back with a new tread: its mark, its depth, what it cost; age still runs from the casing. */
export function RetreadDialog({ tire, onClose }: { tire: Schemas['TirePageView']; onClose: () => void }) {
  const [units] = useUnits()
  const [retreadCode, setRetreadCode] = useState('')
  const [depth, setDepth] = useState('')
  const [price, setPrice] = useState('')
  const [yard, setYard] = useState('')
  const [shelf, setShelf] = useState('')
  const [modelId, setModelId] = useState<number | undefined>(tire.modelId)
  const register = useQuery(registerQuery)
  const notice = useNotice()
  const form = useSend(
    (key) =>
      answerOf(
        api.POST('/api/tires/{id}/retread-return', {
          params: { path: { id: tire.id }, query: { units }, header: { 'Idempotency-Key': key } },
          body: { retreadCode, depth, price, yard, shelf, ...(modelId !== undefined && { tireModelId: modelId }) },
        }),
      ),
    (moved) => {
      notice({ text: say('backFromRetreadItNever', { where: moved.where }) })
      onClose()
    },
    null,
  )
  return (
    <FormDialog
      title={say('backFromRetread')}
      action={say('takeIt')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <DotEntry
        label={say('retreadersMarkAfterDotR')}
        value={retreadCode}
        onChange={setRetreadCode}
        error={form.wrong('retreadCode')}
        retread
        autoFocus
        width="100%"
      />
      <Entry
        label={say('newTread')}
        value={depth}
        onChange={setDepth}
        error={form.wrong('depth')}
        unit={depthUnit(units)}
        width={170}
      />
      <Entry
        label={say('priceOfTheRetreadOptional')}
        value={price}
        onChange={setPrice}
        error={form.wrong('price')}
        unit={houseStyle.currencySign()}
        hint={say('addedToWhatItHas')}
      />
      <NameEntry
        label={say('yard')}
        value={yard}
        names={register.data?.yards ?? []}
        onChange={setYard}
        error={form.wrong('yard')}
      />
      <Entry label={say('shelfOptional')} value={shelf} onChange={setShelf} error={form.wrong('shelf')} />
      <ModelField label={say('modelNow')} value={modelId} onChange={setModelId} error={form.wrong('tireModelId')} />
    </FormDialog>
  )
}
