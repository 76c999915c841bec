import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import InputAdornment from '@mui/material/InputAdornment'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '../api/client'
import { modelsQuery } from '../api/queries'
import { useUnits } from '../base/settings'
import { Choice } from '../ui/Entry'
import { depthUnit, pressureUnit } from '../units/format'
import type { Result } from './result'

type Item = Schemas['JobItemView']
type After = Item['requiredResult'][number]

type Repair = NonNullable<Schemas['ItemResult']['repair']>

const REPAIRS: readonly (readonly [Repair, string])[] = [
  ['CORE', 'new valve core'],
  ['STEM', 'new valve stem or grommet'],
  ['BEAD', 'bead cleaned and seated anew'],
  ['PUNCTURE', 'puncture repaired from inside'],
  ['WHEEL', 'wheel repaired or changed'],
  ['NONE_FOUND', 'looked for with soap or a dip tank, none found'],
]

type Destination = Item['oldTireMayGo'][number]

const DESTINATIONS: Record<Destination, string> = {
  STOCK: 'stock',
  RETREAD: 'set aside for retread',
  SCRAP: 'scrap',
}

const SCRAP_REASONS = ['tread', 'age', 'damage', 'bead', 'ran low'] as const

/** Where the tire goes that comes off: only where its age, tread and casing let it; of scrap, why. */
function OldTire(props: {
  item: Item
  result: Result | undefined
  wrong: (field: string) => string | undefined
  onChange: (part: Partial<Result>) => void
}) {
  const { item, result, wrong, onChange } = props
  const to = result?.oldTireTo ?? item.oldTireMayGo[0]
  const change = (next: Destination) =>
    onChange(next === 'SCRAP' ? { oldTireTo: next } : { oldTireTo: next, scrapReason: '' })
  return (
    <>
      <Choice
        label="The old tire goes to"
        value={to}
        options={item.oldTireMayGo.map((one) => [one, DESTINATIONS[one]] as const)}
        onChange={change}
        error={wrong('oldTireTo')}
        width={210}
      />
      {to === 'SCRAP' && (
        <Choice
          label="Scrap: why"
          value={result?.scrapReason || undefined}
          options={SCRAP_REASONS.map((why) => [why, why === 'bead' ? 'bead torn' : why] as const)}
          onChange={(scrapReason) => onChange({ oldTireTo: 'SCRAP', scrapReason })}
          error={wrong('scrapReason')}
          width={150}
        />
      )}
    </>
  )
}

/** What has to be on record after each kind of work, in the order it is done. */
export function ItemFields(props: {
  item: Item
  result: Result | undefined
  wrong: (field: string) => string | undefined
  onChange: (part: Partial<Result>) => void
}) {
  const { item, result, wrong, onChange } = props
  const [units] = useUnits()
  const needs = (after: After) => item.requiredResult.includes(after)
  const fresh = needs('NEW_TIRE')
  const figure = (
    field:
      | 'pressure'
      | 'outer'
      | 'center'
      | 'inner'
      | 'dotCode'
      | 'sensor'
      | 'torque'
      | 'professional'
      | 'note'
      | 'purity',
    label: string,
    unit?: string,
    width = 150,
  ) => (
    <TextField
      label={label}
      value={result?.[field] ?? ''}
      onChange={(event) =>
        onChange({
          [field]: event.target.value,
          // Another figure is another question.
          ...(result?.confirmed && { confirmed: result.confirmed.filter((one) => one !== field) }),
        })
      }
      error={wrong(field) !== undefined}
      helperText={wrong(field)}
      sx={{ width: { xs: unit ? 150 : '100%', sm: width } }}
      slotProps={{
        htmlInput: { inputMode: unit ? 'decimal' : 'text', autoComplete: 'off' },
        input: unit ? { endAdornment: <InputAdornment position="end">{unit}</InputAdornment> } : {},
      }}
    />
  )
  return (
    <Box
      component="fieldset"
      sx={{
        border: 0,
        borderTop: 1,
        borderColor: 'divider',
        m: 0,
        px: 0,
        py: 1.5,
        display: 'flex',
        gap: 1.5,
        flexWrap: 'wrap',
        alignItems: 'flex-start',
      }}
    >
      <Box component="legend" sx={{ float: 'left', width: '100%', p: 0 }}>
        <strong>{item.position ?? 'Vehicle'}</strong> {item.positionName && `(${item.positionName}) `}
        {item.label}.{' '}
        <Box component="span" sx={{ color: 'text.secondary' }}>
          {item.reason}
        </Box>
      </Box>
      <Caution item={item} />
      {fresh && <ModelField item={item} result={result} error={wrong('tireModelId')} onChange={onChange} />}
      {item.oldTireMayGo.length > 0 && <OldTire item={item} result={result} wrong={wrong} onChange={onChange} />}
      {(fresh || needs('DOT_CODE')) &&
        figure('dotCode', fresh ? 'DOT code of the installed tire' : 'DOT code', undefined, 210)}
      {needs('WHEEL') && (
        <TextField
          select
          label="Installed wheel pilot type"
          value={result?.pilot ?? ''}
          onChange={(event) => onChange({ pilot: event.target.value as 'HUB' | 'STUD' })}
          error={wrong('pilot') !== undefined}
          helperText={wrong('pilot')}
          sx={{ width: 180 }}
        >
          <MenuItem value="HUB">hub-piloted</MenuItem>
          <MenuItem value="STUD">stud-piloted</MenuItem>
        </TextField>
      )}
      {needs('REPAIR') && (
        <TextField
          select
          label="Leak"
          value={result?.repair ?? ''}
          onChange={(event) => onChange({ repair: event.target.value as Repair })}
          error={wrong('repair') !== undefined}
          helperText={wrong('repair')}
          sx={{ width: 300 }}
        >
          {REPAIRS.map(([repair, words]) => (
            <MenuItem key={repair} value={repair}>
              {words}
            </MenuItem>
          ))}
        </TextField>
      )}
      {needs('TORQUE') && figure('torque', 'Torque set', units === 'US' ? 'ft·lb' : 'N·m', 180)}
      {needs('SENSOR') && figure('sensor', 'ID of the installed sensor', undefined, 210)}
      {needs('VERDICT') && (
        <>
          <TextField
            select
            label="Tire professional’s verdict"
            value={result?.verdict ?? ''}
            onChange={(event) => onChange({ verdict: event.target.value as 'SERVICEABLE' | 'CONDEMNED' })}
            error={wrong('verdict') !== undefined}
            helperText={wrong('verdict')}
            sx={{ width: 230 }}
          >
            <MenuItem value="SERVICEABLE">sound</MenuItem>
            <MenuItem value="CONDEMNED">condemned</MenuItem>
          </TextField>
          {figure('professional', 'Name of the professional', undefined, 220)}
        </>
      )}
      {(fresh || needs('TREAD')) && (
        <>
          {figure('outer', 'Tread outer', depthUnit(units), 132)}
          {figure('center', 'Tread center', depthUnit(units), 132)}
          {figure('inner', 'Tread inner', depthUnit(units), 132)}
        </>
      )}
      {(fresh || needs('COLD_PRESSURE')) && result?.verdict !== 'CONDEMNED' && (
        <>
          {figure('pressure', 'Cold pressure after', pressureUnit(units), 180)}
          {item.workType !== 'PRESSURE_CHECK' && (
            <TextField
              select
              label="Gas"
              value={result?.gas ?? ''}
              onChange={(event) => onChange({ gas: event.target.value, purity: '' })}
              error={wrong('gas') !== undefined}
              helperText={wrong('gas')}
              sx={{ width: 150 }}
            >
              <MenuItem value="">Not recorded</MenuItem>
              <MenuItem value="AIR">Air</MenuItem>
              <MenuItem value="NITROGEN">Nitrogen</MenuItem>
            </TextField>
          )}
          {result?.gas === 'NITROGEN' && figure('purity', 'Purity', '%', 130)}
        </>
      )}
      {figure('note', needs('NOTE') ? 'What was done' : 'Note (optional)', undefined, 260)}
    </Box>
  )
}

function ModelField({
  item,
  result,
  error,
  onChange,
}: {
  item: Item
  result: Result | undefined
  error: string | undefined
  onChange: (part: Partial<Result>) => void
}) {
  const [units] = useUnits()
  const models = useQuery(modelsQuery(units))
  const chosen = result?.tireModelId ?? item.tireModelId
  return (
    <TextField
      select
      label="Installed tire"
      value={chosen !== undefined && models.data ? String(chosen) : ''}
      onChange={(event) => onChange({ tireModelId: Number(event.target.value) })}
      error={error !== undefined}
      helperText={error}
      sx={{ width: 280 }}
    >
      {(models.data ?? []).map((model) => (
        <MenuItem key={model.id} value={String(model.id)}>
          {model.title} {model.sidewall}
        </MenuItem>
      ))}
    </TextField>
  )
}

/** The caution that belongs to this work, and only that one. */
function Caution({ item }: { item: Item }) {
  if (!item.caution) return null
  return (
    <Alert severity="warning" icon={false} sx={{ width: '100%', py: 0.25 }}>
      {item.caution}
    </Alert>
  )
}
