import Alert from '@mui/material/Alert'
import Autocomplete from '@mui/material/Autocomplete'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import TextField from '@mui/material/TextField'
import { useQuery } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { answerOf, api, ProblemError, type Schemas } from '../../api/client'
import { modelsQuery, vehicleQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { PlanStrip } from '../../drawings/axle-diagram/PlanStrip'
import { DotEntry } from '../../entry/DotEntry'
import { Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { LoadingLines } from '../../ui/Loading'
import { useNotice } from '../../ui/Notice'
import { Page } from '../../ui/Page'
import { useSend } from '../../ui/useSend'
import { many } from '../../units/format'
import { BLANK_DRAFT, type Draft, type Drafts, isBegun, keepDrafts, readDrafts, requestOf } from './drafts'
import { say } from './words'

/** What is on a vehicle that comes into the books: one walk round it, without receiving or fitting anything. */
export function TiresOnVehicle() {
  const id = Number(useParams().id)
  const [units] = useUnits()
  const query = useQuery(vehicleQuery(id, units))
  if (query.isPending) return <LoadingLines lines={10} />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  return <Walk key={id} vehicle={query.data} />
}

function Walk({ vehicle }: { vehicle: Schemas['VehicleView'] }) {
  const [units] = useUnits()
  const navigate = useNavigate()
  const notice = useNotice()
  const order = vehicle.positions.filter((row) => row.tireId === undefined).map((row) => row.position)
  const [drafts, setDrafts] = useState<Drafts>(() => readDrafts(vehicle.id))
  const [at, setAt] = useState(() => order.find((position) => !isBegun(drafts[position])) ?? order[0] ?? '')
  const [installedOn, setInstalledOn] = useState('')
  const form = useRef<HTMLFormElement>(null)
  const models = useQuery(modelsQuery(units))
  const draft = drafts[at] ?? BLANK_DRAFT
  const tires = requestOf(order, drafts)
  const keep = (next: Drafts) => {
    setDrafts(next)
    keepDrafts(vehicle.id, next)
  }
  const set = (part: Partial<Draft>) => keep({ ...drafts, [at]: { ...draft, ...part } })
  const saving = useSend<Schemas['TiresOnVehicleView']>(
    (key) =>
      answerOf(
        api.POST('/api/vehicles/{id}/tires', {
          params: { path: { id: vehicle.id }, query: { units }, header: { 'Idempotency-Key': key } },
          body: { ...(installedOn && { installedOn }), tires },
        }),
      ),
    (saved) => {
      keepDrafts(vehicle.id, undefined)
      const added = saved.newModels.length > 0 ? say('newInTheCatalog', { newModels: saved.newModels.join(', ') }) : ''
      notice({ text: say('onRecord', { many: many(saved.tires, 'tire', 'tires'), added }) })
      navigate(`/vehicles/${vehicle.id}`)
    },
    null,
  )
  const problem = saving.error instanceof ProblemError ? saving.error : undefined
  const index = tires.findIndex((tire) => tire.position === at)
  const wrong = (field: string) => saving.wrong(`tires[${index}].${field}`)
  const faulty = tires.filter((_, one) =>
    problem?.problem.fields.some((field) => field.field.startsWith(`tires[${one}].`)),
  )
  const before = order
    .slice(0, order.indexOf(at))
    .reverse()
    .map((position) => drafts[position])
    .find(isBegun)
  const go = (position: string) => {
    setAt(position)
    form.current?.querySelector('input')?.focus()
  }
  /** The next tire round the vehicle that is still blank; the button that records them where none is. */
  const next = (done: Drafts) => {
    const from = order.indexOf(at)
    const rest = [...order.slice(from + 1), ...order.slice(0, from)]
    const blank = rest.find((position) => !isBegun(done[position]))
    if (blank) go(blank)
    else document.getElementById('record-tires')?.focus()
  }
  const sameAsBefore = () => {
    if (!before) return
    const done = { ...drafts, [at]: { ...before } }
    keep(done)
    next(done)
  }
  const row = vehicle.positions.find((one) => one.position === at)
  const plan = {
    ...vehicle.axleDiagram,
    tires: vehicle.positions.map((one) => {
      const typed = drafts[one.position]
      const on = one.tireId !== undefined
      return {
        position: one.position,
        name: one.name,
        verdict: on || isBegun(typed) ? ('GOOD' as const) : ('UNKNOWN' as const),
        headline: on ? say('onRecord2') : isBegun(typed) ? 'entered' : say('notEnteredYet'),
      }
    }),
  }
  const known = [
    ...new Set([
      ...Object.values(drafts).map((one) => one.model.trim()),
      ...(models.data ?? []).map((model) => `${model.title} ${model.sidewall}`),
    ]),
  ].filter(Boolean)
  if (order.length === 0) {
    return (
      <Page title={say('whatIs', { unit: vehicle.unit })}>
        <p>
          {say('everyPositionHasATire')}
          <Link to={`/vehicles/${vehicle.id}`}>{say('goTo', { unit: vehicle.unit })}</Link>
        </p>
      </Page>
    )
  }
  return (
    <Page title={say('whatIs', { unit: vehicle.unit })} about={say('onceAroundTheVehicleFront')}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0,1fr)', md: '304px minmax(0,1fr)' },
          gap: 3,
          maxWidth: 1000,
        }}
      >
        <PlanStrip plan={plan} picked={at} onPick={(position) => order.includes(position) && go(position)} />
        <Box
          component="form"
          ref={form}
          noValidate
          onSubmit={(event) => {
            event.preventDefault()
            next(drafts)
          }}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
              event.preventDefault()
              sameAsBefore()
            }
          }}
          sx={{ display: 'grid', gap: 2, alignContent: 'start' }}
        >
          <Box component="h2" sx={{ m: 0, fontSize: 17 }}>
            {at}{' '}
            <Box component="span" sx={{ fontWeight: 450 }}>
              {row?.name}
            </Box>
          </Box>
          {wrong('position') && <Alert severity="error">{wrong('position')}</Alert>}
          <DotEntry
            key={`dot ${at}`}
            label={say('dotCodeOrItsLast')}
            value={draft.dotCode}
            onChange={(dotCode) => set({ dotCode })}
            error={wrong('dotCode')}
            explain={false}
            autoFocus
            width="100%"
          />
          <FormControlLabel
            control={<Checkbox checked={draft.retread} onChange={(_, retread) => set({ retread })} />}
            label={say('retreadTheDotCode')}
          />
          <Autocomplete
            freeSolo
            options={known}
            inputValue={draft.model}
            onInputChange={(_, model) => set({ model })}
            renderInput={(params) => (
              <TextField
                {...params}
                label={say('manufacturerModelAndSize')}
                error={wrong('model') !== undefined}
                helperText={wrong(say('model')) ?? say('forExampleOstravRoadmere225')}
              />
            )}
          />
          <Entry
            label={say('treadDepthIn32Nds', { isUs: units === 'US' })}
            value={draft.tread}
            onChange={(tread) => set({ tread })}
            error={wrong('tread')}
            hint={say('threeFiguresForExample9')}
            width="100%"
          />
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Button type="submit" variant="outlined">
              {say('nextTire')}
            </Button>
            <Button onClick={sameAsBefore} disabled={!before} aria-keyshortcuts="Control+Enter">
              {say('sameAsBeforeCtrlEnter')}
            </Button>
          </Box>
          {problem && (
            <Alert severity="error">
              {faulty.length > 0
                ? say('nothingWasRecordedYetLook', { faulty: faulty.map((one) => one.position).join(', ') })
                : problem.message}
            </Alert>
          )}
          <Box
            sx={{
              display: 'flex',
              gap: 1.5,
              flexWrap: 'wrap',
              alignItems: 'flex-start',
              borderTop: 1,
              borderColor: 'divider',
              pt: 2,
            }}
          >
            <Entry
              label={say('onItSinceWhereKnown')}
              type="date"
              value={installedOn}
              onChange={setInstalledOn}
              error={saving.wrong('installedOn')}
              width={190}
            />
            <Button
              id="record-tires"
              variant="contained"
              loading={saving.busy}
              disabled={tires.length === 0}
              onClick={() => saving.send()}
            >
              {say('record', { many: many(tires.length, 'tire', 'tires') })}
            </Button>
            <Button component={Link} to={`/vehicles/${vehicle.id}`}>
              {say('later')}
            </Button>
          </Box>
        </Box>
      </Box>
    </Page>
  )
}
