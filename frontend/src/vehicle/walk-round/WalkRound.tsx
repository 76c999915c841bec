import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { answerOf, api, type Schemas } from '../../api/client'
import { useUnits } from '../../app/settings'
import { useGauge } from '../../gauge/useGauge'
import { LoadProblem } from '../../ui/Failed'
import { LoadingLines } from '../../ui/Loading'
import { Finish } from './Finish'
import { StopForm } from './StopForm'
import { StopTrail } from './StopTrail'

const FINISH = 'finish'

/** One walk round a vehicle, one position at a time. */
export function WalkRound() {
  const params = useParams()
  const id = Number(params.id)
  const [units] = useUnits()
  const [search, setSearch] = useSearchParams()
  const query = useQuery({
    queryKey: ['walk', id, units],
    queryFn: () => answerOf(api.GET('/api/walk-rounds/{id}', { params: { path: { id }, query: { units } } })),
    refetchOnWindowFocus: false,
  })
  const gauge = useGauge()
  const flush = useRef<() => Promise<void>>(async () => {})
  // Opens at the first position without an entry and stays there: saving it must not move the form on.
  const start = query.data && (query.data.stops.find((stop) => !stop.entry)?.position ?? FINISH)
  const chosen = search.get('at')
  useEffect(() => {
    if (chosen === null && start !== undefined) setSearch({ at: start }, { replace: true })
  }, [chosen, start, setSearch])
  if (query.isPending) return <LoadingLines />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  const walk = query.data
  if (walk.finishedAt) return <Over walk={walk} />
  const at = chosen ?? start
  const index = walk.stops.findIndex((stop) => stop.position === at)
  const stop = walk.stops[index]
  const go = async (to: string) => {
    await flush.current()
    setSearch({ at: to })
  }
  const previous = stop ? walk.stops[index - 1]?.position : walk.stops.at(-1)?.position
  const next = walk.stops[index + 1]?.position ?? FINISH
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', flex: 1 }}>
      <Box
        sx={{
          px: { xs: 1.5, md: 2.5 },
          py: 1.25,
          display: 'flex',
          gap: 1.5,
          alignItems: 'center',
          borderBottom: 1,
          borderColor: 'divider',
        }}
      >
        <Box component="h1" sx={{ typography: 'h1', fontSize: { xs: 20, md: 26 }, m: 0 }}>
          <Box
            component={Link}
            to={`/vehicles/${walk.vehicleId}`}
            sx={{ color: 'inherit', textDecorationColor: '#B9B3A3' }}
          >
            {walk.unit}
          </Box>
        </Box>
        <Box sx={{ color: 'text.secondary', lineHeight: 1.35 }}>
          <div>Walk-round by {walk.startedBy}</div>
          <div>
            {walk.stops.filter((one) => one.entry).length} of {walk.stops.length} positions entered
          </div>
        </Box>
        {stop && (
          <Button sx={{ ml: 'auto' }} variant="outlined" onClick={() => void go(FINISH)}>
            Finish…
          </Button>
        )}
      </Box>
      <StopTrail stops={walk.stops} at={stop?.position} onGo={(position) => void go(position)} />
      {stop ? (
        <StopForm
          key={`${stop.position} ${units}`}
          walk={walk}
          stop={stop}
          flush={flush}
          onNext={() => void go(next)}
          onBack={previous === undefined ? undefined : () => void go(previous)}
          last={next === FINISH}
          gauge={gauge}
        />
      ) : (
        <Finish walk={walk} onGo={(position) => void go(position)} />
      )}
    </Box>
  )
}

function Over({ walk }: { walk: Schemas['WalkRound'] }) {
  return (
    <Box sx={{ p: 3 }}>
      <h1>{walk.unit}: this walk-round is finished</h1>
      <p>Its readings are in the vehicle’s history.</p>
      <Button component={Link} to={`/vehicles/${walk.vehicleId}`} variant="contained">
        Open {walk.unit}
      </Button>
    </Box>
  )
}
