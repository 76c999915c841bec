import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useState } from 'react'
import { color } from '../../base/theme'
import type { Bound, Draft } from '../../offline/draft'
import { TreadFields } from './TreadFields'
import { say } from './words'

const BOUNDS: [Bound, string][] = [
  ['ABOVE_4', say('above432')],
  ['AT_OR_BELOW_4', say('at432OrLess')],
  ['ABOVE_2', say('above232')],
  ['AT_OR_BELOW_2', say('at232OrLess')],
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
        <Button onClick={() => setShown(true)}>{say('measureTheTreadToo')}</Button>
        <Button onClick={() => setByBar(true)}>{say('byWearBarOrCoin')}</Button>
      </Box>
    )
  }
  if (byBar) {
    return (
      <Box>
        <Box id="by-bar" sx={{ mb: 0.5 }}>
          {say('lowestGrooveByWearBar')}
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
          {say('doNotMeasure')}
          <Button
            size="small"
            onClick={() => {
              setByBar(false)
              setShown(true)
              onChange({ treadInterval: null })
            }}
          >
            {say('gaugeIsHere')}
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
