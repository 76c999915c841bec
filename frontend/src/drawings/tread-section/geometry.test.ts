import { describe, expect, it } from 'vitest'
import { cut, exaggerated } from './geometry'

const depths = { outer: 9, center: 6, inner: 9, full: 16, legal: 2, pull: 3 }

describe('the tread section', () => {
  it('stands deeper tread higher over the groove floor, and the pull point over the legal limit', () => {
    const drawn = cut(depths)
    const [outer, center] = drawn.grooves
    expect(outer?.top).toBeLessThan(center?.top ?? 0)
    expect(drawn.pull).toBeLessThan(drawn.legal)
    expect(drawn.fresh).toBeLessThan(outer?.top ?? 0)
    expect(drawn.legal).toBeLessThan(outer?.floor ?? 0)
  })

  it('bends the shape towards the zone that is worn', () => {
    const numbers = (path: string) => path.match(/[\d.]+/g)?.map(Number) ?? []
    const even = numbers(exaggerated([8, 8, 8]))
    const inner = numbers(exaggerated([8, 8, 5]))
    expect(even.at(-1)).toBe(even[1])
    expect(inner.at(-1)).toBeGreaterThan(inner[1] ?? 0)
  })
})
