import { describe, expect, it } from 'vitest'
import { stop } from '../test/walk'
import { EMPTY } from './draft'
import { offlineAsks } from './plausible'

const asked = (draft: Partial<typeof EMPTY>) => offlineAsks(stop, { ...EMPTY, ...draft }, 'US')

describe('figures far from the last ones, out of reach of the server', () => {
  it.each([
    ['84', 'COLD', 0],
    ['83.9', 'COLD', 1],
    ['104', 'COLD', 0],
    ['105', 'COLD', 1],
    ['7.3 bar', 'COLD', 1],
    ['120', 'HOT', 0],
    ['83', 'HOT', 1],
    ['83', 'UNKNOWN', 1],
    ['eighty', 'COLD', 0],
  ] as const)('%s psi %s asks %i questions', (pressure, warmth, questions) => {
    expect(asked({ pressure, thermalState: warmth })).toHaveLength(questions)
  })

  it('asks about a groove that has grown, and not about one that somebody measured again', () => {
    expect(asked({ outer: '12', center: '13', inner: '14' }).map((one) => one.field)).toEqual(['center', 'inner'])
    expect(asked({ center: '13', confirmed: ['center'] })).toEqual([])
  })

  it('names the figure of last time with its day', () => {
    expect(asked({ pressure: '61', thermalState: 'COLD' })[0]?.message).toBe(
      '61 psi differs too much from the last reading, 94 psi on Nov 3, 2026. Check the pressure again, or confirm the reading.',
    )
  })
})
