import { money } from '../../units/format'

/** An amount to the whole unit of the currency, thousands with their k where they are many. */
export function roundMoney(figure: number): string {
  if (figure >= 10_000) return money(`${Math.round(figure / 1000)}k`)
  if (figure >= 1000) return money(`${(figure / 1000).toFixed(1).replace(/\.0$/, '')}k`)
  return money(String(Math.round(figure)))
}
