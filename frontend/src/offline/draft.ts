import type { Schemas, Units } from '../api/client'
import { depthUnit, figureForField, pressureUnit } from '../units/format'

export type Stop = Schemas['WalkAroundStopView']
export type Entry = Schemas['WalkAroundEntryView']
export type Finding = Schemas['FindingOption']['finding']
export type Warmth = Entry['warmth']

export type Bound = NonNullable<Entry['bound']>
export type Facing = NonNullable<Entry['dotFaces']>

/** What stands in the fields of one position, as typed. */
export interface Draft {
  pressure: string
  warmth: Warmth
  outer: string
  center: string
  inner: string
  /** Depths at several places round the tire, each from outer to inner; empty while one place is enough. */
  places: string[][]
  /** What a wear bar or a coin says where no gauge is at hand. */
  bound: Bound | null
  /** Which way the full DOT code faces; null while nobody looked. */
  dotFaces: Facing | null
  /** Those of a sidewall on the outer one. */
  findings: Finding[]
  innerFindings: Finding[]
  putRight: Finding[]
  pressureGauge: number | null
  treadGauge: number | null
  /** Why this position is left out. */
  skipped: string
  /** The code as read off a tire whose code isn’t on file. */
  dotCode: string
  /** Figures far from the last ones that somebody has said are right. */
  confirmed: string[]
  /** Somebody looked, whether or not there was anything to find. */
  looked: boolean
}

export const EMPTY: Draft = {
  pressure: '',
  warmth: 'COLD',
  outer: '',
  center: '',
  inner: '',
  places: [],
  bound: null,
  dotFaces: null,
  findings: [],
  innerFindings: [],
  putRight: [],
  pressureGauge: null,
  treadGauge: null,
  skipped: '',
  dotCode: '',
  confirmed: [],
  looked: false,
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
    bound: entry.bound ?? null,
    dotFaces: entry.dotFaces ?? null,
    findings: entry.findings,
    innerFindings: entry.innerFindings,
    putRight: entry.putRight,
    pressureGauge: entry.pressureGauge ?? null,
    treadGauge: entry.treadGauge ?? null,
    skipped: entry.skipped,
    dotCode: entry.dotCode ?? '',
    confirmed: entry.confirmed ?? [],
    looked: !entry.skipped,
  }
}

/** Nothing entered at all; warmth and gauges alone say nothing. */
export const isBlank = (draft: Draft) =>
  !draft.pressure &&
  !draft.outer &&
  !draft.center &&
  !draft.inner &&
  !draft.places.some((place) => place.some(Boolean)) &&
  !draft.bound &&
  !draft.skipped &&
  !draft.looked &&
  !draft.dotFaces &&
  !draft.dotCode &&
  draft.findings.length === 0 &&
  draft.innerFindings.length === 0 &&
  draft.putRight.length === 0
