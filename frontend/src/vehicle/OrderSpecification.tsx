import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api } from '../api/client'
import { useUnits } from '../base/settings'
import { color } from '../base/theme'
import { LoadProblem } from '../ui/ErrorNotice'
import { LoadingLines } from '../ui/Loading'
import { say } from './words'

/** What to order for a position, each line with where it comes from; the text goes to the supplier as it is. */
export function OrderSpecification(props: { vehicleId: number; position: string; onClose: () => void }) {
  const [units] = useUnits()
  const [copied, setCopied] = useState('')
  const order = useQuery({
    queryKey: ['order-for', props.vehicleId, props.position, units],
    queryFn: () =>
      answerOf(
        api.GET('/api/vehicles/{id}/positions/{position}/order', {
          params: { path: { id: props.vehicleId, position: props.position }, query: { units } },
        }),
      ),
  })
  const copy = async (text: string) => {
    try {
      await navigator.clipboard.writeText(text)
      setCopied(say('copied'))
    } catch {
      setCopied(say('thisBrowserDoesntAllowCopying'))
    }
  }
  return (
    <Dialog open onClose={props.onClose} fullWidth maxWidth="sm" aria-labelledby="order-for">
      <DialogTitle id="order-for">{say('orderSpecification', { position: props.position })}</DialogTitle>
      <DialogContent dividers>
        {order.isPending && <LoadingLines />}
        {order.isError && <LoadProblem error={order.error} again={() => order.refetch()} />}
        {order.data && (
          <>
            <Box component="dl" sx={{ m: 0, display: 'grid', gridTemplateColumns: '170px minmax(0,1fr)', rowGap: 1 }}>
              {order.data.lines.map((line) => (
                <Box key={line.property} sx={{ display: 'contents' }}>
                  <Box component="dt" sx={{ color: 'text.secondary' }}>
                    {line.property}
                  </Box>
                  <Box component="dd" sx={{ m: 0 }}>
                    <strong>{line.value ?? say('notKnown')}</strong>
                    <Box sx={{ color: line.value ? 'text.secondary' : 'error.main', fontSize: 12.5 }}>{line.from}</Box>
                  </Box>
                </Box>
              ))}
            </Box>
            <Box
              component="pre"
              sx={{
                mt: 2,
                mb: 0,
                p: 1.5,
                background: color.chalk,
                borderRadius: 1,
                whiteSpace: 'pre-wrap',
                font: 'inherit',
              }}
            >
              {order.data.text}
            </Box>
            <Box aria-live="polite" sx={{ mt: 1 }}>
              {copied}
            </Box>
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={props.onClose}>{say('close')}</Button>
        {order.data && (
          <Button variant="contained" onClick={() => void copy(order.data.text)}>
            {say('copyTheText')}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  )
}
