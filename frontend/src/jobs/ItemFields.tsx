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
import { say } from './words'

type Item = Schemas['JobItemView']
type After = Item['requiredResult'][number]

type Repair = NonNullable<Schemas['ItemResult']['repair']>

const REPAIRS: readonly (readonly [Repair, string])[] = [
  ['CORE', say('newValveCore')],
  ['STEM', say('newValveStemOrGrommet')],
  ['BEAD', say('beadCleanedAndSeatedAnew')],
  ['PUNCTURE', say('punctureRepairedFromInside')],
  ['WHEEL', say('wheelRepairedOrChanged')],
  ['NONE_FOUND', say('lookedForWithSoap')],
]

type Destination = Item['oldTireMayGo'][number]

const DESTINATIONS: Record<Destination, string> = {
  STOCK: 'stock',
  RETREAD: say('setAsideForRetread'),
  SCRAP: 'scrap',
}

const SCRAP_REASONS = ['tread', 'age', 'damage', 'bead', say('ranLow')] as const

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
        label={say('oldTireGoes')}
        value={to}
        options={item.oldTireMayGo.map((one) => [one, DESTINATIONS[one]] as const)}
        onChange={change}
        error={wrong('oldTireTo')}
        width={210}
      />
      {to === 'SCRAP' && (
        <Choice
          label={say('scrapWhy')}
          value={result?.scrapReason || undefined}
          options={SCRAP_REASONS.map((why) => [why, why === 'bead' ? say('beadTorn') : why] as const)}
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
        <strong>{item.position ?? say('vehicle2')}</strong> {item.positionName && `(${item.positionName}) `}
        {item.label}.{' '}
        <Box component="span" sx={{ color: 'text.secondary' }}>
          {item.reason}
        </Box>
      </Box>
      <Caution item={item} />
      {fresh && <ModelField item={item} result={result} error={wrong('tireModelId')} onChange={onChange} />}
      {item.oldTireMayGo.length > 0 && <OldTire item={item} result={result} wrong={wrong} onChange={onChange} />}
      {(fresh || needs('DOT_CODE')) &&
        figure('dotCode', fresh ? say('dotCodeOfTheInstalled') : say('dotCode'), undefined, 210)}
      {needs('WHEEL') && (
        <TextField
          select
          label={say('installedWheelPilotType')}
          value={result?.pilot ?? ''}
          onChange={(event) => onChange({ pilot: event.target.value as 'HUB' | 'STUD' })}
          error={wrong('pilot') !== undefined}
          helperText={wrong(say('pilot'))}
          sx={{ width: 180 }}
        >
          <MenuItem value="HUB">{say('hubPiloted')}</MenuItem>
          <MenuItem value="STUD">{say('studPiloted')}</MenuItem>
        </TextField>
      )}
      {needs('REPAIR') && (
        <TextField
          select
          label={say('leak')}
          value={result?.repair ?? ''}
          onChange={(event) => onChange({ repair: event.target.value as Repair })}
          error={wrong('repair') !== undefined}
          helperText={wrong(say('repair'))}
          sx={{ width: 300 }}
        >
          {REPAIRS.map(([repair, words]) => (
            <MenuItem key={repair} value={repair}>
              {words}
            </MenuItem>
          ))}
        </TextField>
      )}
      {needs('TORQUE') && figure('torque', say('torqueSet'), units === 'US' ? 'ft·lb' : 'N·m', 180)}
      {needs('SENSOR') && figure('sensor', say('idOfTheInstalledSensor'), undefined, 210)}
      {needs('VERDICT') && (
        <>
          <TextField
            select
            label={say('tireProfessionalsVerdict')}
            value={result?.verdict ?? ''}
            onChange={(event) => onChange({ verdict: event.target.value as 'SERVICEABLE' | 'CONDEMNED' })}
            error={wrong('verdict') !== undefined}
            helperText={wrong(say('verdict'))}
            sx={{ width: 230 }}
          >
            <MenuItem value="SERVICEABLE">{say('sound')}</MenuItem>
            <MenuItem value="CONDEMNED">{say('condemned')}</MenuItem>
          </TextField>
          {figure('professional', say('nameOfTheProfessional'), undefined, 220)}
        </>
      )}
      {(fresh || needs('TREAD')) && (
        <>
          {figure('outer', say('treadOuter'), depthUnit(units), 132)}
          {figure('center', say('treadCenter'), depthUnit(units), 132)}
          {figure('inner', say('treadInner'), depthUnit(units), 132)}
        </>
      )}
      {(fresh || needs('COLD_PRESSURE')) && result?.verdict !== 'CONDEMNED' && (
        <>
          {figure('pressure', say('coldPressureAfter'), pressureUnit(units), 180)}
          {item.workType !== 'PRESSURE_CHECK' && (
            <TextField
              select
              label={say('gas')}
              value={result?.gas ?? ''}
              onChange={(event) => onChange({ gas: event.target.value, purity: '' })}
              error={wrong('gas') !== undefined}
              helperText={wrong(say('gas2'))}
              sx={{ width: 150 }}
            >
              <MenuItem value="">{say('notRecorded')}</MenuItem>
              <MenuItem value="AIR">{say('air')}</MenuItem>
              <MenuItem value="NITROGEN">{say('nitrogen')}</MenuItem>
            </TextField>
          )}
          {result?.gas === 'NITROGEN' && figure('purity', say('purity'), '%', 130)}
        </>
      )}
      {figure('note', needs('NOTE') ? say('whatWasDone') : say('noteOptional'), undefined, 260)}
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
      label={say('installedTire')}
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
