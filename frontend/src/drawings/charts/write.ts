/** Whole dollars, thousands with their k where they are many. */
export function dollars(figure: number): string {
  if (figure >= 10_000) return `$${Math.round(figure / 1000)}k`
  if (figure >= 1000) return `$${(figure / 1000).toFixed(1).replace(/\.0$/, '')}k`
  return `$${Math.round(figure)}`
}
