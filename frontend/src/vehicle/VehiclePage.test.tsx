import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { createMemoryRouter, RouterProvider } from 'react-router'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Schemas } from '../api/client'
import { fakeServer } from '../test/server'
import { Overview } from './overview/Overview'
import { VehiclePage } from './VehiclePage'

const low: Schemas['AssessmentView'] = {
  verdict: 'DO_NOT_OPERATE',
  reasons: [
    {
      verdict: 'DO_NOT_OPERATE',
      rule: '80% of target',
      statement: '76 psi, target 95 psi: 80% of target',
      figure: '76 psi',
      limit: '76 psi',
      explanation: 'Treat it as run flat.',
      authority: 'law',
      source: '29 CFR 1910.177',
    },
  ],
}

const row = (position: string, assessment: Schemas['AssessmentView']): Schemas['PositionRow'] => ({
  position,
  name: `steer ${position}`,
  tire: 'Corvane Tessaly C2',
  size: '275/70R22.5',
  dot: '0821',
  ageYears: 5.7,
  outer: '9/32 in',
  center: '8/32 in',
  inner: '9/32 in',
  pressure: '76 psi',
  target: '95 psi',
  assessment,
})

const vehicle: Schemas['VehicleView'] = {
  today: '2026-11-23',
  id: 3,
  unit: 'LC-03',
  vehicleClass: 'Clinic coach',
  yard: 'Eastbank',
  description: 'Clinic coach, tag axle',
  isParkedOutdoors: false,
  loadState: 'set for usual load',
  retired: false,
  gvwr: '46,000 lb',
  hasWorkingSensors: false,
  verdict: 'DO_NOT_OPERATE',
  axleDiagram: {
    axles: [{ number: 1, role: 'STEER', dual: false, target: '95 psi' }],
    spares: 0,
    tires: [
      {
        position: '1L',
        name: 'steer left',
        verdict: 'DO_NOT_OPERATE',
        headline: '76 psi, target 95 psi: 80% of target',
        tread: { outer: 0.5, center: 0.4, inner: 0.5, pull: 0.2, lowest: '8/32 in' },
        pressure: { read: '76 psi', target: '95 psi', readShare: 0.64, targetShare: 0.8, lowShare: 0.64, off: true },
        age: { years: 5.7, limit: 8, made: '0821' },
      },
      { position: '1R', name: 'steer right', verdict: 'GOOD' },
    ],
  },
  positions: [row('1L', low), row('1R', { verdict: 'GOOD', reasons: [] })],
  due: [],
}

function open() {
  fakeServer((call) => ({ body: call.path.startsWith('/api/vehicles') ? vehicle : [] }))
  const router = createMemoryRouter(
    [{ path: '/vehicles/:id', element: <VehiclePage />, children: [{ index: true, element: <Overview /> }] }],
    {
      initialEntries: ['/vehicles/3'],
    },
  )
  render(
    <QueryClientProvider client={new QueryClient()}>
      <RouterProvider router={router} />
    </QueryClientProvider>,
  )
}

beforeEach(() => localStorage.clear())

describe('the vehicle page', () => {
  it('says first which tires must not roll, and that no sensor warns', async () => {
    open()
    expect(await screen.findByText(/Do not operate|: 1L/)).toBeInTheDocument()
    expect(screen.getByText(/No working pressure sensors/)).toBeInTheDocument()
  })

  it('names each tire of the plan with state, reason and figures for those who don’t see it', async () => {
    open()
    expect(
      await screen.findByRole('button', {
        name: '1L, steer left: do not operate. 76 psi, target 95 psi: 80% of target. tread 8/32 in. 76 psi cold. 5.7 years old',
      }),
    ).toBeInTheDocument()
  })

  it('shows all reasons of a picked tire with rule and source, by keyboard too', async () => {
    open()
    const tire = await screen.findByRole('button', { name: /^1L, steer left/ })
    tire.focus()
    await userEvent.keyboard('{Enter}')
    const reasons = await screen.findByRole('region', { name: 'Reasons at 1L' })
    expect(reasons).toHaveTextContent('Treat it as run flat.')
    expect(reasons).toHaveTextContent('law: 29 CFR 1910.177')
    await userEvent.keyboard('{Enter}')
    expect(screen.queryByRole('region', { name: 'Reasons at 1L' })).not.toBeInTheDocument()
  })

  it('a fit tire says why it is fit', async () => {
    open()
    await userEvent.click(await screen.findByRole('button', { name: 'Reasons at 1R' }))
    expect(await screen.findByText('Measured, current, and within every limit.')).toBeInTheDocument()
  })

  it('switches overlays on and off', async () => {
    open()
    const plan = await screen.findByRole('group', { name: 'Axle diagram, front up' })
    expect(within(plan).getByText('8/32')).toBeInTheDocument()
    await userEvent.click(screen.getByRole('button', { name: 'Tread' }))
    expect(within(plan).queryByText('8/32')).not.toBeInTheDocument()
    expect(within(plan).getByText('76 psi')).toBeInTheDocument()
    await userEvent.click(screen.getByRole('button', { name: 'Pressure' }))
    expect(within(plan).queryByText('76 psi')).not.toBeInTheDocument()
  })
})
