import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { color } from '../base/theme'
import { useSimulated } from '../session/session'
import type { useGauge } from './useGauge'
import { say } from './words'

/** The gauge that sends: pair it, and what it reads goes into the field with focus. */
export function GaugePanel({ gauge }: { gauge: ReturnType<typeof useGauge> }) {
  const paired = gauge.state === 'paired'
  const simulated = useSimulated()
  return (
    <Box component="section" aria-label={say('gauge')} sx={{ borderTop: 1, borderColor: 'divider', pt: 1.5 }}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
        {say('wirelessGauge')}
        {simulated && ' (simulated)'}
      </Box>
      <Box role="status" sx={{ mb: 1, color: gauge.state === 'lost' ? color.stop : 'text.secondary' }}>
        {gauge.state === 'off' && say('notPairedTypeWhatYour')}
        {gauge.state === 'pairing' && 'Pairing…'}
        {paired && say('pairedItsReadingGoesInto', { says: gauge.says })}
        {gauge.state === 'lost' && gauge.says}
      </Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        {!paired && (
          <Button variant="outlined" onClick={gauge.pair} sx={{ minHeight: 44, background: color.sheet }}>
            {gauge.state === 'lost' ? say('pairAgain') : say('pairTheGauge')}
          </Button>
        )}
        {paired && simulated && (
          <Button size="small" onClick={() => void gauge.dropOut()}>
            {say('letItDropOut')}
          </Button>
        )}
      </Box>
    </Box>
  )
}
