import { beforeEach, describe, expect, it } from 'vitest'
import { draftOf, EMPTY, isBlank, kept } from './draft'

beforeEach(() => localStorage.clear())

describe('a draft', () => {
  it('survives a closed page until the server has it', () => {
    kept.write(7, '2LO', { ...EMPTY, pressure: '9x' })
    expect(kept.read(7, '2LO')?.pressure).toBe('9x')
    expect(kept.read(7, '2LI')).toBeUndefined()
    kept.forget(7, '2LO')
    expect(kept.read(7, '2LO')).toBeUndefined()
  })

  it('is blank while nothing but the warmth is chosen', () => {
    expect(isBlank({ ...EMPTY, warmth: 'HOT' })).toBe(true)
    expect(isBlank({ ...EMPTY, findings: ['BULGE'] })).toBe(false)
  })

  it('shows a saved entry in the fields’ units', () => {
    const entry = {
      version: 1,
      by: 'Rafe Halloran',
      savedAt: '2026-11-23T15:00:00Z',
      pressure: '84 psi',
      warmth: 'COLD' as const,
      outer: '9/32 in',
      center: '',
      inner: '7 mm',
      places: [['9/32 in', '7 mm']],
      findings: [],
      putRight: [],
    }
    expect(draftOf(entry, 'US')).toMatchObject({
      pressure: '84',
      outer: '9',
      center: '',
      inner: '7 mm',
      places: [['9', '7 mm']],
    })
    expect(draftOf(undefined, 'US')).toEqual(EMPTY)
  })
})
