import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { describe, expect, it } from 'vitest'
import { fakeServer, problem } from '../test/server'
import { show } from '../test/show'
import { ShopVisit } from './ShopVisit'

const visit = {
  jobId: 7,
  vehicleId: 3,
  unit: 'SH-02',
  day: '2026-11-24',
  done: false,
  stages: [
    { stage: 'CHECK_IN', label: 'Check-in', state: 'DONE', statement: ['none'] },
    { stage: 'WORK', label: 'Work', state: 'OPEN', statement: ['3 steps of the job sheet are open.'] },
    { stage: 'ALIGNMENT', label: 'Alignment', state: 'OPEN', statement: ['Alignment after is not noted.'] },
    { stage: 'HAND_OVER', label: 'Hand-over', state: 'OPEN', statement: ['Not signed yet'] },
  ],
  work: [{ position: '1L', label: 'Replace tire' }],
  nextWanted: 'Nov 25, 2026: Pressure check',
  nextTires: '2 tires by Mar 4, 2027 at 1L, 1R, about $974 with labor',
  entries: [
    { entry: 'DAMAGE', part: 'Check-in', label: 'Wheel damage already there', fields: [] },
    {
      entry: 'PARTS',
      part: 'Parts',
      label: 'Stems used',
      fields: [{ name: 'words', label: 'What', type: 'TEXT', options: [] }],
    },
    {
      entry: 'ALIGNMENT_AFTER',
      part: 'After',
      label: 'Alignment after',
      fields: [
        { name: 'toe', label: 'Total toe', type: 'ANGLE', options: [] },
        { name: 'toeMost', label: 'Toe limit, most', type: 'ANGLE', options: [] },
      ],
    },
  ],
  lines: [],
  compared: [{ description: 'Total toe', before: '0.55°', after: '0.1°', difference: '−0.45°' }],
  positions: [{ position: '1L', name: 'steer left', tire: 'Brantholm Stowmere 4', dot: '3CT2XR5M2226', age: '0.5 y' }],
  planned: [{ id: 9, day: '2026-11-26', note: 'after the work', items: [{ id: 1, label: 'Re-torque' }] }],
  due: [],
}

function page(answer: Parameters<typeof fakeServer>[0], shown: object = visit) {
  const calls = fakeServer((call) => (call.method === 'GET' ? { body: shown } : answer(call)))
  show(
    <Routes>
      <Route path="/jobs/:id/visit" element={<ShopVisit />} />
    </Routes>,
    '/jobs/7/visit',
  )
  return calls
}

describe('a shop visit', () => {
  it('says what to begin with, what is on the vehicle and what falls due next', async () => {
    page(() => ({ body: visit }))
    expect(await screen.findByText(/Start with damage present/)).toBeVisible()
    expect(screen.getByText('3CT2XR5M2226')).toBeVisible()
    expect(screen.getByText(/planned: Re-torque/)).toBeVisible()
    expect(screen.getByText('not checked')).toBeVisible()
    expect(screen.getByText('−0.45°')).toBeVisible()
  })

  it('notes a line under its kind, and says at the field what is missing', async () => {
    let refused = true
    const calls = page(() =>
      refused
        ? problem(422, { words: 'Say what was found or done.' })
        : {
            body: {
              ...visit,
              lines: [
                {
                  id: 1,
                  entry: 'PARTS',
                  part: 'Parts',
                  title: 'Stems used',
                  figures: {},
                  label: '2 stems',
                  warning: '',
                  photo: false,
                  at: '2026-11-24T09:00:00Z',
                  by: 'Rafe Halloran',
                },
              ],
            },
          },
    )
    await userEvent.click(await screen.findByLabelText('Note'))
    await userEvent.click(screen.getByRole('option', { name: 'Parts: Stems used' }))
    await userEvent.click(screen.getByRole('button', { name: 'Add entry' }))
    expect(await screen.findByText('Say what was found or done.')).toBeVisible()
    refused = false
    await userEvent.type(screen.getByLabelText('What'), '2 stems')
    await userEvent.click(screen.getByRole('button', { name: 'Add entry' }))
    expect(await screen.findByText(/: 2 stems/)).toBeVisible()
    expect(calls.filter((call) => call.method === 'POST').at(-1)?.body).toEqual({
      entry: 'PARTS',
      fields: { words: '2 stems' },
    })
  })

  it('leads from each open stage to where it is closed, and isn’t handed over before', async () => {
    page(() => ({ body: visit }))
    expect(await screen.findByRole('link', { name: 'Open the job sheet' })).toHaveAttribute('href', '/jobs/7/sheet')
    expect(screen.getByRole('button', { name: 'Sign the hand-over' })).toBeDisabled()
    expect(screen.getByText(/2 stages are open: Work, Alignment/)).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Note it' }))
    expect(await screen.findByLabelText('Total toe')).toBeVisible()
  })

  it('says when the vehicle is next wanted, for how many tires and at what cost, and signs it over once nothing is open', async () => {
    const ready = { ...visit, done: true, stages: visit.stages.map((stage) => ({ ...stage, state: 'DONE' })) }
    const calls = page(
      () => ({ body: { ...ready, handedOver: { to: 'M. Quist', by: 'Rafe Halloran', at: '2026-11-24T09:00:00Z' } } }),
      ready,
    )
    expect(await screen.findByText(/2 tires by Mar 4, 2027 at 1L, 1R, about \$974/)).toBeVisible()
    await userEvent.type(screen.getByLabelText('Person in charge: name or mail'), 'M. Quist')
    await userEvent.click(screen.getByRole('button', { name: 'Sign the hand-over' }))
    expect(await screen.findByText(/Handed over to M. Quist/)).toBeVisible()
    expect(calls.find((call) => call.path === '/api/jobs/7/visit/hand-over')?.body).toEqual({ to: 'M. Quist' })
    expect(screen.queryByRole('button', { name: 'Add entry' })).toBeNull()
  })

  it('measures a place over its limit again against the same limits', async () => {
    page(() => ({ body: visit }), {
      ...visit,
      lines: [
        {
          id: 4,
          entry: 'ALIGNMENT_AFTER',
          part: 'After',
          title: 'Alignment after',
          label: 'axle 1: total toe 0.5°',
          warning: 'outside the manufacturer’s limits.',
          photo: false,
          at: '2026-11-24T09:00:00Z',
          by: 'Rafe Halloran',
          figures: { axle: '1', toe: '0.5°', toeMost: '0.2°' },
        },
      ],
    })
    await userEvent.click(await screen.findByRole('button', { name: 'Measure again' }))
    expect(await screen.findByLabelText('Toe limit, most')).toHaveValue('0.2°')
    expect(screen.getByLabelText('Total toe')).toHaveValue('')
  })
})
