import type { Schemas, Units } from '../api/client'
import { depthUnit, figureForField, pressureUnit } from '../units/format'

export type Stop = Schemas['WalkAroundStopView']
export type Entry = Schemas['WalkAroundEntryView']
export type Finding = Schemas['FindingOption']['finding']
export type Warmth = Entry['thermalState']

export type Bound = NonNullable<Entry['treadInterval']>
export type Facing = NonNullable<Entry['dotSide']>

/** What stands in the fields of one position, as typed. */
export interface Draft {
  pressure: string
  thermalState: Warmth
  outer: string
  center: string
  inner: string
  /** Depths at several places round the tire, each from outer to inner; empty while one place is enough. */
  locations: string[][]
  /** What a wear bar or a coin says where no gauge is at hand. */
  treadInterval: Bound | null
  /** Which way the full DOT code faces; null while nobody looked. */
  dotSide: Facing | null
  /** Those of a sidewall on the outer one. */
  findings: Finding[]
  innerSidewallFindings: Finding[]
  fixed: Finding[]
  pressureGauge: number | null
  treadGauge: number | null
  /** Reason for skipping. */
  skipReason: string
  /** The code as read off a tire whose code isn’t on file. */
  dotCode: string
  /** Figures far from the last ones that somebody has said are right. */
  confirmed: string[]
  /** Somebody looked, whether or not there was anything to find. */
  looked: boolean
}

export const EMPTY: Draft = {
  pressure: '',
  thermalState: 'COLD',
  outer: '',
  center: '',
  inner: '',
  locations: [],
  treadInterval: null,
  dotSide: null,
  findings: [],
  innerSidewallFindings: [],
  fixed: [],
  pressureGauge: null,
  treadGauge: null,
  skipReason: '',
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
    thermalState: entry.thermalState,
    outer: depth(entry.outer),
    center: depth(entry.center),
    inner: depth(entry.inner),
    locations: (entry.locations ?? []).map((place) => place.map(depth)),
    treadInterval: entry.treadInterval ?? null,
    dotSide: entry.dotSide ?? null,
    findings: entry.findings,
    innerSidewallFindings: entry.innerSidewallFindings,
    fixed: entry.fixed,
    pressureGauge: entry.pressureGauge ?? null,
    treadGauge: entry.treadGauge ?? null,
    skipReason: entry.skipReason,
    dotCode: entry.dotCode ?? '',
    confirmed: entry.confirmed ?? [],
    looked: !entry.skipReason,
  }
}

/** Nothing entered at all; warmth and gauges alone say nothing. */
export const isBlank = (draft: Draft) =>
  !draft.pressure &&
  !draft.outer &&
  !draft.center &&
  !draft.inner &&
  !draft.locations.some((place) => place.some(Boolean)) &&
  !draft.treadInterval &&
  !draft.skipReason &&
  !draft.looked &&
  !draft.dotSide &&
  !draft.dotCode &&
  draft.findings.length === 0 &&
  draft.innerSidewallFindings.length === 0 &&
  draft.fixed.length === 0
