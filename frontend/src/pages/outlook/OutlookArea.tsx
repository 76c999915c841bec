import { AreaNav } from '../../ui/AreaNav'
import { say } from './words'

const PAGES = [
  { to: '/outlook', word: say('at15YearOutlook') },
  { to: '/outlook/monthly-report', word: say('monthlyReport') },
]

/** The years ahead, and the month behind. */
export function OutlookArea() {
  return <AreaNav label={say('outlookPages')} pages={PAGES} />
}
