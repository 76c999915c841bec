import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import InputAdornment from '@mui/material/InputAdornment'
import TextField from '@mui/material/TextField'
import { useQuery } from '@tanstack/react-query'
import { type KeyboardEvent, useEffect, useLayoutEffect, useRef, useState } from 'react'
import { answerOf, api, ProblemError, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { color } from '../../base/theme'
import type { useGauge } from '../../gauge/useGauge'
import { useDebounced } from '../../ui/useDebounced'
import { useSend } from '../../ui/useSend'
import { day, figureForField, pressureUnit } from '../../units/format'
import type { Conditions } from './conditions'
import { say } from './words'

type Stop = Schemas['PressureRoundPosition']
type Advice = Schemas['PressureAdviceView']

const keptKey = (vehicleId: number, position: string) => `rotagens.round.${vehicleId}.${position}`

/** One valve: cap off, gauge, add or release, gauge again, cap on. What is typed stays on this device until it is kept. */
export function AdjustPosition(props: {
  vehicleId: number
  stop: Stop
  conditions: Conditions
  gauge: ReturnType<typeof useGauge>
  last: boolean
  onNext: () => void
}) {
  const { vehicleId, stop } = props
  const [units] = useUnits()
  const [typed, setTyped] = useState<{ before: string; after: string }>(() => {
    try {
      return JSON.parse(localStorage.getItem(keptKey(vehicleId, stop.position)) ?? '') as {
        before: string
        after: string
      }
    } catch {
      return { before: '', after: '' }
    }
  })
  const first = useRef<HTMLInputElement>(null)
  const second = useRef<HTMLInputElement>(null)
  const [gauging, setGauging] = useState<'before' | 'after'>('before')
  useEffect(() => first.current?.focus(), [])
  const change = (part: Partial<typeof typed>) => {
    const next = { ...typed, ...part }
    setTyped(next)
    localStorage.setItem(keptKey(vehicleId, stop.position), JSON.stringify(next))
  }
  const body = { ...typed, ...props.conditions }
  /** The unusual figure that was said to be right. */
  const confirmed = useRef<string | null>(null)
  const rested = useDebounced(JSON.stringify(body))
  const params = { path: { id: vehicleId, position: stop.position }, query: { units } }
  const advice = useQuery({
    queryKey: ['vehicle', vehicleId, 'advice', stop.position, units, rested],
    enabled: (JSON.parse(rested) as typeof body).before.trim() !== '',
    retry: false,
    queryFn: () =>
      answerOf(
        api.POST('/api/vehicles/{id}/pressure-round/{position}/advice', {
          params,
          body: JSON.parse(rested) as typeof body,
        }),
      ),
  })
  const form = useSend<Advice>(
    (key) =>
      answerOf(
        api.POST('/api/vehicles/{id}/pressure-round/{position}', {
          params: { ...params, header: { 'Idempotency-Key': key } },
          body: { ...body, ...(confirmed.current === typed.before && { confirmed: true }) },
        }),
      ),
    () => {
      localStorage.removeItem(keptKey(vehicleId, stop.position))
      props.onNext()
    },
    say('isRecorded', { position: stop.position }),
  )
  // Only the answer to the very figures that stand there: what was said of another one could send air into the wrong tire.
  const said = typed.before.trim() !== '' && rested === JSON.stringify(body) ? advice.data : undefined
  const advised = useRef<HTMLLIElement>(null)
  // On a phone it would stand under the button that is always in reach: what may stop the work is brought into sight.
  useLayoutEffect(() => {
    if (said) advised.current?.scrollIntoView({ block: 'nearest' })
  }, [said])
  const wrong = (field: string) =>
    form.wrong(field) ?? (advice.error instanceof ProblemError ? advice.error.field(field) : undefined)
  const needsSecond = typed.after !== '' || said?.action === 'ADD_AIR' || said?.action === 'RELEASE_AIR'
  const nothing = typed.before.trim() === ''
  const finish = () => (nothing ? props.onNext() : form.send())
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key !== 'Enter') return
    event.preventDefault()
    if (event.target === first.current && needsSecond && typed.after === '') second.current?.focus()
    else finish()
  }
  return (
    <Box
      component="section"
      aria-label={say('valveOf', { position: stop.position })}
      sx={{ minWidth: 0, display: 'grid', gap: 1.5 }}
    >
      <div>
        <Box component="h2" sx={{ m: 0, fontSize: 22, fontWeight: 750, fontStretch: '110%' }}>
          {stop.position}{' '}
          <Box component="span" sx={{ fontWeight: 450, fontSize: 16 }}>
            {stop.name}
          </Box>
        </Box>
        <Box sx={{ color: 'text.secondary' }}>
          {stop.tire ?? say('noTireOnFile')}
          {stop.last && say('lastCold', { last: stop.last, lastOn: day(stop.lastOn ?? '') })}
          {stop.gas === 'NITROGEN' && say('filledWithNitrogenTopping')}
        </Box>
        <Box sx={{ display: 'flex', gap: 3, alignItems: 'baseline', flexWrap: 'wrap', mt: 0.5 }}>
          <span>
            {stop.fillTo && say('bringIt')}
            <Box component="strong" sx={{ fontSize: 26, fontWeight: 750 }}>
              {stop.fillTo ?? say('noTargetOnFile')}
            </Box>
          </span>
          <Box component="span" sx={{ color: 'text.secondary' }}>
            {stop.minimumForLoad && say('minimumForTheLoad', { minimumForLoad: stop.minimumForLoad })}
            {stop.isRunFlat && say('at80OfTarget', { isRunFlat: stop.isRunFlat })}
            {say('maximum', { maximum: stop.maximum ?? say('notOnFile') })}
          </Box>
        </Box>
        {stop.fillStatement && <div>{stop.fillStatement}.</div>}
      </div>
      {stop.waits && <Alert severity="error">{stop.waits}</Alert>}
      <Box
        component="ol"
        onKeyDown={onKeyDown}
        sx={{ m: 0, p: 0, listStyle: 'none', display: 'grid', gap: 1.25, maxWidth: 560 }}
      >
        <Step number={1} words={say('warningAirAndValveParts')} />
        <Step number={2} words={say('checkIt')}>
          <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
            <GaugeField
              label={say('gaugeReads')}
              inputRef={first}
              value={typed.before}
              error={wrong('before')}
              onChange={(before) => change({ before })}
              onFocus={() => setGauging('before')}
            />
            {props.gauge.state === 'paired' && (
              <Button
                variant="outlined"
                onClick={() =>
                  void props.gauge.press(vehicleId, stop.position, units, gauging === 'after' ? (said?.to ?? '') : '')
                }
                sx={{ minHeight: 48, background: color.sheet }}
              >
                {say('readGauge')}
              </Button>
            )}
          </Box>
        </Step>
        {said && (
          <Box component="li" ref={advised} sx={{ scrollMarginBottom: '96px' }}>
            <Alert role="status" severity={SEVERITY[said.action]} icon={false} sx={{ fontSize: 15 }}>
              <strong>{WORDS[said.action]}</strong> {said.statement} {said.axle}
            </Alert>
          </Box>
        )}
        {needsSecond && said?.action !== 'STOP' && (
          <Step number={3} words={say('addOrReleaseAirThen')}>
            <GaugeField
              label={say('gaugeReadsAfter')}
              inputRef={second}
              value={typed.after}
              error={wrong('after')}
              onChange={(after) => change({ after })}
              onFocus={() => setGauging('after')}
              hint={
                said?.to
                  ? say('to', {
                      figureForField: figureForField(said.to, pressureUnit(units)),
                      pressureUnit: pressureUnit(units),
                    })
                  : undefined
              }
            />
          </Step>
        )}
        <Step number={needsSecond ? 4 : 3} words={say('capOn')} />
      </Box>
      {(wrong('air') ?? wrong('coldest') ?? wrong('parkedHours')) && (
        <Alert severity="error">{wrong('air') ?? wrong('coldest') ?? wrong('parkedHours')}</Alert>
      )}
      {form.error instanceof ProblemError && form.error.problem.fields.some((field) => field.check) && (
        <Alert
          severity="warning"
          action={
            <Button
              onClick={() => {
                confirmed.current = typed.before
                form.send()
              }}
            >
              {say('confirmReading')}
            </Button>
          }
        >
          {form.error.field('before')}
        </Alert>
      )}
      {form.error instanceof ProblemError && form.error.problem.fields.length === 0 && (
        <Alert severity="error" action={<Button onClick={form.send}>{say('tryAgain')}</Button>}>
          {form.error.message}
        </Alert>
      )}
      <Box sx={{ position: 'sticky', bottom: 0, py: 1, background: color.chalk, borderTop: 1, borderColor: 'divider' }}>
        <Button
          variant="contained"
          loading={form.busy}
          onClick={finish}
          sx={{ minHeight: 48, width: { xs: '100%', md: 300 } }}
        >
          {nothing ? say('skipThisPosition') : props.last ? say('saveAndFinish') : say('saveAndNext')}
        </Button>
      </Box>
    </Box>
  )
}

const WORDS: Record<Advice['action'], string> = {
  NONE: say('pressureOnTarget'),
  NO_TARGET: say('noTargetOnFile2'),
  ADD_AIR: say('addAir'),
  RELEASE_AIR: say('releaseAir'),
  WAIT: say('wait'),
  STOP: say('stop'),
}

const SEVERITY: Record<Advice['action'], 'error' | 'warning' | 'info' | 'success'> = {
  NONE: 'success',
  NO_TARGET: 'warning',
  ADD_AIR: 'info',
  RELEASE_AIR: 'info',
  WAIT: 'info',
  STOP: 'error',
}

function Step(props: { number: number; words: string; children?: React.ReactNode }) {
  return (
    <Box component="li" sx={{ display: 'grid', gridTemplateColumns: '28px minmax(0,1fr)', columnGap: 1 }}>
      <Box
        aria-hidden
        sx={{
          width: 26,
          height: 26,
          borderRadius: '50%',
          border: 1,
          borderColor: 'text.primary',
          display: 'grid',
          placeItems: 'center',
          fontWeight: 700,
        }}
      >
        {props.number}
      </Box>
      <Box sx={{ pt: 0.25 }}>
        {props.words}
        {props.children && <Box sx={{ mt: 1 }}>{props.children}</Box>}
      </Box>
    </Box>
  )
}

function GaugeField(props: {
  label: string
  value: string
  error: string | undefined
  hint?: string | undefined
  inputRef: React.RefObject<HTMLInputElement | null>
  onChange: (value: string) => void
  onFocus: () => void
}) {
  const [units] = useUnits()
  return (
    <TextField
      onFocus={props.onFocus}
      label={props.label}
      value={props.value}
      onChange={(event) => props.onChange(event.target.value)}
      error={props.error !== undefined}
      helperText={props.error ?? props.hint}
      inputRef={props.inputRef}
      sx={{ width: 210 }}
      slotProps={{
        inputLabel: { shrink: true },
        htmlInput: {
          inputMode: 'decimal',
          autoComplete: 'off',
          maxLength: 20,
          'data-gauge': 'pressure',
          style: { fontSize: 22, fontWeight: 650, padding: '10px 4px 10px 12px' },
        },
        input: {
          endAdornment: /[a-z]/i.test(props.value) ? undefined : (
            <InputAdornment position="end">{pressureUnit(units)}</InputAdornment>
          ),
          sx: { background: color.sheet },
        },
      }}
    />
  )
}
