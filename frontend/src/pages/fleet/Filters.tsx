import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useState } from 'react'
import type { Schemas, Verdict } from '../../api/client'
import type { YardFilter } from '../../api/queries'
import { color } from '../../base/theme'
import { VerdictIcon } from '../../drawings/verdict/VerdictIcon'
import { STATES, WORST_FIRST } from '../../drawings/verdict/verdicts'
import { say } from './words'

interface Props {
  filter: YardFilter
  /** As it is typed, which runs ahead of what is asked for. */
  text: string
  /** Nothing before the first answer: the filters stand there without figures. */
  fleet: Schemas['FleetView'] | undefined
  set: (name: string, value: string) => void
}

const look = {
  '& button': { background: color.sheet, backgroundClip: 'padding-box', minHeight: { xs: 44, sm: 32 } },
  '& .MuiToggleButton-root': { gap: 0.7, py: 0, px: 1, color: 'text.primary', whiteSpace: 'nowrap' },
}

/** How many vehicles are in each state, and how many have overdue work: each count narrows the page to what it counts. */
export function Counts({ filter, fleet, set, worst }: Omit<Props, 'text'> & { worst: boolean }) {
  const states: Verdict[] = worst ? ['DO_NOT_OPERATE'] : WORST_FIRST.filter((state) => state !== 'DO_NOT_OPERATE')
  const overdue = fleet?.allDueCounts.find((count) => count.group === 'OVERDUE')
  return (
    <>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={filter.state}
        onChange={(_, next) => set('state', next ?? '')}
        aria-label={worst ? say('showVehiclesNot') : say('showVehiclesInOneState')}
        sx={look}
      >
        {states.map((state) => (
          <ToggleButton key={state} value={state}>
            <VerdictIcon verdict={state} named={false} size={14} />
            <strong>{fleet ? (fleet.states[state] ?? 0) : '–'}</strong>{' '}
            {worst && fleet ? say('of', { fleet: fleet.fleet }) : ''}
            {STATES[state].word}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {worst && (
        <ToggleButton
          size="small"
          value="OVERDUE"
          selected={filter.due === 'OVERDUE'}
          onChange={() => set('due', filter.due === 'OVERDUE' ? '' : 'OVERDUE')}
          sx={{
            ...look['& .MuiToggleButton-root'],
            background: color.sheet,
            minHeight: { xs: 44, sm: 32 },
          }}
        >
          <strong>{overdue ? overdue.vehicles : '–'}</strong>
          {say('overdue')}
        </ToggleButton>
      )}
    </>
  )
}

/** What narrows the page besides the counts; folded on a phone. */
export function Filters({ filter, text, fleet, set }: Props) {
  const [open, setOpen] = useState(false)
  const used = [filter.yard, filter.vehicleClass, filter.text, filter.state].filter(Boolean).length
  return (
    <>
      <Button
        size="small"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        sx={{ display: { sm: 'none' }, minHeight: 44, ml: 'auto' }}
      >
        {say('filter')}
        {used > 0 && ` (${used})`}
      </Button>
      <Box
        role="group"
        aria-label={say('filters')}
        sx={{
          display: { xs: open ? 'flex' : 'none', sm: 'flex' },
          gap: 1,
          flexWrap: 'wrap',
          alignItems: 'center',
          '& .MuiInputBase-root': { height: { xs: 44, sm: 32 }, background: color.sheet },
        }}
      >
        <Counts filter={filter} fleet={fleet} set={set} worst={false} />
        <Choice
          name="Yard"
          all={say('allYards')}
          value={filter.yard}
          values={fleet?.yards ?? []}
          set={(value) => set('yard', value)}
        />
        <Choice
          name="Vehicle class"
          all={say('allClasses')}
          value={filter.vehicleClass}
          values={fleet?.classes ?? []}
          set={(value) => set('class', value)}
        />
        <TextField
          placeholder={say('find')}
          value={text}
          onChange={(event) => set('text', event.target.value)}
          sx={{ width: 110 }}
          slotProps={{ htmlInput: { 'aria-label': say('find') } }}
        />
      </Box>
    </>
  )
}

function Choice(props: { name: string; all: string; value: string; values: string[]; set: (value: string) => void }) {
  // What the address asks for is shown before the values have come.
  const values = props.value && !props.values.includes(props.value) ? [props.value, ...props.values] : props.values
  return (
    <TextField
      select
      value={props.value}
      onChange={(event) => props.set(event.target.value)}
      sx={{ width: 140 }}
      slotProps={{
        select: {
          displayEmpty: true,
          SelectDisplayProps: { 'aria-label': props.name, 'aria-labelledby': '' },
          renderValue: (value) => String(value || props.all),
        },
      }}
    >
      <MenuItem value="">{say('all')}</MenuItem>
      {values.map((value) => (
        <MenuItem key={value} value={value}>
          {value}
        </MenuItem>
      ))}
    </TextField>
  )
}
