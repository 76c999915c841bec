import type { ArrangementView, BenchTire, BenchView } from './plan'

export const tire = (id: number, at: string): BenchTire => ({
  id,
  name: `LM${id}`,
  source: 'ON_VEHICLE',
  at,
  model: 'Corvane Tessaly C2',
  sidewall: '275/70R22.5',
  depth: '9/32 in',
  share: 0.5,
  age: '3.8 y',
  retread: false,
  damaged: false,
  chosen: false,
})

export const arrangement = (places: Record<string, number>): ArrangementView => ({
  arrangement: places,
  violations: [],
  metrics: [{ metric: 'First tire to buy', before: 'in 6 months', after: 'in 14 months', better: true }],
  lifts: [],
  unused: [],
  relearn: false,
  notes: [],
  options: [],
})

export const bench: BenchView = {
  unit: 'LC-03',
  today: '2026-11-23',
  mostStock: 8,
  nextVisit: '2027-11-23',
  goals: [
    { code: 'EVEN_WEAR', label: 'Even wear', means: 'late' },
    { code: 'NEWEST_ON_STEER', label: 'Newest on steer', means: 'young' },
  ],
  positions: ['1L', '1R', '2L', '2R'].map((position) => ({ position, name: `place ${position}` })),
  tires: [
    tire(1, '1L'),
    tire(2, '1R'),
    tire(3, '2L'),
    tire(4, '2R'),
    { ...tire(9, ''), source: 'STOCK', chosen: true, name: 'LM2007', retread: true, where: 'Eastbank, rack 3' },
  ],
  overridable: [{ rule: 'AGE_STEER', title: 'Steer age limit' }],
  now: arrangement({ '1L': 1, '1R': 2, '2L': 3, '2R': 4 }),
}
