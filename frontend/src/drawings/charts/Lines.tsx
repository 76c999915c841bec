import { color } from '../../base/theme'
import { ChartFrame } from './ChartFrame'
import { apart, columnOf, yOf } from './geometry'

/** One line with its name at its end. */
export interface Line {
  name: string
  figures: number[]
  /** The one that is looked at: thicker. */
  chosen?: boolean
}

/** Room for the names at the lines’ ends. */
const NAMES_PX = 116
const DASHES = ['', '7 4', '2 3', '10 3 2 3', '14 4', '4 2']

/** Figures over time, one line for each; told apart by their dashes and by the names at their ends. */
export function Lines(props: { label: string; names: string[]; lines: Line[]; write: (figure: number) => string }) {
  const end = columnOf(props.names.length - 1, props.names.length, NAMES_PX)
  const most = Math.max(...props.lines.flatMap((line) => line.figures))
  return (
    <ChartFrame label={props.label} names={props.names} most={most} write={props.write} right={NAMES_PX}>
      {(top) => {
        const at = apart(
          props.lines.map((line) => yOf(line.figures.at(-1) ?? 0, top)),
          14,
        )
        return props.lines.map((line, number) => (
          <g key={line.name}>
            <polyline
              points={line.figures
                .map((figure, point) => {
                  const { x, width } = columnOf(point, props.names.length, NAMES_PX)
                  return `${x + width / 2},${yOf(figure, top)}`
                })
                .join(' ')}
              fill="none"
              stroke={line.chosen ? color.petrol : color.ink}
              strokeWidth={line.chosen ? 3 : 1.4}
              strokeDasharray={DASHES[number % DASHES.length]}
            />
            {props.lines.length > 1 && (
              <text
                x={end.x + end.width / 2 + 6}
                y={(at[number] ?? 0) + 4}
                fill={line.chosen ? color.petrol : color.ink}
                fontWeight={line.chosen ? 700 : 450}
              >
                {line.name}
              </text>
            )}
          </g>
        ))
      }}
    </ChartFrame>
  )
}
