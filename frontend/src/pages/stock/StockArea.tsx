import { AreaNav } from '../../ui/AreaNav'

const PAGES = [
  { to: '/stock', word: 'On the shelf' },
  { to: '/stock/to-order', word: 'To order' },
  { to: '/stock/orders', word: 'Orders and receiving' },
  { to: '/stock/catalog', word: 'Catalogue' },
]

/** Tires not on a vehicle, what is ordered, and the models they are of. */
export function StockArea() {
  return <AreaNav label="Stock pages" pages={PAGES} />
}
