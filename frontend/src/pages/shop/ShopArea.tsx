import { AreaNav } from '../../ui/AreaNav'
import { say } from './words'

const PAGES = [
  { to: '/shop', word: 'Jobs' },
  { to: '/shop/calendar', word: 'Schedule' },
  { to: '/shop/setup', word: 'Setup' },
]

/** What is planned, where it stands in the bays, and what the shops can do. */
export function ShopArea() {
  return <AreaNav label={say('shopPages')} pages={PAGES} />
}
