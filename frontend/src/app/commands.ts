import type { Role } from '../session/session'

/** What the jump field offers beside vehicles, tires and people. */
export interface Command {
  words: string
  hint: string
  /** Other words people look for it by. */
  also?: string
  to: string
  least: Role
}

export const COMMANDS: Command[] = [
  { words: 'Today', hint: 'the day of one yard', to: '/today', least: 'VIEWER' },
  { words: 'Scan a label', hint: 'with the camera, or by typing', to: '/scan', least: 'VIEWER' },
  { words: 'Fleet', hint: 'all vehicles, and what is due', also: 'yard vehicles due', to: '/fleet', least: 'VIEWER' },
  { words: 'Shop', hint: 'jobs by day', to: '/shop', least: 'VIEWER' },
  {
    words: 'Questions',
    hint: 'vehicles not to operate today, and fourteen more',
    to: '/questions',
    least: 'VIEWER',
  },
  { words: 'Schedule', hint: 'the shop’s calendar and the proposed schedule', to: '/shop/calendar', least: 'VIEWER' },
  {
    words: 'Shop setup',
    hint: 'hours, bays, people, closed days',
    also: 'opening hours technicians bays closed days',
    to: '/shop/setup',
    least: 'VIEWER',
  },
  {
    words: '15-year outlook',
    hint: 'what fifteen years will cost',
    also: 'budget forecast strategies',
    to: '/outlook',
    least: 'VIEWER',
  },
  {
    words: 'Monthly report',
    hint: 'one page for whoever pays',
    also: 'spending cost',
    to: '/outlook/monthly-report',
    least: 'VIEWER',
  },
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
  {
    words: 'Orders and receiving',
    hint: 'what is to come, and taking it in',
    also: 'suppliers delivery',
    to: '/stock/orders',
    least: 'VIEWER',
  },
  { words: 'Catalog of tire models', hint: 'sizes, ratings, prices', to: '/stock/catalog', least: 'VIEWER' },
  { words: 'Receive a tire', hint: 'put one on record without an order', to: '/stock?receive', least: 'TECHNICIAN' },
  { words: 'Add a vehicle', hint: 'draw its axles', to: '/vehicles/new', least: 'COORDINATOR' },
  {
    words: 'Settings',
    hint: 'units, night, paper, week, the morning’s mail',
    also: 'dark appearance psi kpa letter a4 digest e-mail',
    to: '/settings',
    least: 'VIEWER',
  },
  { words: 'Reading a sidewall', hint: 'where to find each field', to: '/reference', least: 'VIEWER' },
  {
    words: 'Offline',
    hint: 'walk-arounds on this device, and what waits to upload',
    to: '/offline',
    least: 'VIEWER',
  },
  {
    words: 'Gauges',
    hint: 'by name, with their calibration',
    also: 'calibration wrench torque',
    to: '/reference/gauges',
    least: 'VIEWER',
  },
  {
    words: 'Policy',
    hint: 'the fleet’s numbers, and who signed them',
    also: 'settings limits age pressure tread',
    to: '/reference/policy',
    least: 'VIEWER',
  },
  {
    words: 'People',
    hint: 'accounts and roles',
    also: 'accounts roles users settings',
    to: '/people',
    least: 'VIEWER',
  },
  {
    words: 'Import and export',
    hint: 'CSV and export',
    also: 'csv backup download settings',
    to: '/import-export',
    least: 'VIEWER',
  },
  { words: 'Tags to print', hint: 'labels with QR codes', also: 'label qr', to: '/labels', least: 'VIEWER' },
]
