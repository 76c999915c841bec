import { describe, expect, it } from 'vitest'
import { placeThreads, ROW, STYLES, TOP, threadSize } from './geometry'

describe('moves as threads', () => {
  const places = ['1L', '1R', '2L', '2R']

  it('run from a tire’s row today to its row after', () => {
    const [thread] = placeThreads(places, [{ name: 'LM1', from: '1L', to: '2R' }])
    expect(thread?.path).toContain(`M58 ${TOP + ROW / 2}C`)
    expect(thread?.path.endsWith(` ${TOP + 3 * ROW + ROW / 2}`)).toBe(true)
  })

  it('start or end below the last place where a tire comes from stock or comes off', () => {
    const [fresh, off] = placeThreads(places, [
      { name: 'LM2', from: undefined, to: '1L' },
      { name: 'LM3', from: '2L', to: undefined },
    ])
    expect(fresh?.path).toContain(`M58 ${TOP + 4 * ROW + ROW / 2}C`)
    expect(off?.path.endsWith(` ${TOP + 4 * ROW + ROW / 2}`)).toBe(true)
  })

  it('tell neighbours apart by more than colour, and leave room for every place', () => {
    const threads = placeThreads(
      places,
      places.map((place) => ({ name: place, from: place, to: undefined })),
    )
    expect(new Set(threads.map((thread) => thread.style)).size).toBe(STYLES)
    expect(threadSize(19).height).toBeGreaterThan(TOP + 18 * ROW)
  })
})
