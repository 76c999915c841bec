import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { DueLine } from '../api/client'
import { type Call, fakeServer, problem } from '../test/server'
import { show } from '../test/show'
import { NoticeProvider } from '../ui/Notice'
import { BookWorkDialog } from './BookWorkDialog'
import { ScheduleDialog } from './ScheduleDialog'

const due = (position: string) =>
  ({
    vehicleId: 3,
    key: `REPLACE:${position}`,
    unit: 'SH-04',
    label: 'Replace tire',
    workType: 'REPLACE',
    positions: [position],
    places: position,
    due: '2026-11-20',
    days: -3,
    urgency: 'SERVICE_DUE',
  }) as unknown as DueLine

const option = (part: object) => ({
  source: 'STOCK',
  tireModelId: 4,
  details: 'Millrace',
  refusals: [],
  notes: [],
  ...part,
})

const CHOICES = [
  option({ tireId: 21, label: 'LM2001, Stowmere 4' }),
  option({ tireId: 22, label: 'LM2002, Stowmere 4', taken: 'Reserved for other work' }),
  option({ source: 'ORDERED', orderLineId: 70, label: 'Stowmere 4', details: '2 on order' }),
]

const PROPOSAL = [{ vehicleId: 3, day: '2026-11-30', minutes: 60, yard: 'Millrace', note: '', takesAlong: false }]

function server(answer: (call: Call) => ReturnType<Parameters<typeof fakeServer>[0]>) {
  return fakeServer((call) => {
    if (call.url.includes('tire-choices')) return { body: CHOICES }
    if (call.url.includes('open-days')) return { body: PROPOSAL }
    if (call.url.includes('wished-work') && call.method === 'GET')
      return { body: [{ workType: 'REPLACE', label: 'Replace tire', atPositions: true, takesTire: true }] }
    return answer(call)
  })
}

const choose = async (position: string, tire: RegExp) => {
  await userEvent.click(await screen.findByRole('button', { name: `Choose tire… for ${position}` }))
  await userEvent.click(await screen.findByRole('button', { name: tire }))
  await userEvent.click(screen.getByRole('button', { name: 'Choose this tire' }))
}

describe('which tire goes on, as the job is made', () => {
  it('goes with the work; what another place in the dialog has already can’t be chosen again', async () => {
    const calls = server(() => ({ body: [{ id: 9, unit: 'SH-04', day: '2026-11-30', version: 1, items: [] }] }))
    show(
      <NoticeProvider>
        <ScheduleDialog lines={[due('1L'), due('1R')]} onClose={() => {}} />
      </NoticeProvider>,
    )
    await choose('1L', /LM2001/)
    expect(screen.getByText(/LM2001, Stowmere 4 \(Millrace\)/)).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Choose tire… for 1R' }))
    const taken = await screen.findByRole('button', { name: /LM2001/ })
    expect(taken).toBeDisabled()
    expect(within(taken).getByText('Chosen for SH-04 1L')).toBeVisible()
    expect(screen.getByRole('button', { name: /LM2002/ })).toBeDisabled()
    await userEvent.click(screen.getByRole('button', { name: /2 on order/ }))
    await userEvent.click(screen.getByRole('button', { name: 'Choose this tire' }))
    await userEvent.click(screen.getByRole('button', { name: 'Schedule' }))
    await screen.findByText(/SH-04 is scheduled/)
    expect(calls.find((call) => call.method === 'POST' && call.url.includes('/api/jobs'))?.body).toMatchObject({
      tires: { 3: { '1L': { tireId: 21 }, '1R': { orderLineId: 70 } } },
    })
  })

  it('is refused at its position, and nothing that was chosen is lost', async () => {
    server(() => problem(422, { 'tires.SH-04.1L': 'Reserved for other work. Choose another.' }))
    show(
      <NoticeProvider>
        <ScheduleDialog lines={[due('1L')]} onClose={() => {}} />
      </NoticeProvider>,
    )
    await choose('1L', /LM2001/)
    await userEvent.click(screen.getByRole('button', { name: 'Schedule' }))
    expect(await screen.findByText('Reserved for other work. Choose another.')).toBeVisible()
    expect(screen.getByText(/LM2001, Stowmere 4/)).toBeVisible()
  })

  it('an owner’s order says which model goes on at how many places', async () => {
    const calls = server(() => ({ body: { id: 9, unit: 'SH-04', day: '2026-11-30', items: [] } }))
    show(
      <NoticeProvider>
        <BookWorkDialog
          vehicleId={3}
          unit="SH-04"
          today="2026-11-23"
          positions={['1L']}
          openJobs={[]}
          onClose={() => {}}
        />
      </NoticeProvider>,
    )
    await userEvent.click(await screen.findByLabelText('Work'))
    await userEvent.click(await screen.findByRole('option', { name: 'Replace tire' }))
    await userEvent.click(screen.getByRole('checkbox', { name: '1L' }))
    await choose('1L', /2 on order/)
    await userEvent.click(screen.getByRole('button', { name: 'Book' }))
    await screen.findByText(/Booked for SH-04/)
    expect(calls.find((call) => call.method === 'POST')?.body).toMatchObject({ tires: { '1L': { orderLineId: 70 } } })
  })
})
