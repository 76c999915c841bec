import { describe, expect, it } from 'vitest'
import { houseStyle } from '../base/settings'
import { bare, day, figureForField, localDay, moment, money, when } from './format'

describe('dates', () => {
  it('read as day, month and year, without the year where it is this one', () => {
    expect(day('2019-07-28')).toBe('Jul 28, 2019')
    expect(day('2026-07-28', '2026-11-23')).toBe('Jul 28')
    expect(day('2027-02-08', '2026-11-23')).toBe('Feb 8, 2027')
  })

  it.each([
    ['MONTH_FIRST', 'Jul 8, 2019', 'Jul 8'],
    ['DAY_FIRST', '8 Jul 2019', '8 Jul'],
    ['YEAR_FIRST', '2019-07-08', '07-08'],
  ] as const)('as %s read %s, within the year %s', (dates, full, short) => {
    houseStyle.take({ dates, currencySign: '$' })
    expect(day('2019-07-08')).toBe(full)
    expect(day('2019-07-08', '2019-11-23')).toBe(short)
    expect(moment('2019-07-08T14:05:00')).toBe(`${full}, 14:05`)
  })

  it('are the local day, not the day in Greenwich', () => {
    expect(localDay(new Date(2026, 10, 3, 23, 59))).toBe('2026-11-03')
  })

  it.each([
    [-76, '76 days overdue'],
    [-1, '1 day overdue'],
    [0, 'today'],
    [1, 'tomorrow'],
    [53, 'in 53 days'],
  ])('%i days from today is “%s”', (days, words) => {
    expect(when(days)).toBe(words)
  })
})

describe('figures', () => {
  it('go back into their field without the field’s own unit, and with any other', () => {
    expect(figureForField('82.5 psi', 'psi')).toBe('82.5')
    expect(figureForField('4.2 bar', 'psi')).toBe('4.2 bar')
    expect(figureForField('9/32 in', '/32 in')).toBe('9')
    expect(figureForField('7 mm', '/32 in')).toBe('7 mm')
  })

  it('stand bare in columns that name the unit, and a dash where nothing is known', () => {
    expect(bare('9/32 in', 'US')).toBe('9')
    expect(bare('524 kPa', 'METRIC')).toBe('524')
    expect(bare(undefined, 'US')).toBe('–')
  })
})

describe('money', () => {
  it('has the fleet’s sign in front, one of letters clear of the figure', () => {
    expect(money('85')).toBe('$85')
    houseStyle.take({ dates: 'MONTH_FIRST', currencySign: 'CHF' })
    expect(money('85')).toBe('CHF\u00a085')
  })
})
