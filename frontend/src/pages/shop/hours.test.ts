import { describe, expect, it } from 'vitest'
import { HOUR_PX, hoursOf, spanOf, timeAt } from './hours'

describe('the shop’s time scale', () => {
  it('shows the usual day, and more where jobs begin earlier or end later', () => {
    expect(hoursOf([])).toEqual({ first: 8, count: 8 })
    expect(hoursOf([{ start: '06:30', end: '07:15' }])).toEqual({ first: 6, count: 10 })
    expect(hoursOf([{ start: '15:00', end: '17:20' }])).toEqual({ first: 8, count: 10 })
  })

  it('puts a job at its hour and as high as it takes, never too low for a finger', () => {
    const hours = { first: 8, count: 8 }
    expect(spanOf({ start: '09:30', end: '11:00' }, hours)).toEqual({
      top: 1.5 * HOUR_PX + 1,
      height: 1.5 * HOUR_PX - 2,
    })
    expect(spanOf({ start: '08:00', end: '08:15' }, hours).height).toBe(44)
  })

  it('puts what is let go at the nearest quarter of an hour', () => {
    const hours = { first: 8, count: 8 }
    expect(timeAt(HOUR_PX * 1.5, hours)).toBe('09:30')
    expect(timeAt(HOUR_PX * 1.9, hours)).toBe('10:00')
    expect(timeAt(-20, hours)).toBe('08:00')
  })
})
