import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { answerOf, api, ProblemError, type Schemas, type Units } from '../../api/client'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { useGauge } from '../../gauge/useGauge'
import { uploadQueue } from '../../offline/uploadQueue'
import { useHeld } from '../../offline/useUploadQueue'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { Title } from '../../ui/Title'
import { many } from '../../units/format'
import { GaugeSelection } from './GaugeSelection'
import { PositionForm } from './PositionForm'
import { PositionTrail } from './PositionTrail'
import { WalkAroundSummary } from './WalkAroundSummary'
import { say } from './words'

const FINISH = 'finish'

/** From the server, and kept here; out of reach, as this device last knew it. */
async function loadWalk(vehicleId: number, id: string, units: Units): Promise<Schemas['WalkAroundView']> {
  await uploadQueue.load()
  try {
    const walk = await answerOf(
      id === 'sheet'
        ? api.GET('/api/vehicles/{vehicleId}/walk-around-draft', {
            params: {
              path: { vehicleId },
              query: { units, scope: uploadQueue.sheet(vehicleId)?.walkAround.scope ?? 'FULL' },
            },
          })
        : api.GET('/api/walk-arounds/{id}', { params: { path: { id: Number(id) }, query: { units } } }),
    )
    await uploadQueue.keepSheet(walk, units)
    return walk
  } catch (error) {
    const kept = uploadQueue.sheet(vehicleId)
    if (kept && error instanceof ProblemError && error.unreachable) return kept.walkAround
    throw error
  }
}

/** One walk round a vehicle, one position at a time. */
export function WalkAround() {
  const params = useParams()
  const vehicleId = Number(params.vehicleId)
  const [units] = useUnits()
  const [search, setSearch] = useSearchParams()
  const query = useQuery({
    queryKey: ['walk', vehicleId, params.id, units],
    queryFn: () => loadWalk(vehicleId, params.id ?? 'sheet', units),
    refetchOnWindowFocus: false,
  })
  const held = useHeld()
  const gauge = useGauge()
  const flush = useRef<() => Promise<void>>(async () => {})
  const kept = held.sheets.find((one) => one.vehicleId === vehicleId)
  const walk = query.data && !query.data.finishedAt && kept?.units === units ? kept.walkAround : query.data
  const isEntered = (stop: Schemas['WalkAroundStopView']) =>
    stop.entry !== undefined || uploadQueue.entry(vehicleId, stop.position) !== undefined
  // Opens at the first position without an entry and stays there: saving it must not move the form on.
  const opened = useRef<string | undefined>(undefined)
  if (walk) opened.current ??= walk.positions.find((stop) => !isEntered(stop))?.position ?? FINISH
  const start = opened.current
  const chosen = search.get('at')
  useEffect(() => {
    if (chosen === null && start !== undefined) setSearch({ at: start }, { replace: true })
  }, [chosen, start, setSearch])
  if (query.isPending || (walk === undefined && !query.isError)) return <LoadingLines />
  if (walk === undefined) return <LoadProblem error={query.error} again={() => query.refetch()} />
  if (walk.finishedAt) {
    return <Over walk={walk} left={held.entries.filter((one) => one.vehicleId === vehicleId).length} />
  }
  const at = chosen ?? start
  const index = walk.positions.findIndex((stop) => stop.position === at)
  const stop = walk.positions[index]
  const go = async (to: string) => {
    // Out of reach it is kept here; the walk goes on either way.
    void flush.current()
    setSearch({ at: to })
  }
  const previous = stop ? walk.positions[index - 1]?.position : walk.positions.at(-1)?.position
  const next = walk.positions[index + 1]?.position ?? FINISH
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', flex: 1 }}>
      <Box
        sx={{
          px: { xs: 1.5, md: 2.5 },
          py: 1,
          display: 'flex',
          columnGap: 1.5,
          rowGap: 0.5,
          alignItems: 'center',
          flexWrap: 'wrap',
          borderBottom: 1,
          borderColor: 'divider',
        }}
      >
        <Title>{say('walkAround', { unit: walk.unit })}</Title>
        <Box component="h1" sx={{ typography: 'h1', fontSize: { xs: 20, md: 26 }, m: 0 }}>
          <Box
            component={Link}
            to={`/vehicles/${walk.vehicleId}`}
            sx={{ color: 'inherit', textDecorationColor: color.frame }}
          >
            {walk.unit}
          </Box>
        </Box>
        <Box sx={{ color: 'text.secondary', lineHeight: 1.35 }}>
          <div>
            {walk.scopeTitle}
            {walk.startedBy && say('startedBy', { startedBy: walk.startedBy })}
          </div>
          <div>
            {say('ofPositionsEntered', {
              entered: walk.positions.filter(isEntered).length,
              all: walk.positions.length,
            })}
          </div>
        </Box>
        <Box sx={{ ml: 'auto', display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
          <GaugeSelection />
          {stop && (
            <Button variant="outlined" onClick={() => void go(FINISH)}>
              {say('finish')}
            </Button>
          )}
        </Box>
      </Box>
      <PositionTrail
        stops={walk.positions}
        at={stop?.position}
        waiting={(position) => uploadQueue.entry(vehicleId, position) !== undefined}
        onGo={(position) => void go(position)}
      />
      {stop ? (
        <PositionForm
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
        <WalkAroundSummary walk={walk} onGo={(position) => void go(position)} />
      )}
    </Box>
  )
}

function Over({ walk, left }: { walk: Schemas['WalkAroundView']; left: number }) {
  return (
    <Box sx={{ p: 3 }}>
      <h1>{say('thisWalkAroundIsFinished', { unit: walk.unit })}</h1>
      <p>{say('itsReadings')}</p>
      {left > 0 && (
        <p>
          <strong>{say('typedOnThisDeviceCame', { many: many(left, 'position', 'positions') })}</strong>{' '}
          <Link to="/offline">{say('theyCanGoInto')}</Link>.
        </p>
      )}
      <Button component={Link} to={`/vehicles/${walk.vehicleId}`} variant="contained">
        {say('open', { unit: walk.unit })}
      </Button>
    </Box>
  )
}
