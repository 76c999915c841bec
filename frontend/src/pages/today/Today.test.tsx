import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Schemas } from '../../api/client'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { Today } from './Today'

const job = (over: Partial<Schemas['TodayJob']>): Schemas['TodayJob'] => ({
  jobId: 5,
  vehicleId: 3,
  unit: 'LC-03',
  description: 'clinic coach',
  day: '2026-11-23',
  start: '08:00',
  bay: 1,
  assignees: ['Tomas Weil'],
  mine: false,
  minutes: 95,
  work: ['Replace tire 3R', 'Professional inspection 2RO'],
  bring: ['1 × Ossiveld Haul 275/70R22.5', 'inflation cage'],
  wrenches: ['W-2 was calibrated Nov 1, 2025, due again Nov 1, 2026'],
  stopped: true,
  ...over,
})

const today: Schemas['TodayView'] = {
  today: '2026-11-23',
  yard: 'Eastbank',
  yards: ['Eastbank', 'Millrace'],
  jobs: [job({}), job({ jobId: 6, unit: 'SH-02', day: '2026-11-20', assignees: [], stopped: false })],
  doneToday: 1,
  walkArounds: [
    { vehicleId: 9, unit: 'SP-05', tires: 5, due: '2026-11-21', days: -2, statement: 'pressure check' },
    {
      vehicleId: 8,
      unit: 'LC-01',
      tires: 8,
      due: '2026-11-25',
      days: 2,
      statement: 'pressure check, tread inspection',
      openWalkAround: 4,
    },
  ],
  doNotOperate: [{ vehicleId: 3, unit: 'LC-03', places: '2RO 3R', statement: '76 psi, target 95 psi' }],
}

beforeEach(() => localStorage.clear())

describe('the day of a yard', () => {
  it('shows the next job with what to bring and the wrench whose check is overdue, and leads to its sheet', async () => {
    fakeServer(() => ({ body: today }))
    show(<Today />)
    const next = await screen.findByRole('region', { name: 'Next job' })
    expect(next).toHaveTextContent('Next · 08:00 · bay 1 · with Tomas · 1 h 35 min')
    expect(next).toHaveTextContent('Bring: 1 × Ossiveld Haul 275/70R22.5, inflation cage')
    expect(next).toHaveTextContent('Torque wrench W-2 was calibrated Nov 1, 2025, due again Nov 1, 2026')
    expect(next).toHaveTextContent('Do not operate until the job is complete.')
    expect(within(next).getByRole('link', { name: 'Open the job sheet' })).toHaveAttribute('href', '/jobs/5/sheet')
    expect(screen.getByRole('region', { name: 'Then' })).toHaveTextContent('left over from Nov 20')
  })

  it('says which walk-arounds are due and how late, and what must not be operated', async () => {
    fakeServer(() => ({ body: today }))
    show(<Today />)
    const walks = await screen.findByRole('region', { name: 'Walk-arounds due here' })
    expect(walks).toHaveTextContent('SP-05 5 tires')
    expect(walks).toHaveTextContent('pressure check, 2 days overdue')
    expect(walks).toHaveTextContent('pressure check, tread inspection, due Wednesday')
    expect(within(walks).getByRole('button', { name: 'Continue the walk-around of LC-01' })).toBeVisible()
    expect(screen.getByRole('region', { name: 'Do not operate' })).toHaveTextContent('76 psi, target 95 psi')
    expect(screen.getByText(/Everything is uploaded/)).toBeVisible()
  })

  it('asks for another yard’s day and remembers it on this device', async () => {
    const calls = fakeServer(() => ({ body: today }))
    show(<Today />)
    await userEvent.click(await screen.findByRole('combobox', { name: 'Yard' }))
    await userEvent.click(screen.getByRole('option', { name: 'Millrace' }))
    await screen.findByRole('region', { name: 'Next job' })
    expect(calls.some((call) => call.url.includes('yard=Millrace'))).toBe(true)
    expect(localStorage.getItem('rotagens.yard')).toBe('Millrace')
  })

  it('says where to look when nothing is planned, and what happened when it can’t load', async () => {
    fakeServer(() => ({ body: { ...today, jobs: [], walkArounds: [], doNotOperate: [] } }))
    const page = show(<Today />)
    expect(await screen.findByText(/No jobs today at Eastbank/)).toBeVisible()
    expect(screen.getByText('Every vehicle of this yard may be operated.')).toBeVisible()
    page.unmount()
    fakeServer(() => problem(500))
    show(<Today />)
    expect(await screen.findByRole('button', { name: 'Try again' })).toBeInTheDocument()
  })
})
