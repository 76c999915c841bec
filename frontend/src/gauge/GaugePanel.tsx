import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { color } from '../base/theme'
import { useSimulated } from '../session/session'
import type { useGauge } from './useGauge'

/** The gauge that sends: pair it, and what it reads goes into the field with focus. */
export function GaugePanel({ gauge }: { gauge: ReturnType<typeof useGauge> }) {
  const paired = gauge.state === 'paired'
  const simulated = useSimulated()
  return (
    <Box component="section" aria-label="Gauge" sx={{ borderTop: 1, borderColor: 'divider', pt: 1.5 }}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
        Wireless gauge{simulated && ' (simulated)'}
      </Box>
      <Box role="status" sx={{ mb: 1, color: gauge.state === 'lost' ? color.stop : 'text.secondary' }}>
        {gauge.state === 'off' && 'Not paired. Type what your gauge shows, or pair one.'}
        {gauge.state === 'pairing' && 'Pairing…'}
        {paired && `Paired: ${gauge.says}. Its reading goes into the field with focus.`}
        {gauge.state === 'lost' && gauge.says}
      </Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        {!paired && (
          <Button variant="outlined" onClick={gauge.pair} sx={{ minHeight: 44, background: color.sheet }}>
            {gauge.state === 'lost' ? 'Pair again' : 'Pair the gauge'}
          </Button>
        )}
        {paired && simulated && (
          <Button size="small" onClick={() => void gauge.dropOut()}>
            Let it drop out
          </Button>
        )}
      </Box>
    </Box>
  )
}
