import type { DueLine } from '../../api/client'

/** One vehicle's work in one group of the due list. */
export interface DueRowData {
  key: string
  vehicleId: number
  unit: string
  group: DueLine['group']
  /** The most urgent first: its figure and its day are what the row shows. */
  lines: [DueLine, ...DueLine[]]
  /** The same kind of work on several tires is said once. */
  works: { label: string; places: string }[]
  /** How many tires the work concerns in all. */
  tires: number
}

export const keyOf = (line: DueLine) => `${line.vehicleId} ${line.key}`

/** The lines of the due list, which come group by group and vehicle by vehicle, as one row for each vehicle of a group. */
export function rowsOf(lines: DueLine[]): DueRowData[] {
  const rows: DueRowData[] = []
  for (const line of lines) {
    const last = rows.at(-1)
    if (last && last.vehicleId === line.vehicleId && last.group === line.group) {
      last.lines.push(line)
    } else {
      rows.push({
        key: `${line.group} ${line.vehicleId}`,
        vehicleId: line.vehicleId,
        unit: line.unit,
        group: line.group,
        lines: [line],
        works: [],
        tires: 0,
      })
    }
  }
  for (const row of rows) {
    row.works = worksOf(row.lines)
    row.tires = new Set(row.lines.flatMap((line) => line.positions)).size
  }
  return rows
}

function worksOf(lines: DueLine[]): DueRowData['works'] {
  const works = new Map<string, string[]>()
  for (const line of lines) {
    const places = works.get(line.label) ?? []
    if (line.places) places.push(line.places)
    works.set(line.label, places)
  }
  return [...works].map(([label, places]) => ({ label, places: [...new Set(places)].join(' ') }))
}
