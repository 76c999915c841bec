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
import { say, sayAround } from './words'

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
    <Page title={say('pressureCalculator')} about={say('calculatesATargetForAny')}>
      <Box
        component="section"
        aria-label={say('tireAndLoad')}
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, mb: 2.5, maxWidth: 1100 }}
      >
        {field('sidewall', say('sidewall'), undefined, 270, say('forExampleLt24575'))}
        {field('molded', say('moldedPressure'), pressureUnit(units), 160)}
        {field('single', say('moldedLoadSingle'), loadUnit(units), 180, say('blankByLoadIndex'))}
        {field('dualLoad', say('moldedLoadDual'), loadUnit(units), 180)}
        {field('manufacturer', say('manufacturer'), undefined, 150, say('findsAChartOnFile'))}
        {field('model', say('model'), undefined, 150)}
        {field('left', say('leftEnd'), loadUnit(units), 150)}
        {field('right', say('rightEnd'), loadUnit(units), 150)}
        {field('axle', say('orTheWholeAxle'), loadUnit(units), 160)}
        {field('wheelMaximum', say('wheelsMaximum'), pressureUnit(units), 170)}
        {field('placardSize', say('placardSize'), undefined, 180)}
        {field('placard', say('placardPressure'), pressureUnit(units), 170)}
        {field('bay', say('airInTheBay'), temperatureUnit(units), 150)}
        {field('coldest', say('coldestMorning'), temperatureUnit(units), 170)}
        <Box role="group" aria-label={say('vehicle')} sx={{ display: 'flex', flexWrap: 'wrap' }}>
          {TICKS.map((tick) => (
            <FormControlLabel
              key={tick}
              control={
                <Checkbox
                  checked={search.has(tick)}
                  onChange={(event) => set(tick, event.target.checked ? 'yes' : '')}
                />
              }
              label={{ dual: say('duals'), heavy: say('over10000LbGvwr'), car: say('passengerCar') }[tick]}
            />
          ))}
        </Box>
      </Box>
      {problem && problem.problem.fields.length > 0 && (
        <Alert severity="error" sx={{ mb: 2, maxWidth: 700 }}>
          {say('checkTheMarkedEntries')}
        </Alert>
      )}
      {problem && problem.problem.fields.length === 0 && <LoadProblem error={problem} again={() => worked.refetch()} />}
      {!asked.has('sidewall') && <Box sx={{ color: 'text.secondary' }}>{say('startWithTheSidewallThen')}</Box>}
      {/* A target is only shown under the very figures it was worked out for. */}
      {worked.data && !problem && rested === search.toString() && (
        <Box aria-live="polite">
          <AxlePressure axle={worked.data.axlePressure} />
          {worked.data.fill && (
            <Box sx={{ mt: 2 }}>
              {sayAround(
                'inTheBayFill',
                { fill: worked.data.fill, statement: worked.data.fillStatement },
                { figure: (inner) => <strong>{inner}</strong> },
              )}
            </Box>
          )}
        </Box>
      )}
    </Page>
  )
}
