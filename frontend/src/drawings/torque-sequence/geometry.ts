/** Where the nuts of a wheel stand, counted from 1 at the top, clockwise, on a circle round 0,0. */
export function nuts(count: number, radius: number): { number: number; x: number; y: number }[] {
  return Array.from({ length: count }, (_, index) => {
    const turn = (index / count) * 2 * Math.PI - Math.PI / 2
    return { number: index + 1, x: radius * Math.cos(turn), y: radius * Math.sin(turn) }
  })
}
