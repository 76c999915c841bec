import { describe, expect, it } from 'vitest'
import { LEFT, pieces, type Ribbons, spoken, thrownAway, WIDTH, x, years } from './geometry'

const view: Ribbons = {
  vehicleId: 1,
  unit: 'SH-01',
  strategy: 'NEWEST_ON_STEER',
  from: '2026-11-28',
  to: '2041-11-28',
  positions: ['1L', '2LO'],
  timelines: [
    {
      segments: [
        { position: '1L', from: '2026-11-28', to: '2029-11-28' },
        { position: '2LO', from: '2029-11-28', to: '2034-01-04' },
      ],
      label: 'made Aug 2, 2026',
      end: 'overall age',
      unusedShare: 0,
      bought: true,
    },
  ],
  limitsExceeded: [],
}

describe('life ribbons', () => {
  it('lay the years out from left to right, the first day at the left and the last at the right', () => {
    expect(x(view.from, view)).toBe(LEFT)
    expect(x(view.to, view)).toBe(WIDTH - 8)
    expect(x('2034-05-29', view)).toBeCloseTo((LEFT + WIDTH - 8) / 2, 0)
    expect(years(view)).toHaveLength(15)
    expect(years(view)[0]?.year).toBe(2027)
  })

  it('carry on in the lane of the position a tire moves to, where it left off', () => {
    const [steer, drive] = pieces(view.timelines[0] as Ribbons['timelines'][number], view)
    expect(steer?.lane).toBe(0)
    expect(drive?.lane).toBe(1)
    expect(steer?.x2).toBe(drive?.x1)
  })

  it('hatch the share of its life that a tire is thrown away with', () => {
    const [first, last] = pieces(view.timelines[0] as Ribbons['timelines'][number], view)
    if (!first || !last) throw new Error('two stays')
    const half = { ...(view.timelines[0] as Ribbons['timelines'][number]), unusedShare: 0.5 }
    expect(thrownAway({ ...half, unusedShare: 0 }, last, first)).toBe(0)
    expect(thrownAway(half, last, first)).toBeCloseTo((last.x2 - first.x1) / 2, 5)
    expect(thrownAway({ ...half, unusedShare: 0.99 }, last, first)).toBe(last.x2 - last.x1)
  })

  it('say in words how many tires are bought and moved', () => {
    expect(spoken(view)).toBe('SH-01: 2 positions, 1 tires bought, 1 moved on')
  })
})
