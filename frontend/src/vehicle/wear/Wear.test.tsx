import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Outlet, Route, Routes } from 'react-router'
import { describe, expect, it, vi } from 'vitest'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { Wear } from './Wear'

const section = {
  on: '2026-11-20',
  outer: 9,
  center: 11,
  inner: 12,
  outerWords: '9/32 in',
  centerWords: '11/32 in',
  innerWords: '12/32 in',
  legal: 4,
  pull: 5,
  full: 18,
  legalWords: '4/32 in',
  pullWords: '5/32 in',
}
const worn = {
  position: '1R',
  name: 'steer right',
  tire: 'Corvane Tessaly C2',
  pattern: { shape: 'OUTER_SHOULDER', label: 'outer shoulder worn', action: 'Alignment.', toCorrect: true },
  section,
  history: [
    { on: '2026-11-20', lowest: 9, miles: 60_000 },
    { on: '2026-05-20', lowest: 10, miles: 56_000 },
  ],
  causes: [
    {
      cause: 'camber',
      firstCheck: 'Alignment first.',
      evidenceFor: ['1L across the axle is even'],
      evidenceAgainst: [],
    },
    { cause: 'toe', firstCheck: 'Toe first.', evidenceFor: [], evidenceAgainst: ['1L across the axle is even'] },
  ],
  conflict: 'As much speaks for toe as for camber.',
  unknown: ['When it was last aligned.'],
  forecast: {
    rate: '2.3/32 in in 10,000 mi',
    ahead: { miles: 70_000, likely: 4, least: 3, most: 5 },
    pull: '17,400 mi',
    nextLimit: 'Steer age limit',
  },
}
const even = {
  ...worn,
  position: '1L',
  pattern: { shape: 'EVEN', label: 'even', action: '', toMend: false },
  causes: [],
  unknown: [],
}
const report = {
  id: 7,
  symptom: 'PULL_RIGHT',
  label: 'pulls to the right',
  corner: '',
  note: 'highway',
  reporter: 'M. Quill',
  at: '2026-11-20T09:00:00Z',
  status: 'NEW',
  reviewNote: '',
}
const page = { today: '2026-11-23', tires: [even, worn], events: [], reports: [report] }

function open(answer: (path: string) => ReturnType<typeof problem> | undefined = () => undefined) {
  const schedule = vi.fn()
  const due = [
    {
      workType: 'CORRECT_WEAR_CAUSE',
      positions: ['1R'],
      canBeScheduled: true,
      key: 'CORRECT_WEAR_CAUSE:1R',
      vehicleId: 3,
    },
  ]
  const context = { vehicle: { id: 3, unit: 'LC-03', due }, picked: undefined, pick: () => {}, schedule }
  const calls = fakeServer(
    ({ path }) => answer(path) ?? { body: path.endsWith('/words') ? { events: [], symptoms: [] } : page },
  )
  show(
    <Routes>
      <Route element={<Outlet context={context} />}>
        <Route path="*" element={<Wear />} />
      </Route>
    </Routes>,
  )
  return { calls, schedule }
}

describe('wear', () => {
  it('opens on the tire with a cause to mend, draws its section and ranks the causes with evidence', async () => {
    const { schedule } = open()
    expect(await screen.findByText('1R outer shoulder worn')).toBeVisible()
    expect(screen.getByRole('img', { name: /Tread of 1R: outer 9\/32 in.*pull point 5\/32 in/ })).toBeVisible()
    const causes = within(screen.getByRole('list', { name: /Causes/ })).getAllByRole('listitem')
    expect(causes[0]).toHaveTextContent('1. camber')
    expect(causes[0]).toHaveTextContent('nothing on record against it')
    expect(causes[1]).toHaveTextContent('None on file')
    expect(screen.getByRole('note')).toHaveTextContent('As much speaks for toe')
    await userEvent.click(screen.getByRole('button', { name: 'Schedule this work…' }))
    expect(schedule).toHaveBeenCalledWith([expect.objectContaining({ key: 'CORRECT_WEAR_CAUSE:1R' })])
  })

  it('accepts a report or dismisses it with a reason', async () => {
    const { calls } = open((path) =>
      path.endsWith('/review') ? problem(422, { note: 'Enter why the report is dismissed.' }) : undefined,
    )
    await userEvent.click(await screen.findByRole('button', { name: 'Review…' }))
    await userEvent.click(screen.getByRole('button', { name: 'Dismiss' }))
    await userEvent.click(screen.getByRole('button', { name: 'Dismiss report' }))
    expect(await screen.findByText('Enter why the report is dismissed.')).toBeVisible()
    expect(calls.at(-1)?.body).toEqual({ status: 'DISMISSED', note: '' })
  })

  it('says at the field what is wrong with something that happened', async () => {
    open((path) => (path.endsWith('/events') ? problem(422, { type: 'Choose what happened.' }) : undefined))
    await userEvent.click(await screen.findByRole('button', { name: 'Add event…' }))
    await userEvent.click(screen.getByRole('button', { name: 'Add event' }))
    expect(await screen.findByText('Choose what happened.')).toBeVisible()
  })
})
