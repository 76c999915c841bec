import Box from '@mui/material/Box'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { color } from '../../base/theme'
import type { Facing } from '../../offline/draft'
import { say } from './words'

/** Which way the side with the full DOT code faces: by it the history follows the tire's own edges. */
export function DotSideChoice({ value, onChange }: { value: Facing | null; onChange: (value: Facing | null) => void }) {
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
      <span id="facing">{say('fullDotCodeFaces')}</span>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={value}
        onChange={(_, next: Facing | null) => onChange(next)}
        aria-labelledby="facing"
        sx={{ background: color.sheet, '& button': { minHeight: 44, px: 1.5, color: 'text.primary' } }}
      >
        <ToggleButton value="OUT">{say('out')}</ToggleButton>
        <ToggleButton value="IN">{say('in')}</ToggleButton>
      </ToggleButtonGroup>
    </Box>
  )
}
