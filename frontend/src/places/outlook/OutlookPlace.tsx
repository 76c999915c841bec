import { PlaceNav } from '../../ui/PlaceNav'

const PAGES = [
  { to: '/outlook', word: 'Years ahead' },
  { to: '/outlook/month', word: 'Month’s report' },
]

/** The years ahead, and the month behind. */
export function OutlookPlace() {
  return <PlaceNav label="Outlook pages" pages={PAGES} />
}
