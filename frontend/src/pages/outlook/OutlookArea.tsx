import { AreaNav } from '../../ui/AreaNav'

const PAGES = [
  { to: '/outlook', word: 'Years ahead' },
  { to: '/outlook/monthly-report', word: 'Month’s report' },
]

/** The years ahead, and the month behind. */
export function OutlookArea() {
  return <AreaNav label="Outlook pages" pages={PAGES} />
}
