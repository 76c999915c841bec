import { describe, expect, it } from 'vitest'
import { nuts } from './geometry'

describe('the stud circle', () => {
  it('starts at the top and goes round clockwise', () => {
    const [top, right] = nuts(4, 10)
    expect(top).toMatchObject({ number: 1 })
    expect(top?.y).toBeCloseTo(-10)
    expect(right?.x).toBeCloseTo(10)
  })
})
