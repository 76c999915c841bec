import { describe, expect, it } from 'vitest'
import type { Schemas } from '../api/client'
import { stop } from '../test/walk'
import { EMPTY } from './draft'
import { provisional } from './provisional'

const findings = [
  { finding: 'BULGE', where: 'SIDEWALL', label: 'Bulge', verdict: 'DO_NOT_OPERATE', explanation: '' },
] as Schemas['FindingOption'][]

describe('out of reach of the server', () => {
  it.each([
    ['76', 'DO_NOT_OPERATE'],
    ['76.1', 'WATCH'],
    ['95', 'GOOD'],
    ['121', 'DO_NOT_OPERATE'],
    ['6.2 bar', 'WATCH'],
    ['655 kPa', 'GOOD'],
    ['5.2 bar', 'DO_NOT_OPERATE'],
    ['6.2 things', 'UNKNOWN'],
    ['', 'UNKNOWN'],
  ])('%s psi cold compares as %s', (pressure, verdict) => {
    expect(provisional(stop, { ...EMPTY, pressure }, findings).verdict).toBe(verdict)
  })

  it('takes the lowest depth anywhere, and names the limit it stands at', () => {
    const found = provisional(
      stop,
      {
        ...EMPTY,
        locations: [
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
    const found = provisional(stop, { ...EMPTY, outer: '3', innerSidewallFindings: ['BULGE'] }, findings)
    expect(found.says.map((one) => one.words)).toEqual(['Bulge', 'Pull point: 3/32 in'])
  })

  it('an open bulge with a good pressure is not fit, and neither is what only a cold reading may clear', () => {
    const bulge = {
      ...stop,
      bands: {
        ...stop.bands,
        rest: { verdict: 'DO_NOT_OPERATE' as const, statement: 'Bulge, seen Nov 3, 2026' },
        untilCold: { verdict: 'WATCH' as const, statement: '88 psi cold, target 95 psi' },
      },
    }
    const typed = { ...EMPTY, pressure: '95', outer: '9', center: '9', inner: '9' }
    expect(provisional(bulge, typed, findings)).toEqual({
      verdict: 'DO_NOT_OPERATE',
      says: [{ verdict: 'DO_NOT_OPERATE', words: 'Bulge, seen Nov 3, 2026' }],
    })
    expect(
      provisional(bulge, { ...typed, thermalState: 'HOT', pressure: '104' }, findings).says.map((one) => one.words),
    ).toEqual(['Bulge, seen Nov 3, 2026', '88 psi cold, target 95 psi'])
  })

  it('a tread that stands at a limit stays until every groove is measured', () => {
    const worn = {
      ...stop,
      bands: {
        ...stop.bands,
        untilTread: { verdict: 'DO_NOT_OPERATE' as const, statement: '2/32 in, limit 2/32 in here' },
      },
    }
    expect(provisional(worn, { ...EMPTY, pressure: '95', outer: '9', center: '9' }, findings).verdict).toBe(
      'DO_NOT_OPERATE',
    )
    expect(provisional(worn, { ...EMPTY, pressure: '95', outer: '9', center: '9', inner: '9' }, findings).verdict).toBe(
      'GOOD',
    )
  })

  it('reads figures in the reader’s own units, and those that name another', () => {
    const metric = {
      ...stop,
      bands: { ...stop.bands, cold: stop.bands.cold.map((band) => ({ ...band, from: band.from * 6.894757293168361 })) },
    }
    expect(provisional(metric, { ...EMPTY, pressure: '655' }, findings, 'METRIC').verdict).toBe('GOOD')
    expect(provisional(metric, { ...EMPTY, pressure: '95 psi' }, findings, 'METRIC').verdict).toBe('GOOD')
    expect(provisional(metric, { ...EMPTY, pressure: '5.2 bar' }, findings, 'METRIC').verdict).toBe('DO_NOT_OPERATE')
  })

  it('compares a hot figure with what holds for hot ones', () => {
    expect(provisional(stop, { ...EMPTY, thermalState: 'HOT', pressure: '94' }, findings).verdict).toBe('WATCH')
    expect(provisional(stop, { ...EMPTY, thermalState: 'HOT', pressure: '104' }, findings).verdict).toBe('GOOD')
  })
})
