import { describe, expect, it } from 'vitest'
import { apart, CHART, columnOf, everyName, ticks, yOf } from './geometry'

describe('a chart', () => {
  it('has round figures up to the least that holds its highest', () => {
    expect(ticks(0)).toEqual([0, 1])
    expect(ticks(100)).toEqual([0, 25, 50, 75, 100])
    expect(ticks(3870)).toEqual([0, 1000, 2000, 3000, 4000])
    expect(ticks(4100)).toEqual([0, 2000, 4000, 6000])
    expect(ticks(7)).toEqual([0, 2, 4, 6, 8])
  })

  it('stands on its foot, and reaches its head at the highest figure', () => {
    expect(yOf(0, 40)).toBe(CHART.height - CHART.bottom)
    expect(yOf(40, 40)).toBe(CHART.top)
  })

  it('gives every column the same room, side by side', () => {
    const [first, second] = [columnOf(0, 12), columnOf(1, 12)]
    expect(second.x).toBeCloseTo(first.x + first.width)
    expect(columnOf(11, 12).x + first.width).toBeCloseTo(CHART.width - CHART.right)
  })

  it('leaves out names that would lie on one another', () => {
    expect(everyName(12, 3)).toBe(1)
    expect(everyName(24, 6)).toBe(3)
  })

  it('moves the names of lines apart, and none below the foot', () => {
    const moved = apart([100, 102, 190], 14)
    expect(moved[0]).toBe(100)
    expect(moved[1]).toBe(114)
    expect(apart([193, 194], 14)).toEqual([180, 194])
  })
})
