import { describe, expect, it } from 'vitest'
import { corners, height } from './geometry'

describe('the corner trace', () => {
  it('puts left ends left, later axles lower, and the inner tire of a dual nearer to the middle', () => {
    const all = corners(['1L', '1R', '2LO', '2LI', '2RO'])
    const of = (position: string) => all.find((corner) => corner.position === position)
    expect(of('1L')?.x).toBeLessThan(of('1R')?.x ?? 0)
    expect(of('2LO')?.y).toBeGreaterThan(of('1L')?.y ?? 0)
    expect(of('2LI')?.x).toBeGreaterThan(of('2LO')?.x ?? 0)
    expect(height(['1L', '3R'])).toBeGreaterThan(height(['1L']))
  })
})
