import { describe, expect, it } from 'vitest'
import { at, sector } from './geometry'

describe('the valve clock', () => {
  it('counts angles clockwise from the tool at 3: a quarter turn on is 6 o’clock, half a turn 9', () => {
    expect(at(0, 10)).toMatchObject({ x: 10, y: 0 })
    expect(at(90, 10).y).toBeCloseTo(10)
    expect(at(180, 10).x).toBeCloseTo(-10)
  })

  it('keeps out a half circle on the tool’s side for 90° either way', () => {
    expect(sector(90, 10)).toBe('M 0 0 L 0.0 -10.0 A 10 10 0 0 1 0.0 10.0 Z')
  })
})
