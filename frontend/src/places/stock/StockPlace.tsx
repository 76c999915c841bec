import { PlaceNav } from '../../ui/PlaceNav'

const PAGES = [
  { to: '/stock', word: 'On the shelf' },
  { to: '/stock/to-order', word: 'To order' },
  { to: '/stock/orders', word: 'Orders and receiving' },
  { to: '/stock/catalogue', word: 'Catalogue' },
]

/** Tires not on a vehicle, what is ordered, and the models they are of. */
export function StockPlace() {
  return <PlaceNav label="Stock pages" pages={PAGES} />
}
