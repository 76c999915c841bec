import { say } from './words'
/** The places of the product, in the order of the bar. */
export const PLACES = [
  { to: '/today', word: say('today') },
  { to: '/fleet', word: say('fleet') },
  { to: '/shop', word: say('shop') },
  { to: '/outlook', word: say('outlook') },
  { to: '/stock', word: say('stock') },
  { to: '/reference', word: say('reference') },
]

/** Pages on which one thing is done with both hands: the phone's bar would stand where their own button is. */
export const isTask = (path: string) =>
  /^\/vehicles\/\d+\/(walk-around\/|check-and-adjust)|^\/jobs\/\d+\/(sheet|visit)/.test(path)
