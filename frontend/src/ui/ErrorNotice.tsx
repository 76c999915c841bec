import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { Link } from 'react-router'
import { ProblemError } from '../api/client'
import { say } from './words'

/** What went wrong and what to do, where a view would have been. */
export function LoadProblem({ error, again }: { error: unknown; again: () => void }) {
  const problem = error instanceof ProblemError ? error.problem : undefined
  return (
    <Box sx={{ p: 3, maxWidth: 640 }}>
      <Alert severity="error" action={<Button onClick={again}>{say('tryAgain')}</Button>}>
        <strong>{problem?.title ?? say('thisViewFailed')}.</strong> {problem?.detail ?? say('nothingWasChanged')}
      </Alert>
    </Box>
  )
}

export function ErrorNotice() {
  return (
    <Box sx={{ p: 3, maxWidth: 640 }}>
      <Alert severity="error" action={<Button onClick={() => location.reload()}>{say('reload')}</Button>}>
        <strong>{say('thisPageFailed')}</strong>
        {say('whatWasSavedIsSafe')}
      </Alert>
    </Box>
  )
}

export function NotHere() {
  return (
    <Box sx={{ p: 3 }}>
      <h1>{say('pageNotFound')}</h1>
      <Button component={Link} to="/" variant="outlined">
        {say('goToFleet')}
      </Button>
    </Box>
  )
}
