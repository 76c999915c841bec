import { AreaNav } from '../../ui/AreaNav'

const PAGES = [
  { to: '/reference', word: 'Reading a sidewall' },
  { to: '/reference/patterns', word: 'Wear patterns' },
  { to: '/reference/charts', word: 'Load–inflation charts' },
  { to: '/reference/calculator', word: 'Pressure calculator' },
  { to: '/reference/gauges', word: 'Gauges' },
  { to: '/reference/tire-changers', word: 'Tire changers' },
  { to: '/reference/policy', word: 'Policy' },
]

/** What is looked up: how a sidewall is read, the makers' charts, and the fleet's numbers. */
export function ReferenceArea() {
  return <AreaNav label="Reference pages" pages={PAGES} />
}
