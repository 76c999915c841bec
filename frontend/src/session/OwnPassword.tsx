import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, ProblemError } from '../api/client'
import { Entry } from '../ui/Entry'
import { FormDialog } from '../ui/FormDialog'
import { useNotice } from '../ui/Notice'
import { say } from './words'

/** Changing one's own password; other devices are signed out by it. */
export function OwnPassword({ onClose }: { onClose: () => void }) {
  const [old, setOld] = useState('')
  const [password, setPassword] = useState('')
  const notice = useNotice()
  const change = useMutation({
    mutationFn: () => answerOf(api.PUT('/api/session/password', { body: { old, password } })),
    onSuccess: () => {
      notice({ text: say('passwordChangedOtherDevices') })
      onClose()
    },
  })
  const problem = change.error instanceof ProblemError ? change.error : undefined
  return (
    <FormDialog
      title={say('changeYourPassword')}
      action={say('changeThePassword')}
      error={change.error}
      busy={change.isPending}
      onSend={() => change.mutate()}
      onClose={onClose}
    >
      <Entry
        label={say('currentPassword')}
        type="password"
        value={old}
        onChange={setOld}
        error={problem?.field('old')}
        width="100%"
        autoFocus
      />
      <Entry
        label={say('newPassword')}
        type="password"
        value={password}
        onChange={setPassword}
        error={problem?.field('password')}
        hint={say('atLeast12Characters')}
        width="100%"
      />
    </FormDialog>
  )
}
