import type { Schemas } from '../../api/client'
import { say } from './words'

export type Ribbons = Schemas['VehicleTimelinesView']

export const WIDTH = 1120
export const LEFT = 56
export const TOP = 26
export const LANE = 26

const days = (iso: string) => Date.parse(`${iso}T00:00:00Z`) / 86_400_000

/** Where a day lies, from the left. */
export function x(day: string, view: Pick<Ribbons, 'from' | 'to'>): number {
  const from = days(view.from)
  const share = (days(day) - from) / Math.max(1, days(view.to) - from)
  return LEFT + Math.min(1, Math.max(0, share)) * (WIDTH - LEFT - 8)
}

export interface Piece {
  key: string
  lane: number
  x1: number
  x2: number
}

/** The stays of a ribbon, each in the lane of its position, and the moves between them. */
export function pieces(ribbon: Ribbons['timelines'][number], view: Ribbons): Piece[] {
  return ribbon.segments.map((stay) => ({
    key: `${stay.position} ${stay.from}`,
    lane: view.positions.indexOf(stay.position),
    x1: x(stay.from, view),
    x2: x(stay.to, view),
  }))
}

/** The first of January of every year in between. */
export function years(view: Pick<Ribbons, 'from' | 'to'>): { year: number; at: number }[] {
  const first = Number(view.from.slice(0, 4)) + 1
  const last = Number(view.to.slice(0, 4))
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, index) => ({
    year: first + index,
    at: x(`${first + index}-01-01`, view),
  }))
}

export const laneY = (lane: number) => TOP + lane * LANE

/** How long the hatching at a ribbon's end is: the share of the tire's life that is thrown away, of the ribbon's whole length. */
export function thrownAway(ribbon: Ribbons['timelines'][number], last: Piece, first: Piece): number {
  return Math.min(last.x2 - last.x1, ribbon.unusedShare * (last.x2 - first.x1))
}

/** What the drawing says, for whoever doesn't see it. */
export function spoken(view: Ribbons): string {
  const bought = view.timelines.filter((ribbon) => ribbon.bought).length
  const moved = view.timelines.filter((ribbon) => ribbon.segments.length > 1).length
  return say('positionsTiresBoughtMoved', { unit: view.unit, count: view.positions.length, bought, moved })
}
