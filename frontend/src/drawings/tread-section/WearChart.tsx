import type { Schemas } from '../../api/client'
import { color } from '../../base/theme'
import { Drawing } from '../Drawing'
import { say } from './words'

const WIDTH = 380
const HEIGHT = 96
const ROOM_MILES = 5_000
const LEAST_MILES = 2_000

/** Lowest depth over miles, with the line of its wear rate and the fan of what it may be, down to pull point and limit. */
export function WearChart({ tire }: { tire: Schemas['TireWear'] }) {
  const points = tire.history
    .flatMap((one) => (one.miles == null || one.lowest == null ? [] : [{ miles: one.miles, depth: one.lowest }]))
    .sort((a, b) => a.miles - b.miles)
  const last = points.at(-1)
  const first = points[0]
  if (!tire.section || !first || !last) return null
  const { pull, legal } = tire.section
  const ahead = tire.forecast?.ahead
  const span = Math.max((ahead?.miles ?? last.miles + ROOM_MILES) - first.miles, LEAST_MILES)
  const top = Math.max(...points.map((one) => one.depth)) + 1
  const x = (miles: number) => 4 + ((miles - first.miles) / span) * (WIDTH - 8)
  const y = (depth: number) => 6 + ((top - depth) / top) * (HEIGHT - 12)
  return (
    <Drawing
      width={WIDTH}
      height={HEIGHT}
      label={say('lowestDepthOfOverMiles', {
        position: tire.position,
        count: points.length,
        rate: tire.forecast?.rate ? `, ${tire.forecast.rate}` : '',
      })}
      maxWidth={WIDTH}
      style={{ background: color.sheet }}
    >
      {ahead && (
        <path
          d={`M${x(last.miles)},${y(last.depth)}L${x(ahead.miles)},${y(ahead.max)}L${x(ahead.miles)},${y(ahead.min)}Z`}
          fill={color.frame}
          opacity={0.5}
        />
      )}
      <line x1={0} x2={WIDTH} y1={y(pull)} y2={y(pull)} stroke={color.plan} strokeDasharray="2 3" />
      <text x={WIDTH - 4} y={y(pull) - 3} textAnchor="end" fill={color.plan}>
        {say('pull2')}
      </text>
      <line x1={0} x2={WIDTH} y1={y(legal)} y2={y(legal)} stroke={color.stop} strokeDasharray="6 3" />
      <text x={4} y={y(legal) + 11} fill={color.stop}>
        {say('legal2')}
      </text>
      {ahead && (
        <line
          x1={x(last.miles)}
          y1={y(last.depth)}
          x2={x(ahead.miles)}
          y2={y(ahead.likely)}
          stroke={color.ink}
          strokeWidth={1.4}
          strokeDasharray="4 3"
        />
      )}
      <polyline
        points={points.map((one) => `${x(one.miles)},${y(one.depth)}`).join(' ')}
        fill="none"
        stroke={color.petrol}
        strokeWidth={1.6}
      />
      {points.map((one, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: two readings may share a mile
        <circle key={index} cx={x(one.miles)} cy={y(one.depth)} r={2.6} fill={color.sheet} stroke={color.petrol} />
      ))}
    </Drawing>
  )
}
