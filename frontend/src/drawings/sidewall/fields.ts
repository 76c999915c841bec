import { say } from './words'
/** The fields of a sidewall: where each stands on our drawing, what it means and what to do with it. */
export type SidewallField =
  | 'manufacturer'
  | 'name'
  | 'size'
  | 'service'
  | 'range'
  | 'load'
  | 'moldedPressure'
  | 'dot'
  | 'plies'
  | 'tubeless'
  | 'winter'
  | 'directional'
  | 'grades'

export interface PlacedField {
  field: SidewallField
  title: string
  /** As molded on the tire that is drawn. */
  molded: string
  /** The ring it stands on, and the middle of its stretch in degrees clockwise from the top. */
  ring: 'outer' | 'inner'
  at: number
  /** Degrees its stretch takes. */
  span: number
  explains: string
}

export const FIELDS: PlacedField[] = [
  {
    field: 'name',
    title: say('model'),
    molded: 'FELLGRIP',
    ring: 'outer',
    at: 0,
    span: 66,
    explains: say('patternsNameOftenMolded'),
  },
  {
    field: 'manufacturer',
    title: say('manufacturer'),
    molded: 'OSSIVELD',
    ring: 'inner',
    at: 0,
    span: 70,
    explains: say('whoMadeItTheirLoad'),
  },
  {
    field: 'size',
    title: say('size'),
    molded: 'LT245/75R17',
    ring: 'outer',
    at: 78,
    span: 74,
    explains: say('sectionWidthInMillimetersSidewall'),
  },
  {
    field: 'service',
    title: say('serviceDescription'),
    molded: '121/118S',
    ring: 'inner',
    at: 80,
    span: 62,
    explains: say('loadIndexForASingle'),
  },
  {
    field: 'range',
    title: say('loadRange'),
    molded: 'LOAD RANGE E',
    ring: 'outer',
    at: 152,
    span: 62,
    explains: say('letterThatStandsForA'),
  },
  {
    field: 'directional',
    title: say('directionArrow'),
    molded: 'ROTATION ▶',
    ring: 'inner',
    at: 146,
    span: 52,
    explains: say('wayItMustRollSuch'),
  },
  {
    field: 'load',
    title: say('maximumLoad'),
    molded: say('maxLoad3195Lb'),
    ring: 'outer',
    at: 216,
    span: 62,
    explains: say('whatItCarriesAtMost'),
  },
  {
    field: 'moldedPressure',
    title: say('pressureBesideTheLoad'),
    molded: say('at80PsiCold'),
    ring: 'inner',
    at: 204,
    span: 58,
    explains: say('onTruckAndLtTires'),
  },
  {
    field: 'plies',
    title: say('plies'),
    molded: say('tread2Steel'),
    ring: 'inner',
    at: 262,
    span: 50,
    explains: say('howManyLayersOfWhich'),
  },
  {
    field: 'dot',
    title: say('dotCode'),
    molded: say('dot4AF7'),
    ring: 'outer',
    at: 284,
    span: 68,
    explains: say('plantSizeOptionAndLast'),
  },
  {
    field: 'winter',
    title: say('snowMark'),
    molded: 'M+S',
    ring: 'inner',
    at: 310,
    span: 26,
    explains: say('mSIsMud'),
  },
]

/** What isn't on every sidewall, or on none: told in the list beside the drawing. */
export const BESIDE: Omit<PlacedField, 'ring' | 'at' | 'span'>[] = [
  {
    field: 'tubeless',
    title: say('tubeless'),
    molded: 'TUBELESS',
    explains: say('holdsAirWithoutATube'),
  },
  {
    field: 'grades',
    title: say('treadwearTractionTemperature'),
    molded: '500 A B',
    explains: say('gradesOnPassengerTires'),
  },
]

/** A point on a circle round the middle; 0° is up. */
export function onRing(radius: number, degrees: number, middle = 200): { x: number; y: number } {
  const turned = ((degrees - 90) * Math.PI) / 180
  return { x: middle + radius * Math.cos(turned), y: middle + radius * Math.sin(turned) }
}

/** An arc as a path; below the middle it runs the other way, so that letters on it stand upright. */
export function arc(radius: number, at: number, span: number): string {
  const below = at > 90 && at < 270
  const from = onRing(radius, below ? at + span / 2 : at - span / 2)
  const to = onRing(radius, below ? at - span / 2 : at + span / 2)
  const f = (n: number) => n.toFixed(2)
  return `M${f(from.x)} ${f(from.y)}A${radius} ${radius} 0 ${span > 180 ? 1 : 0} ${below ? 0 : 1} ${f(to.x)} ${f(to.y)}`
}
