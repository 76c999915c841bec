import type { Schemas } from '../api/client'

export type Visit = Schemas['ShopVisitView']
export type EntryCode = NonNullable<Schemas['VisitEntryRequest']['entry']>
export type Stage = Schemas['VisitStageView']

/** What is measured the same way before and after, or again. */
const kindOf = (entry: string) => entry.replace(/_(BEFORE|AFTER)$/, '')

const isLimit = (field: string) => /(Least|Most)$/.test(field) || field === 'limit'

/** The limits typed last for the same kind of figure: they are the vehicle maker's, and don't change from one to the next. */
export function knownLimits(visit: Visit, entry: EntryCode): Record<string, string> {
  const last = visit.lines.findLast((line) => kindOf(line.entry) === kindOf(entry))
  return Object.fromEntries(Object.entries(last?.figures ?? {}).filter(([field]) => isLimit(field)))
}

/** The same place once more, against the same limits. */
export const measureAgain = (line: Visit['lines'][number]): Record<string, string> =>
  Object.fromEntries(
    Object.entries(line.figures).filter(([field]) => isLimit(field) || field === 'joint' || field === 'axle'),
  )
