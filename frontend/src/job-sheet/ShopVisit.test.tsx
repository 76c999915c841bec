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
      fields: [{ name: 'toe', label: 'Total toe', type: 'ANGLE', options: [] }],
    },
  ],
  lines: [],
  compared: [{ description: 'Total toe', before: '0.55°', after: '0.1°', difference: '−0.45°' }],
  positions: [{ position: '1L', name: 'steer left', tire: 'Brantholm Stowmere 4', dot: '3CT2XR5M2226', age: '0.5 y' }],
  planned: [{ id: 9, day: '2026-11-26', note: 'after the work', items: [{ id: 1, label: 'Re-torque' }] }],
  due: [],
}

function page(answer: Parameters<typeof fakeServer>[0]) {
  const calls = fakeServer((call) => (call.method === 'GET' ? { body: visit } : answer(call)))
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
})
