import Box from '@mui/material/Box'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import type { Schemas, Units } from '../api/client'
import { color } from '../base/theme'
import { Entry } from '../ui/Entry'
import { depthUnit, distanceUnit, pressureUnit } from '../units/format'
import { say } from './words'

type Field = Schemas['FieldView']

const MOST_GAPS = 8

/** The readings a step wants: figures with their unit, large enough for gloves. */
export function StepFields(props: {
  wanted: Field[]
  fields: Record<string, string>
  wrong: (field: string) => string | undefined
  onChange: (field: string, value: string) => void
  units: Units
}) {
  return (
    <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}>
      {withMorePlaces(props.wanted.filter(isAsked(props)), props.fields).map((field) => (
        <OneField
          key={field.name}
          field={field}
          value={props.fields[field.name] ?? ''}
          error={props.wrong(field.name)}
          onChange={(value) => props.onChange(field.name, value)}
          unit={unitOf(field, props.units)}
        />
      ))}
    </Box>
  )
}

/** Entries that only another answer asks for: the field, and what it has to say. */
const ASKED_BY: Record<string, [string, string]> = {
  pilot: ['wheel', 'ANOTHER'],
  scrapReason: ['oldTireTo', 'SCRAP'],
  sensor: ['withTire', 'NEW'],
}

const isAsked = (props: { wanted: Field[]; fields: Record<string, string> }) => (field: Field) => {
  const [by, answer] = ASKED_BY[field.name] ?? []
  return by === undefined || !props.wanted.some((one) => one.name === by) || props.fields[by] === answer
}

/** A fifth and further place round each side of the bead is there when somebody looks for it. */
function withMorePlaces(wanted: Field[], typed: Record<string, string>): Field[] {
  return wanted.flatMap((field) => {
    const [, side, place] = /^(gap|back)(\d)$/.exec(field.name) ?? []
    const gaps = wanted.filter((one) => side !== undefined && one.name.startsWith(side) && /\d$/.test(one.name)).length
    if (side === undefined || Number(place) !== gaps) return [field]
    const typedGaps = Object.keys(typed).filter((name) => name.startsWith(side) && /\d$/.test(name)).length
    if (typedGaps < gaps || typedGaps >= MOST_GAPS) return [field]
    const more = Array.from({ length: typedGaps + 1 - gaps }, (_, index) => ({
      ...field,
      name: `${side}${gaps + index + 1}`,
      label: say('frontGapPlaceOptional', { isGap: side === 'gap', gaps: gaps + index + 1 }),
    }))
    return [field, ...more]
  })
}

function OneField(props: {
  field: Field
  value: string
  error: string | undefined
  onChange: (value: string) => void
  unit: string | undefined
}) {
  const { field } = props
  if (field.type === 'CHOICE') {
    return (
      <Box component="fieldset" sx={{ border: 0, m: 0, p: 0 }}>
        <Box component="legend" sx={{ p: 0, mb: 0.5, color: props.error ? 'error.main' : 'text.secondary' }}>
          {field.label}
        </Box>
        <ToggleButtonGroup
          exclusive
          value={props.value || null}
          aria-label={field.label}
          // Wrapped on a phone each choice keeps its whole frame.
          sx={{
            flexWrap: 'wrap',
            gap: 0.75,
            '& .MuiToggleButton-root.MuiToggleButton-root': {
              border: 1,
              borderColor: color.beam,
              borderRadius: 1,
              ml: 0,
            },
          }}
          onChange={(_, value: string | null) => props.onChange(value ?? '')}
        >
          {field.options.map((option) => (
            <ToggleButton key={option.code} value={option.code} sx={{ minHeight: 48, px: 2, fontSize: 15 }}>
              {option.label}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        {props.error && (
          <Box role="alert" sx={{ color: 'error.main', fontSize: 12.5, mt: 0.5 }}>
            {props.error}
          </Box>
        )}
      </Box>
    )
  }
  return (
    <Entry
      label={field.label}
      value={props.value}
      onChange={props.onChange}
      error={props.error}
      unit={props.unit}
      gauge={gaugeOf(field)}
      code={field.type === 'CODE'}
      width={WIDTHS[field.type] ?? 190}
    />
  )
}

const WIDTHS: Partial<Record<Field['type'], number>> = { TEXT: 420, CODE: 260, LENGTH: 150, ANGLE: 150, DISTANCE: 200 }

/** Which figure of the paired gauges belongs here: pressed on a valve, set into a groove, or an analyzer’s. */
function gaugeOf(field: Field): string | undefined {
  if (field.type === 'PRESSURE') return 'pressure'
  if (field.type === 'PERCENT') return 'nitrogen'
  return field.type === 'DEPTH' && ['outer', 'center', 'inner'].includes(field.name) ? field.name : undefined
}

function unitOf(field: Field, units: Units): string | undefined {
  switch (field.type) {
    case 'PRESSURE':
      return pressureUnit(units)
    case 'DEPTH':
      return depthUnit(units)
    case 'TORQUE':
      return units === 'US' ? 'ft·lb' : 'N·m'
    case 'PERCENT':
      return '%'
    case 'LENGTH':
      return units === 'US' ? 'in' : 'mm'
    case 'ANGLE':
      return '°'
    case 'DISTANCE':
      return distanceUnit(units)
    case 'BALANCE_WEIGHT':
      return units === 'US' ? 'oz' : 'g'
    case 'COUNT':
    case 'CODE':
    case 'TEXT':
    case 'CHOICE':
      return undefined
  }
}
