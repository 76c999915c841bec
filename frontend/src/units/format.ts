import type { Units } from '../api/client'
import { houseStyle } from '../base/settings'
import { say } from './words'

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec']

/** `2026-07-28` as the fleet writes its dates, usually `Jul 28, 2026`; without its year where that is this year. */
export function day(iso: string, today?: string): string {
  const [year = '', month, date] = iso.slice(0, 10).split('-')
  const name = MONTHS[Number(month) - 1]
  const full = !today?.startsWith(`${year}-`)
  switch (houseStyle.dates()) {
    case 'DAY_FIRST':
      return `${Number(date)} ${name}${full ? ` ${year}` : ''}`
    case 'YEAR_FIRST':
      return `${full ? `${year}-` : ''}${month}-${date}`
    default:
      return `${name} ${Number(date)}${full ? `, ${year}` : ''}`
  }
}

/** An instant as the local day and time. */
export function moment(iso: string): string {
  const at = new Date(iso)
  const two = (n: number) => String(n).padStart(2, '0')
  return `${day(localDay(at))}, ${two(at.getHours())}:${two(at.getMinutes())}`
}

/** An amount with the fleet's sign in front; a sign of letters stands clear of the figure. */
export function money(figure: string): string {
  const sign = houseStyle.currencySign()
  return `${sign}${/\p{L}$/u.test(sign) ? '\u00a0' : ''}${figure}`
}

/** The local day as `2026-07-28`. */
export function localDay(at: Date): string {
  const two = (n: number) => String(n).padStart(2, '0')
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`
}

/** Days from today in words. */
export function when(days: number): string {
  if (days === 0) return 'today'
  if (days < 0) return days === -1 ? say('at1DayOverdue') : say('daysOverdue', { days: -days })
  return days === 1 ? 'tomorrow' : say('inDays', { days })
}

const WEEKDAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday']

/** The weekday of `2026-07-28`, the same in every zone. */
export const weekday = (iso: string) => WEEKDAYS[new Date(`${iso}T12:00:00Z`).getUTCDay()] ?? ''

/** 95 as `1 h 35 min`. */
export function hoursAndMinutes(minutes: number): string {
  const [hours, rest] = [Math.floor(minutes / 60), minutes % 60]
  if (hours === 0) return `${rest} min`
  return rest === 0 ? `${hours} h` : say('hMin', { hours, rest })
}

/** `1 photo`, `3 photos`. */
export const many = (count: number, one: string, more: string) =>
  `${count.toLocaleString('en-US')} ${count === 1 ? one : more}`

export const pressureUnit = (units: Units) => (units === 'US' ? 'psi' : 'kPa')

export const loadUnit = (units: Units) => (units === 'US' ? 'lb' : 'kg')

export const distanceUnit = (units: Units) => (units === 'US' ? 'mi' : 'km')

export const temperatureUnit = (units: Units) => (units === 'US' ? '°F' : '°C')

export const depthUnit = (units: Units) => (units === 'US' ? '/32 in' : 'mm')

/** A saved figure as it goes back into its field: without the unit where that is the field's own. */
export function figureForField(asEntered: string, unit: string): string {
  return asEntered.endsWith(unit) ? asEntered.slice(0, -unit.length).trim() : asEntered
}

/** Just the figure of `9/32 in`, for columns that carry the unit in their head. */
export function bare(figure: string | undefined, units: Units): string {
  if (figure === undefined) return '–'
  return figure.replace(units === 'US' ? /(\/32 in| psi)$/ : /( mm| kPa)$/, '')
}
