import Box from '@mui/material/Box'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { Link, useSearchParams } from 'react-router'
import type { DueLine, Schemas, Verdict } from '../../api/client'
import { yardQuery } from '../../api/queries'
import { useUnits } from '../../app/settings'
import { StateGlyph } from '../../drawings/state/StateGlyph'
import { STATES, WORST_FIRST } from '../../drawings/state/states'
import { LoadProblem } from '../../ui/Failed'
import { LoadingLines } from '../../ui/Loading'
import { DueList } from './DueList'
import { EmptyFleet } from './EmptyFleet'
import { GaugesDue } from './GaugesDue'
import { Tiles } from './Tiles'
import { WaitingReports } from './WaitingReports'

type Tile = Schemas['VehicleTile']

interface Filter {
  yard: string
  vehicleClass: string
  state: string
  text: string
}

/** All vehicles as small axle plans, and beside them what is due. */
export function Yard() {
  const [units] = useUnits()
  const yard = useQuery(yardQuery(units))
  const [search, setSearch] = useSearchParams()
  const filter = useMemo(
    (): Filter => ({
      yard: search.get('yard') ?? '',
      vehicleClass: search.get('class') ?? '',
      state: search.get('state') ?? '',
      text: search.get('text') ?? '',
    }),
    [search],
  )
  const set = (name: string, value: string) =>
    setSearch(
      (before) => {
        if (value) before.set(name, value)
        else before.delete(name)
        return before
      },
      { replace: true },
    )
  const shown = useMemo(() => narrow(yard.data?.vehicles ?? [], yard.data?.due ?? [], filter), [yard.data, filter])
  if (yard.isPending) return <LoadingLines lines={14} />
  if (yard.isError) return <LoadProblem error={yard.error} again={() => yard.refetch()} />
  const { vehicles, today } = yard.data
  if (vehicles.length === 0 || !today) return <EmptyFleet />
  const values = (of: (tile: Tile) => string) => [...new Set(vehicles.map(of))].sort()
  const count = (state: Verdict) => vehicles.filter((tile) => tile.verdict === state).length
  const groupBy = search.get('by') === 'class' ? 'class' : 'yard'
  return (
    <>
      <Box sx={{ px: 2.5, pt: 2, pb: 1.5, display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
        <Box component="h1" sx={{ m: 0, mr: 1, typography: 'h1' }}>
          Yard
        </Box>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={filter.state}
          onChange={(_, next) => set('state', next ?? '')}
          aria-label="Show vehicles in one state"
          sx={{ background: '#fff', flexWrap: 'wrap' }}
        >
          {WORST_FIRST.map((state) => (
            <ToggleButton key={state} value={state} sx={{ gap: 0.8, py: 0.6, px: 1.2, color: 'text.primary' }}>
              <StateGlyph verdict={state} named={false} size={14} />
              {STATES[state].word} <strong>{count(state)}</strong>
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <Choice
          label="Yard"
          value={filter.yard}
          values={values((tile) => tile.yard)}
          onChange={(value) => set('yard', value)}
        />
        <Choice
          label="Class"
          value={filter.vehicleClass}
          values={values((tile) => tile.vehicleClass)}
          onChange={(value) => set('class', value)}
        />
        <TextField
          label="Find"
          value={filter.text}
          onChange={(event) => set('text', event.target.value)}
          sx={{ width: 130 }}
        />
        <TextField
          select
          label="Group by"
          value={groupBy}
          onChange={(event) => set('by', event.target.value)}
          sx={{ width: 110 }}
        >
          <MenuItem value="yard">yard</MenuItem>
          <MenuItem value="class">class</MenuItem>
        </TextField>
        <Box component={Link} to="/questions" sx={{ ml: 'auto' }}>
          Questions
        </Box>
      </Box>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: 'minmax(0, 1fr) 560px' },
          borderTop: 1,
          borderColor: 'divider',
          flex: 1,
        }}
      >
        <Tiles tiles={shown.tiles} today={today} groupBy={groupBy} />
        <Box sx={{ minWidth: 0 }}>
          <WaitingReports />
          <GaugesDue today={today} />
          <DueList due={shown.due} today={today} />
        </Box>
      </Box>
    </>
  )
}

function Choice(props: { label: string; value: string; values: string[]; onChange: (value: string) => void }) {
  return (
    <TextField
      select
      label={props.label}
      value={props.value}
      onChange={(event) => props.onChange(event.target.value)}
      sx={{ width: 150 }}
    >
      <MenuItem value="">all</MenuItem>
      {props.values.map((value) => (
        <MenuItem key={value} value={value}>
          {value}
        </MenuItem>
      ))}
    </TextField>
  )
}

function narrow(tiles: Tile[], due: DueLine[], filter: Filter) {
  const text = filter.text.toLowerCase()
  const fits = (tile: Tile) =>
    (!filter.yard || tile.yard === filter.yard) &&
    (!filter.vehicleClass || tile.vehicleClass === filter.vehicleClass) &&
    (!filter.state || tile.verdict === filter.state)
  const says = (...words: string[]) => words.join(' ').toLowerCase().includes(text)
  const kept = new Set(tiles.filter(fits).map((tile) => tile.id))
  const lines = due.filter(
    (line) =>
      kept.has(line.vehicleId) &&
      says(line.unit, line.work, line.reason.says, line.positions.join(' '), line.yard, line.vehicleClass),
  )
  const withLines = new Set(lines.map((line) => line.vehicleId))
  return {
    tiles: tiles.filter(
      (tile) =>
        kept.has(tile.id) && (says(tile.unit, tile.description, tile.yard) || (text !== '' && withLines.has(tile.id))),
    ),
    due: lines,
  }
}
