import Box from '@mui/material/Box'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useInfiniteQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import { type YardFilter, yardPagesQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { VerdictIcon } from '../../drawings/verdict/VerdictIcon'
import { STATES, WORST_FIRST } from '../../drawings/verdict/verdicts'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { useDebounced } from '../../ui/useDebounced'
import { BackupProblem } from './BackupProblem'
import { DueList } from './DueList'
import { EmptyFleet } from './EmptyFleet'
import { GaugesDue } from './GaugesDue'
import { GettingStarted } from './GettingStarted'
import { ReportsToReview } from './ReportsToReview'
import { Tiles } from './Tiles'

/** All vehicles as small axle plans, and beside them what is due. */
export function FleetPage() {
  const [units] = useUnits()
  const [search, setSearch] = useSearchParams()
  const text = useDebounced(search.get('text') ?? '')
  const filter: YardFilter = {
    yard: search.get('yard') ?? '',
    vehicleClass: search.get('class') ?? '',
    state: search.get('state') ?? '',
    text,
    by: search.get('by') === 'class' ? 'class' : 'yard',
  }
  const tiles = useInfiniteQuery(yardPagesQuery('VEHICLES', filter, units))
  const lines = useInfiniteQuery(yardPagesQuery('DUE', filter, units))
  const set = (name: string, value: string) =>
    setSearch(
      (before) => {
        if (value) before.set(name, value)
        else before.delete(name)
        return before
      },
      { replace: true },
    )
  if (tiles.isError) return <LoadProblem error={tiles.error} again={() => tiles.refetch()} />
  if (lines.isError) return <LoadProblem error={lines.error} again={() => lines.refetch()} />
  // Until the first answer the filters stand there without figures: drawing them then would hold the tiles up.
  const first = tiles.data?.pages[0]
  if (first && !first.today) return <EmptyFleet />
  return (
    <>
      <Box sx={{ px: 2.5, pt: 2, pb: 1.5, display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
        <Box component="h1" sx={{ m: 0, mr: 1, typography: 'h1' }}>
          Fleet
        </Box>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={filter.state}
          onChange={(_, next) => set('state', next ?? '')}
          aria-label="Show vehicles in one state"
          sx={{ flexWrap: 'wrap', '& button': { background: color.sheet, backgroundClip: 'padding-box' } }}
        >
          {WORST_FIRST.map((state) => (
            <ToggleButton key={state} value={state} sx={{ gap: 0.8, py: 0.6, px: 1.2, color: 'text.primary' }}>
              <VerdictIcon verdict={state} named={false} size={14} />
              {STATES[state].word} <strong>{first ? (first.states[state] ?? 0) : '–'}</strong>
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <Choice label="Yard" value={filter.yard} values={first?.yards ?? []} onChange={(value) => set('yard', value)} />
        <Choice
          label="Vehicle class"
          value={filter.vehicleClass}
          values={first?.classes ?? []}
          onChange={(value) => set('class', value)}
        />
        <TextField
          label="Find"
          value={search.get('text') ?? ''}
          onChange={(event) => set('text', event.target.value)}
          sx={{ width: 130 }}
        />
        <TextField
          select
          label="Group by"
          value={filter.by}
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
        {tiles.data && first?.today ? (
          <Tiles
            tiles={tiles.data.pages.flatMap((page) => page.vehicles)}
            groups={first.groups}
            today={first.today}
            groupBy={filter.by}
            more={tiles.hasNextPage ? () => void tiles.fetchNextPage() : undefined}
          />
        ) : (
          <LoadingLines lines={14} />
        )}
        <Box sx={{ minWidth: 0 }}>
          <BackupProblem />
          <ReportsToReview />
          {first?.today && <GaugesDue today={first.today} />}
          <GettingStarted />
          {/* Drawn when it comes: neither waits for the other, and neither holds up what is typed meanwhile. */}
          {lines.data?.pages[0] && first?.today ? (
            <DueList
              due={lines.data.pages.flatMap((page) => page.due)}
              parts={lines.data.pages[0].parts}
              today={first.today}
              withinDays={lines.data.pages[0].dueWithinDays}
              more={lines.hasNextPage ? () => void lines.fetchNextPage() : undefined}
            />
          ) : (
            <LoadingLines lines={8} />
          )}
        </Box>
      </Box>
    </>
  )
}

function Choice(props: { label: string; value: string; values: string[]; onChange: (value: string) => void }) {
  // What the address asks for is shown before the values have come.
  const values = props.value && !props.values.includes(props.value) ? [props.value, ...props.values] : props.values
  return (
    <TextField
      select
      label={props.label}
      value={props.value}
      onChange={(event) => props.onChange(event.target.value)}
      sx={{ width: 150 }}
    >
      <MenuItem value="">all</MenuItem>
      {values.map((value) => (
        <MenuItem key={value} value={value}>
          {value}
        </MenuItem>
      ))}
    </TextField>
  )
}
