import Box from '@mui/material/Box'
import type { ReactNode } from 'react'
import { color } from '../../base/theme'
import { Drawing } from '../Drawing'
import { CHART, columnOf, everyName, ticks, yOf } from './geometry'

/** A pattern and a color: kinds are told apart without color, too. */
export interface Look {
  name: string
  fill: string
  /** Drawn over the fill. */
  hatch?: 'rising' | 'dots'
}

/** The grid of a chart with its figures at the side and its names below, and what is drawn on it. */
export function ChartFrame(props: {
  /** What it shows, for whoever can’t see it; the table beside it says every figure. */
  label: string
  names: string[]
  most: number
  /** How a figure at the side is written. */
  write: (figure: number) => string
  /** Room at the right, for names there. */
  right?: number
  children: (top: number) => ReactNode
}) {
  const { names } = props
  const marks = ticks(props.most)
  const top = marks.at(-1) ?? 1
  const right = props.right ?? CHART.right
  const every = everyName(names.length, Math.max(...names.map((name) => name.length), 1), right)
  return (
    <Drawing width={CHART.width} height={CHART.height} label={props.label} maxWidth={820}>
      {marks.map((mark) => (
        <g key={mark}>
          <line
            x1={CHART.left}
            x2={CHART.width - right}
            y1={yOf(mark, top)}
            y2={yOf(mark, top)}
            stroke={color.hairline}
          />
          <text x={CHART.left - 6} y={yOf(mark, top) + 4} textAnchor="end" fill={color.quiet}>
            {props.write(mark)}
          </text>
        </g>
      ))}
      {props.children(top)}
      {names.map((name, at) => {
        const { x, width } = columnOf(at, names.length, right)
        return (
          (names.length - 1 - at) % every === 0 && (
            <text key={name} x={x + width / 2} y={CHART.height - 8} textAnchor="middle" fill={color.quiet}>
              {name}
            </text>
          )
        )
      })}
    </Drawing>
  )
}

/** What each kind looks like in the chart. */
export function Legend({ kinds }: { kinds: Look[] }) {
  return (
    <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', mb: 0.5 }}>
      {kinds.map((kind) => (
        <Box key={kind.name} sx={{ display: 'flex', gap: 0.75, alignItems: 'center' }}>
          <svg width="16" height="12" aria-hidden="true">
            <Filled look={kind} x={0} y={0} width={16} height={12} />
          </svg>
          {kind.name}
        </Box>
      ))}
    </Box>
  )
}

/** A block in the look of its kind. */
export function Filled({ look, ...room }: { look: Look; x: number; y: number; width: number; height: number }) {
  const id = `hatch-${look.hatch}`
  return (
    <>
      <rect {...room} fill={look.fill} />
      {look.hatch && (
        <>
          <defs>
            <pattern id={id} width="6" height="6" patternUnits="userSpaceOnUse">
              {look.hatch === 'rising' ? (
                <path d="M-1,7L7,-1M-1,1L1,-1M5,7L7,5" stroke={color.sheet} strokeWidth="1.4" />
              ) : (
                <circle cx="3" cy="3" r="1.2" fill={color.sheet} />
              )}
            </pattern>
          </defs>
          <rect {...room} fill={`url(#${id})`} />
        </>
      )}
    </>
  )
}
