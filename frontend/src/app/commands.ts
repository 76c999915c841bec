import type { Role } from '../session/session'
import { say } from './words'

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
  { words: say('today'), hint: say('dayOfOneYard'), to: '/today', least: 'VIEWER' },
  { words: say('scanALabel'), hint: say('withTheCamera'), to: '/scan', least: 'VIEWER' },
  { words: say('fleet'), hint: say('allVehiclesAndWhat'), also: say('yardVehiclesDue'), to: '/fleet', least: 'VIEWER' },
  { words: say('shop'), hint: say('jobsByDay'), to: '/shop', least: 'VIEWER' },
  {
    words: say('questions'),
    hint: say('vehiclesNotToOperateToday'),
    to: '/questions',
    least: 'VIEWER',
  },
  { words: say('schedule'), hint: say('shopsCalendarAndTheProposed'), to: '/shop/calendar', least: 'VIEWER' },
  {
    words: say('shopSetup'),
    hint: say('hoursBaysPeopleClosedDays'),
    also: say('openingHoursTechniciansBaysClosed'),
    to: '/shop/setup',
    least: 'VIEWER',
  },
  {
    words: say('at15YearOutlook'),
    hint: say('whatFifteenYearsWillCost'),
    also: say('budgetForecastStrategies'),
    to: '/outlook',
    least: 'VIEWER',
  },
  {
    words: say('monthlyReport'),
    hint: say('onePageForWhoeverPays'),
    also: say('spendingCost'),
    to: '/outlook/monthly-report',
    least: 'VIEWER',
  },
  { words: say('toOrder'), hint: say('tiresBySupplierAndWhen'), to: '/stock/to-order', least: 'VIEWER' },
  { words: say('loadCharts'), hint: say('manufacturersTablesRowByRow'), to: '/reference/charts', least: 'VIEWER' },
  { words: say('calculator'), hint: say('targetAndFillForOne'), to: '/reference/calculator', least: 'VIEWER' },
  { words: say('wearPatterns'), hint: say('whatAShapeTells'), to: '/reference/patterns', least: 'VIEWER' },
  {
    words: say('tireChangers'),
    hint: say('whatTheyTakeAndWhere'),
    to: '/reference/tire-changers',
    least: 'VIEWER',
  },
  { words: say('stock'), hint: say('tiresInStock'), to: '/stock', least: 'VIEWER' },
  {
    words: say('ordersAndReceiving'),
    hint: say('whatIsToCome'),
    also: say('suppliersDelivery'),
    to: '/stock/orders',
    least: 'VIEWER',
  },
  { words: say('catalogOfTireModels'), hint: say('sizesRatingsPrices'), to: '/stock/catalog', least: 'VIEWER' },
  { words: say('receiveATire'), hint: say('putOneOnRecordWithout'), to: '/stock?receive', least: 'TECHNICIAN' },
  { words: say('addAVehicle'), hint: say('drawItsAxles'), to: '/vehicles/new', least: 'COORDINATOR' },
  {
    words: say('settings'),
    hint: say('unitsNightPaperWeek'),
    also: say('darkAppearancePsiKpaLetter'),
    to: '/settings',
    least: 'VIEWER',
  },
  { words: say('readingASidewall'), hint: say('whereToFindEachField'), to: '/reference', least: 'VIEWER' },
  {
    words: say('offline'),
    hint: say('walkAroundsOnThisDevice'),
    to: '/offline',
    least: 'VIEWER',
  },
  {
    words: say('gauges'),
    hint: say('byNameWithTheirCalibration'),
    also: say('calibrationWrenchTorque'),
    to: '/reference/gauges',
    least: 'VIEWER',
  },
  {
    words: say('policy'),
    hint: say('fleetsNumbersAndWhoSigned'),
    also: say('settingsLimitsAgePressureTread'),
    to: '/reference/policy',
    least: 'VIEWER',
  },
  {
    words: say('people'),
    hint: say('accountsAndRoles'),
    also: say('accountsRolesUsersSettings'),
    to: '/people',
    least: 'VIEWER',
  },
  {
    words: say('importAndExport'),
    hint: say('csvAndExport'),
    also: say('csvBackupDownloadSettings'),
    to: '/import-export',
    least: 'VIEWER',
  },
  { words: say('tagsToPrint'), hint: say('labelsWithQrCodes'), also: say('labelQr'), to: '/labels', least: 'VIEWER' },
]
