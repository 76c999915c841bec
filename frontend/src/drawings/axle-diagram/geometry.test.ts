import { describe, expect, it } from 'vitest'
import { type Plan, type PlanSize, placePlan, yearTicks } from './geometry'

const mark = (position: string) => ({ position, name: position, verdict: 'GOOD' as const })

const plan = (duals: boolean[], spares = 0): Plan => ({
  axles: duals.map((dual, at) => ({ number: at + 1, role: at === 0 ? 'STEER' : 'DRIVE', dual })),
  spares,
  tires: [
    ...duals.flatMap((dual, at) =>
      (dual ? ['LO', 'LI', 'RI', 'RO'] : ['L', 'R']).map((place) => mark(`${at + 1}${place}`)),
    ),
    ...Array.from({ length: spares }, (_, at) => mark(`S${at + 1}`)),
  ],
})

const layouts: [string, Plan][] = [
  ['a van', plan([false, false])],
  ['a coach with a tag axle', plan([false, true, false])],
  ['a pickup with two spares', plan([false, false], 2)],
  ['a long trailer', plan([true, true, true, true, true])],
]
const sizes: PlanSize[] = ['yard', 'vehicle']

describe('the axle diagram', () => {
  it.each(layouts.flatMap(([name, one]) => sizes.map((size) => ({ name, one, size }))))(
    'puts every tire of $name inside the $size drawing, none on another',
    ({ one, size }) => {
      const placed = placePlan(one, size)
      expect(placed.tires).toHaveLength(one.tires.length)
      for (const { box, mark: tire } of placed.tires) {
        expect(box.x).toBeGreaterThanOrEqual(0)
        expect(box.x + box.width).toBeLessThanOrEqual(placed.width)
        expect(box.y + box.height).toBeLessThanOrEqual(placed.height)
        const overlapping = placed.tires.filter(
          (other) =>
            other.mark.position !== tire.position &&
            other.box.x < box.x + box.width &&
            box.x < other.box.x + other.box.width &&
            other.box.y < box.y + box.height &&
            box.y < other.box.y + other.box.height,
        )
        expect(overlapping).toEqual([])
      }
    },
  )

  it('has the driver’s left at the left and the outer dual at the outside', () => {
    const x = (position: string) =>
      placePlan(plan([false, true]), 'vehicle').tires.find((tire) => tire.mark.position === position)?.box.x ??
      Number.NaN
    expect(x('2LO')).toBeLessThan(x('2LI'))
    expect(x('2LI')).toBeLessThan(x('2RI'))
    expect(x('2RI')).toBeLessThan(x('2RO'))
    expect(x('1L')).toBeLessThan(x('1R'))
  })
})

describe('year ticks', () => {
  const box = { x: 0, y: 100, width: 54, height: 80 }

  it('count full years from the bottom, with the limit at its own height', () => {
    const ticks = yearTicks(3.7, 4, box)
    expect(ticks.full).toEqual([160, 140, 120])
    expect(ticks.limit).toBe(100)
  })

  it('keep a tire past its limit inside the edge', () => {
    const ticks = yearTicks(9.2, 8, box)
    expect(Math.min(...ticks.full)).toBeGreaterThanOrEqual(box.y)
    expect(ticks.limit).toBeGreaterThan(box.y)
  })
})
