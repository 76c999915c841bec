/** The drawing's own units; the wheel's axis stands in the middle. */
export const WIDTH = 420
export const HEIGHT = 186
export const TABLE = 156

type Side = 1 | -1

const points = (side: Side, ...list: [number, number][]) =>
  list.map(([x, y], index) => `${index === 0 ? 'M' : 'L'} ${side * x} ${y}`).join(' ')

/** Flange, bead seat, drop center near the top, ledge, bead seat, flange. */
export const rim = (side: Side) =>
  points(side, [94, 52], [84, 58], [84, 70], [66, 77], [66, 93], [82, 102], [84, 132], [94, 138])

/** A sidewall from where its top bead is to the bottom bead on its seat. */
export function tire(side: Side, topBead: [number, number]): string {
  const [x, y] = topBead
  return `M ${side * x} ${y} C ${side * (x + 34)} ${y - 14} ${side * 158} ${y + 4} ${side * 158} 96 C ${side * 158} 128 ${side * 118} 138 ${side * 88} 130`
}

/** Where the top bead is: on its seat, over the flange at the head, or down in the drop center. */
export const BEAD = { seat: [88, 64], overHead: [104, 44], dropCenter: [72, 85] } as const satisfies Record<
  string,
  [number, number]
>

/** The disc lies near the face: above where the face is up, below where it is down. */
export const disc = (isFaceUp: boolean) => (isFaceUp ? 80 : 124)
