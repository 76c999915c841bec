import { beforeEach, describe, expect, it } from 'vitest'
import { step } from './sample'
import { draft, nextAfter, phases } from './steps'

describe('the order of a sheet', () => {
  it('goes on at the same wheel, then wherever a step is open', () => {
    const steps = [
      step('A:1L', { position: '1L', state: 'DONE' }),
      step('B:1R', { position: '1R', state: 'OPEN' }),
      step('C:1L', { position: '1L', state: 'OPEN' }),
    ]
    expect(nextAfter(steps, 'A:1L')?.key).toBe('C:1L')
    expect(nextAfter(steps, 'C:1L')?.key).toBe('B:1R')
    expect(nextAfter(steps, undefined)?.key).toBe('B:1R')
  })

  it('puts steps together by phase and wheel as they follow each other', () => {
    expect(
      phases([step('A', { phase: 'Before' }), step('B:1L', { phase: 'Remove', position: '1L' })]).map(
        (one) => one.title,
      ),
    ).toEqual(['Before', 'Remove, 1L'])
  })
})

describe('what is typed at a step', () => {
  beforeEach(() => localStorage.clear())

  it('is kept per job and step until it is marked', () => {
    draft.write(1, 'SEAT:1L', { seating: '35' })
    expect(draft.read(1, 'SEAT:1L')).toEqual({ seating: '35' })
    expect(draft.read(2, 'SEAT:1L')).toEqual({})
    draft.forget(1, 'SEAT:1L')
    expect(draft.read(1, 'SEAT:1L')).toEqual({})
  })
})
