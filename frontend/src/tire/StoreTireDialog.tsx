import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../api/client'
import { registerQuery } from '../api/queries'
import { useUnits } from '../base/settings'
import { Choice, Entry, NameEntry } from '../ui/Entry'
import { FormDialog } from '../ui/FormDialog'
import { useNotice } from '../ui/Notice'
import { useSend } from '../ui/useSend'
import { depthUnit, localDay } from '../units/format'
import { DayAndOdometer } from './DayAndOdometer'

type State = NonNullable<Schemas['StoreTireRequest']['to']>

const GOALS: readonly (readonly [State, string])[] = [
  ['IN_STOCK', 'into stock'],
  ['RETREAD_CANDIDATE', 'set aside for retread'],
  ['AT_RETREADER', 'to the retreader'],
  ['SCRAPPED', 'to scrap'],
]

/** Takes a tire off its vehicle or moves it in stock: to a shelf, for retread, to scrap. */
export function StoreTireDialog({ tire, onClose }: { tire: Schemas['TirePageView']; onClose: () => void }) {
  const [units] = useUnits()
  const on = tire.where.vehicleId !== undefined
  const [to, setTo] = useState<State>('IN_STOCK')
  const [yard, setYard] = useState('')
  const [shelf, setShelf] = useState('')
  const [reason, setReason] = useState('')
  const [depth, setDepth] = useState('')
  const [day, setDay] = useState(localDay(new Date()))
  const [odometer, setOdometer] = useState('')
  const [note, setNote] = useState('')
  const register = useQuery(registerQuery)
  const notice = useNotice()
  const form = useSend(
    (key, confirmed) =>
      answerOf(
        api.POST('/api/tires/{id}/storage', {
          params: { path: { id: tire.id }, query: { units }, header: { 'Idempotency-Key': key } },
          body: { to, yard, shelf, reason, depth, odometer, day, note, confirmed },
        }),
      ),
    (moved) => {
      notice({
        text: `${tire.number ?? `Tire ${tire.id}`} is now ${moved.where}.`,
        ...(on && {
          undo: async () => {
            const back = await answerOf(api.POST('/api/tires/{id}/storage/undo', { params: { path: { id: tire.id } } }))
            return `${tire.number ?? `Tire ${tire.id}`} is on ${back.where} again. Both entries stay in its history.`
          },
        }),
      })
      onClose()
    },
    null,
  )
  const lies = to === 'IN_STOCK' || to === 'RETREAD_CANDIDATE'
  return (
    <FormDialog
      title={
        on
          ? `Take ${tire.number ?? `tire ${tire.id}`} off ${tire.where.unit} ${tire.where.position}`
          : 'Put it elsewhere'
      }
      action={to === 'SCRAPPED' ? 'Scrap it' : on ? 'Remove' : 'Store'}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onConfirm={form.confirm}
      onClose={onClose}
    >
      <Choice label="Where it goes" value={to} options={GOALS} onChange={setTo} error={form.wrong('to')} />
      {lies && (
        <>
          <NameEntry
            label="Yard"
            value={yard}
            names={register.data?.yards ?? []}
            onChange={setYard}
            error={form.wrong('yard')}
          />
          <Entry label="Shelf (optional)" value={shelf} onChange={setShelf} error={form.wrong('shelf')} />
        </>
      )}
      <NameEntry
        label={to === 'SCRAPPED' ? 'Why it is scrapped' : 'Why (optional)'}
        value={reason}
        names={['tread at its limit', 'age', 'damage', 'bead torn', 'sidewall cracks', 'puncture not repairable']}
        onChange={setReason}
        error={form.wrong('reason')}
      />
      <Entry
        label={to === 'SCRAPPED' ? 'Lowest tread' : 'Lowest tread (optional)'}
        value={depth}
        onChange={setDepth}
        error={form.wrong('depth')}
        unit={depthUnit(units)}
        width={180}
      />
      <DayAndOdometer day={day} onDay={setDay} {...(on && { odometer, onOdometer: setOdometer })} wrong={form.wrong} />
      <Entry label="Note (optional)" value={note} onChange={setNote} error={form.wrong('note')} width="100%" />
    </FormDialog>
  )
}
