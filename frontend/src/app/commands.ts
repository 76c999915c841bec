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
  { words: 'Stock', hint: 'tires on no vehicle', to: '/stock', least: 'VIEWER' },
  { words: 'Orders and receiving', hint: 'what is to come, and taking it in', to: '/stock/orders', least: 'VIEWER' },
  { words: 'Catalogue of tire models', hint: 'sizes, ratings, prices', to: '/stock/catalogue', least: 'VIEWER' },
  { words: 'Receive a tire', hint: 'put one on record without an order', to: '/stock?receive', least: 'TECHNICIAN' },
  { words: 'Add a vehicle', hint: 'draw its axles', to: '/vehicles/new', least: 'COORDINATOR' },
  { words: 'Reading a sidewall', hint: 'where each field stands', to: '/reference', least: 'VIEWER' },
  {
    words: 'Taken along',
    hint: 'walk-rounds on this device, and what waits to be sent',
    to: '/along',
    least: 'VIEWER',
  },
  { words: 'Gauges', hint: 'by name, with their calibration', to: '/reference/gauges', least: 'VIEWER' },
  { words: 'Policy', hint: 'the fleet’s numbers, and who signed them', to: '/reference/policy', least: 'VIEWER' },
  { words: 'People', hint: 'accounts and roles', to: '/people', least: 'VIEWER' },
  { words: 'Files in and out', hint: 'CSV and export', to: '/files', least: 'VIEWER' },
  { words: 'Tags to print', hint: 'labels with QR codes', to: '/tags', least: 'VIEWER' },
]
