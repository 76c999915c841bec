import type { SheetView, StepView } from './steps'

/** A step of a sheet for tests. */
export const step = (key: string, part: Partial<StepView> = {}): StepView => ({
  key,
  phase: 'Before',
  title: `Step ${key}`,
  does: 'Do it.',
  fields: [],
  state: 'OPEN',
  safety: false,
  canBeSkipped: true,
  tries: [],
  valveClocks: [],
  ...part,
})

/** A sheet with these steps. */
export const sheet = (steps: StepView[], part: Partial<SheetView> = {}): SheetView => ({
  jobId: 7,
  version: 2,
  vehicleId: 3,
  unit: 'SH-02',
  day: '2026-11-24',
  note: '',
  tasks: ['1L: Tire replacement'],
  isStarted: true,
  warnings: [],
  tireChangers: [{ id: 1, name: 'Changer 1', type: 'side shovel and jaw table' }],
  nitrogen: false,
  sensorDismount: false,
  needsSensorMethod: false,
  needsTireChanger: true,
  steps,
  open: steps.filter((one) => one.state === 'OPEN' || one.state === 'WAITS').length,
  handOvers: [],
  ...part,
})
