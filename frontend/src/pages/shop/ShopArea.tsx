import { AreaNav } from '../../ui/AreaNav'
import { say } from './words'

const PAGES = [
  { to: '/shop', word: say('jobs2') },
  { to: '/shop/calendar', word: say('schedule') },
  { to: '/shop/setup', word: say('setup') },
]

/** What is planned, where it stands in the bays, and what the shops can do. */
export function ShopArea() {
  return <AreaNav label={say('shopPages')} pages={PAGES} />
}
