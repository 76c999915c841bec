export const WIDTH = 330
export const HEIGHT = 150
const BASE = 24
const TOP = 14
const GROOVES = [
  { from: 44, to: 78 },
  { from: 148, to: 182 },
  { from: 252, to: 286 },
] as const

export interface Depths {
  outer: number
  center: number
  inner: number
  full: number
  legal: number
  pull: number
}

/**
 * A cut through the tread. The rubber's top follows the measured depths, the grooves' floor is level: what is left stands above
 * the floor. Lines for pull point and legal limit lie at their height over the floor.
 */
export function cut(depths: Depths) {
  const floor = HEIGHT - BASE
  const scale = (floor - TOP) / Math.max(depths.full, 8)
  const y = (depth: number) => floor - depth * scale
  const tops = [depths.outer, depths.center, depths.inner].map(y)
  const [outer = 0, center = 0, inner = 0] = tops
  const middle = (a: number, b: number) => (a + b) / 2
  // The profile across: from edge to edge through the three zones.
  const profile = [
    [4, outer],
    [middle(GROOVES[0].from, GROOVES[0].to), outer],
    [middle(GROOVES[0].to, GROOVES[1].from), middle(outer, center)],
    [middle(GROOVES[1].from, GROOVES[1].to), center],
    [middle(GROOVES[1].to, GROOVES[2].from), middle(center, inner)],
    [middle(GROOVES[2].from, GROOVES[2].to), inner],
    [WIDTH - 4, inner],
  ] as const
  const rubber = `M4,${HEIGHT - 4}L${profile.map(([x, top]) => `${x},${top}`).join('L')}L${WIDTH - 4},${HEIGHT - 4}Z`
  return {
    rubber,
    grooves: GROOVES.map((groove, at) => ({ ...groove, top: tops[at] ?? 0, floor })),
    legal: y(depths.legal),
    pull: y(depths.pull),
    fresh: y(depths.full),
    /** The wear alone, twice as steep, for the line under the cut. */
    shape: exaggerated([depths.outer, depths.center, depths.inner]),
  }
}

/** A curve through the three zones, exaggerated so that a 2/32 difference can be seen. */
export function exaggerated(depths: number[]): string {
  const highest = Math.max(...depths)
  const [a = 0, b = 0, c = 0] = depths.map((depth) => 6 + Math.min(26, (highest - depth) * 5))
  const half = WIDTH / 2
  return `M6,${a}C${half / 2},${a} ${half / 2},${b} ${half},${b}S${half * 1.5},${c} ${WIDTH - 6},${c}`
}
