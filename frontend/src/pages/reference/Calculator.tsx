import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { useSearchParams } from 'react-router'
import { answerOf, api, ProblemError } from '../../api/client'
import { useUnits } from '../../base/settings'
import { Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { Page } from '../../ui/Page'
import { useDebounced } from '../../ui/useDebounced'
import { loadUnit, pressureUnit, temperatureUnit } from '../../units/format'
import { AxlePressure } from '../../vehicle/load-pressure/AxlePressure'

const TEXTS = [
  'sidewall',
  'manufacturer',
  'model',
  'molded',
  'single',
  'dualLoad',
  'left',
  'right',
  'axle',
  'wheelMaximum',
  'placardSize',
  'placard',
  'bay',
  'coldest',
] as const
type TextField = (typeof TEXTS)[number]
const TICKS = ['dual', 'heavy', 'car'] as const

/** The same arithmetic for a tire and load that aren't on file. The address holds all of it, so it can be sent on. */
export function Calculator() {
  const [units] = useUnits()
  const [address, setAddress] = useSearchParams()
  const [search, setSearch] = useState(() => new URLSearchParams(address))
  const set = (field: string, value: string) =>
    setSearch((before) => {
      const next = new URLSearchParams(before)
      if (value === '') next.delete(field)
      else next.set(field, value)
      return next
    })
  const rested = useDebounced(search.toString())
  // The address follows once the hand rests: fast fingers would outrun it.
  useEffect(() => setAddress(new URLSearchParams(rested), { replace: true }), [rested, setAddress])
  const asked = new URLSearchParams(rested)
  const worked = useQuery({
    queryKey: ['calculator', units, rested],
    enabled: asked.has('sidewall'),
    retry: false,
    queryFn: () =>
      answerOf(
        api.POST('/api/calculator', {
          params: { query: { units } },
          body: {
            ...Object.fromEntries(TEXTS.map((field) => [field, asked.get(field) ?? ''])),
            dual: asked.has('dual'),
            heavy: asked.has('heavy'),
            car: asked.has('car'),
          },
        }),
      ),
  })
  const problem = worked.error instanceof ProblemError ? worked.error : undefined
  const field = (name: TextField, label: string, unit?: string, width = 190, hint?: string) => (
    <Entry
      label={label}
      value={search.get(name) ?? ''}
      onChange={(value) => set(name, value)}
      error={problem?.field(name)}
      unit={unit}
      hint={hint}
      width={width}
      code={name === 'sidewall' || name === 'placardSize'}
    />
  )
  return (
    <Page
      title="Pressure calculator"
      about="Calculates a target for any tire and load. Nothing is saved. Share the page link to share the calculation."
    >
      <Box
        component="section"
        aria-label="Tire and load"
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, mb: 2.5, maxWidth: 1100 }}
      >
        {field('sidewall', 'Sidewall', undefined, 270, 'for example LT245/75R17 121/118S E')}
        {field('molded', 'Molded pressure', pressureUnit(units), 160)}
        {field('single', 'Molded load, single', loadUnit(units), 180, 'blank: by load index')}
        {field('dualLoad', 'Molded load, dual', loadUnit(units), 180)}
        {field('manufacturer', 'Manufacturer', undefined, 150, 'finds a chart on file')}
        {field('model', 'Model', undefined, 150)}
        {field('left', 'Left end', loadUnit(units), 150)}
        {field('right', 'Right end', loadUnit(units), 150)}
        {field('axle', 'or the whole axle', loadUnit(units), 160)}
        {field('wheelMaximum', 'Wheel’s maximum', pressureUnit(units), 170)}
        {field('placardSize', 'Placard size', undefined, 180)}
        {field('placard', 'Placard pressure', pressureUnit(units), 170)}
        {field('bay', 'Air in the bay', temperatureUnit(units), 150)}
        {field('coldest', 'Coldest morning', temperatureUnit(units), 170)}
        <Box role="group" aria-label="Vehicle" sx={{ display: 'flex', flexWrap: 'wrap' }}>
          {TICKS.map((tick) => (
            <FormControlLabel
              key={tick}
              control={
                <Checkbox
                  checked={search.has(tick)}
                  onChange={(event) => set(tick, event.target.checked ? 'yes' : '')}
                />
              }
              label={{ dual: 'Duals', heavy: 'Over 10,000 lb GVWR', car: 'Passenger car' }[tick]}
            />
          ))}
        </Box>
      </Box>
      {problem && problem.problem.fields.length > 0 && (
        <Alert severity="error" sx={{ mb: 2, maxWidth: 700 }}>
          Check the marked entries.
        </Alert>
      )}
      {problem && problem.problem.fields.length === 0 && <LoadProblem error={problem} again={() => worked.refetch()} />}
      {!asked.has('sidewall') && <Box sx={{ color: 'text.secondary' }}>Start with the sidewall, then the load.</Box>}
      {/* A target is only shown under the very figures it was worked out for. */}
      {worked.data && !problem && rested === search.toString() && (
        <Box aria-live="polite">
          <AxlePressure axle={worked.data.axlePressure} />
          {worked.data.fill && (
            <Box sx={{ mt: 2 }}>
              In the bay fill to <strong>{worked.data.fill}</strong>. {worked.data.fillStatement}.
            </Box>
          )}
        </Box>
      )}
    </Page>
  )
}
