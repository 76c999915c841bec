import { describe, expect, it } from 'vitest'
import { BEAD, disc, rim, tire } from './geometry'

describe('the wheel from the side', () => {
  it('has its drop center nearer the top than the bottom: the narrow side is up', () => {
    const depths = rim(1)
      .split(/[ML]/)
      .map((point) => point.trim().split(' ').map(Number))
      .filter((point): point is [number, number] => point.length === 2)
    const deepest = depths.filter(([x]) => x === Math.min(...depths.map(([other]) => other)))
    const middle = (depths[0]?.[1] ?? 0) / 2 + (depths.at(-1)?.[1] ?? 0) / 2
    for (const [, y] of deepest) expect(y).toBeLessThan(middle)
  })

  it('puts the far bead lower than its seat, into the drop center, and the other one above its flange', () => {
    expect(BEAD.dropCenter[1]).toBeGreaterThan(BEAD.seat[1])
    expect(BEAD.dropCenter[0]).toBeLessThan(BEAD.seat[0])
    expect(BEAD.overHead[1]).toBeLessThan(52)
    expect(tire(-1, [...BEAD.seat])).toContain('M -88 64')
  })

  it('turns the disc down with the face of a reversed wheel', () => {
    expect(disc(false)).toBeGreaterThan(disc(true))
  })
})
