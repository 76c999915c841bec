import { AreaNav } from '../../ui/AreaNav'
import { say } from './words'

const PAGES = [
  { to: '/stock', word: say('inStock') },
  { to: '/stock/to-order', word: say('toOrder') },
  { to: '/stock/orders', word: say('ordersAndReceiving') },
  { to: '/stock/parts', word: say('parts') },
  { to: '/stock/catalog', word: say('catalog') },
]

/** Tires not on a vehicle, what is ordered, and the models they are of. */
export function StockArea() {
  return <AreaNav label={say('stockPages')} pages={PAGES} />
}
