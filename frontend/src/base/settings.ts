import { useSyncExternalStore } from 'react'

export type Units = 'US' | 'METRIC'

/** What this device remembers of the person's own choice, so that the first picture is right before the server has said it. */
function kept(key: string) {
  const listeners = new Set<() => void>()
  return {
    read: () => localStorage.getItem(key) ?? '',
    write: (value: string) => {
      localStorage.setItem(key, value)
      for (const listener of listeners) listener()
    },
    subscribe: (listener: () => void) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
  }
}

export const units = kept('rotagens.units')

export function useUnits(): [Units, (next: Units) => void] {
  const value = useSyncExternalStore(units.subscribe, units.read)
  return [value === 'METRIC' ? 'METRIC' : 'US', units.write]
}

const yard = kept('rotagens.yard')

/** The yard whose day this device shows; empty until the server has said where the person works. */
export function useYard(): [string, (next: string) => void] {
  return [useSyncExternalStore(yard.subscribe, yard.read), yard.write]
}

const columns = new Map<string, ReturnType<typeof kept>>()

/** The columns of a table that this device leaves out. */
export function useHiddenColumns(table: string): [string[], (next: string[]) => void] {
  const setting = columns.get(table) ?? kept(`rotagens.hidden-columns.${table}`)
  columns.set(table, setting)
  const value = useSyncExternalStore(setting.subscribe, setting.read)
  return [value === '' ? [] : value.split(' '), (next) => setting.write(next.join(' '))]
}

/** Day or night: the name under which this device remembers the choice; a choice kept under the earlier name goes on. */
export function colorSchemeKey(): string {
  const key = 'rotagens.color-scheme'
  const earlier = 'rotagens.colours'
  const chosen = localStorage.getItem(earlier)
  if (chosen !== null) {
    localStorage.setItem(key, localStorage.getItem(key) ?? chosen)
    localStorage.removeItem(earlier)
  }
  return key
}

/** How the fleet writes dates, and what stands before an amount of money; remembered for pages that open without network. */
export type DateStyle = 'MONTH_FIRST' | 'DAY_FIRST' | 'YEAR_FIRST'

const dates = kept('rotagens.dates')
const currency = kept('rotagens.currency')

export const houseStyle = {
  dates: (): DateStyle => {
    const kept = dates.read()
    return kept === 'DAY_FIRST' || kept === 'YEAR_FIRST' ? kept : 'MONTH_FIRST'
  },
  currencySign: () => currency.read() || '$',
  take: (style: { dates: DateStyle; currencySign: string }) => {
    if (dates.read() !== style.dates) dates.write(style.dates)
    if (currency.read() !== style.currencySign) currency.write(style.currencySign)
  },
}
