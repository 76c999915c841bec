/** Corners by their codes, laid out from above: axles downward, left ends left. Gives each its place and its lane beside it. */
export interface Corner {
  position: string
  x: number
  y: number
  left: boolean
}

const STEP = 96
const INSET = 122
const DUAL = 34

/** The width of the drawing. */
export const WIDTH = 380

export function corners(positions: string[]): Corner[] {
  const axles = [...new Set(positions.map((position) => position.charAt(0)))].sort()
  return positions.map((position) => {
    const left = position.charAt(1) === 'L'
    const inward = position.endsWith('I') ? DUAL : 0
    return {
      position,
      x: left ? INSET + inward : WIDTH - INSET - inward,
      y: 46 + axles.indexOf(position.charAt(0)) * STEP,
      left,
    }
  })
}

export const height = (positions: string[]) => 46 + new Set(positions.map((position) => position.charAt(0))).size * STEP
