import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '../../api/client'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { MonthlyReport } from './MonthlyReport'

const month: Schemas['MonthlyReportView'] = {
  month: '2026-11',
  from: '2026-11-01',
  to: '2026-11-30',
  vehicles: 24,
  onTimePercent: 88,
  spent: '$1,404.00',
  committed: '$936.00',
  retired: 2,
  readings: 126,
  jobsDone: 3,
  outOfService: [{ vehicleId: 3, unit: 'LC-03', reason: ['2RO: 76 psi', '3R: bulge'] }],
  checked: [
    { vehicleClass: 'Clinic coach', tires: 40, onTime: 36, overdue: 4 },
    { vehicleClass: 'Service van', tires: 20, onTime: 20, overdue: 0 },
  ],
  causes: [{ cause: 'age', tires: 2 }],
  causesOfYear: [
    { cause: 'tread at its limit', tires: 9 },
    { cause: 'age', tires: 4 },
  ],
  spending: [
    { month: '2026-10', tireSum: 0, laborSum: 0, tires: '$0', labor: '$0', total: '$0' },
    { month: '2026-11', tireSum: 1800, laborSum: 240, tires: '$1,800', labor: '$240', total: '$2,040' },
  ],
  onTimeByWeek: [{ from: '2026-11-23', tires: 120, percent: 63 }],
  findings: [{ vehicleId: 9, unit: 'SH-04', position: '1L', description: 'Leak', statement: '4 psi a month' }],
}

describe('the months before', () => {
  it('say in the picture what each month came to, and hold every figure in a table', async () => {
    fakeServer(() => ({ body: month }))
    show(<MonthlyReport />)
    expect(await screen.findByRole('img', { name: 'Spending by month: Oct 26 $0, Nov 26 $2,040' })).toHaveTextContent(
      '$2k',
    )
    expect(screen.getByRole('img', { name: /^Checked on time by week/ })).toHaveTextContent('63%')
    const causes = screen.getByRole('region', { name: 'Retired by cause, 12 months' })
    expect(within(causes).getAllByRole('listitem')[0]).toHaveTextContent('tread at its limit9')
    await userEvent.click(within(causes).getByText('Figures'))
    expect(within(causes).getByRole('row', { name: 'age 2 4' })).toBeVisible()
  })

  it('say so where nothing was spent', async () => {
    fakeServer(() => ({ body: { ...month, spending: month.spending.slice(0, 1), causesOfYear: [] } }))
    show(<MonthlyReport />)
    expect(await screen.findByText('Nothing was spent in these twelve months.')).toBeVisible()
    expect(screen.getByText('No tire was retired.')).toBeVisible()
  })
})

describe('the month’s report', () => {
  it('tells on one page what is out, what was checked, what was spent and what left', async () => {
    fakeServer(() => ({ body: month }))
    show(<MonthlyReport />)
    expect(await screen.findByText('1 of 24')).toBeVisible()
    expect(screen.getByText('88%')).toBeVisible()
    expect(screen.getByText('$1,404.00')).toBeVisible()
    expect(screen.getByText('LC-03').closest('li')).toHaveTextContent('LC-03 2RO: 76 psi; 3R: bulge')
    const checked = screen.getByRole('table', { name: 'Checked on time' })
    expect(within(checked).getAllByRole('row')[1]).toHaveTextContent('Clinic coach40364')
    expect(within(checked).getAllByRole('row')[2]).toHaveTextContent('none')
    expect(screen.getByRole('region', { name: 'Retired by cause, 12 months' })).toHaveTextContent('age4')
    expect(screen.getByRole('table', { name: 'Leaks and wear' })).toHaveTextContent('4 psi a month')
  })

  it('says not known where the miles aren’t, and none where nothing was found', async () => {
    fakeServer(() => ({ body: { ...month, outOfService: [], causes: [], findings: [] } }))
    show(<MonthlyReport />)
    expect(await screen.findByText('not known')).toBeVisible()
    expect(screen.getAllByText('None.')).toHaveLength(2)
    expect(screen.getByRole('region', { name: 'Retired by cause, 12 months' })).toHaveTextContent('0')
  })

  it('offers to try again where it can’t be loaded', async () => {
    fakeServer(() => problem(500))
    show(<MonthlyReport />)
    expect(await screen.findByRole('button', { name: 'Try again' })).toBeVisible()
  })
})
