import { AreaNav } from '../../ui/AreaNav'

const PAGES = [
  { to: '/shop', word: 'Jobs by day' },
  { to: '/shop/calendar', word: 'Bays and hours' },
  { to: '/shop/setup', word: 'Setup' },
]

/** What is planned, where it stands in the bays, and what the shops can do. */
export function ShopArea() {
  return <AreaNav label="Shop pages" pages={PAGES} />
}
