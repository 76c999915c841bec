import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useEffect, useRef } from 'react'
import type { Problem } from '../api/client'
import { say } from './words'

/** Figures far from the last ones, each asked about once; kept when somebody says that they are right. */
export function ConfirmValue(props: {
  questions: Problem['fields']
  onConfirm: (() => void) | undefined
  /** Whether the question takes the keys; never its answer, which an Enter typed ahead would give unread. */
  focus?: boolean
}) {
  const question = useRef<HTMLDivElement>(null)
  useEffect(() => {
    if (props.focus) question.current?.focus()
  }, [props.focus])
  return (
    <Alert ref={question} tabIndex={-1} severity="warning" sx={{ mb: 2, width: '100%' }}>
      {props.questions.map((question) => (
        <div key={question.field}>{question.message}</div>
      ))}
      <Box sx={{ mt: 1 }}>
        <Button variant="outlined" color="inherit" sx={{ minHeight: 44 }} onClick={props.onConfirm}>
          {say('confirmReading')}
        </Button>
      </Box>
    </Alert>
  )
}
