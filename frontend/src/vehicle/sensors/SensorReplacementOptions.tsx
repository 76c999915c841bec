import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { useQuery } from '@tanstack/react-query'
import { answerOf, api } from '../../api/client'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'

/** A dead sensor: one now and the others as they die, or all at once, with what each costs. */
export function SensorReplacementOptions(props: { vehicleId: number; position: string; onClose: () => void }) {
  const query = useQuery({
    queryKey: ['vehicle', props.vehicleId, 'one-or-all', props.position],
    queryFn: () =>
      answerOf(
        api.GET('/api/vehicles/{id}/sensors/{position}/replacement-options', {
          params: { path: { id: props.vehicleId, position: props.position } },
        }),
      ),
  })
  return (
    <Dialog open onClose={props.onClose} fullWidth maxWidth="sm" aria-labelledby="one-or-all">
      <DialogTitle id="one-or-all">The sensor at {props.position} is dead: one, or all?</DialogTitle>
      <DialogContent dividers>
        {query.isPending && <LoadingLines />}
        {query.isError && <LoadProblem error={query.error} again={() => query.refetch()} />}
        {query.data && (
          <Box sx={{ display: 'grid', gap: 1.5 }}>
            <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: '1fr 1fr' }}>
              <div>
                <strong>Replace one at a time</strong>
                <Box sx={{ fontSize: 22, fontWeight: 750 }}>{query.data.oneNow} now</Box>
                <div>{query.data.oneInAll} in all</div>
              </div>
              <div>
                <strong>Replace all</strong>
                <Box sx={{ fontSize: 22, fontWeight: 750 }}>{query.data.all}</Box>
              </div>
            </Box>
            <div>
              <strong>{query.data.cheaper}</strong>
            </div>
            <div>
              <strong>{query.data.safer}</strong>
            </div>
            <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
              {query.data.lines.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </Box>
            <Box sx={{ color: 'text.secondary' }}>
              Reckoned with the policy’s price of a sensor, the shop’s hour and our minutes for a wheel and a bead.
            </Box>
          </Box>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={props.onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  )
}
