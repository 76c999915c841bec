import type { Schemas } from '../../api/client'

export type TireLoss = Schemas['PressureLossView']

export const CHART = { width: 250, height: 112, left: 6, right: 6, top: 12, bottom: 18 }

export interface PlacedPoint {
  x: number
  y: number
  correctedY: number | undefined
  point: TireLoss['points'][number]
}

export interface PlacedLoss {
  points: PlacedPoint[]
  target: number | undefined
  need: number | undefined
  from: string
  to: string
}

const day = (iso: string) => new Date(`${iso}T00:00:00Z`).getTime() / 86_400_000

/** Oldest at the left; pressure from a little under the lowest line to a little over the highest. */
export function placeLoss(loss: TireLoss): PlacedLoss | undefined {
  const points = [...loss.points].sort((a, b) => day(a.on) - day(b.on))
  const first = points[0]
  const last = points.at(-1)
  if (!first || !last) return undefined
  const heights = points.flatMap((one) => (one.corrected == null ? [one.psi] : [one.psi, one.corrected]))
  if (loss.target != null) heights.push(loss.target)
  if (loss.minimumForLoad != null) heights.push(loss.minimumForLoad)
  const low = Math.min(...heights) - 2
  const high = Math.max(...heights) + 2
  const days = Math.max(day(last.on) - day(first.on), 1)
  const x = (iso: string) =>
    CHART.left + 4 + ((day(iso) - day(first.on)) / days) * (CHART.width - CHART.left - CHART.right - 8)
  const y = (psi: number) =>
    CHART.height - CHART.bottom - ((psi - low) / (high - low)) * (CHART.height - CHART.top - CHART.bottom)
  return {
    points: points.map((point) => ({
      point,
      x: x(point.on),
      y: y(point.psi),
      correctedY: point.corrected == null ? undefined : y(point.corrected),
    })),
    target: loss.target == null ? undefined : y(loss.target),
    need: loss.minimumForLoad == null ? undefined : y(loss.minimumForLoad),
    from: first.on,
    to: last.on,
  }
}
