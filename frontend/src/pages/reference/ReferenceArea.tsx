import { AreaNav } from '../../ui/AreaNav'
import { say } from './words'

const PAGES = [
  { to: '/reference', word: say('readingASidewall') },
  { to: '/reference/patterns', word: say('wearPatterns') },
  { to: '/reference/charts', word: say('loadInflationCharts') },
  { to: '/reference/calculator', word: say('pressureCalculator') },
  { to: '/reference/gauges', word: say('gauges') },
  { to: '/reference/tire-changers', word: say('tireChangers') },
  { to: '/reference/policy', word: say('policy') },
]

/** What is looked up: how a sidewall is read, the makers' charts, and the fleet's numbers. */
export function ReferenceArea() {
  return <AreaNav label={say('referencePages')} pages={PAGES} />
}
