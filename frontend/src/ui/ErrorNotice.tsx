import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { Link } from 'react-router'
import { ProblemError } from '../api/client'

/** What went wrong and what to do, where a view would have been. */
export function LoadProblem({ error, again }: { error: unknown; again: () => void }) {
  const problem = error instanceof ProblemError ? error.problem : undefined
  return (
    <Box sx={{ p: 3, maxWidth: 640 }}>
      <Alert severity="error" action={<Button onClick={again}>Try again</Button>}>
        <strong>{problem?.title ?? 'This view failed'}.</strong> {problem?.detail ?? 'Nothing was changed.'}
      </Alert>
    </Box>
  )
}

export function ErrorNotice() {
  return (
    <Box sx={{ p: 3, maxWidth: 640 }}>
      <Alert severity="error" action={<Button onClick={() => location.reload()}>Reload</Button>}>
        <strong>This page failed.</strong> What was saved is safe. Reload to go on.
      </Alert>
    </Box>
  )
}

export function NotHere() {
  return (
    <Box sx={{ p: 3 }}>
      <h1>Page not found</h1>
      <Button component={Link} to="/" variant="outlined">
        Go to Fleet
      </Button>
    </Box>
  )
}
