/** Where two people's versions of one form differ, and from what both began. */
export interface Difference {
  /** The way into the form, step by step. */
  path: (string | number)[]
  /** The entry's name in words. */
  words: string
  first: unknown
  theirs: unknown
  mine: unknown
  /** Who changed it; where both did, somebody has to say which holds. */
  changedBy: 'theirs' | 'mine' | 'both'
}

const same = (one: unknown, other: unknown) => JSON.stringify(one ?? null) === JSON.stringify(other ?? null)

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/**
 * Every entry in which mine and theirs are not the same; lists of unlike length count as one entry.
 *
 * @param names what the form itself calls an entry, where its key says something else
 */
export function differences(
  first: unknown,
  theirs: unknown,
  mine: unknown,
  names: Readonly<Record<string, string>> = {},
): Difference[] {
  const found: Difference[] = []
  const walk = (path: (string | number)[], words: string[], was: unknown, one: unknown, other: unknown) => {
    if (same(one, other)) return
    if (isRecord(one) && isRecord(other)) {
      const before = isRecord(was) ? was : {}
      for (const key of new Set([...Object.keys(one), ...Object.keys(other)]))
        walk([...path, key], [...words, names[key] ?? inWords(key)], before[key], one[key], other[key])
    } else if (Array.isArray(one) && Array.isArray(other) && one.length === other.length && one.some(isRecord)) {
      const before = Array.isArray(was) ? was : []
      one.forEach((item, at) => {
        walk([...path, at], [...words, named(item) ?? String(at + 1)], before[at], item, other[at])
      })
    } else {
      const changedBy = same(one, was) ? 'mine' : same(other, was) ? 'theirs' : 'both'
      found.push({ path, words: words.join(' ') || 'everything', first: was, theirs: one, mine: other, changedBy })
    }
  }
  walk([], [], first, theirs, mine)
  return found
}

/** Mine, with theirs put in where it is chosen. */
export function merged<F>(mine: F, chosen: readonly Difference[]): F {
  if (chosen.some((one) => one.path.length === 0)) return structuredClone(chosen[0]?.theirs) as F
  const form = structuredClone(mine)
  for (const { path, theirs } of chosen) {
    let at = form as Record<string | number, unknown>
    for (const step of path.slice(0, -1)) {
      if (typeof at[step] !== 'object' || at[step] === null) at[step] = {}
      at = at[step] as Record<string | number, unknown>
    }
    const last = path[path.length - 1] as string | number
    if (theirs === undefined) delete at[last]
    else at[last] = structuredClone(theirs)
  }
  return form
}

const inWords = (key: string) =>
  /^[A-Z_]+$/.test(key)
    ? key.toLowerCase().replaceAll('_', ' ')
    : key.replaceAll(/([a-z])([A-Z])/g, '$1 $2').toLowerCase()

/** What a line of a list is known by. */
function named(item: unknown): string | undefined {
  if (!isRecord(item)) return undefined
  const name = item.position ?? item.name ?? item.vehicleClass
  return typeof name === 'string' && name !== '' ? name : undefined
}

/** A value as somebody would say it. */
export function said(value: unknown): string {
  if (value === undefined || value === null || value === '') return 'nothing'
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (Array.isArray(value)) {
    if (value.length === 0) return 'none'
    if (value.every((one) => typeof one !== 'object')) return value.map(said).join(', ')
    return `${value.length} ${value.length === 1 ? 'line' : 'lines'}`
  }
  if (isRecord(value))
    return Object.values(value)
      .filter((one) => one !== '' && one !== null)
      .map(said)
      .join(', ')
  return /^[A-Z][A-Z_]+$/.test(String(value)) ? inWords(String(value)) : String(value)
}
