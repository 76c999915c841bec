import { color } from '../../base/theme'
import { ChartFrame, Filled, Legend, type Look } from './ChartFrame'
import { columnOf, yOf } from './geometry'

/** One column: its name, and a figure for each kind from the foot up. */
export interface StackedColumn {
  name: string
  figures: number[]
}

/** Columns of several kinds on top of one another; the sum stands over each that is not nothing. */
export function StackedColumns(props: {
  label: string
  kinds: Look[]
  columns: StackedColumn[]
  write: (figure: number) => string
}) {
  const sum = (one: StackedColumn) => one.figures.reduce((all, figure) => all + figure, 0)
  return (
    <div>
      {props.kinds.length > 1 && <Legend kinds={props.kinds} />}
      <ChartFrame
        label={props.label}
        names={props.columns.map((one) => one.name)}
        most={Math.max(...props.columns.map(sum))}
        write={props.write}
      >
        {(top) =>
          props.columns.map((one, at) => {
            const { x, width } = columnOf(at, props.columns.length)
            let below = 0
            return (
              <g key={one.name}>
                {one.figures.map((figure, kind) => {
                  const [foot, head] = [yOf(below, top), yOf(below + figure, top)]
                  below += figure
                  const look = props.kinds[kind]
                  return (
                    figure > 0 &&
                    look && (
                      <Filled
                        key={look.name}
                        look={look}
                        x={x + width * 0.14}
                        y={head}
                        width={width * 0.72}
                        height={foot - head}
                      />
                    )
                  )
                })}
                {below > 0 && (
                  <text x={x + width / 2} y={yOf(below, top) - 4} textAnchor="middle" fill={color.ink}>
                    {props.write(below)}
                  </text>
                )}
              </g>
            )
          })
        }
      </ChartFrame>
    </div>
  )
}
