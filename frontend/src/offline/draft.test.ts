import { describe, expect, it } from 'vitest'
import { entryOf } from '../test/walk'
import { draftOf, EMPTY, isBlank } from './draft'

describe('a draft', () => {
  it('is blank while nothing but the warmth is chosen', () => {
    expect(isBlank({ ...EMPTY, thermalState: 'HOT' })).toBe(true)
    expect(isBlank({ ...EMPTY, findings: ['BULGE'] })).toBe(false)
  })

  it('shows a saved entry in the fields’ units', () => {
    const entry = entryOf({ pressure: '84 psi', outer: '9/32 in', inner: '7 mm', locations: [['9/32 in', '7 mm']] }, 1)
    expect(draftOf(entry, 'US')).toMatchObject({
      pressure: '84',
      outer: '9',
      center: '',
      inner: '7 mm',
      locations: [['9', '7 mm']],
    })
    expect(draftOf(undefined, 'US')).toEqual(EMPTY)
  })
})
