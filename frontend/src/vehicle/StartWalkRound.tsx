import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { answerOf, api, ProblemError } from '../api/client'
import { usePerson, useUnits } from '../app/settings'
import { PersonField } from '../ui/PersonField'

/** Starts a walk-round or goes on with the one under way; asks who walks where nobody was chosen yet. */
export function StartWalkRound({ vehicleId, open }: { vehicleId: number; open: number | undefined }) {
  const [person] = usePerson()
  const [units] = useUnits()
  const [asking, setAsking] = useState(false)
  const navigate = useNavigate()
  const start = useMutation({
    mutationFn: () =>
      answerOf(
        api.POST('/api/vehicles/{vehicleId}/walk-rounds', {
          params: { path: { vehicleId }, query: { units } },
          body: { by: person as number },
        }),
      ),
    onSuccess: (walk) => navigate(`/vehicles/${vehicleId}/walk-round/${walk.id}`),
    onError: () => setAsking(true),
  })
  const problem = start.error instanceof ProblemError ? start.error : undefined
  return (
    <>
      <Button
        variant="contained"
        loading={start.isPending}
        onClick={() => (person === null ? setAsking(true) : start.mutate())}
      >
        {open === undefined ? 'Start walk-round' : 'Go on with the walk-round'}
      </Button>
      <Dialog open={asking} onClose={() => setAsking(false)} aria-labelledby="who-walks">
        <DialogTitle id="who-walks">Who walks round?</DialogTitle>
        <DialogContent sx={{ pt: '8px !important' }}>
          {problem && !problem.field('by') && (
            <Alert severity="error" sx={{ mb: 2 }}>
              {problem.message}
            </Alert>
          )}
          <PersonField label="Your name" error={problem?.field('by')} />
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setAsking(false)}>Leave</Button>
          <Button variant="contained" disabled={person === null} onClick={() => start.mutate()}>
            Start walk-round
          </Button>
        </DialogActions>
      </Dialog>
    </>
  )
}
