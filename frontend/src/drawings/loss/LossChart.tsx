import { color } from '../../base/theme'
import { day } from '../../units/format'
import { Drawing } from '../Drawing'
import { CHART, placeLoss, type TireLoss } from './geometry'
import { say } from './words'

/** One tire's pressure over time: as read (line), at one temperature (crosses), against target and need. */
export function LossChart({ loss }: { loss: TireLoss }) {
  const placed = placeLoss(loss)
  if (!placed) return null
  const line = placed.points.map((one) => `${one.x},${one.y}`).join(' ')
  return (
    <Drawing
      width={CHART.width}
      height={CHART.height}
      label={say('targetNeed', {
        position: loss.position,
        points: loss.points.map((one) => `${day(one.on)} ${one.pressure}`).join(', '),
        targetWords: loss.targetWords ?? say('notKnown'),
        minimumForLoadLabel: loss.minimumForLoadLabel ?? say('notKnown'),
      })}
    >
      {placed.target !== undefined && (
        <>
          <line x1={0} x2={CHART.width} y1={placed.target} y2={placed.target} stroke={color.petrol} strokeWidth={1.2} />
          <text x={2} y={placed.target - 7} fill={color.petrol}>
            {say('target', { targetWords: loss.targetWords })}
          </text>
        </>
      )}
      {placed.need !== undefined && (
        <>
          <line
            x1={0}
            x2={CHART.width}
            y1={placed.need}
            y2={placed.need}
            stroke={color.stop}
            strokeWidth={1.2}
            strokeDasharray="5 3"
          />
          <text x={2} y={placed.need - 3} fill={color.stop}>
            {say('minimum', { minimumForLoadLabel: loss.minimumForLoadLabel })}
          </text>
        </>
      )}
      <polyline points={line} fill="none" stroke={loss.kind === 'LEAK' ? color.stop : color.rubber} strokeWidth={1.6} />
      {placed.points.map(({ x, y, correctedY, point }, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: two readings may share a day
        <g key={at}>
          <circle
            cx={x}
            cy={y}
            r={3}
            fill={point.filled ? color.petrol : point.cold ? color.sheet : color.amber}
            stroke={color.rubber}
          >
            <title>
              {day(point.on)}: {point.pressure}
              {point.cold ? say('cold') : say('hot')}
              {point.temperature ? say('at', { temperature: point.temperature }) : ''}
              {point.filled ? say('filled') : ''}
            </title>
          </circle>
          {correctedY !== undefined && (
            <path d={`M${x - 3},${correctedY - 3}l6,6m0,-6l-6,6`} stroke={color.petrol} strokeWidth={1.2} />
          )}
        </g>
      ))}
      <text x={2} y={CHART.height - 4} fill={color.quiet}>
        {day(placed.from)}
      </text>
      <text x={CHART.width - 2} y={CHART.height - 4} textAnchor="end" fill={color.quiet}>
        {day(placed.to)}
      </text>
    </Drawing>
  )
}
