import type { Verdict } from '../../api/client'
import { color } from '../../base/theme'
import { STATES } from './verdicts'

/** The shape of a state in a 16 by 16 field: each can be told without its colour. */
export function StateShape({ verdict }: { verdict: Verdict }) {
  const ink = STATES[verdict].colour
  switch (verdict) {
    case 'GOOD':
      return <circle cx={8} cy={8} r={5.5} fill={color.sheet} stroke={ink} strokeWidth={2.4} />
    case 'UNKNOWN':
      return (
        <circle cx={8} cy={8} r={5.5} fill={color.sheet} stroke={ink} strokeWidth={2.2} strokeDasharray="2.9 2.9" />
      )
    case 'WATCH':
      return (
        <>
          <circle cx={8} cy={8} r={5.7} fill={color.sheet} stroke={ink} strokeWidth={2} />
          <path d="M8 2.3a5.7 5.7 0 0 1 0 11.4z" fill={ink} />
        </>
      )
    case 'SERVICE_DUE':
      return <path d="M2 2h8l4 4v8H2z" fill={ink} />
    case 'DO_NOT_OPERATE':
      return (
        <>
          <path d="M5.1 1h5.8L15 5.1v5.8L10.9 15H5.1L1 10.9V5.1z" fill={ink} />
          <rect x={3.6} y={6.6} width={8.8} height={2.8} fill={color.sheet} />
        </>
      )
  }
}

/** A state as a glyph of its own, named for screen readers unless its word stands beside it. */
export function VerdictIcon({
  verdict,
  size = 16,
  named = true,
}: {
  verdict: Verdict
  size?: number
  named?: boolean
}) {
  const label = named ? { role: 'img', 'aria-label': STATES[verdict].word } : { 'aria-hidden': true }
  return (
    // biome-ignore lint/a11y/noSvgWithoutTitle: named by aria-label, or hidden where its word stands beside it
    <svg viewBox="0 0 16 16" width={size} height={size} style={{ flex: 'none', display: 'block' }} {...label}>
      <StateShape verdict={verdict} />
    </svg>
  )
}

/** The glyph on a chalk disc inside a larger drawing, so that it keeps its contrast on rubber. */
export function StateMark({ verdict, x, y, size }: { verdict: Verdict; x: number; y: number; size: number }) {
  const scale = size / 16
  return (
    <g transform={`translate(${x - size / 2} ${y - size / 2}) scale(${scale})`}>
      <circle cx={8} cy={8} r={9.92} fill={color.chalk} />
      <StateShape verdict={verdict} />
    </g>
  )
}
