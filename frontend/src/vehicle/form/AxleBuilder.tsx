import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { AxleDiagram } from '../../drawings/axle-diagram/AxleDiagram'
import { Dimmed } from '../../ui/Dimmed'
import { Choice, Entry } from '../../ui/Entry'
import { pressureUnit } from '../../units/format'
import { type AxleForm, type Form, ROLES } from './blank'
import { Part } from './Part'
import type { DrawnLayout } from './useLayout'
import { say } from './words'

const MOST = 9

/** Axles from the front, drawn beside as they are built; each with its rating and its part of the placard. */
export function AxleBuilder(props: {
  form: Form
  set: (part: Partial<Form>) => void
  layout: DrawnLayout
  wrong: (field: string) => string | undefined
}) {
  const { form, set, layout, wrong } = props
  const change = (at: number, part: Partial<AxleForm>) =>
    set({ axles: form.axles.map((axle, one) => (one === at ? { ...axle, ...part } : axle)) })
  const leave = (at: number) => set({ axles: form.axles.filter((_, one) => one !== at) })
  const add = () => set({ axles: [...form.axles, { role: form.axles.at(-1)?.role ?? 'DRIVE', tires: 2 }] })
  const plan = {
    axles: form.axles.map((axle, at) => ({
      number: at + 1,
      role: axle.role,
      dual: axle.tires === 4,
      ...(axle.placardPressure ? { target: axle.placardPressure } : {}),
    })),
    spares: form.spares,
    tires: layout.places.map((place) => ({
      position: place.position,
      name: place.name,
      verdict: layout.blocked.includes(place.position) ? ('SERVICE_DUE' as const) : ('UNKNOWN' as const),
    })),
  }
  const drawable = layout.places.length > 0 && layout.wrong === undefined
  const stopped = layout.blocked.length > 0
  return (
    <Part title={say('axlesFromTheFront')}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,1fr) 404px' },
          gap: 3,
          width: '100%',
        }}
      >
        <Box>
          {form.axles.map((axle, at) => (
            <OneAxle
              // biome-ignore lint/suspicious/noArrayIndexKey: an axle is its number
              key={at}
              axle={axle}
              at={at}
              wrong={wrong}
              onChange={(part) => change(at, part)}
              onLeave={form.axles.length > 1 ? () => leave(at) : undefined}
            />
          ))}
          <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
            <Button
              variant="outlined"
              sx={{ background: color.sheet }}
              onClick={add}
              disabled={form.axles.length >= MOST}
            >
              {say('anotherAxleBehind')}
            </Button>
            <Choice
              label={say('sparesCarried')}
              value={String(form.spares)}
              options={['0', '1', '2', '3', '4'].map((n) => [n, n] as const)}
              onChange={(spares) => set({ spares: Number(spares) })}
              width={150}
            />
          </Box>
          {(wrong('axles') ?? layout.wrong) && (
            <Alert severity="error" sx={{ mt: 1.5 }}>
              {wrong('axles') ?? layout.wrong}
            </Alert>
          )}
          {stopped && (
            <Alert severity="error" sx={{ mt: 1.5 }}>
              {say('tiresAreOnWhich', { blocked: layout.blocked.join(', ') })}
            </Alert>
          )}
        </Box>
        <Box aria-live="polite">
          <Dimmed when={layout.isBefore}>
            {drawable && <AxleDiagram plan={plan} overlays={[]} onPick={() => {}} />}
            <Box sx={{ textAlign: 'center', color: 'text.secondary', fontSize: 12.5 }}>
              {say('positions', {
                count: layout.places.length,
                places: layout.places.map((place) => place.position).join(' '),
              })}
            </Box>
          </Dimmed>
        </Box>
      </Box>
    </Part>
  )
}

function OneAxle(props: {
  axle: AxleForm
  at: number
  wrong: (field: string) => string | undefined
  onChange: (part: Partial<AxleForm>) => void
  onLeave: (() => void) | undefined
}) {
  const { axle, at, wrong, onChange } = props
  const [units] = useUnits()
  const number = at + 1
  return (
    <Box
      component="fieldset"
      sx={{ border: 0, m: 0, p: 0, pb: 2, display: 'flex', gap: 1.25, flexWrap: 'wrap', alignItems: 'flex-start' }}
    >
      <Box component="legend" sx={{ float: 'left', p: 0, pr: 1, pt: 1, fontWeight: 700, width: 62 }}>
        {say('axle', { number })}
      </Box>
      <Choice
        label={say('roleOfAxle', { number })}
        value={axle.role}
        options={ROLES}
        onChange={(role) => onChange({ role })}
        width={118}
      />
      <ToggleButtonGroup
        exclusive
        size="small"
        value={axle.tires}
        onChange={(_, tires: number | null) => tires && onChange({ tires })}
        aria-label={say('tiresOfAxle', { number })}
        sx={{ background: color.sheet }}
      >
        <ToggleButton value={2}>{say('single')}</ToggleButton>
        <ToggleButton value={4}>{say('dual')}</ToggleButton>
      </ToggleButtonGroup>
      <Entry
        label={say('gawrOfAxle', { number })}
        value={axle.gawr}
        onChange={(gawr) => onChange({ gawr })}
        error={wrong(`axles[${at}].gawr`)}
        unit={units === 'US' ? 'lb' : 'kg'}
        width={135}
      />
      <Entry
        label={say('placardSizeAxle', { number })}
        value={axle.placardSize}
        onChange={(placardSize) => onChange({ placardSize })}
        error={wrong(`axles[${at}].placardSize`)}
        width={150}
      />
      <Entry
        label={say('placardPressureAxle', { number })}
        value={axle.placardPressure}
        onChange={(placardPressure) => onChange({ placardPressure })}
        error={wrong(`axles[${at}].placardPressure`)}
        unit={pressureUnit(units)}
        width={168}
      />
      {props.onLeave && (
        <Button size="small" onClick={props.onLeave} aria-label={say('removeAxle', { number })} sx={{ minHeight: 44 }}>
          {say('remove')}
        </Button>
      )}
    </Box>
  )
}
