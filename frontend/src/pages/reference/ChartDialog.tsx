import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, ProblemError, type Schemas } from '../../api/client'
import { modelsQuery } from '../../api/queries'
import { useUnits } from '../../base/settings'
import { type Seen, VersionComparison } from '../../conflict/VersionComparison'
import { Entry, NameEntry } from '../../ui/Entry'
import { FormDialog } from '../../ui/FormDialog'
import { useNotice } from '../../ui/Notice'
import { useSend } from '../../ui/useSend'
import { loadUnit, pressureUnit } from '../../units/format'
import type { Chart } from './chart'
import { say } from './words'

type Form = Schemas['LoadChartRequest']
type Row = Form['rows'][number]

const BLANK: Form = {
  manufacturer: '',
  model: '',
  size: '',
  range: '',
  source: '',
  rows: Array.from({ length: 6 }, () => ({ pressure: '', single: '', dual: '' })),
}

/** A chart typed row by row or pasted from a spreadsheet; a cell that can't be right is named and nothing is stored. */
export function ChartDialog({ chart, onClose }: { chart: Chart | undefined; onClose: () => void }) {
  const [units] = useUnits()
  const notice = useNotice()
  const models = useQuery(modelsQuery(units))
  const [form, setForm] = useState<Form>(chart?.form ?? BLANK)
  const [seen, setSeen] = useState<Seen<Form> | undefined>(chart)
  const [paste, setPaste] = useState<string>()
  const [trouble, setTrouble] = useState<string>()
  const [reading, setReading] = useState(false)
  const change = (part: Partial<Form>) => setForm((before) => ({ ...before, ...part }))
  const row = (at: number, part: Partial<Row>) =>
    change({ rows: form.rows.map((one, index) => (index === at ? { ...one, ...part } : one)) })
  const sending = useSend(
    (key) =>
      chart
        ? answerOf(
            api.PUT('/api/charts/{id}', {
              params: { path: { id: chart.id }, query: { units }, header: { 'If-Match': `"${seen?.version}"` } },
              body: form,
            }),
          )
        : answerOf(
            api.POST('/api/charts', { params: { query: { units }, header: { 'Idempotency-Key': key } }, body: form }),
          ),
    () => {
      notice({ text: say('chartSavedTargetsForThese') })
      onClose()
    },
    null,
  )
  // Until they are read, the rows pasted aren’t in the chart: it can’t be kept meanwhile.
  const readPaste = async () => {
    setReading(true)
    try {
      change({ rows: await answerOf(api.POST('/api/parse/load-chart', { body: { text: paste ?? '' } })) })
      setPaste(undefined)
      setTrouble(undefined)
    } catch (error) {
      setTrouble(error instanceof ProblemError ? (error.field('text') ?? error.message) : String(error))
    } finally {
      setReading(false)
    }
  }
  const makers = [...new Set((models.data ?? []).map((model) => model.form.manufacturer ?? ''))].sort()
  const names = [...new Set((models.data ?? []).map((model) => model.form.name ?? ''))].sort()
  return (
    <FormDialog
      title={chart ? say('change', { chart: chart.title }) : say('addAChart')}
      action={say('saveChart')}
      error={sending.error}
      busy={sending.busy || reading}
      onSend={sending.send}
      onClose={onClose}
      wide
    >
      <VersionComparison
        error={sending.error}
        seen={seen}
        mine={form}
        names={{ range: say('loadRange'), source: say('takenFrom') }}
        load={async () =>
          (await answerOf(api.GET('/api/charts', { params: { query: { units } } }))).find((one) => one.id === chart?.id)
        }
        onGoOn={(next, now) => {
          setForm(next)
          setSeen(now)
          sending.reset()
        }}
      />
      <NameEntry
        label={say('manufacturer')}
        value={form.manufacturer}
        names={makers}
        onChange={(maker) => change({ manufacturer: maker })}
        error={sending.wrong('manufacturer')}
        width={180}
      />
      <NameEntry
        label={say('model')}
        value={form.model}
        names={names}
        onChange={(model) => change({ model })}
        error={sending.wrong('model')}
        hint={say('blankAllModels')}
        width={250}
      />
      <Entry
        label={say('size')}
        value={form.size}
        onChange={(size) => change({ size })}
        error={sending.wrong('size')}
        width={170}
        code
      />
      <Entry
        label={say('loadRange2')}
        value={form.range}
        onChange={(range) => change({ range })}
        error={sending.wrong('range')}
        width={120}
        code
      />
      <Entry
        label={say('takenFrom2')}
        value={form.source}
        onChange={(source) => change({ source })}
        error={sending.wrong('source')}
        hint={say('dataBookAndPage')}
        width="100%"
      />
      <Box sx={{ width: '100%', display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button size="small" variant="outlined" onClick={() => setPaste(paste === undefined ? '' : undefined)}>
          {say('pasteRows')}
        </Button>
        <Button size="small" onClick={() => change({ rows: [...form.rows, { pressure: '', single: '', dual: '' }] })}>
          {say('addRow')}
        </Button>
      </Box>
      {paste !== undefined && (
        <Box sx={{ width: '100%', display: 'flex', gap: 1, alignItems: 'flex-start' }}>
          <Entry
            label={say('rows')}
            value={paste}
            onChange={setPaste}
            multiline
            width="100%"
            hint={say('pressureSingleLoadDualLoad')}
            autoFocus
          />
          <Button variant="outlined" onClick={() => void readPaste()}>
            {say('readThem')}
          </Button>
        </Box>
      )}
      {(trouble ?? sending.wrong('rows')) && (
        <Alert severity="error" sx={{ width: '100%' }}>
          {trouble ?? sending.wrong('rows')}
        </Alert>
      )}
      {form.rows.map((one, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a row is its place in the chart
        <Box key={at} sx={{ width: '100%', display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
          <Entry
            label={say('rowPressure', { at: at + 1 })}
            value={one.pressure}
            onChange={(pressure) => row(at, { pressure })}
            error={sending.wrong(`rows.${at}.pressure`)}
            unit={pressureUnit(units)}
            width={150}
          />
          <Entry
            label={say('rowSingle', { at: at + 1 })}
            value={one.single}
            onChange={(single) => row(at, { single })}
            error={sending.wrong(`rows.${at}.single`)}
            unit={loadUnit(units)}
            width={190}
          />
          <Entry
            label={say('rowDual', { at: at + 1 })}
            value={one.dual}
            onChange={(dual) => row(at, { dual })}
            error={sending.wrong(`rows.${at}.dual`)}
            unit={loadUnit(units)}
            width={190}
          />
        </Box>
      ))}
    </FormDialog>
  )
}
