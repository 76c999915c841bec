import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Outlet, Route, Routes } from 'react-router'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '../../api/client'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { LoadPressure } from './LoadPressure'
import { page } from './sample'

const vehicle = { id: 4, unit: 'LC-04' } as Schemas['VehicleView']
const loss = {
  position: '1R',
  name: 'steer right',
  rate: '6.1% a month',
  kind: 'LEAK',
  statement: 'A leak: look at valve core.',
  nextCheck: '2026-11-25',
  reachesMinimum: '2026-12-02',
  target: 110,
  targetWords: '110 psi',
  points: [
    { on: '2026-11-11', psi: 98, pressure: '98 psi', filled: false, cold: true, corrected: 97.6 },
    { on: '2026-10-14', psi: 104, pressure: '104 psi', filled: false, cold: true },
  ],
}

function open(answer: (path: string, method: string) => ReturnType<typeof problem> | undefined = () => undefined) {
  const calls = fakeServer(
    ({ path, method }) => answer(path, method) ?? { body: path.endsWith('/loss') ? [loss] : page },
  )
  show(
    <Routes>
      <Route element={<Outlet context={{ vehicle, picked: undefined, pick: () => {}, schedule: () => {} }} />}>
        <Route path="*" element={<LoadPressure />} />
      </Route>
    </Routes>,
  )
  return calls
}

describe('load and pressure', () => {
  it('says the target first, then what it rests on, and every school with its ground', async () => {
    open()
    expect((await screen.findAllByText('6,475 lb'))[0]).toBeVisible()
    expect(
      screen.getByRole('img', { name: /Pressure ladder of axle 1.*load 6,240 lb.*Weighed 110 psi, taken/ }),
    ).toBeVisible()
    const schools = within(screen.getByRole('table', { name: 'Methods for axle 1' }))
    expect(schools.getByText('▸ taken').closest('tr')).toHaveTextContent('Weighed110 psi')
    expect(schools.getByText('Available').closest('tr')).toHaveTextContent('Placard 110 psi for 275/70R22.5')
    expect(screen.getByText(/12,854 lb/)).toBeVisible()
    expect(screen.getByRole('list', { name: /Limits/ })).toHaveTextContent('wheel: 1,160 lb left of 7,400 lb')
  })

  it('cancels a trip, and reads the page anew without it', async () => {
    const trip = { id: 7, from: '2026-12-01', until: '2026-12-04', label: 'full', note: '' }
    let cancelled = false
    const calls = open((path, method) => {
      if (method === 'DELETE') {
        cancelled = true
        return { status: 204, body: undefined }
      }
      return path.endsWith('/load-pressure') ? { body: { ...page, trips: cancelled ? [] : [trip] } } : undefined
    })
    await userEvent.click(await screen.findByRole('button', { name: 'Cancel the trip full of Dec 1' }))
    await waitFor(() => expect(screen.queryByRole('button', { name: /Cancel the trip/ })).not.toBeInTheDocument())
    expect(calls.find((call) => call.method === 'DELETE')?.path).toBe('/api/vehicles/4/trips/7')
  })

  it('tells what has to be known by shape and word, and where two scales disagree', async () => {
    open()
    const known = within(await screen.findByRole('list', { name: 'To know' }))
    expect(known.getByRole('img', { name: 'watch' })).toBeVisible()
    expect(screen.getByText(/is this an empty setting/)).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Loads and weights' }))
    expect(screen.getByText(/12,900 lb on platform/)).toBeVisible()
    expect(screen.getByRole('table', { name: 'Load states' })).toHaveTextContent('weigh it')
  })

  it('shows a leak with its rate and the day to gauge it', async () => {
    open()
    await userEvent.click(await screen.findByRole('button', { name: 'Loss of pressure' }))
    expect(await screen.findByText(/6.1% a month/)).toHaveTextContent('Leak: 6.1% a month')
    expect(screen.getByText(/Check it by Nov 25/)).toHaveTextContent('at the minimum for the load Dec 2')
  })

  it('weighs on the simulated pads, and asks whether kilograms were meant', async () => {
    let refused = true
    const calls = open((path, method) => {
      if (path === '/api/simulators/scale') {
        return {
          body: {
            day: '2026-11-23',
            state: 'NORMAL',
            scale: 'portable pads, set 2',
            gross: 12_420,
            axles: [{ axle: 1, left: 6240, right: 6180, total: 12_420 }],
            text: 'Axle 1  left 6,240 lb  right 6,180 lb',
          },
        }
      }
      if (path.endsWith('/scale-tickets') && method === 'POST' && refused) {
        return problem(422, {
          gross: 'Less than this vehicle can weigh. Did you mean kg?',
          unit: 'kg',
          sure: 'Read it again.',
        })
      }
      return undefined
    })
    await userEvent.click(await screen.findByRole('button', { name: 'Add scale ticket…' }))
    await userEvent.click(screen.getByRole('button', { name: 'Simulated wheel pads' }))
    expect(await screen.findByLabelText('Axle 1 left end')).toHaveValue('6240 lb')
    await userEvent.click(screen.getByRole('button', { name: 'Save scale ticket' }))
    await userEvent.click(await screen.findByRole('button', { name: 'They are kg' }))
    expect(screen.getByLabelText('Axle 1 left end')).toHaveValue('6240 kg')
    refused = false
    await userEvent.click(screen.getByRole('button', { name: 'Save scale ticket' }))
    const slips = calls.filter((call) => call.method === 'POST' && call.path.endsWith('/scale-tickets'))
    expect(slips.at(-1)?.body).toMatchObject({
      gross: '12420 kg',
      axles: [{ axle: 1, left: '6240 kg', right: '6180 kg' }],
    })
  })

  it('chooses a school with a reason, and says at its field what is missing', async () => {
    const calls = open((path) =>
      path.endsWith('/method') ? problem(422, { reason: 'Say why, so that the next person knows.' }) : undefined,
    )
    await userEvent.click(await screen.findByRole('button', { name: 'Choose method…' }))
    await userEvent.click(screen.getByRole('radio', { name: /^Placard/ }))
    await userEvent.click(screen.getByRole('button', { name: 'Save method' }))
    expect(await screen.findByText(/so that the next person knows/)).toBeVisible()
    expect(calls.at(-1)?.body).toEqual({ method: 'PLACARD', reason: '', allowsBelowPlacard: false })
  })

  it('reads a pasted scale ticket into its fields, and says where there is none', async () => {
    open((path) =>
      path === '/api/parse/scale-ticket'
        ? problem(422, { text: 'No axle found. A scale ticket has a line per axle.' })
        : undefined,
    )
    await userEvent.click(await screen.findByRole('button', { name: 'Add scale ticket…' }))
    await userEvent.click(screen.getByRole('button', { name: 'Paste printed ticket…' }))
    await userEvent.type(screen.getByLabelText('Printed scale ticket'), 'nothing')
    await userEvent.click(screen.getByRole('button', { name: 'Read it' }))
    expect(await screen.findByText(/No axle found/)).toBeVisible()
  })
})
