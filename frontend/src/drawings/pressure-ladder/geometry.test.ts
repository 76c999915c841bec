import { describe, expect, it } from 'vitest'
import { apart, HEIGHT, type Ladder, place } from './geometry'

const ladder: Ladder = {
  low: 80,
  high: 120,
  estimated: false,
  rungs: [80, 100, 120].map((psi) => ({ psi, pressure: `${psi} psi`, load: `${psi * 58} lb`, reached: psi === 100 })),
  methods: [
    { method: 'WEIGHED_LOAD', label: 'Weighed', psi: 100, pressure: '100 psi', isOffered: true, isChosen: true },
    { method: 'PLACARD', label: 'Placard', psi: 100, pressure: '100 psi', isOffered: true, isChosen: false },
    { method: 'RATED_LOAD', label: 'Rated load', psi: 120, pressure: '120 psi', isOffered: true, isChosen: false },
  ],
  marks: [
    { type: 'need', label: 'need', psi: 96.2, pressure: '96.2 psi' },
    { type: 'runflat', label: '80% of target', psi: 80, pressure: '80 psi' },
  ],
  readings: [
    { type: 'reading', label: '1L', psi: 99, pressure: '99 psi' },
    { type: 'reading', label: '1R', psi: 100, pressure: '100 psi' },
  ],
  load: { psi: 96.2, label: '5,810 lb' },
}

describe('the pressure ladder', () => {
  it('stands higher for higher pressure, and inside its room', () => {
    const placed = place(ladder)
    const ys = placed.rungs.map((rung) => rung.y)
    expect(ys[0]).toBeGreaterThan(ys[1] ?? 0)
    expect(ys[1]).toBeGreaterThan(ys[2] ?? 0)
    expect(Math.max(...ys)).toBeLessThanOrEqual(HEIGHT)
    expect(Math.min(...ys)).toBeGreaterThanOrEqual(0)
  })

  it('lets the load climb to the first rung that carries it', () => {
    const placed = place(ladder)
    expect(placed.load?.rungY).toBe(placed.rungs[1]?.y)
    expect(placed.load?.y).toBeGreaterThan(placed.load?.rungY ?? 0)
  })

  it('moves labels of the same height apart and keeps their order', () => {
    const flags = place(ladder).flags
    for (let at = 1; at < flags.length; at++) {
      expect((flags[at]?.labelY ?? 0) - (flags[at - 1]?.labelY ?? 0)).toBeGreaterThanOrEqual(20)
    }
    const crowd = apart(Array.from({ length: 8 }, (_, item) => ({ item, y: HEIGHT - 10, labelY: 0 })))
    expect(Math.max(...crowd.map((one) => one.labelY))).toBeLessThanOrEqual(HEIGHT)
  })

  it('spreads the readings between the rails', () => {
    const [left, right] = place(ladder).readings
    expect(left?.x).toBeLessThan(right?.x ?? 0)
  })
})
