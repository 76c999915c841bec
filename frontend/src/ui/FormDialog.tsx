import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import useMediaQuery from '@mui/material/useMediaQuery'
import { type ReactNode, useEffect, useId, useRef, useState } from 'react'
import { ProblemError } from '../api/client'
import { ConfirmValue } from './ConfirmValue'
import { say } from './words'

/** A form over the page: what is wrong at the top or at its field, leaving on the left, the one action on the right. */
export function FormDialog(props: {
  title: string
  action: string
  error: unknown
  busy: boolean
  onSend: () => void
  onClose: () => void
  /** Sends again with the answer that the figure asked about is right. */
  onConfirm?: () => void
  wide?: boolean
  disabled?: boolean
  children: ReactNode
}) {
  const title = useId()
  const phone = useMediaQuery('(max-width: 600px)')
  const problem = props.error instanceof ProblemError ? props.error : undefined
  // A question is about the figure as it was sent: typing on takes the answer away with it.
  const [typedOn, setTypedOn] = useState<unknown>()
  const form = useRef<HTMLFormElement>(null)
  useEffect(() => {
    if (problem) form.current?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus()
  }, [problem])
  // What was typed isn't lost by a slip of a finger: Escape, a click beside the dialog and Cancel ask first.
  const [typed, setTyped] = useState(false)
  const [leaving, setLeaving] = useState(false)
  const leave = () => {
    if (leaving) setLeaving(false)
    else if (typed) setLeaving(true)
    else props.onClose()
  }
  const asked = props.onConfirm && problem && typedOn !== problem ? problem.asks : []
  return (
    <Dialog
      open
      onClose={leave}
      fullWidth
      maxWidth={props.wide ? 'md' : 'sm'}
      fullScreen={phone}
      aria-labelledby={title}
    >
      <DialogTitle id={title}>{props.title}</DialogTitle>
      <Box
        component="form"
        ref={form}
        noValidate
        onChange={() => {
          setTypedOn(problem)
          setTyped(true)
        }}
        onSubmit={(event) => {
          event.preventDefault()
          event.stopPropagation()
          props.onSend()
        }}
        sx={{ display: 'contents' }}
      >
        <DialogContent dividers>
          {asked.length > 0 && <ConfirmValue questions={asked} onConfirm={props.onConfirm} />}
          {problem && asked.length === 0 && (
            <Alert severity="error" sx={{ mb: 2 }}>
              <strong>{problem.problem.title}.</strong> {problem.problem.detail}
            </Alert>
          )}
          {props.error !== null && props.error !== undefined && !problem && (
            <Alert severity="error" sx={{ mb: 2 }}>
              {say('thisActionFailedNothingWas')}
            </Alert>
          )}
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'flex-start' }}>{props.children}</Box>
        </DialogContent>
        {leaving ? (
          <DialogActions>
            <Box role="alert" sx={{ mr: 'auto', fontWeight: 650 }}>
              {say('discardWhatYouEntered')}
            </Box>
            <Button onClick={props.onClose}>{say('discard')}</Button>
            <Button variant="contained" autoFocus onClick={() => setLeaving(false)}>
              {say('keepEditing')}
            </Button>
          </DialogActions>
        ) : (
          <DialogActions>
            <Button onClick={leave}>{say('cancel')}</Button>
            <Button type="submit" variant="contained" loading={props.busy} disabled={props.disabled ?? false}>
              {props.action}
            </Button>
          </DialogActions>
        )}
      </Box>
    </Dialog>
  )
}
