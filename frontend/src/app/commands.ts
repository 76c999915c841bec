import type { Role } from '../session/session'

/** What the jump field offers beside vehicles, tires and people. */
export interface Command {
  words: string
  hint: string
  to: string
  least: Role
}

export const COMMANDS: Command[] = [
  { words: 'Yard', hint: 'all vehicles, and what is due', to: '/', least: 'VIEWER' },
  { words: 'Shop', hint: 'jobs by day', to: '/shop', least: 'VIEWER' },
  {
    words: 'Questions',
    hint: 'which vehicles must not leave today, and fourteen more',
    to: '/questions',
    least: 'VIEWER',
  },
  { words: 'Bays and hours', hint: 'the shop’s calendar, and finding a plan', to: '/shop/calendar', least: 'VIEWER' },
  { words: 'Setup of the shops', hint: 'hours, bays, people, closed days', to: '/shop/setup', least: 'VIEWER' },
  { words: 'Years ahead', hint: 'what fifteen years will cost', to: '/outlook', least: 'VIEWER' },
  { words: 'Month’s report', hint: 'one page for whoever pays', to: '/outlook/monthly-report', least: 'VIEWER' },
  { words: 'To order', hint: 'tires by supplier, and when to order them by', to: '/stock/to-order', least: 'VIEWER' },
  { words: 'Load charts', hint: 'makers’ tables, row by row', to: '/reference/charts', least: 'VIEWER' },
  { words: 'Calculator', hint: 'target and fill for one tire', to: '/reference/calculator', least: 'VIEWER' },
  { words: 'Wear patterns', hint: 'what a shape tells of its cause', to: '/reference/patterns', least: 'VIEWER' },
  {
    words: 'Tire changers',
    hint: 'what they take, and where the valve goes',
    to: '/reference/tire-changers',
    least: 'VIEWER',
  },
  { words: 'Stock', hint: 'tires on no vehicle', to: '/stock', least: 'VIEWER' },
  { words: 'Orders and receiving', hint: 'what is to come, and taking it in', to: '/stock/orders', least: 'VIEWER' },
  { words: 'Catalogue of tire models', hint: 'sizes, ratings, prices', to: '/stock/catalog', least: 'VIEWER' },
  { words: 'Receive a tire', hint: 'put one on record without an order', to: '/stock?receive', least: 'TECHNICIAN' },
  { words: 'Add a vehicle', hint: 'draw its axles', to: '/vehicles/new', least: 'COORDINATOR' },
  { words: 'Reading a sidewall', hint: 'where each field stands', to: '/reference', least: 'VIEWER' },
  {
    words: 'Taken along',
    hint: 'walk-rounds on this device, and what waits to be sent',
    to: '/offline',
    least: 'VIEWER',
  },
  { words: 'Gauges', hint: 'by name, with their calibration', to: '/reference/gauges', least: 'VIEWER' },
  { words: 'Policy', hint: 'the fleet’s numbers, and who signed them', to: '/reference/policy', least: 'VIEWER' },
  { words: 'People', hint: 'accounts and roles', to: '/people', least: 'VIEWER' },
  { words: 'Files in and out', hint: 'CSV and export', to: '/import-export', least: 'VIEWER' },
  { words: 'Tags to print', hint: 'labels with QR codes', to: '/labels', least: 'VIEWER' },
]
