import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { answerOf, api } from '../api/client'
import { useMay } from '../session/session'
import { useSend } from '../ui/useSend'
import { say } from './words'

/** Tells everybody that the machine's clock can't be right; a manager may say that it is, and ran ahead before. */
export function ClockProblem() {
  const manager = useMay('MANAGER')
  const clock = useQuery({ queryKey: ['clock'], queryFn: () => answerOf(api.GET('/api/clock')) })
  const right = useSend(
    () => answerOf(api.POST('/api/clock')),
    () => undefined,
    say('clockCountsFromNow'),
  )
  if (!clock.data?.statement) return null
  return (
    <Alert
      severity="error"
      sx={{ borderRadius: 0 }}
      action={
        manager && (
          <Button color="inherit" size="small" onClick={right.send} loading={right.busy}>
            {say('clockIsRightNow')}
          </Button>
        )
      }
    >
      {clock.data.statement}
      {manager && say('ifItIsRightNow')}
    </Alert>
  )
}
