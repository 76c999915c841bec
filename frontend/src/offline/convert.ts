/**
 * What a device kept in earlier words, in today's: a walk-around typed before the words changed is sent all the same. Once, when
 * the device's own store is opened by this version.
 */

const KEYS: Record<string, string> = {
  warmth: 'thermalState',
  places: 'locations',
  bound: 'treadInterval',
  dotFaces: 'dotSide',
  innerFindings: 'innerSidewallFindings',
  putRight: 'fixed',
  skipped: 'skipReason',
  walk: 'walkAround',
  stops: 'positions',
  asks: 'plausible',
  coldLeast: 'coldMin',
  coldMost: 'coldMax',
  hotLeast: 'hotMin',
  hotMost: 'hotMax',
  standing: 'restVerdict',
  judgement: 'assessment',
  says: 'statement',
  because: 'explanation',
  words: 'label',
  canBePutRightHere: 'canBeFixedHere',
}

const CODES: Record<string, string> = {
  FIT: 'GOOD',
  NOT_KNOWN: 'UNKNOWN',
  PLAN: 'SERVICE_DUE',
  SAWTOOTH: 'FEATHERING',
  RETREAD_SEEN: 'RETREAD_IDENTIFIED',
  RUNNING_BACKWARDS: 'INSTALLED_BACKWARD',
  STUD_HOLE_WORN: 'STUD_HOLE_ELONGATED',
  RAN_LOW: 'RUN_FLAT',
}

/** Only under these names is a text a code; what people typed is left as it is. */
const CODED = new Set(['verdict', 'finding', 'findings', 'fixed', 'innerSidewallFindings'])

/** The same value with today's names and codes; nothing in it is dropped. */
export function inTodaysWords<T>(kept: T, under = ''): T {
  if (typeof kept === 'string') return (CODED.has(under) ? (CODES[kept] ?? kept) : kept) as T
  if (Array.isArray(kept)) return kept.map((one) => inTodaysWords(one, under)) as T
  if (kept === null || typeof kept !== 'object' || kept instanceof ArrayBuffer) return kept
  return Object.fromEntries(
    Object.entries(kept).map(([key, value]) => {
      const name = KEYS[key] ?? key
      return [name, inTodaysWords(value, name)]
    }),
  ) as T
}
