import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { answerOf, api, ProblemError, type Schemas } from '../../api/client'
import { registerQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { type Seen, VersionComparison } from '../../conflict/VersionComparison'
import { Choice, Entry, NameEntry } from '../../ui/Entry'
import { useNotice } from '../../ui/Notice'
import { Page } from '../../ui/Page'
import { useSend } from '../../ui/useSend'
import { useUnsaved } from '../../ui/useUnsaved'
import { AxleBuilder } from './AxleBuilder'
import { type Form, wheelsFor } from './blank'
import { Part } from './Part'
import { begunWith, TEMPLATES } from './templates'
import { useLayout } from './useLayout'
import { WheelFields } from './WheelFields'
import { say } from './words'

type Speed = NonNullable<Form['speed']>

const SPEEDS: readonly Speed[] = ['F', 'G', 'J', 'K', 'L', 'M', 'N', 'P', 'Q', 'R', 'S', 'T', 'U', 'H', 'V', 'W', 'Y']

const STATES = [
  ['UNKNOWN', say('notKnown')],
  ['EMPTY', 'empty'],
  ['NORMAL', say('normalLoad')],
  ['FULL', 'full'],
  ['TOWING', 'towing'],
] as const

/** The vehicle's entries from top to bottom, its axles drawn as they are built. */
export function VehicleForm(props: { start: Form; sheet?: Schemas['VehicleRecordView']; copied?: string | undefined }) {
  const { sheet } = props
  const [form, setForm] = useState(props.start)
  const [seen, setSeen] = useState<Seen<Form> | undefined>(sheet)
  const [confirmed, setConfirmed] = useState(false)
  const [units] = useUnits()
  const register = useQuery(registerQuery)
  const layout = useLayout(form, sheet?.id)
  const navigate = useNavigate()
  const unsaved = useUnsaved()
  const notice = useNotice()
  const set = (part: Partial<Form>) => {
    unsaved.touch()
    setForm((before) => ({ ...before, ...part }))
  }
  const positions = layout.places.map((place) => place.position)
  const body: Form = { ...form, wheels: wheelsFor(form, positions) }
  const saving = useSend<{ id: number }>(
    (key) =>
      sheet
        ? answerOf(
            api.PUT('/api/vehicles/{id}', {
              params: {
                path: { id: sheet.id },
                query: { units, confirmed },
                header: { 'If-Match': `"${seen?.version}"` },
              },
              body,
            }),
          )
        : answerOf(
            api.POST('/api/vehicles', {
              params: { query: { units }, header: { 'Idempotency-Key': key } },
              body,
            }),
          ),
    (saved) => {
      unsaved.saved()
      notice({ text: sheet ? say('changesSaved') : say('isOnFileItsTires', { unit: form.unit }) })
      navigate(sheet ? `/vehicles/${saved.id}` : `/vehicles/${saved.id}/tires`)
    },
    null,
  )
  const { wrong } = saving
  const problem = saving.error instanceof ProblemError ? saving.error : undefined
  const wrongIn = (part: RegExp) => (problem?.problem.fields ?? []).some((one) => part.test(one.field))
  const spot = register.data?.vehicleTypes.find((one) => one.type === form.type)?.placardLocation
  const effects = layout.effects
  return (
    <Page
      title={sheet ? say('change', { unit: sheet.form.unit }) : say('addAVehicle')}
      about={props.copied ? `a copy of ${props.copied}: enter its own unit number` : undefined}
    >
      {unsaved.question}
      <Box
        component="form"
        noValidate
        onSubmit={(event) => {
          event.preventDefault()
          saving.send()
        }}
        sx={{ maxWidth: 1240 }}
      >
        {problem && (
          <Alert severity="error" sx={{ mb: 2 }}>
            <strong>{problem.problem.title}.</strong> {problem.problem.detail}
          </Alert>
        )}
        <VersionComparison
          error={saving.error}
          seen={seen}
          mine={body}
          load={() => answerOf(api.GET('/api/vehicles/{id}/sheet', { params: { path: { id: sheet?.id ?? 0 } } }))}
          onGoOn={(next, now) => {
            setForm(next)
            setSeen(now)
            saving.reset()
          }}
        />
        {!sheet && !props.copied && (
          <Part title={say('beginWithACommonLayout')}>
            <Box role="group" aria-label={say('layouts')} sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
              {TEMPLATES.map((template) => (
                <Button key={template.name} variant="outlined" onClick={() => setForm(begunWith(form, template))}>
                  {template.name}
                </Button>
              ))}
            </Box>
          </Part>
        )}
        <Part title={say('vehicle')}>
          <Entry
            label={say('unitNumber')}
            value={form.unit}
            onChange={(unit) => set({ unit })}
            error={wrong('unit')}
            width={150}
            autoFocus
          />
          <Choice
            label={say('whatIt')}
            value={form.type}
            options={(register.data?.vehicleTypes ?? []).map(
              (one) => [one.type, one.type === 'SUV' ? 'SUV' : one.type.toLowerCase()] as const,
            )}
            onChange={(kind) => set({ type: kind })}
            error={wrong('type')}
            width={150}
          />
          <NameEntry
            label={say('vehicleClass')}
            value={form.vehicleClass}
            names={register.data?.classes ?? []}
            onChange={(vehicleClass) => set({ vehicleClass })}
            error={wrong('vehicleClass')}
            hint={say('vehiclesThatSharePolicy')}
          />
          <Entry
            label={say('inAFewWords')}
            value={form.description}
            onChange={(description) => set({ description })}
            error={wrong('description')}
            width={280}
          />
          <NameEntry
            label={say('yard')}
            value={form.yard}
            names={register.data?.yards ?? []}
            onChange={(yard) => set({ yard })}
            error={wrong('yard')}
            width={180}
          />
          <Entry
            label={say('gvwrFromThePlate')}
            value={form.gvwr}
            onChange={(gvwr) => set({ gvwr })}
            error={wrong('gvwr')}
            unit={units === 'US' ? 'lb' : 'kg'}
            width={180}
          />
          <Entry
            label={say('seatsWithTheDriver')}
            value={form.seats}
            onChange={(seats) => set({ seats })}
            error={wrong('seats')}
            hint={say('at9ForPayOr16')}
            width={190}
          />
          <Choice
            label={say('peopleRideForPay')}
            value={form.forPay === undefined ? undefined : form.forPay ? 'YES' : 'NO'}
            options={[
              ['YES', 'yes'],
              ['NO', 'no'],
            ]}
            onChange={(value) => set({ forPay: value === 'YES' })}
            error={wrong('forPay')}
            width={190}
          />
          <Entry
            label={say('ratingWithATrailerGcwr')}
            value={form.combinationRating}
            onChange={(combinationRating) => set({ combinationRating })}
            error={wrong('combinationRating')}
            unit={units === 'US' ? 'lb' : 'kg'}
            hint={say('over10000Lb')}
            width={240}
          />
          <Choice
            label={say('speedSymbolTheManufacturerRequires')}
            value={form.speed}
            options={SPEEDS.map((speed) => [speed, speed] as const)}
            onChange={(speed) => set({ speed })}
            error={wrong('speed')}
            width={240}
          />
        </Part>
        <AxleBuilder form={form} set={set} layout={layout} wrong={wrong} />
        <Part title={say('placardAndHow')} folds={{ wrong: wrongIn(/^placard|^parkedSince/) }}>
          <Box sx={{ width: '100%', color: 'text.secondary' }}>
            {say('sizeAndPressureOfEach', { spot: spot ? say('onThisKindOfVehicle', { spot }) : '' })}
          </Box>
          <Entry
            label={say('whereItsPlacard')}
            value={form.placardLocation}
            onChange={(placardSpot) => set({ placardLocation: placardSpot })}
            error={wrong('placardLocation')}
            hint={spot && !form.placardLocation ? say('usually', { spot }) : undefined}
            width={300}
          />
          <Choice
            label={say('loadThePlacardAssumes')}
            value={form.placardLoadBasis ?? 'UNKNOWN'}
            options={(register.data?.placardLoadBases ?? []).map((one) => [one.code, one.label] as const)}
            onChange={(placardAssumes) => set({ placardLoadBasis: placardAssumes })}
            width={280}
          />
          <Choice
            label={say('usuallyTravels')}
            value={form.normalLoadState ?? 'UNKNOWN'}
            options={STATES}
            onChange={(usualState) => set({ normalLoadState: usualState })}
            width={160}
          />
          <Entry
            label={say('parkedSinceIfNotDriven')}
            type="date"
            value={form.parkedSince}
            onChange={(parkedSince) => {
              const { parkedSince: _before, ...rest } = form
              setForm(parkedSince ? { ...rest, parkedSince } : rest)
            }}
            error={wrong('parkedSince')}
            width={200}
          />
          <Tick
            label={say('pressureSensorsWorkAndWarn')}
            on={form.hasWorkingSensors}
            set={(sensorsWork) => set({ hasWorkingSensors: sensorsWork })}
          />
          <Tick
            label={say('parkedOutdoorsInTheSun')}
            on={form.isParkedOutdoors}
            set={(outdoors) => set({ isParkedOutdoors: outdoors })}
          />
        </Part>
        <WheelFields form={form} set={set} places={layout.places} wrong={wrong} anyWrong={wrongIn(/^wheels/)} />
        {effects.length > 0 && (
          <Alert severity="warning" sx={{ mb: 2 }}>
            {effects.map((effect) => (
              <div key={effect}>{effect}</div>
            ))}
            <FormControlLabel
              control={<Checkbox checked={confirmed} onChange={(event) => setConfirmed(event.target.checked)} />}
              label={say('confirmTheseChanges')}
            />
          </Alert>
        )}
        <Box sx={{ display: 'flex', gap: 1, pb: 4 }}>
          <Button type="submit" variant="contained" loading={saving.busy}>
            {sheet ? say('saveTheChanges') : say('addVehicle')}
          </Button>
          <Button onClick={() => navigate(sheet ? `/vehicles/${sheet.id}` : '/fleet')}>{say('cancel')}</Button>
        </Box>
      </Box>
    </Page>
  )
}

function Tick({ label, on, set }: { label: string; on: boolean; set: (on: boolean) => void }) {
  return (
    <FormControlLabel
      control={<Checkbox checked={on} onChange={(event) => set(event.target.checked)} />}
      label={label}
    />
  )
}
