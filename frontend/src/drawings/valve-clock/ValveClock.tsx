import Box from '@mui/material/Box'
import type { Schemas } from '../../api/client'
import { color } from '../../base/theme'
import { at, sector } from './geometry'
import { say } from './words'

const SIZE = 210
const RIM = 66
const TIRE = 92

/** A wheel face with the tool at 3 o'clock, the arc that stays free, and where the valve goes. */
export function ValveClock({ clock }: { clock: Schemas['ValveClockView'] }) {
  const words = clock.valvePositions.map((place) => `${place.clock}, ${place.technique}`).join(say('or'))
  return (
    <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
      <svg
        viewBox={`${-SIZE / 2} ${-SIZE / 2} ${SIZE + 24} ${SIZE}`}
        width={SIZE}
        role="img"
        aria-label={say('valveClockToolAt3', { step: clock.step, words: words || say('anyPlace') })}
      >
        <circle r={TIRE} fill={color.rubber} />
        <circle r={RIM} fill={color.pointed} />
        {clock.exclusionAngle > 0 && <path d={sector(clock.exclusionAngle, RIM)} fill={color.stop} opacity={0.28} />}
        {clock.exclusionAngle > 0 && (
          <path
            d={sector(clock.exclusionAngle, RIM)}
            fill="none"
            stroke={color.stop}
            strokeWidth={1.5}
            strokeDasharray="4 3"
          />
        )}
        <circle r={13} fill={color.beam} />
        <rect x={TIRE - 8} y={-17} width={34} height={34} rx={3} fill={color.beam} stroke={color.ink} />
        <text x={TIRE + 9} y={4} textAnchor="middle" fontSize={13} fontWeight={700} fill={color.ink}>
          {say('tool')}
        </text>
        {clock.valvePositions.flatMap((place, rank) =>
          place.angles.map((angle) => {
            const { x, y } = at(angle, RIM - 8)
            return (
              <g key={`${place.technique} ${angle}`}>
                <circle
                  cx={x}
                  cy={y}
                  r={10}
                  fill={rank === 0 ? color.amber : color.sheet}
                  stroke={color.ink}
                  strokeWidth={rank === 0 ? 2.5 : 1.5}
                  strokeDasharray={rank === 0 ? undefined : '3 2'}
                />
                <text
                  x={x}
                  y={y + 4}
                  textAnchor="middle"
                  fontSize={13}
                  fontWeight={750}
                  fill={rank === 0 ? color.onAmber : color.ink}
                >
                  {say('v')}
                </text>
              </g>
            )
          }),
        )}
      </svg>
      <Box sx={{ flex: 1, minWidth: 180 }}>
        <Box component="h3" sx={{ typography: 'h3', m: 0 }}>
          {say('valveAt', { step: clock.step })}
        </Box>
        <Box component="ul" sx={{ m: 0, pl: 2.25 }}>
          {clock.valvePositions.map((place, rank) => (
            <li key={place.technique}>
              <Box component="strong" sx={{ fontSize: rank === 0 ? 18 : 15 }}>
                {place.clock}
              </Box>
              , {place.technique}
            </li>
          ))}
          {clock.valvePositions.length === 0 && <li>{say('anyPlace')}</li>}
        </Box>
        <Box sx={{ color: 'text.secondary' }}>{clock.explanation}</Box>
      </Box>
    </Box>
  )
}
