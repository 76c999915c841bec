import { AreaNav } from '../../ui/AreaNav'

const PAGES = [
  { to: '/shop', word: 'Jobs' },
  { to: '/shop/calendar', word: 'Schedule' },
  { to: '/shop/setup', word: 'Setup' },
]

/** What is planned, where it stands in the bays, and what the shops can do. */
export function ShopArea() {
  return <AreaNav label="Shop pages" pages={PAGES} />
}
