import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useState } from 'react'
import { color } from '../../base/theme'
import type { Bound, Draft } from '../../offline/draft'
import { TreadFields } from './TreadFields'

const BOUNDS: [Bound, string][] = [
  ['ABOVE_4', 'above 4/32'],
  ['AT_OR_BELOW_4', '4/32 or less'],
  ['ABOVE_2', 'above 2/32'],
  ['AT_OR_BELOW_2', '2/32 or less'],
]

/** The tread: by gauge, or where none is at hand by wear bar or coin, which says only above or at a mark. */
export function TreadPart(props: {
  asked: boolean
  draft: Draft
  wrong: (field: string) => string | undefined
  onChange: (part: Partial<Draft>) => void
}) {
  const { draft, wrong, onChange } = props
  const measured = Boolean(draft.outer || draft.center || draft.inner || draft.locations.length > 0)
  const [shown, setShown] = useState(props.asked || measured)
  const [byBar, setByBar] = useState(draft.treadInterval !== null)
  if (!shown && !byBar) {
    return (
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', '& button': { minHeight: 44 } }}>
        <Button onClick={() => setShown(true)}>Measure the tread too</Button>
        <Button onClick={() => setByBar(true)}>By wear bar or coin…</Button>
      </Box>
    )
  }
  if (byBar) {
    return (
      <Box>
        <Box id="by-bar" sx={{ mb: 0.5 }}>
          Lowest groove by wear bar (2/32 in) or coin
        </Box>
        <ToggleButtonGroup
          exclusive
          value={draft.treadInterval}
          onChange={(_, bound: Bound | null) => onChange({ treadInterval: bound })}
          aria-labelledby="by-bar"
          sx={{
            background: color.sheet,
            flexWrap: 'wrap',
            '& button': { minHeight: 44, px: 1.5, color: 'text.primary' },
          }}
        >
          {BOUNDS.map(([bound, words]) => (
            <ToggleButton key={bound} value={bound}>
              {words}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        {wrong('treadInterval') && (
          <Box role="alert" sx={{ color: 'error.main', mt: 0.5 }}>
            {wrong('treadInterval')}
          </Box>
        )}
        <Box sx={{ color: 'text.secondary', mt: 0.5 }}>
          Do not measure on a tie bar or wear bar. The result is saved as a range, not as a depth.{' '}
          <Button
            size="small"
            onClick={() => {
              setByBar(false)
              setShown(true)
              onChange({ treadInterval: null })
            }}
          >
            A gauge is here
          </Button>
        </Box>
      </Box>
    )
  }
  return (
    <TreadFields
      draft={draft}
      wrong={wrong}
      onChange={onChange}
      {...(!measured && { onNoGauge: () => setByBar(true) })}
    />
  )
}
