import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { NoticeProvider } from '../../ui/Notice'
import { SensorReplacementOptions } from './SensorReplacementOptions'

const options = {
  deadSensors: '2LI',
  positions: ['1L', '1R', '2LI'],
  allIsCheaper: true,
  oneNow: '$152.50',
  oneInAll: '$460.00',
  all: '$410.00',
  lines: ['2LI now, its bead broken for it: $152.50'],
  cheaper: 'Cheaper: all at once, by $50.00 over the years.',
  safer: 'Safer: all at once.',
}

const COORDINATOR = { id: 2, name: 'Ines Okafor', role: 'COORDINATOR' }

function dialog(answer: Parameters<typeof fakeServer>[0], me?: object) {
  const calls = fakeServer((call) => (call.method === 'GET' ? { body: options } : answer(call)))
  show(
    <NoticeProvider>
      <SensorReplacementOptions vehicleId={3} position="2LI" today="2026-11-23" onClose={() => {}} />
    </NoticeProvider>,
    '/',
    me,
  )
  return calls
}

describe('a dead sensor', () => {
  it('ends in the job for all sensors', async () => {
    const calls = dialog(() => ({ body: { id: 5, unit: 'LC-05', day: '2026-11-23', items: [] } }), COORDINATOR)
    await userEvent.click(await screen.findByRole('button', { name: 'Book all 3 sensors' }))
    expect(await screen.findByText(/New sensors booked for LC-05/)).toBeVisible()
    const booked = calls.filter((call) => call.method === 'POST').map((call) => call.body)
    expect(booked).toMatchObject([{ workType: 'REPLACE_SENSOR', positions: ['1L', '1R', '2LI'], day: '2026-11-23' }])
  })

  it('says why it can’t be booked, and offers no booking to who may not', async () => {
    const calls = dialog(
      () => problem(422, { workType: 'Replace sensor at 2LI is on an open job of LC-05 already.' }),
      COORDINATOR,
    )
    await userEvent.click(await screen.findByRole('button', { name: 'Book 2LI alone' }))
    expect(await screen.findByText(/is on an open job of LC-05 already/)).toBeVisible()
    expect(calls.find((call) => call.method === 'POST')?.body).toMatchObject({ positions: ['2LI'] })
  })

  it('shows the figures alone to a technician', async () => {
    dialog(() => ({ body: {} }), { ...COORDINATOR, role: 'TECHNICIAN' })
    expect(await screen.findByText('$410.00')).toBeVisible()
    expect(screen.queryByRole('button', { name: /Book/ })).toBeNull()
  })
})
