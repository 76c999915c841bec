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
    title: 'Model',
    molded: 'FELLGRIP',
    ring: 'outer',
    at: 0,
    span: 66,
    explains: 'The pattern’s name, often molded on one sidewall only. Tires of one axle end should carry the same one.',
  },
  {
    field: 'manufacturer',
    title: 'Manufacturer',
    molded: 'OSSIVELD',
    ring: 'inner',
    at: 0,
    span: 70,
    explains: 'Who made it. Their load and pressure data decide over every general table.',
  },
  {
    field: 'size',
    title: 'Size',
    molded: 'LT245/75R17',
    ring: 'outer',
    at: 78,
    span: 74,
    explains:
      'Section width in millimeters, sidewall height in percent of it, construction (R radial), rim in inches. In 31x10.50R15LT the first number is the overall diameter instead; 11R22.5 gives width and rim only.',
  },
  {
    field: 'service',
    title: 'Service description',
    molded: '121/118S',
    ring: 'inner',
    at: 80,
    span: 62,
    explains:
      'Load index for a single tire, then as one of a dual, then the speed letter. 121 is 1,450 kg, 118 is 1,320 kg, S is 180 km/h.',
  },
  {
    field: 'range',
    title: 'Load range',
    molded: 'LOAD RANGE E',
    ring: 'outer',
    at: 152,
    span: 62,
    explains:
      'A letter that stands for a ply rating (E is 10); SL or XL on passenger tires. The usual pressure that goes with a letter is a hint only: wide flotation sizes differ.',
  },
  {
    field: 'directional',
    title: 'Direction arrow',
    molded: 'ROTATION ▶',
    ring: 'inner',
    at: 146,
    span: 52,
    explains: 'The way it must roll. Such a tire changes sides only by being remounted on its wheel.',
  },
  {
    field: 'load',
    title: 'Maximum load',
    molded: 'MAX LOAD 3195 LB',
    ring: 'outer',
    at: 216,
    span: 62,
    explains:
      'What it carries at most, single and (where given) dual, at the molded pressure. It must agree with the load index within 1%; if not, a digit was misread.',
  },
  {
    field: 'moldedPressure',
    title: 'Pressure beside the load',
    molded: 'AT 80 PSI COLD',
    ring: 'inner',
    at: 204,
    span: 58,
    explains:
      'On truck and LT tires the pressure for the maximum load; on passenger tires the highest pressure allowed. A limit in both cases, never a target.',
  },
  {
    field: 'plies',
    title: 'Plies',
    molded: 'TREAD 2 STEEL',
    ring: 'inner',
    at: 262,
    span: 50,
    explains: 'How many layers of which cord lie under the tread and in the sidewall.',
  },
  {
    field: 'dot',
    title: 'DOT code',
    molded: 'DOT 4A F7 XR3 0821',
    ring: 'outer',
    at: 284,
    span: 68,
    explains:
      'Plant, size, option, and last the week and year it was made: 0821 is week 8 of 2021. The whole code is on one sidewall only, often the inboard one. A code without a date means: read the other sidewall. The letters G I O Q S Z never occur in it.',
  },
  {
    field: 'winter',
    title: 'Snow mark',
    molded: 'M+S',
    ring: 'inner',
    at: 310,
    span: 26,
    explains: 'M+S is mud and snow, not a winter tire. The mountain with a snowflake marks one tested for severe snow.',
  },
]

/** What isn't on every sidewall, or on none: told in the list beside the drawing. */
export const BESIDE: Omit<PlacedField, 'ring' | 'at' | 'span'>[] = [
  {
    field: 'tubeless',
    title: 'Tubeless',
    molded: 'TUBELESS',
    explains: 'Holds air without a tube. Bead and rim must then be whole and clean.',
  },
  {
    field: 'grades',
    title: 'Treadwear, traction, temperature',
    molded: '500 A B',
    explains: 'Grades on passenger tires: a wear number, then letters for wet traction and heat.',
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
