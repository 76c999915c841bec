import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '../../api/client'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { CombinedVisits } from './CombinedVisits'
import { ScheduleProposal } from './ScheduleProposal'

const none: Schemas['ScheduleProposalView'] = {
  running: false,
  done: 0,
  rounds: 2,
  seconds: 0,
  seed: 1,
  jobs: [],
  unscheduled: [],
  points: 0,
  daysLate: 0,
  firstFitPoints: 0,
  firstFitDaysLate: 0,
}

const found: Schemas['ScheduleProposalView'] = {
  ...none,
  done: 2,
  seconds: 7.5,
  last: '2027-01-25',
  points: 11_200,
  daysLate: 12,
  firstFitPoints: 12_400,
  firstFitDaysLate: 19,
  jobs: [
    {
      unit: 'LC-02',
      yard: 'Millrace',
      day: '2026-12-02',
      start: '08:00',
      bay: 1,
      due: '2026-11-30',
      assignees: ['Tomas Weil'],
      work: ['Replace tire 3L 3R'],
    },
  ],
  unscheduled: [{ unit: 'TR-03', work: ['Weigh'], statement: 'No yard has a scale.' }],
}

describe('planning the shop', () => {
  it('sends weeks and whether due work is taken along, and shows how far it is', async () => {
    let now = none
    const calls = fakeServer(({ method }) => {
      if (method === 'POST') now = { ...none, running: true, done: 1, seconds: 3 }
      return { body: now }
    })
    show(<ScheduleProposal />)
    await userEvent.click(await screen.findByLabelText('Plan ahead'))
    await userEvent.click(screen.getByRole('option', { name: '4 weeks' }))
    await userEvent.click(screen.getByRole('checkbox', { name: /with due work/ }))
    await userEvent.click(screen.getByRole('button', { name: 'Propose schedule' }))
    expect(await screen.findByRole('status')).toHaveTextContent('Improving the proposal, round 2 of 2, 3 s.')
    expect(screen.getByRole('progressbar', { name: 'Planning' })).toHaveAttribute('aria-valuenow', '50')
    expect(screen.getByRole('button', { name: 'Propose schedule' })).toBeDisabled()
    expect(calls.find((call) => call.method === 'POST')?.body).toEqual({ weeks: 4, seed: 1, takeDue: false })
  })

  it('stops where it is asked to, and says so where it can’t', async () => {
    fakeServer(({ method }) => (method === 'POST' ? problem(409) : { body: { ...none, running: true } }))
    show(<ScheduleProposal />)
    await userEvent.click(await screen.findByRole('button', { name: 'Use best so far' }))
    expect(await screen.findByText('Nothing was stored.')).toBeVisible()
  })

  it('is looked at before it is taken: what it gains, what is late, and what has no place and why', async () => {
    const calls = fakeServer(({ method }) => ({ body: method === 'POST' ? { jobs: 1, made: 1 } : found }))
    show(<ScheduleProposal />)
    const table = await screen.findByRole('table', { name: 'Proposed schedule' })
    const section = screen.getByRole('region', { name: 'Planning' })
    expect(section).toHaveTextContent('12 days late in all, first come first served would be 19 (11,200 against 12,400')
    expect(section).toHaveTextContent('TR-03 Weigh: No yard has a scale.')
    const row = within(table).getAllByRole('row')[1]
    expect(row).toHaveTextContent('LC-02Dec 2, 2026 08:00Millrace, bay 1Tomas WeilReplace tire 3L 3RNov 30, 2026new')
    await userEvent.click(screen.getByRole('button', { name: 'Accept schedule' }))
    await waitFor(() => expect(calls.some((call) => call.path === '/api/shop/proposal/accept')).toBe(true))
    expect(calls.find((call) => call.path === '/api/shop/proposal/accept')?.headers.get('Idempotency-Key')).toBeTruthy()
  })

  it('says why it failed', async () => {
    fakeServer(() => ({ body: { ...none, failed: 'A job takes longer than any yard is open.' } }))
    show(<ScheduleProposal />)
    expect(await screen.findByText('A job takes longer than any yard is open.')).toBeVisible()
  })
})

describe('visits worth bundling', () => {
  const bundle: Schemas['BundleView'] = {
    vehicleId: 6,
    unit: 'SH-01',
    day: '2020-01-01',
    minutes: 95,
    saved: 40,
    keys: ['REPLACE:1L', 'ROTATE:-'],
    lifted: ['1L', '1R'],
    work: ['1L Replace tire', 'Rotate'],
    forward: ['Rotate, due Dec 20'],
  }

  it('say what one visit saves and brings forward, and become one job, never in the past', async () => {
    const calls = fakeServer(({ method }) => ({ body: method === 'POST' ? [] : [bundle] }))
    show(<CombinedVisits />)
    const section = await screen.findByRole('region', { name: 'Work that can share a visit' })
    expect(section).toHaveTextContent('one visit, 95 minutes, 40 minutes saved; 1L 1R wheels lifted once')
    expect(section).toHaveTextContent('Brought forward: Rotate, due Dec 20')
    await userEvent.click(within(section).getByRole('button', { name: 'Combine into one job' }))
    await waitFor(() => expect(calls.some((call) => call.method === 'POST')).toBe(true))
    const body = calls.find((call) => call.method === 'POST')?.body as { day: string; work: unknown[] }
    expect(body.work).toEqual([
      { vehicleId: 6, key: 'REPLACE:1L' },
      { vehicleId: 6, key: 'ROTATE:-' },
    ])
    expect(body.day > '2026').toBe(true)
  })
})
