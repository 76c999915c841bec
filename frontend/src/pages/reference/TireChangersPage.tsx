import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { type Seen, VersionComparison } from '../../conflict/VersionComparison'
import { useMay } from '../../session/session'
import { Choice, Entry } from '../../ui/Entry'
import { LoadProblem } from '../../ui/ErrorNotice'
import { FormDialog } from '../../ui/FormDialog'
import { LoadingLines } from '../../ui/Loading'
import { Page } from '../../ui/Page'
import { Table } from '../../ui/Table'
import { useSend } from '../../ui/useSend'

type Machine = Schemas['TireChangerView']

const KINDS = [
  ['SIDE_SHOVEL', 'side shovel and jaw table'],
  ['LEVERLESS', 'leverless jaw table'],
  ['CENTER_CLAMP', 'center clamp with rollers'],
] as const

const STEPS = [
  ['BREAK_FRONT', 'Break the front bead'],
  ['DEMOUNT_TOP', 'Take the top bead off'],
  ['DEMOUNT_BOTTOM', 'Take the bottom bead off'],
  ['MOUNT_BOTTOM', 'Put the bottom bead on'],
  ['MOUNT_TOP', 'Put the top bead on'],
] as const

/** The shop's tire changers: what they take, and where their own sheets want the valve. */
export function TireChangersPage() {
  const [units] = useUnits()
  const query = useQuery({
    queryKey: ['machines', units],
    queryFn: () => answerOf(api.GET('/api/tire-changers', { params: { query: { units } } })),
  })
  const may = useMay('COORDINATOR')
  const [open, setOpen] = useState<Machine | 'new'>()
  if (query.isPending) return <LoadingLines />
  if (query.isError) return <LoadProblem error={query.error} again={() => query.refetch()} />
  return (
    <Page
      title="Tire changers"
      about="Limits off the machine’s plate; valve positions off its own sheet, as a clock with the tool at 3. The manual comes first."
      actions={
        may && (
          <Button variant="contained" onClick={() => setOpen('new')}>
            Add tire changer…
          </Button>
        )
      }
    >
      {query.data.length === 0 && (
        <p>
          No tire changer is on file yet. Add each with the limits on its plate, so that a job can warn before a vehicle
          is lifted.
        </p>
      )}
      {query.data.length > 0 && (
        <Table
          label="Tire changers"
          heads={['Machine', 'Maximum tire diameter', 'Rim diameter', 'Maximum width', 'Valve, by step', '']}
        >
          {query.data.map((machine) => (
            <tr key={machine.id}>
              <td>
                <strong>{machine.name}</strong>
                <Box sx={{ color: 'text.secondary' }}>{machine.typeLabel}</Box>
              </td>
              <td>{machine.maxTireDiameter || 'not on file'}</td>
              <td>
                {machine.minRimDiameter || machine.maxRimDiameter
                  ? `${machine.minRimDiameter || '?'} to ${machine.maxRimDiameter || '?'} in`
                  : 'not on file'}
              </td>
              <td>{machine.maxWidth || 'not on file'}</td>
              <td>
                {machine.valvePositions.map((valve) => (
                  <div key={valve.step}>
                    {valve.label}: {valve.advice}
                  </div>
                ))}
              </td>
              <td>
                {may && (
                  <Button size="small" onClick={() => setOpen(machine)} aria-label={`Change ${machine.name}`}>
                    Change…
                  </Button>
                )}
              </td>
            </tr>
          ))}
        </Table>
      )}
      {open && <MachineDialog machine={open === 'new' ? undefined : open} onClose={() => setOpen(undefined)} />}
    </Page>
  )
}

type Form = Schemas['TireChangerRequest']

const NAMES = {
  type: 'how it holds',
  maxTireDiameter: 'tire diameter at most',
  minRimDiameter: 'rim from',
  maxRimDiameter: 'rim up to',
  maxWidth: 'width at most',
  valvePositions: 'valve:',
}

const formOf = (machine: Machine | undefined): Form => ({
  name: machine?.name ?? '',
  type: machine?.type ?? 'SIDE_SHOVEL',
  maxTireDiameter: machine?.maxTireDiameter ?? '',
  minRimDiameter: machine?.minRimDiameter ?? '',
  maxRimDiameter: machine?.maxRimDiameter ?? '',
  maxWidth: machine?.maxWidth ?? '',
  valvePositions: Object.fromEntries((machine?.valvePositions ?? []).map((valve) => [valve.step, valve.clock])),
})

const versionOf = (machine: Machine): Seen<Form> => ({ version: machine.version, form: formOf(machine) })

function MachineDialog({ machine, onClose }: { machine: Machine | undefined; onClose: () => void }) {
  const [units] = useUnits()
  const [form, setForm] = useState(() => formOf(machine))
  const [seen, setSeen] = useState<Seen<Form> | undefined>(() => machine && versionOf(machine))
  const set = (part: Partial<Form>) => setForm({ ...form, ...part })
  const sending = useSend(
    () =>
      machine
        ? answerOf(
            api.PUT('/api/tire-changers/{id}', {
              params: { path: { id: machine.id }, query: { units }, header: { 'If-Match': `"${seen?.version}"` } },
              body: form,
            }),
          )
        : answerOf(api.POST('/api/tire-changers', { params: { query: { units } }, body: form })),
    onClose,
    `${form.name} is on file.`,
  )
  const length = units === 'US' ? 'in' : 'mm'
  return (
    <FormDialog
      title={machine ? `Change ${machine.name}` : 'Add a tire changer'}
      action="Keep it"
      error={sending.error}
      busy={sending.busy}
      onSend={sending.send}
      onClose={onClose}
      wide
    >
      <VersionComparison
        error={sending.error}
        seen={seen}
        mine={form}
        names={NAMES}
        load={async () => {
          const now = (await answerOf(api.GET('/api/tire-changers', { params: { query: { units } } }))).find(
            (one) => one.id === machine?.id,
          )
          return now && versionOf(now)
        }}
        onGoOn={(next, now) => {
          setForm(next)
          setSeen(now)
          sending.reset()
        }}
      />
      <Entry
        label="Name"
        value={form.name}
        onChange={(name) => set({ name })}
        error={sending.wrong('name')}
        autoFocus
      />
      <Choice
        label="How it holds"
        value={form.type}
        options={KINDS}
        onChange={(kind) => set({ type: kind })}
        error={sending.wrong('type')}
        width={260}
      />
      <Entry
        label="Tire diameter at most"
        value={form.maxTireDiameter}
        onChange={(mostTire) => set({ maxTireDiameter: mostTire })}
        error={sending.wrong('maxTireDiameter')}
        unit={length}
        width={190}
      />
      <Entry
        label="Rim from"
        value={form.minRimDiameter}
        onChange={(leastRim) => set({ minRimDiameter: leastRim })}
        error={sending.wrong('minRimDiameter')}
        unit="in"
        width={130}
      />
      <Entry
        label="Rim up to"
        value={form.maxRimDiameter}
        onChange={(mostRim) => set({ maxRimDiameter: mostRim })}
        error={sending.wrong('maxRimDiameter')}
        unit="in"
        width={130}
      />
      <Entry
        label="Maximum width"
        value={form.maxWidth}
        onChange={(mostWidth) => set({ maxWidth: mostWidth })}
        error={sending.wrong('maxWidth')}
        unit={length}
        width={160}
      />
      <Box
        component="fieldset"
        sx={{ border: 0, p: 0, m: 0, width: '100%', display: 'flex', gap: 2, flexWrap: 'wrap' }}
      >
        <Box component="legend" sx={{ typography: 'h2', p: 0, mb: 1 }}>
          Valve on the clock, tool at 3, as its sheet says
        </Box>
        {STEPS.map(([step, words]) => (
          <Entry
            key={step}
            label={words}
            value={form.valvePositions?.[step]}
            onChange={(clock) => set({ valvePositions: { ...form.valvePositions, [step]: clock } })}
            error={sending.wrong(`valves.${step}`)}
            hint="Blank: no sheet"
            width={190}
          />
        ))}
      </Box>
    </FormDialog>
  )
}
