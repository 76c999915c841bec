import Box from '@mui/material/Box'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { Choice, Entry } from '../../ui/Entry'
import { FormDialog } from '../../ui/FormDialog'
import { useSend } from '../../ui/useSend'
import { day } from '../../units/format'

type Procedure = Schemas['ProcedureView']

const WAYS = [
  ['MENU', 'Dash menu'],
  ['KEY_FOB', 'Key fob, lock and unlock held'],
  ['DIAGNOSTIC_TOOL', 'Diagnostic tool writes the IDs'],
  ['DRIVE', 'Learns while driving'],
] as const
const PROMPTS = [
  ['MARKER_LAMP', 'a marker lamp lights'],
  ['DASH', 'the dash names the corner'],
  ['NONE', 'it doesn’t say'],
] as const
const TRIGGERS = [
  ['TOOL', 'activation tool at the valve'],
  ['DEFLATION', 'letting air out'],
] as const
const ENDS = [
  ['HORN_TWICE', 'horn twice'],
  ['DASH', 'the dash says so'],
  ['NONE', 'no sign'],
] as const

const word = (list: readonly (readonly [string, string])[], code: string) =>
  list.find(([one]) => one === code)?.[1] ?? code

/** How a vehicle learns, in a sentence or two. */
export function ProcedureWords({ procedure }: { procedure: Procedure }) {
  return (
    <span>
      <strong>{procedure.name}.</strong> In by {procedure.entryMethods.map((way) => word(WAYS, way)).join(', else ')};{' '}
      {word(PROMPTS, procedure.cornerPrompt)}; answered by {word(TRIGGERS, procedure.trigger)}; ends with{' '}
      {word(ENDS, procedure.end)}. Order: {procedure.cornerOrder.join(' → ') || 'not noted'}.{' '}
      {procedure.note && `${procedure.note} `}
      {procedure.notedBy && procedure.notedAt && (
        <Box component="span" sx={{ color: 'text.secondary' }}>
          Noted by {procedure.notedBy}, {day(procedure.notedAt)}.
        </Box>
      )}
    </span>
  )
}

/** The vehicle's procedure as its manual has it; a ready-made one to start from. */
export function ProcedureDialog(props: { vehicleId: number; view: Schemas['RelearnView']; onClose: () => void }) {
  const first = props.view.procedure ?? props.view.templates[0]
  const [form, setForm] = useState(() => ({
    name: first?.name ?? '',
    ways: first?.entryMethods ?? [],
    prompt: first?.cornerPrompt ?? 'MARKER_LAMP',
    trigger: first?.trigger ?? 'TOOL',
    end: first?.end ?? 'HORN_TWICE',
    corners: first?.cornerOrder.join(' ') ?? '',
    note: first?.note ?? '',
  }))
  const change = (part: Partial<typeof form>) => setForm({ ...form, ...part })
  const sending = useSend(
    () =>
      answerOf(
        api.PUT('/api/vehicles/{id}/relearn/procedure', {
          params: { path: { id: props.vehicleId } },
          body: form,
        }),
      ),
    props.onClose,
    'The procedure is on record.',
  )
  return (
    <FormDialog
      title={`How ${props.view.unit} learns its sensors`}
      action="Save procedure"
      error={sending.error}
      busy={sending.busy}
      onSend={sending.send}
      onClose={props.onClose}
      wide
    >
      <Choice
        label="Start from"
        value=""
        options={[
          ['', 'a ready-made procedure'],
          ...props.view.templates.map((one) => [one.name, one.name] as [string, string]),
        ]}
        onChange={(name) => {
          const family = props.view.templates.find((one) => one.name === name)
          if (family)
            change({
              name: family.name,
              ways: family.entryMethods,
              prompt: family.cornerPrompt,
              trigger: family.trigger,
              end: family.end,
              corners: family.cornerOrder.join(' '),
              note: family.note,
            })
        }}
        width={300}
      />
      <Entry
        label="Name"
        value={form.name}
        onChange={(name) => change({ name })}
        error={sending.wrong('name')}
        width={300}
      />
      <Box component="fieldset" sx={{ border: 0, m: 0, p: 0, width: '100%' }}>
        <Box component="legend" sx={{ typography: 'h2', p: 0 }}>
          Entry methods, in order
        </Box>
        {WAYS.map(([way, words]) => (
          <FormControlLabel
            key={way}
            control={
              <Checkbox
                checked={form.ways.includes(way)}
                onChange={(event) =>
                  change({
                    ways: event.target.checked ? [...form.ways, way] : form.ways.filter((one) => one !== way),
                  })
                }
              />
            }
            label={words}
          />
        ))}
        {sending.wrong('entryMethods') && <Box sx={{ color: 'error.main' }}>{sending.wrong('entryMethods')}</Box>}
      </Box>
      <Choice
        label="The corner it wants"
        value={form.prompt}
        options={PROMPTS}
        onChange={(prompt) => change({ prompt })}
      />
      <Choice
        label="A sensor answers to"
        value={form.trigger}
        options={TRIGGERS}
        onChange={(trigger) => change({ trigger })}
      />
      <Choice label="It ends with" value={form.end} options={ENDS} onChange={(end) => change({ end })} />
      <Entry
        label="Corner order"
        value={form.corners}
        onChange={(corners) => change({ corners })}
        error={sending.wrong('cornerOrder')}
        hint="Positions in the order it asks, for example 1L 1R 2R 2L"
        width={420}
        code
      />
      <Entry
        label="Note"
        value={form.note}
        onChange={(note) => change({ note })}
        error={sending.wrong('note')}
        width={420}
      />
    </FormDialog>
  )
}
