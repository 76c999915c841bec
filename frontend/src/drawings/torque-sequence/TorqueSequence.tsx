import Box from '@mui/material/Box'
import { color } from '../../base/theme'
import { nuts } from './geometry'
import { say } from './words'

const SIZE = 240
const RADIUS = 88

/** The stud circle with the order of tightening: what is done, which comes next. Tapping the next nut counts it. */
export function TorqueSequence(props: {
  order: number[]
  tightened: number
  stage: string
  wrench: string | undefined
  onTighten?: (() => void) | undefined
}) {
  const { order, tightened } = props
  const places = nuts(order.length, RADIUS)
  const next = order[tightened]
  const at = (number: number) => places[number - 1] ?? { x: 0, y: 0 }
  const done = order.slice(0, tightened)
  return (
    <Box>
      <svg
        viewBox={`${-SIZE / 2} ${-SIZE / 2} ${SIZE} ${SIZE}`}
        width={SIZE}
        height={SIZE}
        role="img"
        aria-label={say('torqueStarOrderOfTightened', {
          stage: props.stage,
          order: order.join(' '),
          tightened,
          count: order.length,
          next: next ? say('next', { next }) : '',
        })}
      >
        <circle r={RADIUS} fill="none" stroke={color.hairline} strokeWidth={16} />
        {done.slice(1).map((number, index) => {
          const from = at(done[index] ?? number)
          const to = at(number)
          return (
            <line
              key={number}
              x1={from.x}
              y1={from.y}
              x2={to.x}
              y2={to.y}
              stroke={color.petrol}
              strokeWidth={1.5}
              opacity={0.6}
            />
          )
        })}
        {places.map(({ number, x, y }) => {
          const isDone = done.includes(number)
          const isNext = number === next
          return (
            <g key={number}>
              <circle
                cx={x}
                cy={y}
                r={isNext ? 18 : 15}
                fill={isDone ? color.petrol : isNext ? color.amber : color.sheet}
                stroke={color.ink}
                strokeWidth={isNext ? 2.5 : 1}
              />
              <text
                x={x}
                y={y + 5}
                textAnchor="middle"
                fontSize={14}
                fontWeight={750}
                fill={isDone ? color.onPetrol : isNext ? color.onAmber : color.ink}
              >
                {number}
              </text>
            </g>
          )
        })}
        <text
          y={-4}
          textAnchor="middle"
          fontSize={19}
          fontWeight={750}
          fill={color.ink}
          stroke={color.sheet}
          strokeWidth={5}
          paintOrder="stroke"
        >
          {props.wrench ?? say('noTorqueOnFile')}
        </text>
        <text
          y={16}
          textAnchor="middle"
          fontSize={13}
          fill={color.quiet}
          stroke={color.sheet}
          strokeWidth={5}
          paintOrder="stroke"
        >
          {props.stage}
        </text>
      </svg>
      {props.onTighten && next !== undefined && (
        <Box
          component="button"
          type="button"
          onClick={props.onTighten}
          sx={{
            display: 'block',
            font: 'inherit',
            fontSize: 17,
            fontWeight: 700,
            minHeight: 52,
            width: SIZE,
            cursor: 'pointer',
            color: color.onAmber,
            background: color.amber,
            border: `2px solid ${color.ink}`,
            borderRadius: 1,
            '&:focus-visible': { outline: `3px solid ${color.petrol}`, outlineOffset: 2 },
          }}
        >
          {say('nutTightened', { next })}
        </Box>
      )}
    </Box>
  )
}
