import { screen, within } from '@testing-library/react'
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
  findings: [{ vehicleId: 9, unit: 'SH-04', position: '1L', description: 'Leak', statement: '4 psi a month' }],
}

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
    expect(screen.getByText('2 × age')).toBeVisible()
    expect(screen.getByRole('table', { name: 'Leaks and wear' })).toHaveTextContent('4 psi a month')
  })

  it('says not known where the miles aren’t, and none where nothing was found', async () => {
    fakeServer(() => ({ body: { ...month, outOfService: [], causes: [], findings: [] } }))
    show(<MonthlyReport />)
    expect(await screen.findByText('not known')).toBeVisible()
    expect(screen.getAllByText('None.')).toHaveLength(2)
    expect(screen.getByText('None this month.')).toBeVisible()
  })

  it('offers to try again where it can’t be loaded', async () => {
    fakeServer(() => problem(500))
    show(<MonthlyReport />)
    expect(await screen.findByRole('button', { name: 'Try again' })).toBeVisible()
  })
})
