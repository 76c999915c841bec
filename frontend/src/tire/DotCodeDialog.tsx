import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../api/client'
import { DotEntry } from '../entry/DotEntry'
import { FormDialog } from '../ui/FormDialog'
import { useNotice } from '../ui/Notice'
import { useSend } from '../ui/useSend'
import { say } from './words'

/** Records the code read off a tire; an older one stays in its history. */
export function DotCodeDialog({ tire, onClose }: { tire: Schemas['TirePageView']; onClose: () => void }) {
  const [dotCode, setDotCode] = useState('')
  const [retreadMark, setRetreadMark] = useState(false)
  const notice = useNotice()
  const form = useSend(
    () =>
      answerOf(api.POST('/api/tires/{id}/dot', { params: { path: { id: tire.id } }, body: { dotCode, retreadMark } })),
    (recorded) => {
      notice({ text: [say('codeIsOnRecord'), ...recorded.notes].join(' ') })
      onClose()
    },
    null,
  )
  return (
    <FormDialog
      title={say('readTheDotCode', { number: tire.number ?? say('tire', { id: tire.id }) })}
      action={say('recordIt')}
      error={form.error}
      busy={form.busy}
      onSend={form.send}
      onClose={onClose}
    >
      <DotEntry
        label={retreadMark ? say('retreadersMarkAfterDotR') : tire.retread ? say('dotCodeOfTheCasing') : say('dotCode')}
        value={dotCode}
        onChange={setDotCode}
        error={form.wrong('dotCode')}
        retread={retreadMark}
        autoFocus
        width="100%"
      />
      {tire.retread && (
        <FormControlLabel
          control={<Checkbox checked={retreadMark} onChange={(event) => setRetreadMark(event.target.checked)} />}
          label={say('thisIsTheRetreadersMark')}
        />
      )}
    </FormDialog>
  )
}
