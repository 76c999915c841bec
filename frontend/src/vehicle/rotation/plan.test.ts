import { describe, expect, it } from 'vitest'
import { axles, moved, origin, same } from './plan'
import { tire } from './sample'

describe('an arrangement put together by hand', () => {
  it('swaps two tires on the vehicle', () => {
    expect(moved({ '1L': 1, '1R': 2 }, 1, '1R')).toEqual({ '1L': 2, '1R': 1 })
  })

  it('brings a tire from stock in, and the one that was there comes off', () => {
    expect(moved({ '1L': 1, '1R': 2 }, 9, '1L')).toEqual({ '1L': 9, '1R': 2 })
  })

  it('moves a spare to an empty place and leaves its own empty', () => {
    expect(moved({ S1: 5 }, 5, '2R')).toEqual({ '2R': 5 })
  })

  it('fits as many new tires of one model as are wanted', () => {
    expect(moved({ '1L': -100, '1R': 2 }, -100, '1R')).toEqual({ '1L': -100, '1R': -100 })
  })

  it('knows when nothing changed', () => {
    const places = { '1L': 1 }
    expect(moved(places, 1, '1L')).toBe(places)
    expect(same({ '1L': 1 }, { '1L': 1 })).toBe(true)
    expect(same({ '1L': 1 }, { '1L': 2 })).toBe(false)
    expect(same({ '1L': 1 }, { '1L': 1, S1: 2 })).toBe(false)
  })

  it('says where a tire comes from', () => {
    expect(origin(tire(1, '1L'), '1L')).toBe('stays')
    expect(origin(tire(1, '1L'), '2RO')).toBe('from 1L')
    expect(origin({ ...tire(1, '1L'), source: 'STOCK' }, '2RO')).toBe('from stock')
    expect(origin({ ...tire(-1, '1L'), source: 'TO_BUY' }, '2RO')).toBe('new')
  })

  it('reads axles off the positions, spares aside', () => {
    expect(axles(['1L', '1R', '2LO', '2LI', '2RI', '2RO', 'S1'])).toEqual([
      { number: '1', left: ['1L'], right: ['1R'] },
      { number: '2', left: ['2LO', '2LI'], right: ['2RI', '2RO'] },
    ])
  })
})
