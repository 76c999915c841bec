import { color } from '../../base/theme'
import { placeThreads, ROW, type Thread, TOP, threadSize } from './geometry'
import { say } from './words'

const LINES = [
  { stroke: color.petrol, dash: undefined },
  { stroke: color.stop, dash: '7 3' },
  { stroke: color.plan, dash: '2 3' },
  { stroke: color.watch, dash: '10 3 2 3' },
] as const

/** Before and after: every place on both sides, every move a thread between them. Its words stand in the list of moves. */
export function MoveLines({ positions, moves }: { positions: string[]; moves: Thread[] }) {
  const offVehicle = moves.some((move) => move.from === undefined || move.to === undefined)
  const { width, height, edge } = threadSize(positions.length + (offVehicle ? 1 : 0))
  const threads = placeThreads(positions, moves)
  const moved = (position: string) => moves.some((move) => move.from === position || move.to === position)
  const rows = offVehicle ? [...positions, 'off'] : positions
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width={width}
      style={{ maxWidth: '100%' }}
      role="img"
      aria-label={say('beforeAndAfterMove', { count: moves.length })}
    >
      <g fontSize={12} fontWeight={650} fill={color.quiet}>
        <text x={edge - 8} y={16} textAnchor="end">
          {say('today')}
        </text>
        <text x={width - edge + 8} y={16}>
          {say('after')}
        </text>
      </g>
      {rows.map((position, at) => {
        const y = TOP + at * ROW + ROW / 2
        const off = position === 'off'
        return (
          <g
            key={position}
            fontSize={off ? 12 : 13}
            fontWeight={moved(position) ? 750 : 450}
            fill={off ? color.quiet : color.ink}
          >
            <text x={edge - 10} y={y + 4.5} textAnchor="end">
              {off ? 'beside' : position}
            </text>
            <text x={width - edge + 10} y={y + 4.5}>
              {off ? 'beside' : position}
            </text>
            {!off && !moved(position) && (
              <path d={`M${edge} ${y}H${width - edge}`} stroke={color.hairline} strokeWidth={1.5} />
            )}
          </g>
        )
      })}
      {threads.map((thread) => (
        <path
          key={`${thread.name} ${thread.from} ${thread.to}`}
          d={thread.path}
          fill="none"
          stroke={LINES[thread.style]?.stroke}
          strokeDasharray={LINES[thread.style]?.dash}
          strokeWidth={2.4}
        />
      ))}
      {threads.map((thread) => {
        const [, x, y] = /^M([\d.]+) ([\d.]+)/.exec(thread.path) ?? []
        const [, endX, endY] = /([\d.]+) ([\d.]+)$/.exec(thread.path) ?? []
        return (
          <g key={`${thread.name} ${thread.from} ${thread.to}`} fill={LINES[thread.style]?.stroke}>
            <circle cx={x} cy={y} r={3.5} />
            <path
              d={`M${Number(endX) - 8} ${Number(endY) - 5}L${endX} ${endY}L${Number(endX) - 8} ${Number(endY) + 5}z`}
            />
          </g>
        )
      })}
    </svg>
  )
}
