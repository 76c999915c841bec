import { useId } from 'react'
import { color, mono } from '../../base/theme'
import { arc, FIELDS, type PlacedField, type SidewallField } from './fields'
import { say } from './words'

const RADIUS = { outer: 168, inner: 128 }

/** A sidewall of ours, with every field where it may stand; picking one tells about it. */
export function SidewallMap(props: { picked: SidewallField | undefined; onPick: (field: SidewallField) => void }) {
  return (
    // biome-ignore lint/a11y/useSemanticElements: an SVG drawing has no fieldset
    <svg viewBox="0 0 400 400" width="100%" style={{ maxWidth: 460 }} role="group" aria-label={say('sidewallOfATire')}>
      <circle cx={200} cy={200} r={194} fill={color.groove} />
      {Array.from({ length: 72 }, (_, at) => at * 5).map((degrees) => (
        <path key={degrees} d={arc(191, degrees, 2.6)} stroke={color.beam} strokeWidth={5} fill="none" />
      ))}
      <circle cx={200} cy={200} r={185} fill={color.rubber} />
      <circle cx={200} cy={200} r={150} fill="none" stroke="#3B4146" strokeWidth={1.5} />
      <circle cx={200} cy={200} r={106} fill={color.frame} />
      <circle cx={200} cy={200} r={98} fill={color.chalk} stroke={color.beam} strokeWidth={2} />
      <text x={200} y={196} textAnchor="middle" fontSize={14.5} fontWeight={700} fill={color.ink}>
        {say('pointAtAField')}
      </text>
      <text x={200} y={214} textAnchor="middle" fontSize={13.4} fill={color.quiet}>
        {say('orUseTabAndEnter')}
      </text>
      {FIELDS.map((field) => (
        <Field key={field.field} field={field} picked={props.picked === field.field} onPick={props.onPick} />
      ))}
    </svg>
  )
}

function Field({
  field,
  picked,
  onPick,
}: {
  field: PlacedField
  picked: boolean
  onPick: (field: SidewallField) => void
}) {
  const id = useId()
  const radius = RADIUS[field.ring]
  const below = field.at > 90 && field.at < 270
  return (
    // biome-ignore lint/a11y/useSemanticElements: a stretch of an SVG drawing
    <g
      role="button"
      tabIndex={0}
      aria-pressed={picked}
      aria-label={say('forExample', { field: field.title, molded: field.molded })}
      onClick={() => onPick(field.field)}
      onKeyDown={(event) => {
        if (event.key === 'Enter' || event.key === ' ') {
          event.preventDefault()
          onPick(field.field)
        }
      }}
      style={{ cursor: 'pointer' }}
    >
      <path
        d={arc(radius, field.at, field.span)}
        stroke={picked ? color.amber : '#3B4146'}
        strokeWidth={27}
        fill="none"
        strokeLinecap="butt"
      />
      {/* The ring is narrower than a finger. */}
      <path d={arc(radius, field.at, field.span)} stroke="transparent" strokeWidth={50} fill="none" />
      <path id={id} d={arc(radius + (below ? 5 : -5), field.at, field.span)} fill="none" />
      <text fontSize={13.5} fontFamily={mono} fontWeight={600} fill={picked ? color.ink : color.tread}>
        <textPath href={`#${id}`} startOffset="50%" textAnchor="middle">
          {field.molded}
        </textPath>
      </text>
    </g>
  )
}
