import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { wearWordsQuery } from '../../api/queries'
import { Choice, Entry } from '../../ui/Entry'
import { FormDialog } from '../../ui/FormDialog'
import { useSend } from '../../ui/useSend'

type Kind = NonNullable<Schemas['NewEvent']['kind']>

/** Something that happened to the vehicle and bears on its wear. */
export function EventDialog({ vehicleId, onClose }: { vehicleId: number; onClose: () => void }) {
  const words = useQuery(wearWordsQuery)
  const [kind, setKind] = useState<Kind>()
  const [on, setOn] = useState('')
  const [note, setNote] = useState('')
  const form = useSend(
    () =>
      answerOf(
        api.POST('/api/vehicles/{id}/events', {
          params: { path: { id: vehicleId } },
          body: { note, ...(kind && { kind }), ...(on && { day: on }) },
        }),
      ),
    onClose,
  )
  return (
    <FormDialog
      title="What happened to it"
      action="Record it"
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <Choice
        label="What"
        value={kind}
        options={(words.data?.events ?? []).map((one) => [one.name as Kind, one.words] as const)}
        onChange={setKind}
        error={form.wrong('kind')}
        width={330}
      />
      <Entry
        label="Day"
        type="date"
        value={on}
        onChange={setOn}
        error={form.wrong('day')}
        hint="Blank: today"
        width={170}
      />
      <Entry
        label="Note"
        value={note}
        onChange={setNote}
        error={form.wrong('note')}
        hint="Figures before and after, by whom"
        width="100%"
      />
    </FormDialog>
  )
}
