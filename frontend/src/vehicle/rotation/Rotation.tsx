import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { answerOf, api } from '../../api/client'
import { rotationQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import { MoveLines } from '../../drawings/move-lines/MoveLines'
import { useMay } from '../../session/session'
import { Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { day } from '../../units/format'
import { useVehicle } from '../VehiclePage'
import { ArrangementBoard, Beside } from './ArrangementBoard'
import { Figures, type Kept, MoveList, Violations } from './ArrangementSummary'
import { type ArrangementView, type Asked, type BenchView, moved, type Places, type Purpose, same } from './plan'
import { ReplacementPanel } from './ReplacementPanel'
import { ScheduleRotationDialog } from './ScheduleRotationDialog'
import { say, sayAround } from './words'

const MOST_KEPT = 2

/** Which tire goes where: proposed, changed by hand, compared, and put on a day. */
export function Rotation() {
  const { vehicle } = useVehicle()
  const [units] = useUnits()
  const query = useQuery(rotationQuery(vehicle.id, units))
  if (query.isPending) return <LoadingLines lines={10} />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  return <Bench key={JSON.stringify(query.data.now.arrangement)} bench={query.data} vehicleId={vehicle.id} />
}

function Bench({ bench, vehicleId }: { bench: BenchView; vehicleId: number }) {
  const [units] = useUnits()
  const coordinator = useMay('COORDINATOR')
  const [asked, setAsked] = useState<Asked>(() => ({
    nextVisit: bench.nextVisit,
    stock: bench.tires.filter((tire) => tire.source === 'STOCK' && tire.chosen).map((tire) => tire.id),
    buy: true,
    override: [],
  }))
  const [purpose, setPurpose] = useState<Purpose>()
  const [places, setPlaces] = useState<Places>(bench.now.arrangement)
  const [past, setPast] = useState<Places[]>([])
  const [picked, setPicked] = useState<number>()
  const [kept, setKept] = useState<Kept[]>([])
  const [accepting, setAccepting] = useState(false)
  const [said, setSaid] = useState('')
  const evaluation = useQuery({
    queryKey: ['rotation', vehicleId, 'evaluation', units, asked, places, picked],
    queryFn: () =>
      answerOf(
        api.POST('/api/vehicles/{id}/rotation/evaluation', {
          params: { path: { id: vehicleId }, query: { units } },
          body: { options: asked, arrangement: places, ...(picked !== undefined && { picked }) },
        }),
      ),
    // Only picking a tire keeps the answer: nothing of the last one stands under another arrangement.
    placeholderData: (before, query) =>
      JSON.stringify(query?.queryKey.slice(3, 6)) === JSON.stringify([units, asked, places]) ? before : undefined,
  })
  const proposing = useMutation({
    mutationFn: (wanted: Purpose) =>
      answerOf(
        api.POST('/api/vehicles/{id}/rotation/proposal', {
          params: { path: { id: vehicleId }, query: { units } },
          body: { options: asked, goal: wanted },
        }),
      ),
    onSuccess: (found) => {
      if (!found.infeasibility) change(found.arrangement)
    },
  })
  const change = (next: Places) => {
    if (same(next, places)) return
    setPast([...past, places])
    setPlaces(next)
  }
  const undo = () => {
    const last = past.at(-1)
    if (!last) return
    setPast(past.slice(0, -1))
    setPlaces(last)
    setSaid(say('undone'))
  }
  const put = (tire: number, to: string) => {
    setPicked(undefined)
    setPurpose(undefined)
    change(moved(places, tire, to))
    setSaid(say('isAtNow', { tires: tires.get(tire)?.name ?? say('tire'), to }))
  }
  // What a replacement takes from stock counts as chosen, so that it can be accepted.
  const take = (next: Places) => {
    const taken = Object.values(next).filter((id) => tires.get(id)?.source === 'STOCK')
    const others = (asked.stock ?? []).filter((id) => !taken.includes(id))
    settings({ stock: [...taken, ...others].slice(0, bench.mostStock) })
    setPicked(undefined)
    change(next)
    setSaid(say('arrangementShown'))
  }
  const settings = (part: Partial<Asked>) => {
    setAsked({ ...asked, ...part })
    setPurpose(undefined)
    proposing.reset()
  }
  const tires = new Map(bench.tires.map((tire) => [tire.id, tire]))
  const view = evaluation.data
  const positions = bench.positions.map((place) => place.position)
  const used = new Set(Object.values(places))
  const models = new Set<string>()
  const beside = bench.tires.filter(
    (tire) =>
      !(tire.source === 'TO_BUY' && (models.has(tire.name) || !models.add(tire.name))) &&
      (tire.source === 'TO_BUY' || !used.has(tire.id)) &&
      (tire.source === 'ON_VEHICLE' ||
        (tire.source === 'STOCK' ? (asked.stock ?? []).includes(tire.id) && !tire.isReserved : asked.buy)),
  )
  const changed = !same(places, bench.now.arrangement)
  const obstacle = proposing.data?.infeasibility
  const proposal = purpose && proposing.data && same(proposing.data.arrangement, places) ? proposing.data : undefined
  const name = bench.goals.find((one) => one.code === purpose)?.label ?? say('byHand')
  const keep = () => {
    if (view) setKept([...kept.slice(-(MOST_KEPT - 1)), { name: `${name} ${kept.length + 1}`, view }])
  }
  return (
    <Box
      sx={{ px: 2.5, py: 2, display: 'grid', gap: 2 }}
      onKeyDown={(event) => {
        if (event.key === 'Escape' && picked !== undefined) {
          setPicked(undefined)
          setSaid(say('moveCanceled'))
        }
      }}
    >
      {bench.open && (
        <Alert severity="info">
          {sayAround(
            'rotationOfThisVehicle',
            { day: day(bench.open.day, bench.today) },
            { job: (inner) => <Link to={`/shop?job=${bench.open?.jobId}`}>{inner}</Link> },
          )}
        </Alert>
      )}
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center', displayPrint: 'none' }}>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={purpose ?? null}
          aria-label={say('goal')}
          onChange={(_, wanted: Purpose | null) => {
            if (!wanted) return
            setPurpose(wanted)
            setPicked(undefined)
            proposing.mutate(wanted)
          }}
          sx={{ background: color.sheet }}
        >
          {bench.goals.map((one) => (
            <ToggleButton key={one.code} value={one.code} title={one.means} disabled={proposing.isPending}>
              {one.label}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <Entry
          label={say('mustLastUntil')}
          type="date"
          value={asked.nextVisit}
          onChange={(nextVisit) => nextVisit && settings({ nextVisit })}
          width={170}
        />
        <FormControlLabel
          disabled={[...used].some((tire) => tire < 0)}
          control={<Checkbox checked={asked.buy} onChange={(event) => settings({ buy: event.target.checked })} />}
          label={say('allowPurchases')}
        />
      </Box>
      <Box
        aria-live="polite"
        sx={{ position: 'absolute', width: '1px', height: '1px', overflow: 'hidden', clipPath: 'inset(50%)' }}
      >
        {said}
      </Box>
      {proposing.isError && <Alert severity="error">{proposing.error.message}</Alert>}
      {evaluation.isError && <Alert severity="error">{evaluation.error.message}</Alert>}
      {obstacle && (
        <Alert severity="warning">
          <strong>
            {say('noArrangementMeetsEveryRule', { rules: obstacle.rules.join(', ') || say('moreThanTwoRules') })}
          </strong>
          <Violations violations={obstacle.violations} />
          <Box component="ul" sx={{ mb: 0, pl: 2.5 }}>
            {obstacle.remedies.map((cure) => (
              <li key={cure}>{cure}</li>
            ))}
          </Box>
        </Alert>
      )}
      <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: '400px minmax(0,1fr)' } }}>
        <Box>
          <ArrangementBoard
            positions={positions}
            places={places}
            tires={tires}
            view={view}
            picked={picked}
            onPick={setPicked}
            onPut={put}
          />
          <Beside tires={beside} picked={picked} onPick={setPicked} />
          <Box sx={{ display: 'flex', gap: 1, mt: 1, displayPrint: 'none' }}>
            <Button size="small" onClick={undo} disabled={past.length === 0}>
              {say('undo')}
            </Button>
            <Button size="small" onClick={() => change(bench.now.arrangement)} disabled={!changed}>
              {say('asToday')}
            </Button>
          </Box>
          <Box sx={{ color: 'text.secondary', fontSize: 12.5, mt: 1, displayPrint: 'none' }}>{say('dragATire')}</Box>
        </Box>
        <Box sx={{ display: 'grid', gap: 1.5, alignContent: 'start' }}>
          {!changed && !obstacle && <p style={{ margin: 0 }}>{say('chooseAGoalOrMove')}</p>}
          {changed && evaluation.isPending && <LoadingLines lines={9} />}
          {evaluation.isError && <LoadProblem error={evaluation.error} again={() => void evaluation.refetch()} />}
          {changed && view && (
            <>
              <Summary view={view} purposeWords={name} proposal={proposal} />
              <Figures plans={[...kept, { name, view }]} />
              <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', displayPrint: 'none' }}>
                {coordinator && (
                  <Button
                    variant="contained"
                    disabled={view.violations.length > 0 || evaluation.isPlaceholderData || bench.open !== undefined}
                    onClick={() => setAccepting(true)}
                  >
                    {say('scheduleRotation3')}
                  </Button>
                )}
                <Button variant="outlined" onClick={keep} sx={{ background: color.sheet }}>
                  {say('keepToCompare')}
                </Button>
                {kept.length > 0 && <Button onClick={() => setKept([])}>{say('clearTheSavedArrangements')}</Button>}
              </Box>
            </>
          )}
          {view && view.violations.length > 0 && <Violations violations={view.violations} />}
        </Box>
      </Box>
      {changed && view && view.lifts.length > 0 && (
        <Box
          component="section"
          aria-label={say('whatHasToBeDone')}
          sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: 'minmax(0,1fr)', sm: '300px minmax(0,1fr)' } }}
        >
          <MoveLines
            positions={positions}
            moves={view.lifts.flatMap((lift) =>
              lift.moves.map((move) => ({ name: move.tire, from: move.from, to: move.to })),
            )}
          />
          <MoveList view={view} />
        </Box>
      )}
      <Box sx={{ display: 'grid', gap: 2, displayPrint: 'none' }}>
        <ReplacementPanel vehicleId={vehicleId} positions={positions} asked={asked} onTake={take} />
        <Choices bench={bench} asked={asked} used={used} onChange={settings} />
      </Box>
      {accepting && (
        <ScheduleRotationDialog
          vehicleId={vehicleId}
          unit={bench.unit}
          today={bench.today}
          asked={asked}
          purpose={purpose}
          places={places}
          before={bench.now.arrangement}
          onClose={() => setAccepting(false)}
        />
      )}
    </Box>
  )
}

function Summary(props: { view: ArrangementView; purposeWords: string; proposal: ArrangementView | undefined }) {
  const { proposal } = props
  return (
    <div>
      <Box component="h2" sx={{ typography: 'h3', m: 0 }}>
        {props.purposeWords}
        {proposal?.points !== undefined && (
          <Box component="span" sx={{ fontWeight: 450, color: 'text.secondary' }}>
            {' '}
            {proposal.optimalityGap === 0
              ? say('provenBest')
              : say('atMostPointsFrom', { optimalityGap: proposal.optimalityGap })}
          </Box>
        )}
      </Box>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {props.view.notes.map((note) => (
          <li key={note}>{note}</li>
        ))}
      </Box>
    </div>
  )
}

/** The stock that may be used, and the rules a manager may let stand aside. */
function Choices(props: {
  bench: BenchView
  asked: Asked
  used: Set<number>
  onChange: (part: Partial<Asked>) => void
}) {
  const { bench, asked } = props
  const manager = useMay('MANAGER')
  const stock = bench.tires.filter((tire) => tire.source === 'STOCK')
  const chosen = asked.stock ?? []
  const overridden = asked.override ?? []
  const turn = <T,>(list: T[], one: T) => (list.includes(one) ? list.filter((other) => other !== one) : [...list, one])
  return (
    <Box sx={{ display: 'flex', gap: 4, flexWrap: 'wrap', borderTop: 1, borderColor: 'divider', pt: 1.5 }}>
      <Box component="fieldset" sx={{ border: 0, m: 0, p: 0 }}>
        <Box component="legend" sx={{ typography: 'h2', p: 0 }}>
          {say('fromStock2')}
        </Box>
        {stock.length === 0 && <div>{say('noTireOfASize')}</div>}
        {stock.map((tire) => (
          <div key={tire.id}>
            <FormControlLabel
              disabled={tire.isReserved !== undefined || props.used.has(tire.id)}
              control={
                <Checkbox
                  size="small"
                  checked={chosen.includes(tire.id) && !tire.isReserved}
                  onChange={() => props.onChange({ stock: turn(chosen, tire.id) })}
                />
              }
              label={[
                tire.name,
                tire.model,
                tire.retread && say('retread2'),
                tire.depth ?? say('noDepth'),
                tire.age ?? say('noDate'),
                tire.where,
                tire.isReserved && say('reservedFor', { isReserved: tire.isReserved }),
                props.used.has(tire.id) && say('inThisPlan'),
              ]
                .filter(Boolean)
                .join(' · ')}
            />
          </div>
        ))}
      </Box>
      {manager && (
        <Box component="fieldset" sx={{ border: 0, m: 0, p: 0 }}>
          <Box component="legend" sx={{ typography: 'h2', p: 0 }}>
            {say('rulesOverriddenThisTime')}
          </Box>
          {bench.overridable.map((one) => (
            <div key={one.rule}>
              <FormControlLabel
                control={
                  <Checkbox
                    size="small"
                    checked={overridden.includes(one.rule)}
                    onChange={() => props.onChange({ override: turn(overridden, one.rule) })}
                  />
                }
                label={one.title}
              />
            </div>
          ))}
        </Box>
      )}
    </Box>
  )
}
