import { AreaNav } from '../../ui/AreaNav'

const PAGES = [
  { to: '/outlook', word: '15-year outlook' },
  { to: '/outlook/monthly-report', word: 'Monthly report' },
]

/** The years ahead, and the month behind. */
export function OutlookArea() {
  return <AreaNav label="Outlook pages" pages={PAGES} />
}
