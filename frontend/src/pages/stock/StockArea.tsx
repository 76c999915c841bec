import { AreaNav } from '../../ui/AreaNav'

const PAGES = [
  { to: '/stock', word: 'In stock' },
  { to: '/stock/to-order', word: 'To order' },
  { to: '/stock/orders', word: 'Orders and receiving' },
  { to: '/stock/parts', word: 'Parts' },
  { to: '/stock/catalog', word: 'Catalog' },
]

/** Tires not on a vehicle, what is ordered, and the models they are of. */
export function StockArea() {
  return <AreaNav label="Stock pages" pages={PAGES} />
}
