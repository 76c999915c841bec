import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import useMediaQuery from '@mui/material/useMediaQuery'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { answerOf, api } from '../../api/client'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { GaugePanel } from '../../gauge/GaugePanel'
import { useGauge } from '../../gauge/useGauge'
import { useSimulated } from '../../session/session'
import { Dimmed } from '../../ui/Dimmed'
import { Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { Title } from '../../ui/Title'
import { useDebounced } from '../../ui/useDebounced'
import { useSend } from '../../ui/useSend'
import { day, temperatureUnit } from '../../units/format'
import { AdjustPosition } from './AdjustPosition'
import type { Conditions } from './conditions'
import { say } from './words'

/** Check and adjust: one position after the other, from the chosen target. */
export function CheckAndAdjust() {
  const id = Number(useParams().id)
  const [units] = useUnits()
  const navigate = useNavigate()
  const phone = useMediaQuery('(max-width: 899px)')
  const [open, setOpen] = useState(true)
  const [at, setAt] = useState(0)
  const [conditions, setConditions] = useState<Conditions>({
    parkedHours: '',
    air: '',
    coldest: '',
    gas: '',
    purity: '',
  })
  const air = useDebounced(conditions.air)
  const coldest = useDebounced(conditions.coldest)
  const gauge = useGauge()
  const query = useQuery({
    queryKey: ['vehicle', id, 'round', units, air, coldest],
    queryFn: () =>
      answerOf(
        api.GET('/api/vehicles/{id}/pressure-round', {
          params: { path: { id }, query: { units, ...(air && { air }), ...(coldest && { coldest }) } },
        }),
      ),
    placeholderData: (before) => before,
  })
  if (query.isPending) return <LoadingLines lines={8} />
  if (query.isError && !query.data) return <LoadProblem error={query.error} again={() => query.refetch()} />
  const round = query.data
  const stop = round?.positions[at]
  if (!round || !stop) return <LoadingLines />
  const hours = Number(conditions.parkedHours.replace(',', '.'))
  const cold = conditions.parkedHours.trim() !== '' && hours >= 3
  const next = () => {
    if (phone) setOpen(false)
    go()
  }
  const go = () => (at + 1 < round.positions.length ? setAt(at + 1) : navigate(`/vehicles/${id}/load-pressure`))
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', flex: 1 }}>
      <Box sx={{ px: { xs: 1.5, md: 2.5 }, py: 1.25, borderBottom: 1, borderColor: 'divider' }}>
        <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', flexWrap: 'wrap' }}>
          <Title>{say('checkAndAdjust', { unit: round.unit })}</Title>
          <Box component="h1" sx={{ typography: 'h1', m: 0 }}>
            {round.unit}
          </Box>
          <Box>
            {say('checkAndAdjust2')}
            <strong>{say('load', { state: round.state })}</strong>
            {say('of', { at: at + 1, count: round.positions.length })}
          </Box>
          <Box component={Link} to={`/vehicles/${id}/load-pressure`} sx={{ ml: 'auto' }}>
            {say('loadPressure')}
          </Box>
        </Box>
        <Box sx={{ display: 'flex', gap: 0.5, flexWrap: 'wrap', mt: 1 }}>
          {round.positions.map((one, index) => (
            <Button
              key={one.position}
              size="small"
              variant={index === at ? 'contained' : 'outlined'}
              onClick={() => setAt(index)}
              aria-current={index === at ? 'step' : undefined}
              aria-label={say('goTo', { position: one.position })}
              sx={{ minWidth: 48, minHeight: 44, px: 0.5, background: index === at ? undefined : color.sheet }}
            >
              {one.position}
            </Button>
          ))}
        </Box>
      </Box>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,1fr) 330px' },
          gap: { xs: 2, md: 3 },
          px: { xs: 1.5, md: 2.5 },
          py: 1.5,
          alignItems: 'start',
        }}
      >
        <Dimmed when={query.isPlaceholderData || air !== conditions.air || coldest !== conditions.coldest}>
          <AdjustPosition
            key={stop.position}
            vehicleId={id}
            stop={stop}
            conditions={conditions}
            gauge={gauge}
            last={at + 1 === round.positions.length}
            onNext={next}
          />
        </Dimmed>
        <Box
          component="details"
          open={open}
          onToggle={(event: React.SyntheticEvent<HTMLDetailsElement>) => setOpen(event.currentTarget.open)}
          sx={{ order: { xs: -1, md: 0 } }}
        >
          <Box component="summary" sx={{ typography: 'h2', cursor: 'pointer', mb: open ? 1.5 : 0, minHeight: 24 }}>
            {say('coldGaugePaired', { cold, isPaired: gauge.state === 'paired' })}
          </Box>
          <Box sx={{ display: 'grid', gap: 1.5 }}>
            <ConditionFields vehicleId={id} conditions={conditions} cold={cold} onChange={setConditions} />
            <GaugePanel gauge={gauge} />
          </Box>
        </Box>
      </Box>
    </Box>
  )
}

/** Asked once a round: how long it has stood, how warm it is here, how cold it gets there, and what it is filled with. */
function ConditionFields(props: {
  vehicleId: number
  conditions: Conditions
  cold: boolean
  onChange: (next: Conditions) => void
}) {
  const [units] = useUnits()
  const { conditions, cold } = props
  const set = (part: Partial<Conditions>) => props.onChange({ ...conditions, ...part })
  return (
    <Box component="section" aria-label={say('conditions')} sx={{ display: 'grid', gap: 1.5 }}>
      <Entry
        label={say('parkedFor')}
        value={conditions.parkedHours}
        onChange={(parkedHours) => set({ parkedHours })}
        unit="hours"
        hint={cold ? say('coldParkedAtLeast3') : say('blankOrUnder3Hours')}
        width="100%"
      />
      <Entry
        label={say('airTemperatureHere')}
        value={conditions.air}
        onChange={(air) => set({ air })}
        unit={temperatureUnit(units)}
        hint={say('makesTheLossRateSure')}
        width="100%"
      />
      <Entry
        label={say('coldestMorningExpected')}
        value={conditions.coldest}
        onChange={(coldest) => set({ coldest })}
        unit={temperatureUnit(units)}
        hint={say('withAWarmBayFills')}
        width="100%"
      />
      <Forecast vehicleId={props.vehicleId} onTake={(coldest) => set({ coldest })} />
      <Box role="group" aria-label={say('filledWith')} sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
        {say('filledWith')}
        {[
          ['AIR', 'air'],
          ['NITROGEN', 'nitrogen'],
        ].map(([value, words]) => (
          <Button
            key={value}
            size="small"
            variant={conditions.gas === value ? 'contained' : 'outlined'}
            aria-pressed={conditions.gas === value}
            onClick={() => set({ gas: conditions.gas === value ? '' : (value ?? ''), purity: '' })}
            sx={{ minHeight: 44 }}
          >
            {words}
          </Button>
        ))}
        {conditions.gas === 'NITROGEN' && (
          <Entry
            label={say('purityMeasured')}
            value={conditions.purity}
            onChange={(purity) => set({ purity })}
            unit="%"
            width={150}
          />
        )}
      </Box>
    </Box>
  )
}

/** The coldest of the next mornings at the vehicle's yard, from the forecast; taken into the field by one click. */
function Forecast({ vehicleId, onTake }: { vehicleId: number; onTake: (temperature: string) => void }) {
  const [units] = useUnits()
  const simulated = useSimulated()
  const coldest = useQuery({
    queryKey: ['vehicle', vehicleId, 'coldest', units],
    queryFn: () =>
      answerOf(
        api.GET('/api/vehicles/{id}/coldest-morning', { params: { path: { id: vehicleId }, query: { units } } }),
      ),
  })
  const fetched = useSend<unknown>(
    () => answerOf(api.POST('/api/simulators/forecast')),
    () => {},
    say('forecastHasCome'),
  )
  const known = coldest.data
  if (!known || (!known.temperature && !simulated)) return null
  return known.temperature && known.day ? (
    <Button onClick={() => onTake(known.temperature ?? '')}>
      {say('takeTheForecast', { temperature: known.temperature, yard: known.yard, day: day(known.day) })}
    </Button>
  ) : (
    <Button onClick={fetched.send} loading={fetched.busy}>
      {say('fetchTheForecastSimulated')}
    </Button>
  )
}
