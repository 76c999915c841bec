import type { Schemas, Units } from '../../api/client'
import { depthUnit, figureForField, pressureUnit } from '../../units/format'

export type Stop = Schemas['Stop']
export type Entry = Schemas['Entry']
export type Finding = Schemas['Choice']['finding']
export type Warmth = Entry['warmth']

/** What stands in the fields of one position, as typed. */
export interface Draft {
  pressure: string
  warmth: Warmth
  outer: string
  center: string
  inner: string
  /** Depths at several places round the tire, each from outer to inner; empty while one place is enough. */
  places: string[][]
  findings: Finding[]
  putRight: Finding[]
}

export const EMPTY: Draft = {
  pressure: '',
  warmth: 'COLD',
  outer: '',
  center: '',
  inner: '',
  places: [],
  findings: [],
  putRight: [],
}

/** A saved entry as it goes back into the fields. */
export function draftOf(entry: Entry | undefined, units: Units): Draft {
  if (!entry) return EMPTY
  const depth = (figure: string) => figureForField(figure, depthUnit(units))
  return {
    pressure: figureForField(entry.pressure, pressureUnit(units)),
    warmth: entry.warmth,
    outer: depth(entry.outer),
    center: depth(entry.center),
    inner: depth(entry.inner),
    places: (entry.places ?? []).map((place) => place.map(depth)),
    findings: entry.findings,
    putRight: entry.putRight,
  }
}

/** Nothing entered at all; the warmth alone says nothing. */
export const isBlank = (draft: Draft) =>
  !draft.pressure &&
  !draft.outer &&
  !draft.center &&
  !draft.inner &&
  !draft.places.some((place) => place.some(Boolean)) &&
  draft.findings.length === 0 &&
  draft.putRight.length === 0

const keyOf = (walk: number, position: string) => `rotagens.draft.${walk}.${position}`

/** What was typed but not yet taken by the server is kept on this device until it is. */
export const kept = {
  read(walk: number, position: string): Draft | undefined {
    const text = localStorage.getItem(keyOf(walk, position))
    return text === null ? undefined : { ...EMPTY, ...(JSON.parse(text) as Partial<Draft>) }
  },
  write: (walk: number, position: string, draft: Draft) =>
    localStorage.setItem(keyOf(walk, position), JSON.stringify(draft)),
  forget: (walk: number, position: string) => localStorage.removeItem(keyOf(walk, position)),
}
