/** The places of the product, in the order of the bar. */
export const PLACES = [
  { to: '/today', word: 'Today' },
  { to: '/fleet', word: 'Fleet' },
  { to: '/shop', word: 'Shop' },
  { to: '/outlook', word: 'Outlook' },
  { to: '/stock', word: 'Stock' },
  { to: '/reference', word: 'Reference' },
]

/** Pages on which one thing is done with both hands: the phone's bar would stand where their own button is. */
export const isTask = (path: string) =>
  /^\/vehicles\/\d+\/(walk-around\/|check-and-adjust)|^\/jobs\/\d+\/(sheet|visit)/.test(path)
