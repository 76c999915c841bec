import type { Schemas } from '../api/client'

export const FIT = { verdict: 'GOOD' as const, reasons: [] }

/** A drive position whose figures turn at 76, 90.25, 99.76 and 120 psi, and at 2/32 and 3/32. */
export const stop: Schemas['WalkAroundStopView'] = {
  position: '2LO',
  name: 'drive left outer',
  tire: 'Corvane Tessaly C2',
  size: '275/70R22.5',
  dot: '0821',
  target: '95 psi',
  legal: '2/32 in',
  pull: '3/32 in',
  open: [
    { finding: 'CAP_MISSING', label: 'Valve cap missing', on: '2026-11-01', by: 'Tomas Weil', canBeFixedHere: true },
  ],
  photos: [],
  missing: 'nothing entered',
  restVerdict: 'GOOD',
  assessment: FIT,
  bands: {
    cold: [
      { from: 0, verdict: 'DO_NOT_OPERATE', statement: '80% of target: 76 psi' },
      { from: 76.01, verdict: 'WATCH', statement: 'Cold pressure on target: 95 psi' },
      { from: 90.25, verdict: 'GOOD', statement: '' },
      { from: 99.76, verdict: 'WATCH', statement: 'Cold pressure on target: 95 psi' },
      { from: 120.01, verdict: 'DO_NOT_OPERATE', statement: 'Maximum pressure: 120 psi' },
    ],
    hot: [
      { from: 0, verdict: 'WATCH', statement: 'Hot reading: 95 psi' },
      { from: 95, verdict: 'GOOD', statement: '' },
    ],
    tread: [
      { from: 0, verdict: 'DO_NOT_OPERATE', statement: 'Legal tread limit: 2/32 in' },
      { from: 2.01, verdict: 'SERVICE_DUE', statement: 'Pull point: 3/32 in' },
      { from: 3.01, verdict: 'GOOD', statement: '' },
    ],
    rest: { verdict: 'GOOD', statement: '' },
    untilCold: { verdict: 'GOOD', statement: '' },
    untilTread: { verdict: 'GOOD', statement: '' },
  },
  plausible: { coldMin: 84, coldMax: 104, hotMin: 84, outer: 12, center: 12, inner: 12, last: '94 psi on Nov 3, 2026' },
}

export const walk: Schemas['WalkAroundView'] = {
  id: 7,
  vehicleId: 3,
  scope: 'FULL',
  scopeTitle: 'Full',
  asksTread: true,
  unit: 'LC-03',
  description: 'Clinic coach',
  startedAt: '2026-11-23T15:00:00Z',
  startedBy: 'Rafe Halloran',
  today: '2026-11-23',
  positions: [stop],
}

/** What the server stores of what it was sent. */
export const entryOf = (body: unknown, version: number): Schemas['WalkAroundEntryView'] => ({
  version,
  by: 'Rafe Halloran',
  savedAt: '2026-11-23T15:01:00Z',
  pressure: '',
  thermalState: 'COLD',
  outer: '',
  center: '',
  inner: '',
  locations: [],
  findings: [],
  innerSidewallFindings: [],
  fixed: [],
  skipReason: '',
  dotCode: '',
  confirmed: [],
  ...(body as object),
})
