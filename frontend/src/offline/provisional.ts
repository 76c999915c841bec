import type { Schemas, Units, Verdict } from '../api/client'
import type { Draft } from './draft'

type Band = Schemas['BandView']

const WORSE: Verdict[] = ['GOOD', 'UNKNOWN', 'WATCH', 'SERVICE_DUE', 'DO_NOT_OPERATE']

/** What this device can say of one position without the server: only by comparing with what the server sent along. */
export interface Provisional {
  verdict: Verdict
  says: { verdict: Verdict; words: string }[]
}

/** How much of the reader's bare unit one of a named unit is: psi or kPa for pressures, 32nds or mm for depths. */
export const PRESSURE: Record<Units, Record<string, number>> = {
  US: { psi: 1, kpa: 1 / 6.894757293168361, bar: 100 / 6.894757293168361 },
  METRIC: { psi: 6.894757293168361, kpa: 1, bar: 100 },
}
export const DEPTH: Record<Units, Record<string, number>> = {
  US: { '/32': 1, '/32 in': 1, mm: 32 / 25.4 },
  METRIC: { '/32': 25.4 / 32, '/32 in': 25.4 / 32, mm: 1 },
}

/** The figure that was typed, in the reader's bare unit; undefined where it isn't one: the server will say so. */
export function plain(text: string, units: Record<string, number>): number | undefined {
  const read = /^(\d+(?:\.\d+)?)\s*(.*)$/.exec(text.trim().replace(',', '.').toLowerCase())
  if (!read) return undefined
  const [, figure, unit] = read
  const factor = unit === '' ? 1 : units[unit ?? '']
  return factor === undefined ? undefined : Number(figure) * factor
}

function bandOf(bands: Band[], figure: number): Band | undefined {
  return bands.findLast((band) => band.from <= figure + 1e-9)
}

/**
 * Begins with the verdict that stands and can only make it worse, or better where core sent along that a measurement may: a good
 * pressure never hides an open bulge.
 */
export function provisional(
  stop: Schemas['WalkAroundStopView'],
  draft: Draft,
  findings: Schemas['FindingOption'][] | undefined,
  units: Units = 'US',
): Provisional {
  const says: Provisional['says'] = []
  const stands = (standing: Schemas['RestVerdictView'] | undefined) => {
    if (standing && standing.verdict !== 'GOOD') says.push({ verdict: standing.verdict, words: standing.statement })
  }
  stands(stop.bands.rest)
  const add = (band: Band | undefined) => {
    if (band && band.verdict !== 'GOOD') says.push({ verdict: band.verdict, words: band.statement })
  }
  const pressure = plain(draft.pressure, PRESSURE[units])
  if (pressure === undefined || draft.thermalState !== 'COLD') stands(stop.bands.untilCold)
  if (pressure !== undefined) {
    add(bandOf(draft.thermalState === 'COLD' ? stop.bands.cold : stop.bands.hot, pressure))
  }
  const depths = (draft.locations.length > 0 ? draft.locations.flat() : [draft.outer, draft.center, draft.inner])
    .map((depth) => plain(depth, DEPTH[units]))
    .filter((depth) => depth !== undefined)
  const everyGroove = draft.locations.length > 0 ? depths.length === draft.locations.flat().length : depths.length === 3
  if (!everyGroove) stands(stop.bands.untilTread)
  if (depths.length > 0) add(bandOf(stop.bands.tread, Math.min(...depths)))
  for (const found of [...draft.findings, ...draft.innerSidewallFindings]) {
    const choice = findings?.find((one) => one.finding === found)
    if (choice && choice.verdict !== 'GOOD') says.push({ verdict: choice.verdict, words: choice.label })
  }
  says.sort((one, other) => WORSE.indexOf(other.verdict) - WORSE.indexOf(one.verdict))
  return { verdict: says[0]?.verdict ?? (pressure === undefined && depths.length === 0 ? 'UNKNOWN' : 'GOOD'), says }
}
