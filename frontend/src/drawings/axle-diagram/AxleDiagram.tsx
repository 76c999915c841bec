import { color } from '../../base/theme'
import { StateMark } from '../verdict/VerdictIcon'
import { STATES } from '../verdict/verdicts'
import { type Box, type PlacedPlan, type PlacedTire, type Plan, placePlan } from './geometry'
import { PressureBar, TreadColumns, YearTicks } from './overlays'
import { say } from './words'

export type Overlay = 'tread' | 'pressure' | 'age'

/** A vehicle in the yard: small, tires in their state, drawn as one picture with one name. */
export function SmallAxlePlan({ plan, label }: { plan: Plan; label: string }) {
  const placed = placePlan(plan, 'yard')
  return (
    <svg
      width={placed.width}
      height={placed.height}
      viewBox={`0 0 ${placed.width} ${placed.height}`}
      role="img"
      aria-label={label}
    >
      <Frame placed={placed} thickness={3} />
      {/* All the rubber in one stroke: a yard has thousands of these drawings. */}
      <path d={placed.tires.map((tire) => rounded(tire.box, 3)).join('')} fill={color.rubber} />
      {placed.tires
        .filter((tire) => tire.mark.verdict !== 'GOOD')
        .map((tire) => (
          <StateMark
            key={tire.mark.position}
            verdict={tire.mark.verdict}
            x={tire.box.x + tire.box.width / 2}
            y={tire.box.y + tire.box.height / 2}
            size={11}
          />
        ))}
    </svg>
  )
}

/** The path of a box with rounded corners. */
const rounded = ({ x, y, width, height }: Box, r: number) => {
  const corner = (dx: number, dy: number) => `a${r} ${r} 0 0 1 ${dx * r} ${dy * r}`
  const [w, h] = [width - 2 * r, height - 2 * r]
  return `M${x + r} ${y}h${w}${corner(1, 1)}v${h}${corner(-1, 1)}h${-w}${corner(-1, -1)}v${-h}${corner(1, -1)}z`
}

/** The vehicle page's plan: every tire can be picked, and shows the chosen overlays. */
export function AxleDiagram(props: {
  plan: Plan
  overlays: Overlay[]
  picked?: string | undefined
  onPick: (position: string) => void
}) {
  const placed = placePlan(props.plan, 'vehicle')
  return (
    // biome-ignore lint/a11y/useSemanticElements: an SVG drawing has no fieldset
    <svg
      viewBox={`0 0 ${placed.width} ${placed.height}`}
      width="100%"
      style={{ maxWidth: placed.width }}
      role="group"
      aria-label={say('axleDiagramFrontUp')}
    >
      <path d={`M${placed.center - 9} 18h18l-9 -14z`} fill={color.frame} />
      <Frame placed={placed} thickness={12} />
      {placed.axles.map((axle) => (
        <g key={axle.number} textAnchor="middle">
          <rect x={placed.center - 42} y={axle.y - 32} width={84} height={axle.target ? 26 : 20} fill={color.chalk} />
          <text x={placed.center} y={axle.y - 16} fontSize={14} fontWeight={700} fill={color.ink}>
            {axle.role[0]?.toUpperCase() + axle.role.slice(1)}
          </text>
          {axle.target && (
            <>
              <rect x={placed.center - 46} y={axle.y + 9} width={92} height={18} fill={color.chalk} />
              <text x={placed.center} y={axle.y + 22} fontSize={13.4} fill={color.quiet}>
                {say('target', { target: axle.target })}
              </text>
            </>
          )}
        </g>
      ))}
      {placed.tires.map((tire) => (
        <Tire key={tire.mark.position} tire={tire} {...props} />
      ))}
    </svg>
  )
}

function Frame({ placed, thickness }: { placed: PlacedPlan; thickness: number }) {
  return (
    <>
      <rect
        x={placed.center - thickness / 2}
        y={placed.frame.from}
        width={thickness}
        height={placed.frame.to - placed.frame.from}
        fill={color.frame}
      />
      {placed.axles.map((axle) => (
        <rect
          key={axle.number}
          x={axle.from}
          y={axle.y - thickness / 3}
          width={axle.to - axle.from}
          height={(thickness * 2) / 3}
          fill={color.beam}
        />
      ))}
    </>
  )
}

function Tire(props: {
  tire: PlacedTire
  overlays: Overlay[]
  picked?: string | undefined
  onPick: (position: string) => void
}) {
  const { mark, box, side } = props.tire
  const picked = props.picked === mark.position
  const pick = () => props.onPick(mark.position)
  const spoken = [
    `${mark.position}, ${mark.name}: ${STATES[mark.verdict].word}`,
    mark.headline,
    mark.tread && say('tread', { lowest: mark.tread.lowest }),
    mark.pressure?.read && `${mark.pressure.read} cold`,
    mark.age && say('yearsOld', { years: mark.age.years }),
  ]
  const edge = side === 'right' ? box.x + box.width : box.x
  return (
    // biome-ignore lint/a11y/useSemanticElements: a shape inside an SVG drawing
    <g
      role="button"
      tabIndex={0}
      aria-pressed={picked}
      aria-label={spoken.filter(Boolean).join('. ')}
      onClick={pick}
      onKeyDown={(event) => {
        if (event.key === 'Enter' || event.key === ' ') {
          event.preventDefault()
          pick()
        }
      }}
      style={{ cursor: 'pointer' }}
    >
      <text x={box.x + box.width / 2} y={box.y - 8} textAnchor="middle" fontSize={14} fontWeight={750} fill={color.ink}>
        {mark.position}
      </text>
      <rect
        {...box}
        rx={9}
        fill={color.rubber}
        stroke={picked ? color.petrol : 'none'}
        strokeWidth={4}
        paintOrder="stroke"
      />
      {props.overlays.includes('tread') && <TreadColumns mark={mark} box={box} outerFirst={side !== 'right'} />}
      {props.overlays.includes('pressure') && <PressureBar tire={props.tire} />}
      {props.overlays.includes('age') && <YearTicks tire={props.tire} />}
      <StateMark verdict={mark.verdict} x={edge} y={box.y + 3} size={17} />
    </g>
  )
}
