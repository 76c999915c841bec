import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { fakeServer } from '../../test/server'
import { show } from '../../test/show'
import { Shop } from './Shop'

const job = (id: number, unit: string, yard: string, day: string, label: string, more = {}) => ({
  id,
  vehicleId: id,
  unit,
  yard,
  day,
  version: 1,
  note: '',
  createdBy: 'Ines Okafor',
  items: [{ id, label, position: '1L', workType: 'AGE_INSPECTION', reason: 'Age', requiredResult: [] }],
  ...more,
})

const server = () =>
  fakeServer((call) =>
    call.path === '/api/jobs/done'
      ? { body: [job(4, 'VN-01', 'Millrace', '2026-11-20', 'Rotate', { doneAt: '2026-11-20T12:00:00Z', doneBy: 'R' })] }
      : {
          body: [
            job(1, 'SH-10', 'Eastbank', '2026-11-23', 'Replace tire'),
            job(2, 'SH-2', 'Millrace', '2026-11-24', 'Weigh'),
            job(3, 'LC-03', 'Eastbank', '2026-11-30', 'Fix a defect'),
          ],
        },
  )

const units = () => screen.getAllByRole('article').map((card) => card.getAttribute('aria-label')?.split(',')[0])

describe('the shop’s list', () => {
  it('is found in by unit, yard and work, and says how many it shows', async () => {
    vi.setSystemTime(new Date('2026-11-24T12:00:00Z'))
    server()
    show(<Shop />, '/shop')
    expect(await screen.findByText(/3 jobs open/)).toBeVisible()
    expect(await screen.findAllByText(/not done yet/)).toHaveLength(1)
    await userEvent.type(screen.getByLabelText('Find'), 'sh2')
    expect(units()).toEqual(['SH-2'])
    await userEvent.clear(screen.getByLabelText('Find'))
    await userEvent.type(screen.getByLabelText('Find'), 'no such')
    await userEvent.click(screen.getByRole('link', { name: 'Show all' }))
    expect(units()).toHaveLength(4)
    vi.useRealTimers()
  })

  it('shows the newest of the done jobs beside the open ones, and all of them to whoever asks', async () => {
    vi.setSystemTime(new Date('2026-11-24T12:00:00Z'))
    fakeServer((call) => ({
      body:
        call.path === '/api/jobs/done'
          ? [1, 2, 3, 4, 5, 6, 7, 8].map((one) =>
              job(10 + one, `VN-0${one}`, 'Millrace', '2026-11-20', 'Rotate', { doneAt: '2026-11-20T12:00:00Z' }),
            )
          : [job(1, 'SH-10', 'Eastbank', '2026-11-24', 'Replace tire')],
    }))
    show(<Shop />, '/shop')
    await screen.findByText(/1 job open/)
    expect(units()).toEqual(['SH-10', 'VN-01', 'VN-02', 'VN-03', 'VN-04', 'VN-05', 'VN-06'])
    await userEvent.click(screen.getByRole('link', { name: 'All 8 done lately' }))
    expect(units()).toHaveLength(8)
    vi.useRealTimers()
  })

  it('opens narrowed and ordered as its address says', async () => {
    vi.setSystemTime(new Date('2026-11-24T12:00:00Z'))
    server()
    show(<Shop />, '/shop?sort=unit&show=open')
    await screen.findByText(/3 jobs open/)
    expect(units()).toEqual(['LC-03', 'SH-2', 'SH-10'])
    await userEvent.click(screen.getByLabelText('Show'))
    await userEvent.click(screen.getByRole('option', { name: 'late' }))
    expect(units()).toEqual(['SH-10'])
    vi.useRealTimers()
  })
})
