import { describe, expect, it } from 'vitest'
import { arc, BESIDE, FIELDS, onRing } from './fields'

const ends = (path: string) => {
  const numbers = path.match(/-?[\d.]+/g)?.map(Number) ?? []
  return { from: { x: numbers[0] ?? 0, y: numbers[1] ?? 0 }, to: { x: numbers.at(-2) ?? 0, y: numbers.at(-1) ?? 0 } }
}

describe('the sidewall drawing', () => {
  it('has the top at 0° and the right at 90°', () => {
    expect(onRing(100, 0).y).toBeCloseTo(100)
    expect(onRing(100, 90).x).toBeCloseTo(300)
  })

  it('runs letters from left to right, above and below the middle', () => {
    for (const at of [0, 45, 152, 180, 216, 310]) {
      const { from, to } = ends(arc(150, at, 60))
      if (at === 45 || at === 310 || at === 0) expect(to.x).toBeGreaterThan(from.x)
      if (at > 90 && at < 270) expect(to.x).toBeGreaterThan(from.x)
    }
  })

  it('lets no two fields of a ring overlap', () => {
    for (const ring of ['outer', 'inner'] as const) {
      const stretches = FIELDS.filter((field) => field.ring === ring)
        .map((field) => ({ from: field.at - field.span / 2, to: field.at + field.span / 2, name: field.title }))
        .sort((a, b) => a.from - b.from)
      for (const [at, stretch] of stretches.entries()) {
        const next = stretches[(at + 1) % stretches.length]
        const start = next && (at + 1 < stretches.length ? next.from : next.from + 360)
        expect(start, `${stretch.name} before ${next?.name}`).toBeGreaterThanOrEqual(stretch.to)
      }
    }
  })

  it('explains every field once', () => {
    const all = [...FIELDS, ...BESIDE]
    expect(new Set(all.map((field) => field.field)).size).toBe(all.length)
    for (const field of all) expect(field.explains.length).toBeGreaterThan(20)
  })
})
