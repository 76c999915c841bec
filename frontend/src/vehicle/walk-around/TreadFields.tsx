import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useUnits } from '../../base/settings'
import type { Draft } from '../../offline/draft'
import { depthUnit } from '../../units/format'
import { ReadingField } from './ReadingField'
import { say } from './words'

const ZONES = ['outer', 'center', 'inner'] as const
const MOST_PLACES = 4

/** Tread depths: three grooves at one place, or two to five grooves at up to four places round the tire. */
export function TreadFields(props: {
  draft: Draft
  wrong: (field: string) => string | undefined
  onChange: (part: Partial<Draft>) => void
  onNoGauge?: () => void
}) {
  const { draft, wrong, onChange } = props
  const [units] = useUnits()
  const unit = depthUnit(units)
  if (draft.locations.length === 0) {
    return (
      <>
        <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, minmax(0, 190px))', gap: 1.5 }}>
          {ZONES.map((zone) => (
            <ReadingField
              key={zone}
              label={say('tread', { zone })}
              gauge={zone}
              unit={unit}
              value={draft[zone]}
              error={wrong(zone)}
              onChange={(value) => onChange({ [zone]: value })}
            />
          ))}
        </Box>
        <Box>
          <Button
            size="small"
            onClick={() =>
              onChange({
                locations: [
                  [draft.outer, draft.center, draft.inner],
                  ['', '', ''],
                ],
              })
            }
            sx={{ minHeight: 44 }}
          >
            {say('measureMoreLocations')}
          </Button>
          {props.onNoGauge && (
            <Button size="small" onClick={props.onNoGauge} sx={{ minHeight: 44 }}>
              {say('noGaugeAvailableWearBar')}
            </Button>
          )}
        </Box>
      </>
    )
  }
  const grooves = draft.locations[0]?.length ?? 3
  const set = (place: number, groove: number, value: string) =>
    onChange({
      locations: draft.locations.map((row, at) =>
        at === place ? row.map((depth, index) => (index === groove ? value : depth)) : row,
      ),
    })
  const resize = (next: number) =>
    onChange({ locations: draft.locations.map((row) => Array.from({ length: next }, (_, at) => row[at] ?? '')) })
  const one = () => {
    const [first = []] = draft.locations
    onChange({ locations: [], outer: first[0] ?? '', center: first[1] ?? '', inner: first.at(-1) ?? '' })
  }
  return (
    <Box role="group" aria-label={say('treadRoundTheTire')} sx={{ display: 'grid', gap: 1.75 }}>
      {draft.locations.map((row, place) => (
        <Box
          // biome-ignore lint/suspicious/noArrayIndexKey: a place is its number
          key={place}
          sx={{
            display: 'grid',
            gridTemplateColumns: `64px repeat(${grooves}, minmax(0, 150px))`,
            gap: 1,
            alignItems: 'center',
          }}
        >
          <span>{say('place', { place: place + 1 })}</span>
          {row.map((depth, groove) => (
            <ReadingField
              // biome-ignore lint/suspicious/noArrayIndexKey: a groove is its number
              key={groove}
              label={`${place + 1}: ${grooveName(groove, grooves)}`}
              gauge={groove === 0 ? 'outer' : groove === grooves - 1 ? 'inner' : 'center'}
              unit={unit}
              value={depth}
              error={wrong(`locations.${place}.${groove}`)}
              onChange={(value) => set(place, groove, value)}
            />
          ))}
        </Box>
      ))}
      {wrong('locations') && (
        <Box role="alert" sx={{ color: 'error.main' }}>
          {wrong('locations')}
        </Box>
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', '& button': { minHeight: 44 } }}>
        {draft.locations.length < MOST_PLACES && (
          <Button
            size="small"
            onClick={() => onChange({ locations: [...draft.locations, Array.from({ length: grooves }, () => '')] })}
          >
            {say('addLocation')}
          </Button>
        )}
        {grooves < 5 && (
          <Button size="small" onClick={() => resize(grooves + 1)}>
            {say('oneMoreGroove')}
          </Button>
        )}
        {grooves > 2 && (
          <Button size="small" onClick={() => resize(grooves - 1)}>
            {say('oneGrooveLess')}
          </Button>
        )}
        <Button size="small" onClick={one}>
          {say('useOneLocation')}
        </Button>
      </Box>
    </Box>
  )
}

/** The outermost grooves are the shoulders. */
function grooveName(groove: number, grooves: number): string {
  if (groove === 0) return 'outer'
  if (groove === grooves - 1) return 'inner'
  return grooves === 3 ? 'center' : say('groove', { groove: groove + 1 })
}
