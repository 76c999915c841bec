import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, ProblemError, type Schemas } from '../api/client'
import { houseStyle, useUnits } from '../base/settings'
import { color } from '../base/theme'
import { VersionComparison } from '../conflict/VersionComparison'
import { BESIDE, FIELDS, type SidewallField } from '../drawings/sidewall/fields'
import { SidewallMap } from '../drawings/sidewall/SidewallMap'
import { useMay } from '../session/session'
import { Choice, Entry } from '../ui/Entry'
import { FormDialog } from '../ui/FormDialog'
import { useNotice } from '../ui/Notice'
import { useDebounced } from '../ui/useDebounced'
import { useSend } from '../ui/useSend'
import { depthUnit, pressureUnit } from '../units/format'
import { PropertyList } from './PropertyList'
import { say } from './words'

type Form = Schemas['TireModelRequest']

const NAMES = {
  name: 'model',
  service: say('serviceDescription'),
  range: say('loadRange'),
  maxLoadSingle: say('moldedLoadSingle2'),
  maxLoadDual: say('moldedLoadDual2'),
  originalDepth: say('treadWhenNew'),
  utqgGrades: say('treadwearTractionTemperature'),
  snowRating: say('snowMark'),
}

const BLANK: Form = { isDirectional: false, isSteerAllowed: true, isTubeless: true }

const WINTER = [
  ['NONE', 'none'],
  ['MUD_AND_SNOW', say('mSMudAndSnow')],
  ['SEVERE_SNOW', say('mountainAndSnowflake')],
] as const

/** The entries that a field of the drawing leads to. */
const LEADS_TO: Partial<Record<SidewallField, string>> = {
  manufacturer: say('manufacturer'),
  name: say('model'),
  size: say('size'),
  service: say('serviceDescription2'),
  range: say('loadRange2'),
  load: say('moldedLoadSingle'),
  moldedPressure: say('moldedPressure'),
  plies: say('plies'),
  winter: say('snowMark2'),
  grades: say('treadwearTractionTemperature2'),
}

/** Reading a model off a sidewall: one line fills most of it, each part can be put right by hand. */
export function ModelDialog({ model, onClose }: { model: Schemas['TireModelView'] | undefined; onClose: () => void }) {
  const [units] = useUnits()
  const [form, setForm] = useState<Form>(model?.form ?? BLANK)
  const [seen, setSeen] = useState(model)
  const [line, setLine] = useState(model?.sidewall ?? '')
  const [picked, setPicked] = useState<SidewallField>('size')
  const may = useMay('COORDINATOR')
  const notice = useNotice()
  const set = (part: Partial<Form>) => setForm({ ...form, ...part })
  const saving = useSend(
    () =>
      model
        ? answerOf(
            api.PUT('/api/tire-models/{id}', {
              params: { path: { id: model.id }, query: { units }, header: { 'If-Match': `"${seen?.version}"` } },
              body: form,
            }),
          )
        : answerOf(api.POST('/api/tire-models', { params: { query: { units } }, body: form })),
    (saved) => {
      notice({ text: say('isInTheCatalog', { saved: saved.title, sidewall: saved.sidewall }) })
      onClose()
    },
    null,
  )
  const readLine = async (text: string) => {
    setLine(text)
    try {
      const read = await answerOf(
        api.POST('/api/parse/sidewall', { params: { query: { units } }, body: { text, retread: false } }),
      )
      setForm((before) => ({
        ...before,
        size: read.size,
        ...(read.service !== undefined && { service: read.service }),
        ...(read.range !== undefined && { range: read.range }),
        ...((read.mudAndSnow || read.severeSnow) && {
          snowRating: read.severeSnow ? ('SEVERE_SNOW' as const) : ('MUD_AND_SNOW' as const),
        }),
      }))
    } catch {
      // The line's own message stands below it; what was filled before stays.
    }
  }
  const told = [...FIELDS, ...BESIDE].find((one) => one.field === picked)
  const focus = (field: SidewallField) => {
    setPicked(field)
    const label = LEADS_TO[field]
    if (label) document.querySelector<HTMLInputElement>(`[data-field="${field}"] input`)?.focus()
  }
  const entry = (field: SidewallField | '', key: keyof Form, label: string, width = 190, unit?: string) => (
    <Box {...(field && { 'data-field': field })}>
      <Entry
        label={label}
        value={form[key] as string | undefined}
        onChange={(value) => set({ [key]: value })}
        error={saving.wrong(key)}
        unit={unit}
        width={width}
      />
    </Box>
  )
  return (
    <FormDialog
      title={model ? model.title : say('addTireModel')}
      action={model ? say('saveForAllItsTires') : say('addToCatalog')}
      error={saving.error}
      busy={saving.busy}
      onSend={saving.send}
      onClose={onClose}
      disabled={!may}
      wide
    >
      <VersionComparison
        error={saving.error}
        seen={seen}
        mine={form}
        names={NAMES}
        load={async () =>
          (await answerOf(api.GET('/api/tire-models', { params: { query: { units } } }))).find(
            (one) => one.id === model?.id,
          )
        }
        onGoOn={(next, now) => {
          setForm(next)
          setSeen((before) => before && { ...before, ...now })
          saving.reset()
        }}
      />
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0,1fr)', md: '330px minmax(0,1fr)' },
          gap: 3,
          width: '100%',
        }}
      >
        <Box>
          <SidewallMap picked={picked} onPick={focus} />
          {told && (
            <Box aria-live="polite" sx={{ mt: 1 }}>
              <strong>{told.title}.</strong> {told.explains}
            </Box>
          )}
        </Box>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.75, alignContent: 'flex-start' }}>
          <SidewallLine value={line} onChange={(text) => void readLine(text)} />
          {entry('manufacturer', 'manufacturer', say('manufacturer'))}
          {entry('name', 'name', say('model'), 220)}
          {entry('size', 'size', say('size'))}
          {entry('service', 'service', say('serviceDescription2'))}
          {entry('range', 'range', say('loadRange2'), 120)}
          {entry('load', 'maxLoadSingle', say('moldedLoadSingle'), 190, units === 'US' ? 'lb' : 'kg')}
          {entry('', 'maxLoadDual', say('moldedLoadDual'), 190, units === 'US' ? 'lb' : 'kg')}
          {entry('moldedPressure', 'moldedPressure', say('moldedPressure'), 170, pressureUnit(units))}
          {entry('', 'originalDepth', say('originalTreadDepth'), 160, depthUnit(units))}
          {entry('', 'diameter', say('overallDiameter'), 170, units === 'US' ? 'in' : 'mm')}
          {entry('plies', 'plies', say('plies'), 260)}
          {entry('grades', 'utqgGrades', say('treadwearTractionTemperature2'), 260)}
          {entry('', 'price', say('price'), 130, houseStyle.currencySign())}
          <Choice
            label={say('snowMark2')}
            value={form.snowRating ?? 'NONE'}
            options={WINTER}
            onChange={(winter) => set({ snowRating: winter })}
            width={210}
          />
          <Box sx={{ width: '100%' }}>
            <Tick
              label={say('directionArrowItMayRoll')}
              on={form.isDirectional}
              set={(directional) => set({ isDirectional: directional })}
            />
            <Tick
              label={say('manufacturerAllowsItOnSteer')}
              on={form.isSteerAllowed}
              set={(steerAllowed) => set({ isSteerAllowed: steerAllowed })}
            />
            <Tick label={say('tubeless')} on={form.isTubeless} set={(tubeless) => set({ isTubeless: tubeless })} />
          </Box>
          <Follows form={form} />
        </Box>
      </Box>
    </FormDialog>
  )
}

function Tick({ label, on, set }: { label: string; on: boolean; set: (on: boolean) => void }) {
  return (
    <FormControlLabel
      control={<Checkbox checked={on} onChange={(event) => set(event.target.checked)} />}
      label={label}
      sx={{ display: 'flex' }}
    />
  )
}

/** The whole line as people copy it, with what each part means and what is still missing. */
export function SidewallLine({ value, onChange }: { value: string; onChange: (text: string) => void }) {
  const [units] = useUnits()
  const text = useDebounced(value.trim())
  const read = useQuery({
    queryKey: ['read-sidewall', text, units],
    queryFn: () =>
      answerOf(api.POST('/api/parse/sidewall', { params: { query: { units } }, body: { text, retread: false } })),
    enabled: text.length >= 4,
    retry: false,
    staleTime: 60_000,
  })
  const wrong = read.error instanceof ProblemError ? read.error.field('text') : undefined
  return (
    <Box sx={{ width: '100%' }}>
      <Entry
        label={say('sidewallMarkingAsMolded')}
        value={value}
        onChange={onChange}
        error={text.length >= 4 ? wrong : undefined}
        hint={say('forExampleLt24575')}
        width="100%"
        code
        autoFocus
      />
      {read.data && (
        <Box aria-live="polite" sx={{ mt: 0.5, fontSize: 12.5 }}>
          {read.data.parts.map((part) => (
            <Box key={part.field}>
              <strong>{part.read}</strong>: {part.meaning}
            </Box>
          ))}
          {read.data.missing.map((missing) => (
            <Box key={missing} sx={{ color: color.watch }}>
              {say('missing', { missing })}
            </Box>
          ))}
          {read.data.leftOver && (
            <Box sx={{ color: 'error.main' }}>{say('notRecognized', { leftOver: read.data.leftOver })}</Box>
          )}
        </Box>
      )}
    </Box>
  )
}

/** What follows from the entries, worked out by the server while they are typed. */
function Follows({ form }: { form: Form }) {
  const [units] = useUnits()
  const settled = useDebounced(JSON.stringify(form))
  const read = useQuery({
    queryKey: ['read-model', settled, units],
    queryFn: () =>
      answerOf(
        api.POST('/api/parse/tire-model', {
          params: { query: { units } },
          body: { ...(JSON.parse(settled) as Form), manufacturer: form.manufacturer || '?', name: form.name || '?' },
        }),
      ),
    enabled: (form.size ?? '') !== '',
    retry: false,
    staleTime: 60_000,
  })
  if (!read.data) return null
  return (
    <Box sx={{ width: '100%' }}>
      {read.data.disagreements.map((one) => (
        <Alert key={one} severity="warning" sx={{ mb: 1 }}>
          {one}
        </Alert>
      ))}
      <Box component="h3" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
        {say('derivedData')}
      </Box>
      <PropertyList facts={read.data.facts} />
    </Box>
  )
}
