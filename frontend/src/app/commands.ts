import type { Role } from '../session/session'

/** What the jump field offers beside vehicles, tires and people. */
export interface Command {
  words: string
  hint: string
  to: string
  least: Role
}

export const COMMANDS: Command[] = [
  { words: 'Fleet', hint: 'all vehicles, and what is due', to: '/', least: 'VIEWER' },
  { words: 'Shop', hint: 'jobs by day', to: '/shop', least: 'VIEWER' },
  {
    words: 'Questions',
    hint: 'vehicles not to operate today, and fourteen more',
    to: '/questions',
    least: 'VIEWER',
  },
  { words: 'Schedule', hint: 'the shop’s calendar and the proposed schedule', to: '/shop/calendar', least: 'VIEWER' },
  { words: 'Shop setup', hint: 'hours, bays, people, closed days', to: '/shop/setup', least: 'VIEWER' },
  { words: '15-year outlook', hint: 'what fifteen years will cost', to: '/outlook', least: 'VIEWER' },
  { words: 'Monthly report', hint: 'one page for whoever pays', to: '/outlook/monthly-report', least: 'VIEWER' },
  { words: 'To order', hint: 'tires by supplier, and when to order them by', to: '/stock/to-order', least: 'VIEWER' },
  { words: 'Load charts', hint: 'manufacturers’ tables, row by row', to: '/reference/charts', least: 'VIEWER' },
  { words: 'Calculator', hint: 'target and fill for one tire', to: '/reference/calculator', least: 'VIEWER' },
  { words: 'Wear patterns', hint: 'what a shape tells of its cause', to: '/reference/patterns', least: 'VIEWER' },
  {
    words: 'Tire changers',
    hint: 'what they take, and where the valve goes',
    to: '/reference/tire-changers',
    least: 'VIEWER',
  },
  { words: 'Stock', hint: 'tires in stock', to: '/stock', least: 'VIEWER' },
  { words: 'Orders and receiving', hint: 'what is to come, and taking it in', to: '/stock/orders', least: 'VIEWER' },
  { words: 'Catalog of tire models', hint: 'sizes, ratings, prices', to: '/stock/catalog', least: 'VIEWER' },
  { words: 'Receive a tire', hint: 'put one on record without an order', to: '/stock?receive', least: 'TECHNICIAN' },
  { words: 'Add a vehicle', hint: 'draw its axles', to: '/vehicles/new', least: 'COORDINATOR' },
  { words: 'Reading a sidewall', hint: 'where to find each field', to: '/reference', least: 'VIEWER' },
  {
    words: 'Offline',
    hint: 'walk-arounds on this device, and what waits to upload',
    to: '/offline',
    least: 'VIEWER',
  },
  { words: 'Gauges', hint: 'by name, with their calibration', to: '/reference/gauges', least: 'VIEWER' },
  { words: 'Policy', hint: 'the fleet’s numbers, and who signed them', to: '/reference/policy', least: 'VIEWER' },
  { words: 'People', hint: 'accounts and roles', to: '/people', least: 'VIEWER' },
  { words: 'Import and export', hint: 'CSV and export', to: '/import-export', least: 'VIEWER' },
  { words: 'Tags to print', hint: 'labels with QR codes', to: '/labels', least: 'VIEWER' },
]
