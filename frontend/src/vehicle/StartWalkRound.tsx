import Button from '@mui/material/Button'
import { useMutation } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { answerOf, api } from '../api/client'
import { useUnits } from '../app/settings'
import { useMay } from '../session/session'
import { useNotice } from '../ui/Notice'

/** Starts a walk-round or goes on with the one under way. */
export function StartWalkRound({ vehicleId, open }: { vehicleId: number; open: number | undefined }) {
  const [units] = useUnits()
  const may = useMay('TECHNICIAN')
  const navigate = useNavigate()
  const notice = useNotice()
  const start = useMutation({
    mutationFn: () =>
      answerOf(
        api.POST('/api/vehicles/{vehicleId}/walk-rounds', { params: { path: { vehicleId }, query: { units } } }),
      ),
    onSuccess: (walk) => navigate(`/vehicles/${vehicleId}/walk-round/${walk.id}`),
    onError: (error) => notice({ text: error.message }),
  })
  if (!may) return null
  return (
    <Button variant="contained" loading={start.isPending} onClick={() => start.mutate()}>
      {open === undefined ? 'Start walk-round' : 'Go on with the walk-round'}
    </Button>
  )
}
