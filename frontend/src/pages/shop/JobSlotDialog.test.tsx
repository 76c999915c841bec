import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import type { Schemas } from '../../api/client'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { JobSlotDialog } from './JobSlotDialog'

const job = {
  jobId: 8,
  version: 3,
  vehicleId: 1,
  unit: 'LC-01',
  yard: 'Eastbank',
  work: ['Replace tire 1L 1R'],
  day: '2026-12-01',
  due: '2026-12-05',
  start: '08:00',
  end: '11:00',
  bay: 1,
  minutes: 180,
  assignees: ['Rafe Halloran'],
  techniciansNeeded: 2,
  requirements: ['inflation cage'],
  pinned: false,
  late: false,
  conflicts: [{ rule: 'TWO_PEOPLE', title: 'Two people', statement: 'LC-01 needs 2 technicians, 1 assigned.' }],
} as unknown as Schemas['JobSlotView']

const view = {
  yards: [
    { name: 'Eastbank', bays: 2, technicians: ['Rafe Halloran', 'Tomas Weil'] },
    { name: 'Millrace', bays: 1, technicians: ['Lio Marsh'] },
  ],
} as unknown as Schemas['ScheduleView']

const why = {
  statement: 'First day two people are there.',
  earlier: [{ day: '2026-11-30', title: 'Bay taken', statement: 'Bay 1 has SH-02 until 11:00.' }],
}

const answers = ({ path }: { path: string }) => ({ body: path.endsWith('/explanation') ? why : job })

describe('a job’s place', () => {
  it('says what it needs, which rule is against it, and what stops each earlier day', async () => {
    fakeServer(answers)
    show(<JobSlotDialog job={job} view={view} onClose={vi.fn()} />)
    const dialog = screen.getByRole('dialog')
    expect(dialog).toHaveTextContent('180 minutes, 2 technicians, inflation cage. Due Dec 5')
    expect(dialog).toHaveTextContent('Two people. LC-01 needs 2 technicians, 1 assigned.')
    expect(await screen.findByRole('region', { name: 'Why there' })).toHaveTextContent(
      'Nov 30, 2026: bay taken. Bay 1 has SH-02 until 11:00.',
    )
  })

  it('is moved by typing, over the version it was read in, with all that was chosen', async () => {
    const calls = fakeServer((call) =>
      call.method === 'PUT' ? { body: { ...job, conflicts: [], start: '09:30' } } : answers(call),
    )
    const close = vi.fn()
    show(<JobSlotDialog job={job} view={view} onClose={close} />)
    await userEvent.clear(screen.getByLabelText('From'))
    await userEvent.type(screen.getByLabelText('From'), '09:30')
    await userEvent.click(screen.getByRole('checkbox', { name: 'Tomas Weil' }))
    await userEvent.click(screen.getByRole('checkbox', { name: /Pinned/ }))
    await userEvent.click(screen.getByRole('button', { name: 'Save time slot' }))
    await waitFor(() => expect(close).toHaveBeenCalled())
    const put = calls.find((call) => call.method === 'PUT')
    expect(put?.headers.get('If-Match')).toBe('"3"')
    expect(put?.body).toEqual({
      yard: 'Eastbank',
      day: '2026-12-01',
      start: '09:30',
      bay: 1,
      assignees: ['Rafe Halloran', 'Tomas Weil'],
      pinned: true,
    })
  })

  it('may go to another yard, whose people are offered then', async () => {
    const calls = fakeServer(answers)
    show(<JobSlotDialog job={job} view={view} onClose={vi.fn()} />)
    await userEvent.click(screen.getByLabelText('Yard'))
    await userEvent.click(screen.getByRole('option', { name: 'Millrace' }))
    expect(await screen.findByRole('checkbox', { name: 'Lio Marsh' })).not.toBeChecked()
    expect(screen.queryByRole('checkbox', { name: 'Tomas Weil' })).toBeNull()
    await userEvent.click(screen.getByRole('button', { name: 'Save time slot' }))
    await waitFor(() =>
      expect(calls.find((call) => call.method === 'PUT')?.body).toMatchObject({ yard: 'Millrace', assignees: [] }),
    )
  })

  it('stays open with what was typed where the day won’t do', async () => {
    fakeServer((call) => (call.method === 'PUT' ? problem(422, { day: 'This day has passed.' }) : answers(call)))
    const close = vi.fn()
    show(<JobSlotDialog job={job} view={view} onClose={close} />)
    await userEvent.click(screen.getByRole('button', { name: 'Save time slot' }))
    expect(await screen.findByText('This day has passed.')).toBeVisible()
    expect(close).not.toHaveBeenCalled()
  })
})
