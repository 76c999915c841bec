import type { Schemas } from '../../api/client'
import { color } from '../../base/theme'
import { corners, height, WIDTH } from './geometry'
import { say } from './words'

type View = Schemas['CornerView']

/** The corners from above: which lamp is lit, which sensor was heard, and threads from each sensor to the corner it shows. */
export function RelearnDiagram({ views }: { views: View[] }) {
  const positions = views.map((view) => view.position)
  const places = corners(positions)
  const of = (position: string) => places.find((place) => place.position === position)
  const crossed = views.filter((view) => view.shows !== undefined && view.shows !== view.position)
  const words = views.map((view) =>
    [
      view.position,
      view.lit && say('lampLit'),
      view.confirmed && 'heard',
      view.mustInflate && say('toBeFilledAgain'),
      view.shows && say('dashShowsTheTire', { shows: view.shows }),
    ]
      .filter(Boolean)
      .join(', '),
  )
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height(positions)}`}
      width="100%"
      style={{ maxWidth: 440 }}
      role="img"
      aria-label={say('cornerTrace', { words: words.join('; ') })}
    >
      <path d={`M ${WIDTH / 2} 6 l 8 13 h -16 z`} fill={color.beam} />
      {[...new Set(places.map((place) => place.y))].map((y) => (
        <rect key={y} x={112} y={y - 4} width={WIDTH - 224} height={8} fill={color.frame} />
      ))}
      {views.map((view) => {
        const place = of(view.position)
        if (!place) return null
        const out = place.left ? -1 : 1
        return (
          <g key={view.position}>
            <rect
              x={place.x - 14}
              y={place.y - 30}
              width={28}
              height={60}
              rx={6}
              fill={color.rubber}
              stroke={view.lit ? color.amber : color.rubber}
              strokeWidth={view.lit ? 4 : 1}
            />
            <text x={place.x} y={place.y + 5} textAnchor="middle" fontSize={12} fontWeight={750} fill="#fff">
              {view.position}
            </text>
            {view.lit && (
              <>
                <circle cx={place.x + out * 26} cy={place.y - 26} r={9} fill={color.amber} stroke={color.ink} />
                <text x={place.x + out * 40} y={place.y - 22} textAnchor={place.left ? 'end' : 'start'} fontSize={13.5}>
                  {say('lamp')}
                </text>
              </>
            )}
            {view.confirmed && (
              <text
                x={place.x + out * 24}
                y={place.y + 2}
                textAnchor={place.left ? 'end' : 'start'}
                fontSize={14}
                fontWeight={700}
                fill={color.fit}
              >
                {say('horn')}
              </text>
            )}
            {!view.confirmed && view.expected && !view.lit && (
              <text x={place.x + out * 24} y={place.y + 2} textAnchor={place.left ? 'end' : 'start'} fontSize={13.5}>
                {say('next')}
              </text>
            )}
            {[view.dash && say('dash', { dash: view.dash }), view.gauge && say('gauge', { gauge: view.gauge })]
              .filter(Boolean)
              .map((words, line) => (
                <text
                  key={words}
                  x={place.x + out * 24}
                  y={place.y + 18 + line * 16}
                  textAnchor={place.left ? 'end' : 'start'}
                  fontSize={13}
                  fill={color.ink}
                >
                  {words}
                </text>
              ))}
            {view.mustInflate && (
              <text
                x={place.x + out * 24}
                y={place.y + 50}
                textAnchor={place.left ? 'end' : 'start'}
                fontSize={12}
                fontWeight={700}
                fill={color.stop}
              >
                {say('fillAgain')}
              </text>
            )}
          </g>
        )
      })}
      {crossed.map((view) => {
        const from = of(view.position)
        const to = of(view.shows ?? '')
        if (!from || !to) return null
        const mid = WIDTH / 2
        return (
          <path
            key={`thread ${view.position}`}
            d={`M ${from.x} ${from.y} C ${mid} ${from.y} ${mid} ${to.y} ${to.x} ${to.y}`}
            fill="none"
            stroke={color.watch}
            strokeWidth={3}
            strokeDasharray="7 4"
          />
        )
      })}
    </svg>
  )
}
