import Box from '@mui/material/Box'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useInfiniteQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import { type YardFilter, yardPagesQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { Title } from '../../ui/Title'
import { useDebounced } from '../../ui/useDebounced'
import { GaugesDue, ReportsToReview } from './Attention'
import { BackupProblem } from './BackupProblem'
import { DueList } from './DueList'
import { EmptyFleet } from './EmptyFleet'
import { Counts, Filters } from './Filters'
import { GettingStarted } from './GettingStarted'
import { Tiles } from './Tiles'
import { say } from './words'

const GROUPS = ['DO_NOT_OPERATE', 'OVERDUE', 'THIS_WEEK', 'NEXT_30_DAYS', 'LATER'] as const

/** What must not be operated and what is due, and beside it all vehicles as small axle diagrams. On a phone one or the other. */
export function FleetPage() {
  const [units] = useUnits()
  const [search, setSearch] = useSearchParams()
  const text = useDebounced(search.get('text') ?? '')
  const filter: YardFilter = {
    yard: search.get('yard') ?? '',
    vehicleClass: search.get('class') ?? '',
    state: search.get('state') ?? '',
    due: GROUPS.find((group) => group === search.get('due')) ?? '',
    text,
    by: search.get('by') === 'class' ? 'class' : 'yard',
  }
  const shown = search.get('show') === 'vehicles' ? 'vehicles' : 'due'
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
      <Box
        sx={{
          px: { xs: 1, sm: 2.5 },
          py: 1,
          display: 'flex',
          columnGap: 1,
          rowGap: 0.75,
          alignItems: 'center',
          flexWrap: 'wrap',
        }}
      >
        <Title>{say('fleet')}</Title>
        <Box component="h1" sx={{ m: 0, mr: 1, typography: 'h1' }}>
          {say('fleet')}
        </Box>
        <Counts filter={filter} fleet={first} set={set} worst />
        <ReportsToReview />
        {first?.today && <GaugesDue today={first.today} />}
        <Filters filter={filter} text={search.get('text') ?? ''} fleet={first} set={set} />
        <ToggleButtonGroup
          exclusive
          size="small"
          value={shown}
          onChange={(_, next) => next && set('show', next === 'vehicles' ? next : '')}
          aria-label={say('show2')}
          sx={{ display: { sm: 'none' }, width: '100%', '& button': { flex: 1, minHeight: 44 } }}
        >
          <ToggleButton value="due">{say('due')}</ToggleButton>
          <ToggleButton value="vehicles">{say('vehicles')}</ToggleButton>
        </ToggleButtonGroup>
        <Box
          component={Link}
          to="/questions"
          sx={{ ml: 'auto', display: { xs: 'none', md: 'inline-flex' }, minHeight: 24, alignItems: 'center' }}
        >
          {say('questions')}
        </Box>
      </Box>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: 'minmax(0, 1fr) 640px' },
          borderTop: 1,
          borderColor: 'divider',
          flex: 1,
          '& > *': { minWidth: 0 },
        }}
      >
        <Box
          sx={{
            order: { xs: 1, lg: 0 },
            display: { xs: shown === 'vehicles' ? 'block' : 'none', sm: 'block' },
            opacity: tiles.isPlaceholderData ? 0.4 : 1,
          }}
          aria-busy={tiles.isPlaceholderData}
        >
          {tiles.data && first?.today ? (
            <Tiles
              tiles={tiles.data.pages.flatMap((page) => page.vehicles)}
              groups={first.groups}
              today={first.today}
              groupBy={filter.by}
              onGroupBy={(by) => set('by', by === 'class' ? by : '')}
              more={tiles.hasNextPage ? () => void tiles.fetchNextPage() : undefined}
            />
          ) : (
            <LoadingLines lines={14} />
          )}
        </Box>
        <Box sx={{ display: { xs: shown === 'due' ? 'block' : 'none', sm: 'block' } }}>
          <BackupProblem />
          <GettingStarted />
          {/* Drawn when it comes: neither waits for the other, and neither holds up what is typed meanwhile. */}
          {lines.data?.pages[0] && first?.today ? (
            <DueList
              due={lines.data.pages.flatMap((page) => page.due)}
              counts={lines.data.pages[0].dueCounts}
              today={first.today}
              withinDays={lines.data.pages[0].dueWithinDays}
              waiting={lines.isPlaceholderData}
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
