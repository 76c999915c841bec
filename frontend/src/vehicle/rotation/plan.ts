import type { Schemas } from '../../api/client'
import { say } from './words'

export type BenchView = Schemas['RotationView']
export type BenchTire = Schemas['CandidateTireView']
export type ArrangementView = Schemas['ArrangementView']
export type Asked = Schemas['RotationOptions']
export type Purpose = Schemas['RotationGoalView']['code']
export type Places = Record<string, number>

/** The same places with a tire at another one; the tire that was there takes the place left. Nothing is judged here. */
export function moved(places: Places, tire: number, to: string): Places {
  const next = { ...places }
  const from = tire < 0 ? undefined : Object.keys(places).find((place) => places[place] === tire)
  if (from === to) return places
  const displaced = next[to]
  next[to] = tire
  if (from !== undefined) {
    if (displaced === undefined) delete next[from]
    else next[from] = displaced
  }
  return next
}

export const same = (one: Places, other: Places) =>
  Object.keys(one).length === Object.keys(other).length &&
  Object.keys(one).every((place) => one[place] === other[place])

/** Where a tire comes from, in a word or two. */
export function origin(tire: BenchTire, place: string): string {
  if (tire.source === 'TO_BUY') return 'new'
  if (tire.source === 'STOCK') return say('fromStock')
  return tire.at === place ? 'stays' : say('from', { tire: tire.at })
}

/** Positions by axle, each split into its left and right end in the order they stand. */
export function axles(positions: string[]): { number: string; left: string[]; right: string[] }[] {
  const numbers = [...new Set(positions.filter((place) => /^\d/.test(place)).map((place) => place.charAt(0)))]
  return numbers.map((number) => ({
    number,
    left: positions.filter((place) => place.startsWith(`${number}L`)),
    right: positions.filter((place) => place.startsWith(`${number}R`)),
  }))
}
