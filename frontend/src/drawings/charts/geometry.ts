/** A chart's own units: 12-pixel text at its natural size. */
export const CHART = { width: 620, height: 220, left: 58, right: 12, top: 16, bottom: 26 }

const STEPS = [1, 2, 2.5, 5, 10]

/** Round figures from nothing up to the least that holds them all, at most five of them. */
export function ticks(most: number): number[] {
  if (most <= 0) return [0, 1]
  const rough = most / 4
  const power = 10 ** Math.floor(Math.log10(rough))
  const step = (STEPS.find((one) => one * power >= rough - 1e-9) ?? 10) * power
  const count = Math.ceil(most / step - 1e-9)
  return Array.from({ length: count + 1 }, (_, at) => at * step)
}

/** Where a figure stands between the foot and the head of the chart. */
export const yOf = (value: number, top: number) =>
  CHART.height - CHART.bottom - (value / top) * (CHART.height - CHART.bottom - CHART.top)

/** The room of one of so many columns. */
export const columnOf = (at: number, count: number, right = CHART.right) => {
  const width = (CHART.width - CHART.left - right) / count
  return { x: CHART.left + at * width, width }
}

/** Of so many names under the columns every how many stand there, so that none lies on another. */
export const everyName = (count: number, longest: number, right = CHART.right) =>
  Math.max(1, Math.ceil((longest * 7 + 6) / columnOf(0, count, right).width))

/** Names at the ends of lines, moved apart where they would lie on one another; in the order given. */
export function apart(places: number[], least: number): number[] {
  const order = places.map((y, at) => ({ y, at })).sort((one, other) => one.y - other.y)
  for (let at = 1; at < order.length; at++) {
    const above = order[at - 1]
    const here = order[at]
    if (above && here && here.y - above.y < least) here.y = above.y + least
  }
  const over = (order.at(-1)?.y ?? 0) - (CHART.height - CHART.bottom)
  if (over > 0) for (const one of order) one.y -= over
  return places.map((_, at) => order.find((one) => one.at === at)?.y ?? 0)
}
