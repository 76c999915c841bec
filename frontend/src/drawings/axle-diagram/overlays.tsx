import { color } from '../../base/theme'
import type { Box, PlacedTire, TireMark } from './geometry'
import { yearTicks } from './geometry'
import { say } from './words'

/** Three grooves filled to the depth that is left, with a line at the pull point, and the lowest depth in figures. */
export function TreadColumns({ mark, box, outerFirst }: { mark: TireMark; box: Box; outerFirst: boolean }) {
  const middle = box.x + box.width / 2
  const foot = box.y + box.height - 9
  if (!mark.tread) {
    return (
      <text x={middle} y={box.y + box.height / 2} textAnchor="middle" fontSize={13.4} fill={color.tread}>
        {say('noDepth')}
      </text>
    )
  }
  const { outer, center, inner, pull } = mark.tread
  const grooves = outerFirst ? [outer, center, inner] : [inner, center, outer]
  const top = box.y + 14
  const room = box.height - 14 - 30
  return (
    <>
      {grooves.map((share, at) => {
        const x = box.x + 8 + at * ((box.width - 16 - 9) / 2)
        const low = share !== undefined && share <= pull + 1e-6
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: grooves have a fixed order
          <g key={at}>
            <rect x={x} y={top} width={9} height={room} fill={color.groove} rx={1} />
            {share !== undefined && (
              <rect
                x={x}
                y={top + room * (1 - share)}
                width={9}
                height={room * share}
                fill={low ? color.amber : color.tread}
                rx={1}
              />
            )}
          </g>
        )
      })}
      <path
        d={`M${box.x + 4} ${top + room * (1 - pull)}H${box.x + box.width - 4}`}
        stroke="#E2705F"
        strokeWidth={1.6}
        strokeDasharray="4 2"
      />
      <text x={middle} y={foot} textAnchor="middle" fontSize={13.4} fontWeight={700} fill="#fff">
        {mark.tread.lowest.replace(/ in$/, '')}
      </text>
    </>
  )
}

/** A bar beside the tire filled to the cold pressure, a notch at the target, and the figure below the tire. */
export function PressureBar({ tire }: { tire: PlacedTire }) {
  const { mark, box, side } = tire
  if (!mark.pressure) return null
  const inward = side === 'left' ? 1 : -1
  const x = side === 'left' ? box.x + box.width + 6 : box.x - 10
  const y = (share: number) => box.y + box.height * (1 - share)
  const { readShare, targetShare, lowShare, read, target, off } = mark.pressure
  return (
    <>
      <g>
        <rect x={x} y={box.y} width={4} height={box.height} fill={color.hairline} />
        {readShare !== undefined && (
          <rect
            x={x}
            y={y(readShare)}
            width={4}
            height={box.height * readShare}
            fill={off ? color.watch : color.petrol}
          />
        )}
        {target && (
          <>
            <path d={`M${x - 3} ${y(targetShare)}h10`} stroke={color.ink} strokeWidth={1.8} />
            <path d={`M${x + 2 - 3 * inward} ${y(lowShare)}h${6 * inward}`} stroke={color.stop} strokeWidth={1.4} />
          </>
        )}
      </g>
      <text
        x={box.x + box.width / 2}
        y={box.y + box.height + 15}
        textAnchor="middle"
        fontSize={13.4}
        fontWeight={off ? 750 : 450}
        fill={off ? color.watch : color.ink}
      >
        {read ?? say('notRead')}
      </text>
    </>
  )
}

/** One tick for each year since the DOT week along the outer edge; the age limit is the longer tick. */
export function YearTicks({ tire }: { tire: PlacedTire }) {
  const { mark, box, side, place } = tire
  if (place === 'inner') return null
  const outward = side === 'right' ? 1 : -1
  const edge = (side === 'right' ? box.x + box.width : box.x) + outward * 4
  if (!mark.age) {
    return (
      <text
        x={edge}
        y={box.y + box.height / 2}
        textAnchor={side === 'right' ? 'start' : 'end'}
        fontSize={13.4}
        fill={color.quiet}
      >
        {say('y')}
      </text>
    )
  }
  const ticks = yearTicks(mark.age.years, mark.age.limit, box)
  const past = mark.age.years >= mark.age.limit
  return (
    <g stroke={past ? color.stop : color.ink} strokeWidth={1.8}>
      {ticks.full.map((y) => (
        <path key={y} d={`M${edge} ${y}h${outward * 6}`} />
      ))}
      <path d={`M${edge} ${ticks.limit}h${outward * 13}`} stroke={past ? color.stop : color.beam} strokeWidth={2.4} />
    </g>
  )
}
