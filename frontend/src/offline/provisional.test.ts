import { describe, expect, it } from 'vitest'
import type { Schemas } from '../api/client'
import { stop } from '../test/walk'
import { EMPTY } from '../vehicle/walk-round/draft'
import { provisional } from './provisional'

const findings = [
  { finding: 'BULGE', where: 'SIDEWALL', words: 'Bulge', verdict: 'DO_NOT_OPERATE', because: '' },
] as Schemas['Choice'][]

describe('out of reach of the server', () => {
  it.each([
    ['76', 'DO_NOT_OPERATE'],
    ['76.1', 'WATCH'],
    ['95', 'FIT'],
    ['121', 'DO_NOT_OPERATE'],
    ['6.2 bar', 'NOT_KNOWN'],
    ['', 'NOT_KNOWN'],
  ])('%s psi cold compares as %s', (pressure, verdict) => {
    expect(provisional(stop, { ...EMPTY, pressure }, findings).verdict).toBe(verdict)
  })

  it('takes the lowest depth anywhere, and names the limit it stands at', () => {
    const found = provisional(
      stop,
      {
        ...EMPTY,
        places: [
          ['9', '8', '3'],
          ['9', '2', ''],
        ],
      },
      findings,
    )
    expect(found).toEqual({
      verdict: 'DO_NOT_OPERATE',
      says: [{ verdict: 'DO_NOT_OPERATE', words: 'Legal tread limit: 2/32 in' }],
    })
  })

  it('takes what is found with the verdict the server sent along, the worst first', () => {
    const found = provisional(stop, { ...EMPTY, outer: '3', innerFindings: ['BULGE'] }, findings)
    expect(found.says.map((one) => one.words)).toEqual(['Bulge', 'Pull point: 3/32 in'])
  })

  it('compares a hot figure with what holds for hot ones', () => {
    expect(provisional(stop, { ...EMPTY, warmth: 'HOT', pressure: '94' }, findings).verdict).toBe('WATCH')
    expect(provisional(stop, { ...EMPTY, warmth: 'HOT', pressure: '104' }, findings).verdict).toBe('FIT')
  })
})
