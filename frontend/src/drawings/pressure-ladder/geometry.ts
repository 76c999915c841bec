import type { Schemas } from '../../api/client'

export type Ladder = Schemas['PressureLadderView']

export const WIDTH = 520
export const HEIGHT = 400
export const RAILS = { left: 216, right: 288 }
const TOP = 22
const BOTTOM = 22
const LABEL_GAP = 21

export interface Placed<T> {
  item: T
  /** Where it belongs on the ladder. */
  y: number
  /** Where its label stands, moved aside where several would cover each other. */
  labelY: number
}

export interface PlacedLadder {
  rungs: Placed<Ladder['rungs'][number]>[]
  flags: Placed<Ladder['methods'][number]>[]
  marks: Placed<Ladder['marks'][number]>[]
  readings: { item: Ladder['readings'][number]; x: number; y: number }[]
  load: { y: number; labelY: number; rungY: number; words: string } | undefined
}

/** Higher pressure stands higher. */
export function heightOf(ladder: Ladder): (psi: number) => number {
  const span = Math.max(ladder.high - ladder.low, 5)
  return (psi) => HEIGHT - BOTTOM - ((psi - ladder.low) / span) * (HEIGHT - TOP - BOTTOM)
}

/** Moves labels apart, from the top down and back up from the bottom, so that none covers another. */
export function apart<T>(placed: Placed<T>[], gap = LABEL_GAP): Placed<T>[] {
  const sorted = [...placed].sort((a, b) => a.y - b.y).map((one) => ({ ...one, labelY: one.y }))
  for (let at = 1; at < sorted.length; at++) {
    const above = sorted[at - 1]
    const here = sorted[at]
    if (above && here && here.labelY < above.labelY + gap) here.labelY = above.labelY + gap
  }
  const floor = HEIGHT - 8
  for (let at = sorted.length - 1; at >= 0; at--) {
    const here = sorted[at]
    const below = sorted[at + 1]
    const most = below ? below.labelY - gap : floor
    if (here && here.labelY > most) here.labelY = most
  }
  return sorted
}

export function place(ladder: Ladder): PlacedLadder {
  const y = heightOf(ladder)
  const at = <T extends { psi: number }>(item: T): Placed<T> => ({ item, y: y(item.psi), labelY: y(item.psi) })
  const reached = ladder.rungs.find((rung) => rung.reached)
  // The load is one of the marks on the right, so that its label keeps clear of theirs.
  const right = apart([
    ...ladder.marks.map(at),
    ...(ladder.load ? [at({ type: 'load', label: ladder.load.label, psi: ladder.load.psi, pressure: '' })] : []),
  ])
  const load = right.find((one) => one.item.type === 'load')
  const room = RAILS.right - RAILS.left
  return {
    rungs: ladder.rungs.map(at),
    flags: apart(ladder.methods.map(at), 25),
    marks: right.filter((one) => one.item.type !== 'load'),
    readings: ladder.readings.map((item, index) => ({
      item,
      x: RAILS.left + (room * (index + 1)) / (ladder.readings.length + 1),
      y: y(item.psi),
    })),
    load: load && {
      y: load.y,
      labelY: load.labelY,
      rungY: reached ? y(reached.psi) : load.y,
      words: load.item.label,
    },
  }
}
