import { fireEvent, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it } from 'vitest'
import type { DueLine, Job } from '../api/client'
import { fakeServer, problem } from '../test/server'
import { show } from '../test/show'
import { NoticeProvider } from '../ui/Notice'
import { JobCard } from './JobCard'
import { ScheduleDialog } from './ScheduleDialog'

const job: Job = {
  id: 5,
  version: 2,
  vehicleId: 3,
  unit: 'LC-03',
  yard: 'Eastbank',
  day: '2026-11-24',
  note: 'bring the cage',
  createdBy: 'Ines Okafor',
  items: [
    {
      id: 1,
      workType: 'SET_PRESSURE',
      label: 'Set pressure',
      position: '3L',
      reason: '84 psi cold',
      requiredResult: ['COLD_PRESSURE'],
      oldTireMayGo: [],
    },
  ],
}

const line: DueLine = {
  key: 'SET_PRESSURE:3L',
  vehicleId: 3,
  unit: 'LC-03',
  yard: 'Eastbank',
  vehicleClass: 'Clinic coach',
  positions: ['3L'],
  places: '1L',
  workType: 'SET_PRESSURE',
  label: 'Set pressure',
  due: '2026-11-23',
  days: 0,
  group: 'THIS_WEEK',
  needsDecision: true,
  urgency: 'WATCH',
  reason: {
    verdict: 'WATCH',
    rule: 'r',
    statement: 's',
    figure: 'f',
    limit: '',
    explanation: 'b',
    authority: 'a',
    source: 's',
  },
  canBeScheduled: true,
  consequence: 'It wears its shoulders.',
}

beforeEach(() => {
  localStorage.clear()
})

describe('a job', () => {
  it('says what is to be done, where, why, and who planned it', () => {
    fakeServer(() => ({ body: [] }))
    show(<JobCard job={job} today="2026-11-23" withDay />)
    const card = screen.getByRole('article', { name: 'LC-03, Nov 24, 2026' })
    expect(card).toHaveTextContent('3L Set pressure. 84 psi cold')
    expect(card).toHaveTextContent('Nov 24 · scheduled by Ines Okafor · bring the cage')
  })

  it('moves to another day with the version seen, and says why when it can’t', async () => {
    const calls = fakeServer((call) =>
      call.method === 'PUT' ? problem(422, { day: 'Choose today or a later date.' }) : { body: [] },
    )
    show(<JobCard job={job} today="2026-11-23" />)
    fireEvent.change(screen.getByLabelText('Day'), { target: { value: '2026-11-20' } })
    expect(await screen.findByText('Choose today or a later date.')).toBeInTheDocument()
    const put = calls.find((call) => call.method === 'PUT')
    expect(put?.headers.get('If-Match')).toBe('"2"')
    expect(put?.body).toEqual({ day: '2026-11-20' })
  })

  it('once done shows by whom and what was read, and offers nothing more', () => {
    fakeServer(() => ({ body: [] }))
    const items = job.items.map((item) => ({ ...item, done: '90 psi cold.' }))
    show(
      <JobCard job={{ ...job, items, doneAt: '2026-11-24T16:00:00Z', doneBy: 'Rafe Halloran' }} today="2026-11-24" />,
    )
    expect(screen.getByText(/by Rafe Halloran/)).toBeInTheDocument()
    expect(screen.getByText('90 psi cold.')).toBeInTheDocument()
    expect(screen.queryByRole('button')).not.toBeInTheDocument()
  })
})

describe('putting work on a day', () => {
  const open = (answer: Parameters<typeof fakeServer>[0]) => {
    const calls = fakeServer((call) => {
      if (call.path !== '/api/shop/open-days') return answer(call)
      return { body: [{ vehicleId: 3, unit: line.unit, yard: 'Millrace', minutes: 40, day: '2026-11-30' }] }
    })
    show(
      <NoticeProvider>
        <ScheduleDialog lines={[line]} onClose={() => {}} />
      </NoticeProvider>,
    )
    return calls
  }

  it('added to a job that was there takes only that work off again', async () => {
    const openJob = { jobId: 5, day: '2026-11-30' }
    const calls = fakeServer((call) => {
      if (call.path === '/api/shop/open-days')
        return { body: [{ vehicleId: 3, unit: line.unit, yard: 'Millrace', minutes: 40, openJob, takesAlong: true }] }
      if (call.method === 'DELETE') return { body: job }
      return {
        body: [
          {
            ...job,
            items: [
              { id: 71, workType: 'TREAD_INSPECTION', position: '3L' },
              { id: 72, workType: 'SET_PRESSURE', position: '3L' },
              { id: 73, workType: 'SET_PRESSURE', position: '3R' },
            ],
          },
        ],
      }
    })
    show(
      <NoticeProvider>
        <ScheduleDialog lines={[line]} onClose={() => {}} />
      </NoticeProvider>,
    )
    await screen.findByRole('checkbox', { name: /Add to the job/ })
    await userEvent.click(screen.getByRole('button', { name: 'Schedule' }))
    await userEvent.click(await screen.findByRole('button', { name: 'Undo', hidden: true }))
    await screen.findByText(/^This work on .* is not scheduled\.$/)
    const taken = calls.filter((call) => call.method === 'DELETE')
    expect(taken.map((call) => call.url.replace(/.*\/api/, ''))).toEqual(['/jobs/5/items?item=72'])
  })

  it('sends the chosen work once, under a key, and can be undone', async () => {
    const calls = open((call) => (call.method === 'POST' ? { body: [job] } : { status: 204, body: undefined }))
    await userEvent.type(screen.getByLabelText('Note for the shop (optional)'), 'early')
    await screen.findByText('Monday, next open day with hours left')
    await userEvent.click(screen.getByRole('button', { name: 'Schedule' }))
    await userEvent.click(await screen.findByRole('button', { name: 'Undo', hidden: true }))
    await waitFor(() =>
      expect(calls.some((call) => call.method === 'DELETE' && call.path === '/api/jobs/5')).toBe(true),
    )
    const post = calls.filter((call) => call.method === 'POST' && call.path === '/api/jobs')
    expect(post).toHaveLength(1)
    expect(post[0]?.headers.get('Idempotency-Key')).toBeTruthy()
    expect(post[0]?.body).toMatchObject({ note: 'early', work: [{ vehicleId: 3, key: 'SET_PRESSURE:3L' }] })
  })

  it('marks a day that can’t be meant and keeps the note', async () => {
    open(() => problem(422, { day: 'More than two years ahead. Check the year.' }))
    await userEvent.type(screen.getByLabelText('Note for the shop (optional)'), 'early')
    await screen.findByText('Monday, next open day with hours left')
    await userEvent.click(screen.getByRole('button', { name: 'Schedule' }))
    expect(await screen.findByText('More than two years ahead. Check the year.')).toBeInTheDocument()
    expect(screen.getByLabelText('Note for the shop (optional)')).toHaveValue('early')
  })
})
