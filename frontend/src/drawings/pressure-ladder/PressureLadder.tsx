import { color } from '../../base/theme'
import { Drawing } from '../Drawing'
import { HEIGHT, type Ladder, place, RAILS, WIDTH } from './geometry'
import { say } from './words'

/** Keeps a figure readable where a line passes behind it. */
const HALO = { paintOrder: 'stroke', stroke: color.sheet, strokeWidth: 5, strokeLinejoin: 'round' } as const

const MARKS: Record<string, { stroke: string; dash?: string }> = {
  maximum: { stroke: color.stop },
  runflat: { stroke: color.stop, dash: '2 3' },
  need: { stroke: color.ink, dash: '6 3' },
  warning: { stroke: color.watch, dash: '1 3' },
}

/**
 * The chart as a ladder: a rung for each row with the load it carries. The weighed load comes in from the right and climbs to
 * the first rung that carries it; flags on the left are the schools, brackets on the right the limits, dots the last readings.
 */
export function PressureLadder({ ladder, title }: { ladder: Ladder; title: string }) {
  const placed = place(ladder)
  const { left, right } = RAILS
  return (
    <Drawing width={WIDTH} height={HEIGHT} label={`${title}. ${spoken(ladder)}`} maxWidth={WIDTH}>
      <line x1={left} x2={left} y1={4} y2={HEIGHT - 4} stroke={color.rubber} strokeWidth={4} />
      <line x1={right} x2={right} y1={4} y2={HEIGHT - 4} stroke={color.rubber} strokeWidth={4} />
      {placed.rungs.map(({ item, y }) => (
        <g key={item.psi}>
          <line
            x1={left}
            x2={right}
            y1={y}
            y2={y}
            stroke={item.reached ? color.petrol : color.rubber}
            strokeWidth={item.reached ? 5 : 2.5}
            strokeDasharray={ladder.estimated ? '5 3' : undefined}
          />
        </g>
      ))}
      {placed.flags.map(({ item, y, labelY }) => (
        <g key={item.method}>
          <polyline
            points={`${left - 34},${y} ${left - 44},${y} 150,${labelY}`}
            fill="none"
            stroke={item.isChosen ? color.petrol : color.beam}
            strokeWidth={item.isChosen ? 2 : 1.2}
          />
          <rect
            x={1}
            y={labelY - 10.5}
            width={149}
            height={21}
            rx={4}
            fill={item.isChosen ? color.petrol : color.sheet}
            stroke={item.isChosen ? color.petrol : item.isOffered ? color.quiet : color.frame}
            strokeDasharray={item.isOffered ? undefined : '3 3'}
          />
          <text
            x={8}
            y={labelY + 4}
            fill={item.isChosen ? color.onPetrol : item.isOffered ? color.ink : color.quiet}
            fontWeight={item.isChosen ? 700 : 450}
            {...(item.isChosen && { textLength: 136, lengthAdjust: 'spacingAndGlyphs' })}
          >
            {item.isChosen ? '▸ ' : ''}
            {short(item.label)} {item.pressure}
          </text>
        </g>
      ))}
      {placed.load && (
        <g>
          <polyline
            points={`${WIDTH - 2},${placed.load.labelY + 4} 374,${placed.load.labelY + 4} 366,${placed.load.y} ${(left + right) / 2},${placed.load.y} ${(left + right) / 2},${placed.load.rungY}`}
            fill="none"
            stroke={color.petrol}
            strokeWidth={2}
            strokeDasharray="4 3"
          />
          <text x={378} y={placed.load.labelY} fill={color.petrol} fontWeight={750}>
            {say('load', { load: placed.load.words })}
          </text>
        </g>
      )}
      {placed.marks.map(({ item, y, labelY }) => {
        const look = MARKS[item.type] ?? { stroke: color.quiet }
        return (
          <g key={item.type}>
            <line
              x1={left - 4}
              x2={right + 4}
              y1={y}
              y2={y}
              stroke={look.stroke}
              strokeWidth={1.6}
              strokeDasharray={look.dash}
            />
            {item.type !== 'need' && (
              <polyline
                points={`${right + 64},${y} 366,${y} 374,${labelY}`}
                fill="none"
                stroke={look.stroke}
                strokeWidth={1.2}
                strokeDasharray={look.dash}
              />
            )}
            <text x={378} y={labelY + 4} fill={look.stroke}>
              {item.type === 'need' ? 'needs' : item.label} {item.pressure}
            </text>
          </g>
        )
      })}
      {placed.rungs.map(({ item, y }) => (
        <g key={item.psi}>
          <text
            x={left - 9}
            {...HALO}
            y={y + 4}
            textAnchor="end"
            fontWeight={item.reached ? 750 : 500}
            fill={color.ink}
          >
            {item.pressure.replace(/ (psi|kPa)$/, '')}
          </text>
          <text
            x={right + 9}
            {...HALO}
            y={y + 4}
            fontWeight={item.reached ? 750 : 450}
            fill={item.reached ? color.petrol : color.quiet}
          >
            {item.load}
          </text>
        </g>
      ))}
      {placed.readings.map(({ item, x, y }) => (
        <g key={item.label}>
          <circle cx={x} cy={y} r={5} fill={color.amber} stroke={color.ink} strokeWidth={1.4} />
          <title>{say('read', { item: item.label, pressure: item.pressure })}</title>
        </g>
      ))}
    </Drawing>
  )
}

const short = (words: string) => (words === 'Placard equivalent' ? say('equivalent') : words)

function spoken(ladder: Ladder): string {
  const flags = ladder.methods.map((flag) =>
    say('taken', { flag: flag.label, pressure: flag.pressure, isChosen: flag.isChosen }),
  )
  const marks = ladder.marks.map((mark) => `${mark.label} ${mark.pressure}`)
  const load = ladder.load ? [say('load', { load: ladder.load.label })] : []
  return [
    ...load,
    ...flags,
    ...marks,
    ...ladder.readings.map((one) => say('read2', { one: one.label, pressure: one.pressure })),
  ].join('; ')
}
