import { useId } from 'react'
import { color } from '../../base/theme'
import { Drawing } from '../Drawing'
import { cut, type Depths, HEIGHT, WIDTH } from './geometry'
import { say } from './words'

/** A cut through the tread with what is left in each groove, pull point and legal limit, and the shape of the wear below. */
export function TreadSection(props: {
  title: string
  depths: Depths
  words: { outer: string; center: string; inner: string; pull?: string; legal?: string }
}) {
  const hatch = useId()
  const drawn = cut(props.depths)
  const zones = [props.words.outer, props.words.center, props.words.inner]
  const limits = props.words.pull && props.words.legal
  return (
    <Drawing
      width={WIDTH + 70}
      height={HEIGHT + 62}
      label={say('outerCenterInner', {
        tire: props.title,
        outer: zones[0],
        center: zones[1],
        inner: zones[2],
        limits: limits ? say('pullPointLegalLimit', { pull: props.words.pull, legal: props.words.legal }) : '',
      })}
      maxWidth={420}
    >
      <defs>
        <pattern id={hatch} width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="6" stroke={color.frame} strokeWidth="1.5" />
        </pattern>
      </defs>
      <rect x={4} y={drawn.fresh} width={WIDTH - 8} height={HEIGHT - 4 - drawn.fresh} fill={`url(#${hatch})`} rx={3} />
      <path d={drawn.rubber} fill={color.rubber} />
      {drawn.grooves.map((groove, at) => (
        <g key={groove.from}>
          <rect
            x={groove.from}
            y={Math.min(groove.top, drawn.fresh) - 1}
            width={groove.to - groove.from}
            height={groove.floor - Math.min(groove.top, drawn.fresh) + 1}
            fill={color.chalk}
          />
          <line
            x1={(groove.from + groove.to) / 2}
            x2={(groove.from + groove.to) / 2}
            y1={groove.top}
            y2={groove.floor}
            stroke={color.petrol}
            strokeWidth={2}
          />
          <text x={(groove.from + groove.to) / 2} y={HEIGHT + 14} textAnchor="middle" fontWeight={700} fill={color.ink}>
            {['O', 'C', 'I'][at]} {zones[at]}
          </text>
        </g>
      ))}
      {limits && (
        <>
          <line
            x1={0}
            x2={WIDTH}
            y1={drawn.pull}
            y2={drawn.pull}
            stroke="#9FA9F0"
            strokeWidth={1.6}
            strokeDasharray="2 3"
          />
          <text x={WIDTH + 4} y={drawn.pull} fill={color.plan}>
            {say('pull', { pull: props.words.pull })}
          </text>
          <line
            x1={0}
            x2={WIDTH}
            y1={drawn.legal}
            y2={drawn.legal}
            stroke="#F0806F"
            strokeWidth={1.6}
            strokeDasharray="6 3"
          />
          <text x={WIDTH + 4} y={drawn.legal + 11} fill={color.stop}>
            {say('legal', { legal: props.words.legal })}
          </text>
        </>
      )}
      <g transform={`translate(0 ${HEIGHT + 22})`}>
        <line x1={6} x2={WIDTH - 6} y1={4} y2={4} stroke={color.frame} />
        <path d={drawn.shape} fill="none" stroke={color.ink} strokeWidth={2.2} />
      </g>
    </Drawing>
  )
}
