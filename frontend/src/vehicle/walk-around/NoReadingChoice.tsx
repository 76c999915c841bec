import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import ToggleButton from '@mui/material/ToggleButton'
import { useState } from 'react'
import { color } from '../../base/theme'
import { type Draft, EMPTY, isBlank } from '../../offline/draft'
import { Entry } from '../../ui/Entry'
import { say } from './words'

const USUAL = [say('notAccessible'), say('wheelRemoved'), say('tireHot'), say('noSuitableGauge')]

/** Looked at with nothing to find, or left out and why. */
export function NoReadingChoice(props: {
  draft: Draft
  wrong: (field: string) => string | undefined
  onChange: (part: Partial<Draft>) => void
}) {
  const { draft, wrong, onChange } = props
  const [leaving, setLeaving] = useState(draft.skipReason !== '')
  if (leaving) {
    return (
      <Box component="section" aria-label={say('skipped')} sx={{ mb: 2, display: 'grid', gap: 1 }}>
        <Entry
          label={say('reasonForSkipping')}
          value={draft.skipReason}
          onChange={(skipped) => onChange({ ...EMPTY, thermalState: draft.thermalState, skipReason: skipped })}
          error={wrong('skipReason')}
          width="100%"
        />
        <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap', '& button': { minHeight: 44 } }}>
          {USUAL.map((why) => (
            <ToggleButton
              key={why}
              value={why}
              size="small"
              selected={draft.skipReason === why}
              onChange={() => onChange({ ...EMPTY, thermalState: draft.thermalState, skipReason: why })}
              sx={{ background: color.sheet, color: 'text.primary', textTransform: 'none' }}
            >
              {why}
            </ToggleButton>
          ))}
          <Button
            onClick={() => {
              setLeaving(false)
              onChange({ skipReason: '' })
            }}
          >
            {say('cancelSkipping')}
          </Button>
        </Box>
      </Box>
    )
  }
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 2, '& button': { minHeight: 44 } }}>
      <ToggleButton
        value="looked"
        size="small"
        selected={draft.looked && draft.findings.length + draft.innerSidewallFindings.length === 0}
        disabled={draft.findings.length + draft.innerSidewallFindings.length > 0}
        onChange={() => onChange({ looked: !draft.looked })}
        sx={{ background: color.sheet, color: 'text.primary', textTransform: 'none', px: 1.25 }}
      >
        {draft.looked ? say('noFindings') : say('lookedAtNothingFound')}
      </ToggleButton>
      {isBlank(draft) && <Button onClick={() => setLeaving(true)}>{say('skipPosition')}</Button>}
    </Box>
  )
}
