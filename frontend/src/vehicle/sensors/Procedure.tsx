import Box from '@mui/material/Box'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { Choice, Entry } from '../../ui/Entry'
import { FormDialog } from '../../ui/FormDialog'
import { useSend } from '../../ui/useSend'
import { day } from '../../units/format'
import { say } from './words'

type Procedure = Schemas['ProcedureView']

const WAYS = [
  ['MENU', say('dashMenu')],
  ['KEY_FOB', say('keyFobLockAndUnlock')],
  ['DIAGNOSTIC_TOOL', say('diagnosticToolWritesTheIds')],
  ['DRIVE', say('learnsWhileDriving')],
] as const
const PROMPTS = [
  ['MARKER_LAMP', say('markerLampLights')],
  ['DASH', say('dashNamesTheCorner')],
  ['NONE', say('itDoesntSay')],
] as const
const TRIGGERS = [
  ['TOOL', say('activationToolAtTheValve')],
  ['DEFLATION', say('lettingAirOut')],
] as const
const ENDS = [
  ['HORN_TWICE', say('hornTwice')],
  ['DASH', say('dashSaysSo')],
  ['NONE', say('noSign')],
] as const

const word = (list: readonly (readonly [string, string])[], code: string) =>
  list.find(([one]) => one === code)?.[1] ?? code

/** How a vehicle learns, in a sentence or two. */
export function ProcedureWords({ procedure }: { procedure: Procedure }) {
  return (
    <span>
      <strong>{procedure.name}.</strong>
      {say('inByAnsweredByEnds', {
        entryMethods: procedure.entryMethods.map((way) => word(WAYS, way)).join(say('else')),
        prompt: word(PROMPTS, procedure.cornerPrompt),
        activation: word(TRIGGERS, procedure.trigger),
        end: word(ENDS, procedure.end),
        cornerOrder: procedure.cornerOrder.join(' → ') || say('notNoted'),
      })}
      {procedure.note && `${procedure.note} `}
      {procedure.notedBy && procedure.notedAt && (
        <Box component="span" sx={{ color: 'text.secondary' }}>
          {say('notedBy', { notedBy: procedure.notedBy, notedAt: day(procedure.notedAt) })}
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
    say('procedureIsOnRecord'),
  )
  return (
    <FormDialog
      title={say('howLearnsItsSensors', { unit: props.view.unit })}
      action={say('saveProcedure')}
      error={sending.error}
      busy={sending.busy}
      onSend={sending.send}
      onClose={props.onClose}
      wide
    >
      <Choice
        label={say('startFrom')}
        value=""
        options={[
          ['', say('readyMadeProcedure')],
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
        label={say('name')}
        value={form.name}
        onChange={(name) => change({ name })}
        error={sending.wrong('name')}
        width={300}
      />
      <Box component="fieldset" sx={{ border: 0, m: 0, p: 0, width: '100%' }}>
        <Box component="legend" sx={{ typography: 'h2', p: 0 }}>
          {say('entryMethodsInOrder')}
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
        label={say('cornerItWants')}
        value={form.prompt}
        options={PROMPTS}
        onChange={(prompt) => change({ prompt })}
      />
      <Choice
        label={say('sensorAnswers')}
        value={form.trigger}
        options={TRIGGERS}
        onChange={(trigger) => change({ trigger })}
      />
      <Choice label={say('itEnds')} value={form.end} options={ENDS} onChange={(end) => change({ end })} />
      <Entry
        label={say('cornerOrder')}
        value={form.corners}
        onChange={(corners) => change({ corners })}
        error={sending.wrong('cornerOrder')}
        hint={say('positionsInTheOrder')}
        width={420}
        code
      />
      <Entry
        label={say('note')}
        value={form.note}
        onChange={(note) => change({ note })}
        error={sending.wrong('note')}
        width={420}
      />
    </FormDialog>
  )
}
