import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useQuery } from '@tanstack/react-query'
import { type KeyboardEvent, type RefObject, useEffect, useRef, useState } from 'react'
import type { Schemas } from '../../api/client'
import { findingsQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { color, mono } from '../../base/theme'
import { VerdictIcon } from '../../drawings/verdict/VerdictIcon'
import { STATES } from '../../drawings/verdict/verdicts'
import { GaugeButton } from '../../gauge/GaugeButton'
import { useInHand } from '../../gauge/inHand'
import type { useGauge } from '../../gauge/useGauge'
import type { Draft, Stop, Warmth } from '../../offline/draft'
import { offlineAsks } from '../../offline/plausible'
import { type Provisional, provisional } from '../../offline/provisional'
import { ConfirmValue } from '../../ui/ConfirmValue'
import { ReasonList } from '../../ui/ReasonList'
import { day, pressureUnit } from '../../units/format'
import { DotSideChoice } from './DotSideChoice'
import { FindingChoice } from './FindingChoice'
import { NoReadingChoice } from './NoReadingChoice'
import { Photos } from './Photos'
import { ReadingField } from './ReadingField'
import { SaveNote } from './SaveNote'
import { TreadPart } from './TreadPart'
import { typeAhead } from './typeAhead'
import { useWalkAroundPosition } from './useWalkAroundPosition'
import { say, sayAround } from './words'

const WARMTHS: { value: Warmth; word: string }[] = [
  { value: 'COLD', word: say('coldParked3H') },
  { value: 'HOT', word: say('hot') },
  { value: 'UNKNOWN', word: say('notSure') },
]

/** One position: what the gauges say and what eye and hand find, with the verdict beside it. */
export function PositionForm(props: {
  walk: Schemas['WalkAroundView']
  stop: Stop
  flush: RefObject<() => Promise<void>>
  onNext: () => void
  onBack: (() => void) | undefined
  last: boolean
  gauge?: ReturnType<typeof useGauge>
}) {
  const { walk, stop } = props
  const [units] = useUnits()
  const one = useWalkAroundPosition(walk, stop)
  const fields = useRef<HTMLDivElement>(null)
  useEffect(() => {
    props.flush.current = one.flush
    return () => {
      props.flush.current = async () => {}
    }
  }, [one.flush, props.flush])

  // What this device can ask by itself, and whether somebody was about to leave the tire over it.
  const here = offlineAsks(stop, one.draft, units)
  const [asking, setAsking] = useState(false)

  /** Enter goes to the next field, from the last one to the next position. */
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key !== 'Enter' || !(event.target instanceof HTMLInputElement) || event.target.type === 'checkbox') return
    event.preventDefault()
    const inputs = [...(fields.current?.querySelectorAll<HTMLInputElement>('input[inputmode]') ?? [])]
    const next = inputs[inputs.indexOf(event.target) + 1]
    if (next) next.focus()
    else if (here.length > 0) {
      // Asked before the tire is left; keys typed on meanwhile go nowhere.
      event.target.blur()
      setAsking(true)
    } else {
      // From this moment nothing typed belongs to this tire, however long the next form takes to come.
      event.target.blur()
      typeAhead.begin()
      props.onNext()
    }
  }
  // What was typed on meanwhile is this tire’s, field by field, and what goes past its last field the next one’s.
  const ahead = useRef({ change: one.change, next: props.onNext })
  ahead.current = { change: one.change, next: props.onNext }
  useEffect(() => {
    const typed = typeAhead.end()
    if (typed.length === 0) return
    const inputs = [...(fields.current?.querySelectorAll<HTMLInputElement>('input[data-gauge]') ?? [])]
    const figures = typed.slice(0, inputs.length).map((figure, at) => [inputs[at]?.dataset.gauge, figure] as const)
    ahead.current.change(Object.fromEntries(figures.filter(([, figure]) => figure !== '')) as Partial<Draft>)
    if (typed.length > inputs.length) {
      typeAhead.begin(typed.slice(inputs.length))
      ahead.current.next()
    } else inputs[typed.length - 1]?.focus()
  }, [])

  const findings = useQuery(findingsQuery)
  const hand = useInHand()
  /** A figure carries the gauge in the hand with it. */
  const change = (part: Partial<Draft>) => {
    // Another figure is another question.
    const stale = one.draft.confirmed.filter((field) => !(field in part))
    const pressed = part.pressure ? { pressureGauge: hand.PRESSURE?.id ?? null } : {}
    const measured =
      part.outer || part.center || part.inner || part.locations ? { treadGauge: hand.TREAD?.id ?? null } : {}
    one.change({ ...part, ...pressed, ...measured, confirmed: stale })
  }
  const said = one.problem?.problem.fields.filter((field) => field.check) ?? []
  const asked = said.length > 0 ? said : asking || one.state === 'unreachable' ? here : []
  // A figure in question isn’t judged yet: what it would mean must not stand as fit meanwhile.
  const guess =
    one.state === 'unreachable' || one.state === 'conflict' || asked.length > 0
      ? provisional(stop, one.draft, findings.data, units)
      : undefined
  const shown = guess?.verdict ?? one.judgement.verdict
  const onlyAsked = (one.problem?.asks.length ?? 0) > 0
  const wrong = (field: string) => one.problem?.field(field)
  const figure = (field: 'pressure', label: string, unit: string, first = false) => (
    <ReadingField
      label={label}
      unit={unit}
      value={one.draft[field]}
      error={wrong(field)}
      focus={first}
      gauge="pressure"
      onChange={(value) => change({ [field]: value })}
    />
  )
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', flex: 1 }}>
      <Box
        ref={fields}
        onKeyDown={onKeyDown}
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0, 1fr) 420px' },
          gridTemplateAreas: { xs: '"readings" "verdict" "findings"', md: '"readings verdict" "findings verdict"' },
          gridTemplateRows: { md: 'auto 1fr' },
          gap: { xs: 1.5, md: 3 },
          px: { xs: 1.5, md: 2.5 },
          py: 1.5,
          flex: 1,
          alignItems: 'start',
        }}
      >
        <Box sx={{ gridArea: 'readings' }}>
          <StopHead stop={stop} />
          <Box component="section" aria-label={say('readings')} sx={{ display: 'grid', gap: 1.25, mt: 1.5 }}>
            <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}>
              <Box sx={{ width: 190 }}>{figure('pressure', say('tirePressure'), pressureUnit(units), true)}</Box>
              <ToggleButtonGroup
                exclusive
                value={one.draft.thermalState}
                onChange={(_, next: Warmth | null) => next && change({ thermalState: next })}
                aria-label={say('tireTemperature')}
                sx={{ background: color.sheet, '& button': { minHeight: 48, px: 1.5, color: 'text.primary' } }}
              >
                {WARMTHS.map((warmth) => (
                  <ToggleButton key={warmth.value} value={warmth.value}>
                    {warmth.word}
                  </ToggleButton>
                ))}
              </ToggleButtonGroup>
            </Box>
            {props.gauge && <GaugeButton gauge={props.gauge} vehicleId={walk.vehicleId} position={stop.position} />}
            <TreadPart asked={walk.asksTread} draft={one.draft} wrong={wrong} onChange={change} />
            {stop.tire && (!stop.dot || one.draft.dotCode !== '') && (
              <TextField
                label={stop.dot ? say('dotCodeOnFile', { dot: stop.dot }) : say('dotCodeNotOnFile')}
                value={one.draft.dotCode}
                onChange={(event) => change({ dotCode: event.target.value })}
                error={wrong('dotCode') !== undefined}
                helperText={wrong('dotCode') ?? say('asReadTheWholeCode')}
                sx={{ maxWidth: 420 }}
                slotProps={{
                  inputLabel: { shrink: true },
                  htmlInput: {
                    autoComplete: 'off',
                    autoCapitalize: 'characters',
                    maxLength: 24,
                    style: { fontFamily: mono },
                  },
                  input: { sx: { background: color.sheet } },
                }}
              />
            )}
            <DotSideChoice value={one.draft.dotSide} onChange={(dotFaces) => change({ dotSide: dotFaces })} />
          </Box>
        </Box>
        <Box sx={{ gridArea: 'findings' }}>
          <FindingChoice stop={stop} draft={one.draft} onChange={change} />
          <NoReadingChoice draft={one.draft} wrong={wrong} onChange={change} />
          <Photos vehicleId={walk.vehicleId} walkId={walk.id} stop={stop} />
        </Box>
        <Box
          component="section"
          aria-label={say('verdict')}
          aria-live="polite"
          sx={{
            gridArea: 'verdict',
            background: color.sheet,
            border: 1,
            borderColor: 'divider',
            borderRadius: 1,
            p: 1.5,
          }}
        >
          <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', mb: 1 }}>
            <VerdictIcon verdict={shown} size={22} named={false} />
            <Box component="h2" sx={{ m: 0, fontSize: 17, fontWeight: 750, color: STATES[shown].colour }}>
              {stop.position} {STATES[shown].word}
              {guess && say('provisional')}
            </Box>
            <SaveNote state={one.state} />
          </Box>
          {one.state === 'blank' && (
            <Box sx={{ color: 'text.secondary', mb: 1 }}>{say('asLastKnownNothingEntered')}</Box>
          )}
          {guess ? <ProvisionalSays guess={guess} /> : <ReasonList judgement={one.judgement} />}
          {one.state === 'unreachable' && one.typedBy && (
            <Alert
              severity="info"
              sx={{ mt: 1.5 }}
              action={<Button onClick={one.retry}>{say('useTheseEntries')}</Button>}
            >
              {say('typedOnThisDevice', { typedBy: one.typedBy })}
            </Alert>
          )}
          {asked.length > 0 && (
            <ConfirmValue
              questions={asked}
              focus={asking}
              onConfirm={() => {
                setAsking(false)
                one.change({ confirmed: [...one.draft.confirmed, ...asked.map((field) => field.field)] })
              }}
            />
          )}
          {one.state === 'unreachable' && !one.typedBy && (
            <Alert severity="warning" sx={{ mt: 1.5 }} action={<Button onClick={one.retry}>{say('tryAgain')}</Button>}>
              {say('savedOnThisDevice2')}
            </Alert>
          )}
          {one.state === 'refused' && !onlyAsked && (
            <Alert
              severity="error"
              sx={{ mt: 1.5 }}
              action={one.over ? <Button onClick={one.retry}>{say('intoANewWalkAround')}</Button> : undefined}
            >
              {one.problem && one.problem.problem.fields.length === 0
                ? one.problem.message
                : (one.problem?.field('takenAt') ?? say('markedEntryIsNotStored'))}
            </Alert>
          )}
          {one.state === 'conflict' && one.theirs && (
            <Alert severity="warning" sx={{ mt: 1.5 }}>
              <strong>{say('savedThisPositionMeanwhile', { by: one.theirs.by })}</strong>
              {say('treadYoursIsStill', {
                pressure: one.theirs.pressure || say('noPressure'),
                depths: [one.theirs.outer, one.theirs.center, one.theirs.inner]
                  .map((depth) => depth || '–')
                  .join(' · '),
              })}
              <Box sx={{ mt: 1, display: 'flex', gap: 1 }}>
                <Button variant="outlined" onClick={one.keepTheirs}>
                  {say('useSavedVersion')}
                </Button>
                <Button variant="outlined" onClick={one.saveMine}>
                  {say('useYourVersion')}
                </Button>
              </Box>
            </Alert>
          )}
        </Box>
      </Box>
      <Box
        sx={{
          position: 'sticky',
          bottom: 0,
          display: 'flex',
          gap: 1,
          px: { xs: 1.5, md: 2.5 },
          py: 1,
          background: color.chalk,
          borderTop: 1,
          borderColor: 'divider',
          zIndex: 3,
        }}
      >
        <Button
          variant="outlined"
          disabled={!props.onBack}
          onClick={props.onBack}
          sx={{ minHeight: 48, background: color.sheet }}
        >
          {say('back')}
        </Button>
        <Button
          variant="contained"
          // Asked once; who goes on over it leaves the figure in question, and the walk-around can't be finished on it.
          onClick={() => (here.length > 0 && !asking ? setAsking(true) : props.onNext())}
          sx={{ minHeight: 48, flex: { xs: 1, md: 'none' }, minWidth: 220 }}
        >
          {props.last ? say('toTheEnd') : say('nextPosition')}
        </Button>
      </Box>
    </Box>
  )
}

/** What this device found by comparing alone; the server judges when it can be reached. */
function ProvisionalSays({ guess }: { guess: Provisional }) {
  return (
    <>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.75 }}>
        {guess.says.map((one) => (
          <Box component="li" key={one.words} sx={{ display: 'flex', gap: 1 }}>
            <VerdictIcon verdict={one.verdict} named={false} /> <strong>{one.words}</strong>
          </Box>
        ))}
      </Box>
      <Box sx={{ color: 'text.secondary', mt: 0.75 }}>{say('provisionalVerdictCalculated')}</Box>
    </>
  )
}

function StopHead({ stop }: { stop: Stop }) {
  const last = [
    stop.lastPressure && `${stop.lastPressure}`,
    stop.lastTread && say('tread2', { lastTread: stop.lastTread }),
    stop.lastOn && say('on', { lastOn: day(stop.lastOn) }),
  ].filter(Boolean)
  return (
    <>
      <Box component="h2" sx={{ m: 0, fontSize: 22, fontWeight: 750, fontStretch: '110%' }}>
        {stop.position}{' '}
        <Box component="span" sx={{ fontWeight: 450, fontSize: 16 }}>
          {stop.name}
        </Box>
      </Box>
      <Box sx={{ color: 'text.secondary' }}>
        {stop.tire ? (
          <>
            {say('dot', { tire: stop.tire, stop: stop.size })}
            <Box component="span" sx={{ fontFamily: mono }}>
              {stop.dot ?? say('dateNotOnFileRead')}
            </Box>
          </>
        ) : (
          say('noTireOnFileHere')
        )}
      </Box>
      <Box sx={{ display: 'flex', columnGap: 2, rowGap: 0.25, flexWrap: 'wrap', mt: 0.5 }}>
        <span>
          {sayAround(
            'target',
            { target: stop.target ?? say('notKnown') },
            { figure: (inner) => <strong>{inner}</strong> },
          )}
        </span>
        <span>
          {sayAround('pullAt', { pull: stop.pull, legal: stop.legal }, { figure: (inner) => <strong>{inner}</strong> })}
        </span>
        {last.length > 0 && (
          <Box component="span" sx={{ color: 'text.secondary' }}>
            {say('last', { last: last.join(', ') })}
          </Box>
        )}
      </Box>
    </>
  )
}
