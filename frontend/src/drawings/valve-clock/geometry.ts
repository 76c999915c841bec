/** A point at an angle clockwise from the tool at 3 o'clock, round 0,0. */
export function at(angle: number, radius: number): { x: number; y: number } {
  const turn = (angle / 180) * Math.PI
  return { x: radius * Math.cos(turn), y: radius * Math.sin(turn) }
}

/** The path of a sector so many degrees on either side of the tool. */
export function sector(keepOut: number, radius: number): string {
  const from = at(-keepOut, radius)
  const to = at(keepOut, radius)
  return `M 0 0 L ${from.x.toFixed(1)} ${from.y.toFixed(1)} A ${radius} ${radius} 0 ${keepOut > 90 ? 1 : 0} 1 ${to.x.toFixed(1)} ${to.y.toFixed(1)} Z`
}
