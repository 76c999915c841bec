import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useUnits } from '../base/settings'
import { color } from '../base/theme'
import { useSimulated } from '../session/session'
import type { useGauge } from './useGauge'
import { say } from './words'

/** The gauge that sends into the field with focus; a simulated one is held on what that asks for. */
export function GaugeButton(props: { gauge: ReturnType<typeof useGauge>; vehicleId: number; position: string }) {
  const [units] = useUnits()
  const { gauge } = props
  const simulated = useSimulated()
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
      {gauge.state === 'paired' && !simulated ? null : gauge.state === 'paired' ? (
        <Button
          variant="outlined"
          // The field keeps its focus: the figure goes there.
          onMouseDown={(event) => event.preventDefault()}
          onClick={() => void gauge.press(props.vehicleId, props.position, units, '')}
          sx={{ minHeight: 44, background: color.sheet }}
        >
          {say('takeItFromTheGauge')}
        </Button>
      ) : (
        <Button onClick={gauge.pair} sx={{ minHeight: 44 }}>
          {gauge.state === 'lost'
            ? say('pairTheGaugesAgain')
            : simulated
              ? say('pairTheGaugesSimulated')
              : say('pairTheGauges')}
        </Button>
      )}
      <Box role="status" sx={{ color: gauge.state === 'lost' ? color.stop : 'text.secondary' }}>
        {gauge.state === 'lost' && gauge.says}
        {gauge.state === 'paired' && say('pressureTreadAndNitrogenGo')}
      </Box>
    </Box>
  )
}
