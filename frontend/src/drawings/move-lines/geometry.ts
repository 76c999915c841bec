/** One move as a line of the list: where a tire is today and where it will be; either end may be off the vehicle. */
export interface Thread {
  name: string
  from: string | undefined
  to: string | undefined
}

export interface PlacedThread extends Thread {
  path: string
  /** Which of the few line styles tells it from its neighbours. */
  style: number
}

export const ROW = 24
export const TOP = 26
const WIDTH = 300
const EDGE = 58

export const threadSize = (rows: number) => ({ width: WIDTH, height: TOP + rows * ROW + 6, edge: EDGE })

export const STYLES = 4

/** Threads from the places on the left to the same places on the right; what isn't on the vehicle starts or ends below. */
export function placeThreads(positions: string[], threads: Thread[]): PlacedThread[] {
  const y = (position: string | undefined) => {
    const row = position === undefined ? -1 : positions.indexOf(position)
    return TOP + (row < 0 ? positions.length : row) * ROW + ROW / 2
  }
  const middle = WIDTH / 2
  return threads.map((thread, at) => ({
    ...thread,
    style: at % STYLES,
    path: `M${EDGE} ${y(thread.from)}C${middle} ${y(thread.from)} ${middle} ${y(thread.to)} ${WIDTH - EDGE} ${y(thread.to)}`,
  }))
}
