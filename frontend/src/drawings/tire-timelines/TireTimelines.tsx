import { color } from '../../base/theme'
import { Drawing } from '../Drawing'
import { LANE, laneY, pieces, type Ribbons, spoken, thrownAway, WIDTH, x, years } from './geometry'
import { say } from './words'

const THICK = 13

/**
 * Time from left to right, a lane for each position. Every tire is a ribbon: it moves lanes where the tire moves, ends where it
 * is retired, and is hatched at its end where life is thrown away. A thin line shows between which days a worn tire ends.
 */
export function TireTimelines({ view }: { view: Ribbons }) {
  const height = laneY(view.positions.length) + 8
  return (
    <Drawing width={WIDTH} height={height} label={spoken(view)}>
      <defs>
        <pattern id="thrown-away" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="6" height="6" fill={color.tread} />
          <line x1="0" y1="0" x2="0" y2="6" stroke={color.rubber} strokeWidth="2.4" />
        </pattern>
      </defs>
      {years(view).map((year) => (
        <g key={year.year}>
          <line x1={year.at} x2={year.at} y1={18} y2={height - 4} stroke={color.hairline} />
          <text x={year.at + 3} y={13} fill={color.quiet}>
            {year.year}
          </text>
        </g>
      ))}
      {view.positions.map((position, lane) => (
        <text key={position} x={4} y={laneY(lane) + LANE / 2 + 4} fontWeight={700} fill={color.ink}>
          {position}
        </text>
      ))}
      {view.timelines.map((ribbon, index) => {
        const parts = pieces(ribbon, view)
        const last = parts.at(-1)
        const first = parts[0]
        if (!last || !first) return null
        const thrown = thrownAway(ribbon, last, first)
        const tone = ribbon.bought ? (index % 2 === 0 ? color.petrol : color.petrolSoft) : color.beam
        return (
          <g key={`${first.key} ${ribbon.label}`}>
            <title>
              {say('endsBy', {
                split: first.key.split(' ')[0],
                ribbon: ribbon.label,
                end: ribbon.end,
                unusedLife: ribbon.unusedLife ? say('unusedLife', { unusedLife: ribbon.unusedLife }) : '',
              })}
            </title>
            {parts.map((part, at) => {
              const y = laneY(part.lane) + (LANE - THICK) / 2
              const before = parts[at - 1]
              return (
                <g key={part.key}>
                  {before && (
                    <line
                      x1={part.x1}
                      x2={part.x1}
                      y1={laneY(before.lane) + LANE / 2}
                      y2={laneY(part.lane) + LANE / 2}
                      stroke={tone}
                      strokeWidth={4}
                    />
                  )}
                  <rect x={part.x1} y={y} width={Math.max(1.5, part.x2 - part.x1 - 1.5)} height={THICK} fill={tone} />
                </g>
              )
            })}
            {thrown > 1 && (
              <rect
                x={last.x2 - thrown - 1.5}
                y={laneY(last.lane) + (LANE - THICK) / 2}
                width={thrown}
                height={THICK}
                fill="url(#thrown-away)"
                stroke={color.rubber}
                strokeWidth={0.6}
              />
            )}
            {ribbon.earliest && (
              <line
                x1={x(ribbon.earliest, view)}
                x2={ribbon.latest ? x(ribbon.latest, view) : last.x2}
                y1={laneY(last.lane) + LANE - 3}
                y2={laneY(last.lane) + LANE - 3}
                stroke={color.ink}
                strokeWidth={1.6}
                strokeDasharray="3 2"
              />
            )}
          </g>
        )
      })}
      {view.limitsExceeded.map((one) => (
        <text
          key={`${one.position} ${one.on}`}
          x={x(one.on, view) - 5}
          y={laneY(view.positions.indexOf(one.position)) + LANE / 2 + 5}
          fontWeight={800}
          fontSize={15}
          fill={color.stop}
          stroke={color.sheet}
          strokeWidth={3}
          paintOrder="stroke"
        >
          !<title>{one.statement}</title>
        </text>
      ))}
    </Drawing>
  )
}
