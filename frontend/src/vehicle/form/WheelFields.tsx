import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { Choice, Entry } from '../../ui/Entry'
import { pressureUnit } from '../../units/format'
import { allAlike, type Form, type WheelForm, wheelsFor } from './blank'
import { Part } from './Part'
import { say } from './words'

const PILOT = [
  ['', say('notLooked')],
  ['HUB', 'hub-piloted'],
  ['STUD', 'stud-piloted'],
] as const

interface Group {
  title: string
  positions: string[]
}

/** Wheels axle by axle where all of an axle are alike, position by position where they differ. */
export function WheelFields(props: {
  form: Form
  set: (part: Partial<Form>) => void
  places: Schemas['LayoutPositionView'][]
  wrong: (field: string) => string | undefined
  anyWrong: boolean
}) {
  const { form, set, places } = props
  const [apart, setApart] = useState<number[]>([])
  const axles = [...new Set(places.map((place) => place.axle))]
  const groups: Group[] = axles.flatMap((axle) => {
    const positions = places.filter((place) => place.axle === axle).map((place) => place.position)
    const title = axle === 0 ? say('spares2') : say('axle2', { axle })
    return apart.includes(axle) || !allAlike(wheelsFor(form, positions))
      ? positions.map((position) => ({ title: position, positions: [position] }))
      : [{ title, positions }]
  })
  const change = (positions: string[], part: Partial<WheelForm>) => {
    const all = wheelsFor(
      form,
      places.map((place) => place.position),
    )
    set({ wheels: all.map((wheel) => (positions.includes(wheel.position) ? { ...wheel, ...part } : wheel)) })
  }
  return (
    <Part title={say('wheels')} folds={{ wrong: props.anyWrong }}>
      <Box sx={{ width: '100%', color: 'text.secondary' }}>{say('hubPilotedWheelsHaveSmall')}</Box>
      {groups.map((group) => (
        <OneWheel
          key={group.title}
          group={group}
          wheel={wheelsFor(form, group.positions)[0] as WheelForm}
          wrong={(field) => props.wrong(`wheels.${group.positions[0]}.${field}`)}
          onChange={(part) => change(group.positions, part)}
        />
      ))}
      {axles.map((axle) => (
        <Button
          key={axle}
          size="small"
          onClick={() => setApart(apart.includes(axle) ? apart.filter((one) => one !== axle) : [...apart, axle])}
        >
          {apart.includes(axle)
            ? `${axle === 0 ? say('spares2') : say('axle2', { axle })} together`
            : say('wheelsOfDiffer', { axle: axle === 0 ? say('spares') : say('axle3', { axle }) })}
        </Button>
      ))}
    </Part>
  )
}

function OneWheel(props: {
  group: Group
  wheel: WheelForm
  wrong: (field: string) => string | undefined
  onChange: (part: Partial<WheelForm>) => void
}) {
  const { group, wheel, wrong, onChange } = props
  const [units] = useUnits()
  const text = (key: keyof WheelForm, label: string, width: number, unit?: string) => (
    <Entry
      label={`${label}, ${group.title.toLowerCase().startsWith('axle') ? group.title.toLowerCase() : group.title}`}
      value={wheel[key] as string | undefined}
      onChange={(value) => onChange({ [key]: value })}
      error={wrong(key)}
      unit={unit}
      width={width}
    />
  )
  return (
    <Box
      component="fieldset"
      sx={{
        border: 0,
        m: 0,
        p: 0,
        pb: 1.5,
        width: '100%',
        display: 'flex',
        gap: 1.25,
        flexWrap: 'wrap',
        alignItems: 'flex-start',
      }}
    >
      <Box component="legend" sx={{ float: 'left', p: 0, pr: 1, pt: 1, fontWeight: 700, width: 62 }}>
        {group.title}
      </Box>
      <Choice
        label={say('pilotType', { group: group.title })}
        value={wheel.pilotType ?? ''}
        options={PILOT}
        onChange={(pilot) => {
          onChange({ pilotType: (pilot || undefined) as never })
        }}
        error={wrong('pilotType')}
        width={150}
      />
      {text('rimDiameter', say('rimDiameter'), 130, 'in')}
      {text('rimWidth', say('width'), 130, 'in')}
      {text('lugCount', say('nuts'), 110)}
      {text('torque', say('torque'), 150, units === 'US' ? 'ft·lb' : 'N·m')}
      {text('maximumPressure', say('maxPressure'), 170, pressureUnit(units))}
      {text('maximumLoad', say('maxLoad'), 150, units === 'US' ? 'lb' : 'kg')}
      {text('nutSeat', say('nutSeat'), 190)}
      {text('material', say('material'), 170)}
      {text('valveType', say('valve'), 190)}
      <FormControlLabel
        control={
          <Checkbox
            checked={wheel.isLeftThreaded}
            onChange={(event) => onChange({ isLeftThreaded: event.target.checked })}
          />
        }
        label={say('leftHandThreads')}
      />
      <FormControlLabel
        control={
          <Checkbox checked={wheel.isReversed} onChange={(event) => onChange({ isReversed: event.target.checked })} />
        }
        label={say('reverseInsetWheel')}
      />
    </Box>
  )
}
