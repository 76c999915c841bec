import type { Schemas } from '../../api/client'

export type Plan = Schemas['AxleDiagramView']
export type TireMark = Schemas['TireMark']

export interface Box {
  x: number
  y: number
  width: number
  height: number
}

export interface PlacedTire {
  mark: TireMark
  box: Box
  side: 'left' | 'right' | 'spare'
  /** Duals share the room for what is drawn beside a tire: the outer one has the edge, the inner one the beam. */
  place: 'single' | 'outer' | 'inner'
}

export interface PlacedAxle {
  number: number
  role: string
  target: string | undefined
  y: number
  from: number
  to: number
}

export interface PlacedPlan {
  width: number
  height: number
  center: number
  frame: { from: number; to: number }
  axles: PlacedAxle[]
  tires: PlacedTire[]
}

interface Measures {
  width: number
  tire: { width: number; height: number }
  /** Distance of a single tire's outer edge, and of a dual's, from the side of the drawing. */
  singleEdge: number
  dualEdge: number
  dualGap: number
  /** Free room above the first tire and between axles. */
  top: number
  between: number
}

const SMALL: Measures = {
  width: 92,
  tire: { width: 10, height: 20 },
  singleEdge: 14,
  dualEdge: 8,
  dualGap: 3,
  top: 12,
  between: 14,
}

const LARGE: Measures = {
  width: 404,
  tire: { width: 54, height: 112 },
  singleEdge: 60,
  dualEdge: 24,
  dualGap: 16,
  top: 44,
  between: 60,
}

export type PlanSize = 'yard' | 'vehicle'

/** Places axles and tires seen from above, front up; left is the driver's left. */
export function placePlan(plan: Plan, size: PlanSize): PlacedPlan {
  const m = size === 'yard' ? SMALL : LARGE
  const height = plan.axles.length > 3 && size === 'vehicle' ? m.tire.height * 0.7 : m.tire.height
  const step = height + m.between
  const center = m.width / 2
  const axles = plan.axles.map((axle, at) => {
    const edge = axle.dual ? m.dualEdge : m.singleEdge
    return {
      number: axle.number,
      role: axle.role.toLowerCase(),
      target: axle.target,
      y: m.top + at * step + height / 2,
      from: edge + m.tire.width,
      to: m.width - edge - m.tire.width,
    }
  })
  const onAxles = m.top + plan.axles.length * step
  const spares = plan.spares > 0
  const tires = plan.tires.map((mark): PlacedTire => {
    const spare = /^S(\d)$/.exec(mark.position)
    if (spare) {
      const x = center - m.tire.width / 2 + (Number(spare[1]) - 1 - (plan.spares - 1) / 2) * m.tire.width * 1.6
      return { mark, side: 'spare', place: 'single', box: { x, y: onAxles, width: m.tire.width, height: height * 0.8 } }
    }
    const [, number, side, place] = /^(\d)([LR])([OI])?$/.exec(mark.position) ?? []
    const axle = plan.axles[Number(number) - 1]
    const fromEdge = (axle?.dual ? m.dualEdge : m.singleEdge) + (place === 'I' ? m.tire.width + m.dualGap : 0)
    const x = side === 'L' ? fromEdge : m.width - fromEdge - m.tire.width
    const y = m.top + (Number(number) - 1) * step
    return {
      mark,
      side: side === 'L' ? 'left' : 'right',
      place: place === 'O' ? 'outer' : place === 'I' ? 'inner' : 'single',
      box: { x, y, width: m.tire.width, height },
    }
  })
  const last = axles.at(-1)?.y ?? m.top
  return {
    width: m.width,
    height: onAxles + (spares ? height * 0.8 + (size === 'yard' ? 4 : 30) : size === 'yard' ? -8 : -24),
    center,
    frame: { from: m.top - (size === 'yard' ? 4 : 24), to: spares ? onAxles : last },
    axles,
    tires,
  }
}

/** Where year ticks go along an edge, newest at the bottom: one per full year, and the limit. */
export function yearTicks(years: number, limit: number, box: Box): { full: number[]; limit: number } {
  const longest = Math.max(limit, Math.ceil(years)) || 1
  const y = (year: number) => box.y + box.height - (year / longest) * box.height
  return { full: Array.from({ length: Math.floor(years) }, (_, i) => y(i + 1)), limit: y(limit) }
}
