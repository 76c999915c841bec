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
import { say } from './words'

type State = NonNullable<Schemas['StoreTireRequest']['to']>

const GOALS: readonly (readonly [State, string])[] = [
  ['IN_STOCK', say('intoStock')],
  ['RETREAD_CANDIDATE', say('setAsideForRetread')],
  ['AT_RETREADER', say('toTheRetreader')],
  ['SCRAPPED', say('toScrap')],
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
        text: say('isNow', { number: tire.number ?? say('tire2', { id: tire.id }), where: moved.where }),
        ...(on && {
          undo: async () => {
            const back = await answerOf(api.POST('/api/tires/{id}/storage/undo', { params: { path: { id: tire.id } } }))
            return say('isOnAgainBothEntries', {
              number: tire.number ?? say('tire2', { id: tire.id }),
              where: back.where,
            })
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
          ? say('takeOff', {
              number: tire.number ?? say('tire', { id: tire.id }),
              unit: tire.where.unit,
              position: tire.where.position,
            })
          : say('putItElsewhere')
      }
      action={to === 'SCRAPPED' ? say('scrapIt') : on ? say('remove2') : say('store')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onConfirm={form.confirm}
      onClose={onClose}
    >
      <Choice label={say('whereItGoes')} value={to} options={GOALS} onChange={setTo} error={form.wrong('to')} />
      {lies && (
        <>
          <NameEntry
            label={say('yard')}
            value={yard}
            names={register.data?.yards ?? []}
            onChange={setYard}
            error={form.wrong('yard')}
          />
          <Entry label={say('shelfOptional')} value={shelf} onChange={setShelf} error={form.wrong('shelf')} />
        </>
      )}
      <NameEntry
        label={to === 'SCRAPPED' ? say('whyItIsScrapped') : say('whyOptional')}
        value={reason}
        names={[
          say('treadAtItsLimit'),
          'age',
          'damage',
          say('beadTorn'),
          say('sidewallCracks'),
          say('punctureNotRepairable'),
        ]}
        onChange={setReason}
        error={form.wrong('reason')}
      />
      <Entry
        label={to === 'SCRAPPED' ? say('lowestTread') : say('lowestTreadOptional')}
        value={depth}
        onChange={setDepth}
        error={form.wrong('depth')}
        unit={depthUnit(units)}
        width={180}
      />
      <DayAndOdometer day={day} onDay={setDay} {...(on && { odometer, onOdometer: setOdometer })} wrong={form.wrong} />
      <Entry label={say('noteOptional')} value={note} onChange={setNote} error={form.wrong('note')} width="100%" />
    </FormDialog>
  )
}
