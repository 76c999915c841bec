import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { wearWordsQuery } from '../../api/queries'
import { Choice, Entry } from '../../ui/Entry'
import { FormDialog } from '../../ui/FormDialog'
import { useSend } from '../../ui/useSend'
import { say } from './words'

type Kind = NonNullable<Schemas['VehicleEventRequest']['type']>

/** Nobody knows which corner: every wheel is looked at. */
const UNKNOWN = '-'

/** Something that happened to the vehicle and bears on its wear. */
export function EventDialog(props: { vehicleId: number; positions: string[]; onClose: () => void }) {
  const { vehicleId, onClose } = props
  const words = useQuery(wearWordsQuery)
  const [kind, setKind] = useState<Kind>()
  const [on, setOn] = useState('')
  const [position, setPosition] = useState<string>()
  const [note, setNote] = useState('')
  const form = useSend(
    () =>
      answerOf(
        api.POST('/api/vehicles/{id}/events', {
          params: { path: { id: vehicleId } },
          body: {
            note,
            ...(kind && { type: kind }),
            ...(on && { day: on }),
            ...(position && position !== UNKNOWN && { position }),
          },
        }),
      ),
    onClose,
    say('eventIsOnRecord'),
  )
  return (
    <FormDialog
      title={say('addEvent')}
      action={say('addEvent')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Choice
        label={say('what')}
        value={kind}
        options={(words.data?.events ?? []).map((one) => [one.name as Kind, one.label] as const)}
        onChange={setKind}
        error={form.wrong('type')}
        width={330}
      />
      {kind === 'CURB_STRIKE' && (
        <Choice
          label={say('whereItStruck')}
          value={position}
          options={[...props.positions.map((one) => [one, one] as const), [UNKNOWN, say('cornerNotKnown')] as const]}
          onChange={setPosition}
          error={form.wrong('position')}
          width={200}
        />
      )}
      <Entry
        label={say('day')}
        type="date"
        value={on}
        onChange={setOn}
        error={form.wrong('day')}
        hint={say('blankToday')}
        width={170}
      />
      <Entry
        label={say('note')}
        value={note}
        onChange={setNote}
        error={form.wrong('note')}
        hint={say('readingsBeforeAndAfter')}
        width="100%"
      />
    </FormDialog>
  )
}
