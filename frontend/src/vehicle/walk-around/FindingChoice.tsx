import Box from '@mui/material/Box'
import ToggleButton from '@mui/material/ToggleButton'
import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '../../api/client'
import { findingsQuery } from '../../api/queries'
import { color } from '../../base/theme'
import { VerdictIcon } from '../../drawings/verdict/VerdictIcon'
import type { Draft, Finding, Stop } from '../../offline/draft'
import { day } from '../../units/format'
import { say } from './words'

type Choice = Schemas['FindingOption']

type Into = 'findings' | 'innerSidewallFindings'

const PLACES: { where: Choice['where']; word: string; into: Into }[] = [
  { where: 'TREAD', word: say('handAndEyeAcross'), into: 'findings' },
  { where: 'SIDEWALL', word: say('outerSidewall'), into: 'findings' },
  { where: 'SIDEWALL', word: say('innerSidewall'), into: 'innerSidewallFindings' },
  { where: 'VALVE', word: say('valveAndCap'), into: 'findings' },
  { where: 'WHEEL', word: say('wheelBeadAndNuts'), into: 'findings' },
]

/** What eye and hand find, in the order of the look; and what is still open from before. */
export function FindingChoice({
  stop,
  draft,
  onChange,
}: {
  stop: Stop
  draft: Draft
  onChange: (part: Partial<Draft>) => void
}) {
  const choices = useQuery(findingsQuery)
  const toggled = (list: Finding[], finding: Finding) =>
    list.includes(finding) ? list.filter((one) => one !== finding) : [...list, finding]
  /** What is open already isn't found again; on a sidewall, only where nobody said on which. */
  const openKinds = new Set(stop.open.filter((open) => !open.label.endsWith('sidewall')).map((open) => open.finding))
  return (
    <>
      {stop.open.length > 0 && (
        <Box component="section" aria-label={say('openFindings')} sx={{ mb: 2 }}>
          <Box component="h3" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
            {say('openFindings')}
          </Box>
          {stop.open.map((open) => (
            <Box key={open.label} sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', mb: 0.5 }}>
              <span>
                <strong>{open.label}</strong>
                {say('by', { on: day(open.on), by: open.by })}
              </span>
              {open.canBeFixedHere ? (
                <ToggleButton
                  value="putRight"
                  size="small"
                  selected={draft.fixed.includes(open.finding)}
                  onChange={() => onChange({ fixed: toggled(draft.fixed, open.finding) })}
                  sx={{ minHeight: 44, background: color.sheet, color: 'text.primary' }}
                >
                  {draft.fixed.includes(open.finding) ? say('fixedNow') : say('fixedNow2')}
                </ToggleButton>
              ) : (
                <Box component="span" sx={{ color: 'text.secondary' }}>
                  {say('lookDoesntClear')}
                </Box>
              )}
            </Box>
          ))}
        </Box>
      )}
      <Box component="section" aria-label={say('findings')}>
        {PLACES.map((place) => (
          <Box key={place.word} component="fieldset" sx={{ border: 0, m: 0, p: 0, mb: 1.25 }}>
            <Box component="legend" sx={{ typography: 'h2', p: 0, mb: 0.5 }}>
              {place.word}
            </Box>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
              {(choices.data ?? [])
                .filter((choice) => choice.where === place.where && !openKinds.has(choice.finding))
                .map((choice) => (
                  <ToggleButton
                    key={choice.finding}
                    value={choice.finding}
                    size="small"
                    selected={draft[place.into].includes(choice.finding)}
                    onChange={() => onChange({ [place.into]: toggled(draft[place.into], choice.finding) })}
                    sx={{
                      gap: 0.75,
                      px: 1.25,
                      minHeight: 44,
                      textTransform: 'none',
                      fontWeight: 500,
                      background: color.sheet,
                      color: 'text.primary',
                      '&.Mui-selected': { background: color.ink, color: color.sheet },
                      '&.Mui-selected:hover': { background: color.ink },
                    }}
                  >
                    {draft[place.into].includes(choice.finding) && (
                      <VerdictIcon verdict={choice.verdict} size={14} named={false} />
                    )}
                    {choice.label}
                  </ToggleButton>
                ))}
            </Box>
          </Box>
        ))}
      </Box>
    </>
  )
}
