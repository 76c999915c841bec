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
import { say } from './words'

type Machine = Schemas['TireChangerView']

const KINDS = [
  ['SIDE_SHOVEL', say('sideShovelAndJawTable')],
  ['LEVERLESS', say('leverlessJawTable')],
  ['CENTER_CLAMP', say('centerClampWithRollers')],
] as const

const STEPS = [
  ['BREAK_FRONT', say('breakTheFrontBead')],
  ['DEMOUNT_TOP', say('takeTheTopBeadOff')],
  ['DEMOUNT_BOTTOM', say('takeTheBottomBeadOff')],
  ['MOUNT_BOTTOM', say('putTheBottomBead')],
  ['MOUNT_TOP', say('putTheTopBead')],
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
      title={say('tireChangers')}
      about={say('limitsOffTheMachinesPlate')}
      actions={
        may && (
          <Button variant="contained" onClick={() => setOpen('new')}>
            {say('addTireChanger')}
          </Button>
        )
      }
    >
      {query.data.length === 0 && <p>{say('noTireChanger')}</p>}
      {query.data.length > 0 && (
        <Table
          label={say('tireChangers')}
          heads={[
            say('machine'),
            say('maximumTireDiameter'),
            say('rimDiameter'),
            say('maximumWidth'),
            say('valveByStep'),
            '',
          ]}
        >
          {query.data.map((machine) => (
            <tr key={machine.id}>
              <td>
                <strong>{machine.name}</strong>
                <Box sx={{ color: 'text.secondary' }}>{machine.typeLabel}</Box>
              </td>
              <td>{machine.maxTireDiameter || say('notOnFile')}</td>
              <td>
                {machine.minRimDiameter || machine.maxRimDiameter
                  ? say('toIn', {
                      minRimDiameter: machine.minRimDiameter || '?',
                      maxRimDiameter: machine.maxRimDiameter || '?',
                    })
                  : say('notOnFile')}
              </td>
              <td>{machine.maxWidth || say('notOnFile')}</td>
              <td>
                {machine.valvePositions.map((valve) => (
                  <div key={valve.step}>
                    {valve.label}: {valve.advice}
                  </div>
                ))}
              </td>
              <td>
                {may && (
                  <Button
                    size="small"
                    onClick={() => setOpen(machine)}
                    aria-label={say('change3', { machine: machine.name })}
                  >
                    {say('change2')}
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
  type: say('howItHolds2'),
  maxTireDiameter: say('tireDiameterAtMost2'),
  minRimDiameter: say('rimFrom2'),
  maxRimDiameter: say('rimUpTo'),
  maxWidth: say('widthAtMost'),
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
    say('isOnFile2', { form: form.name }),
  )
  const length = units === 'US' ? 'in' : 'mm'
  return (
    <FormDialog
      title={machine ? say('change3', { machine: machine.name }) : say('addATireChanger')}
      action={say('keepIt')}
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
        label={say('name')}
        value={form.name}
        onChange={(name) => set({ name })}
        error={sending.wrong('name')}
        autoFocus
      />
      <Choice
        label={say('howItHolds')}
        value={form.type}
        options={KINDS}
        onChange={(kind) => set({ type: kind })}
        error={sending.wrong('type')}
        width={260}
      />
      <Entry
        label={say('tireDiameterAtMost')}
        value={form.maxTireDiameter}
        onChange={(mostTire) => set({ maxTireDiameter: mostTire })}
        error={sending.wrong('maxTireDiameter')}
        unit={length}
        width={190}
      />
      <Entry
        label={say('rimFrom')}
        value={form.minRimDiameter}
        onChange={(leastRim) => set({ minRimDiameter: leastRim })}
        error={sending.wrong('minRimDiameter')}
        unit="in"
        width={130}
      />
      <Entry
        label={say('rimUp')}
        value={form.maxRimDiameter}
        onChange={(mostRim) => set({ maxRimDiameter: mostRim })}
        error={sending.wrong('maxRimDiameter')}
        unit="in"
        width={130}
      />
      <Entry
        label={say('maximumWidth')}
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
          {say('valveOnTheClockTool')}
        </Box>
        {STEPS.map(([step, words]) => (
          <Entry
            key={step}
            label={words}
            value={form.valvePositions?.[step]}
            onChange={(clock) => set({ valvePositions: { ...form.valvePositions, [step]: clock } })}
            error={sending.wrong(`valves.${step}`)}
            hint={say('blankNoSheet')}
            width={190}
          />
        ))}
      </Box>
    </FormDialog>
  )
}
