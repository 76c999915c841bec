import type { Schemas, Verdict } from '../api/client'
import type { Draft } from '../vehicle/walk-round/draft'

type Band = Schemas['BandView']

const WORSE: Verdict[] = ['FIT', 'NOT_KNOWN', 'WATCH', 'PLAN', 'DO_NOT_OPERATE']

/** What this device can say of one position without the server: only by comparing with what the server sent along. */
export interface Provisional {
  verdict: Verdict
  says: { verdict: Verdict; words: string }[]
}

/** The plain figure that was typed; undefined where it names a unit or isn't one: the server will read that. */
function plain(text: string): number | undefined {
  const clean = text.trim().replace(',', '.')
  return /^\d+(\.\d+)?$/.test(clean) ? Number(clean) : undefined
}

function bandOf(bands: Band[], figure: number): Band | undefined {
  return bands.findLast((band) => band.from <= figure + 1e-9)
}

export function provisional(
  stop: Schemas['Stop'],
  draft: Draft,
  findings: Schemas['Choice'][] | undefined,
): Provisional {
  const says: Provisional['says'] = []
  const add = (band: Band | undefined) => {
    if (band && band.verdict !== 'FIT') says.push({ verdict: band.verdict, words: band.says })
  }
  const pressure = plain(draft.pressure)
  if (pressure !== undefined) {
    add(bandOf(draft.warmth === 'COLD' ? stop.bands.cold : stop.bands.hot, pressure))
  }
  const depths = (draft.places.length > 0 ? draft.places.flat() : [draft.outer, draft.center, draft.inner])
    .map(plain)
    .filter((depth) => depth !== undefined)
  if (depths.length > 0) add(bandOf(stop.bands.tread, Math.min(...depths)))
  for (const found of [...draft.findings, ...draft.innerFindings]) {
    const choice = findings?.find((one) => one.finding === found)
    if (choice && choice.verdict !== 'FIT') says.push({ verdict: choice.verdict, words: choice.words })
  }
  says.sort((one, other) => WORSE.indexOf(other.verdict) - WORSE.indexOf(one.verdict))
  return { verdict: says[0]?.verdict ?? (pressure === undefined && depths.length === 0 ? 'NOT_KNOWN' : 'FIT'), says }
}
