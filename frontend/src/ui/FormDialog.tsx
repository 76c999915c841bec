import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import useMediaQuery from '@mui/material/useMediaQuery'
import { type ReactNode, useId, useState } from 'react'
import { ProblemError } from '../api/client'
import { ConfirmValue } from './ConfirmValue'

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
  const asked = props.onConfirm && problem && typedOn !== problem ? problem.asks : []
  return (
    <Dialog
      open
      onClose={props.onClose}
      fullWidth
      maxWidth={props.wide ? 'md' : 'sm'}
      fullScreen={phone}
      aria-labelledby={title}
    >
      <DialogTitle id={title}>{props.title}</DialogTitle>
      <Box
        component="form"
        noValidate
        onChange={() => setTypedOn(problem)}
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
              This action failed. Nothing was saved.
            </Alert>
          )}
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'flex-start' }}>{props.children}</Box>
        </DialogContent>
        <DialogActions>
          <Button onClick={props.onClose}>Leave</Button>
          <Button type="submit" variant="contained" loading={props.busy} disabled={props.disabled ?? false}>
            {props.action}
          </Button>
        </DialogActions>
      </Box>
    </Dialog>
  )
}
