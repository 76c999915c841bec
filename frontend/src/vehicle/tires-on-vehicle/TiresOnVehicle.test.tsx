import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { createMemoryRouter, RouterProvider } from 'react-router'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Schemas } from '../../api/client'
import { fakeServer, problem } from '../../test/server'
import { TiresOnVehicle } from './TiresOnVehicle'

const at = (position: string, tireId?: number): Schemas['PositionRow'] => ({
  position,
  name: `wheel ${position}`,
  ...(tireId !== undefined && { tireId }),
  assessment: { verdict: 'UNKNOWN', reasons: [] },
})

const vehicle = {
  id: 7,
  unit: 'TK-01',
  axleDiagram: { axles: [{ number: 1, role: 'STEER', dual: false }], spares: 1, tires: [] },
  positions: [at('1L'), at('1R'), at('S1', 40)],
}

function open(answer?: () => ReturnType<typeof problem>) {
  const calls = fakeServer((call) => {
    if (call.path === '/api/vehicles/7') return { body: vehicle }
    if (call.method === 'POST' && call.path === '/api/vehicles/7/tires') {
      return answer ? answer() : { body: { tires: 2, newModels: [], notes: [] } }
    }
    if (call.path === '/api/parse/dot-code')
      return { body: { weekStart: '2024-03-03', ageYears: 2.7, parts: [], notes: [] } }
    return { body: [] }
  })
  const router = createMemoryRouter(
    [
      { path: '/vehicles/:id/tires', element: <TiresOnVehicle /> },
      { path: '/vehicles/:id', element: <p>the vehicle</p> },
    ],
    { initialEntries: ['/vehicles/7/tires'] },
  )
  const page = render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <RouterProvider router={router} />
    </QueryClientProvider>,
  )
  return { calls, page }
}

beforeEach(() => sessionStorage.clear())

const LINE = 'Hastwick Roadmere 225/70R19.5 128/126N G'

describe('what is on a vehicle', () => {
  it('goes from tire to tire, takes the one before by a key, and records all of them at once', async () => {
    const { calls } = open()
    await userEvent.type(await screen.findByLabelText('DOT code, or its last four digits'), '1024')
    await userEvent.type(screen.getByLabelText('Manufacturer, model and size as molded'), LINE)
    await userEvent.type(screen.getByLabelText(/Tread depth/), '14 13 14{Enter}')
    expect(screen.getByRole('heading', { level: 2 })).toHaveTextContent('1R')
    await userEvent.keyboard('{Control>}{Enter}{/Control}')
    expect(screen.getByRole('button', { name: 'Record 2 tires' })).toHaveFocus()
    await userEvent.click(screen.getByRole('button', { name: 'Record 2 tires' }))
    expect(await screen.findByText('the vehicle')).toBeVisible()
    const tire = { dotCode: '1024', model: LINE, tread: '14 13 14', retread: false }
    expect(calls.find((call) => call.method === 'POST' && call.path.endsWith('/tires'))?.body).toEqual({
      tires: [
        { position: '1L', ...tire },
        { position: '1R', ...tire },
      ],
    })
  })

  it('leaves alone where a tire is on record, and remembers what was typed until it is recorded', async () => {
    const { page } = open()
    await userEvent.type(await screen.findByLabelText('DOT code, or its last four digits'), '0716')
    const plan = screen.getByRole('group', { name: 'Axle diagram, front up' })
    await userEvent.click(within(plan).getByRole('button', { name: /^S1/ }))
    expect(screen.getByRole('heading', { level: 2 })).toHaveTextContent('1L')
    page.unmount()
    open()
    const again = await screen.findByRole('group', { name: 'Axle diagram, front up' })
    await userEvent.click(within(again).getByRole('button', { name: /^1L.*: entered/ }))
    expect(screen.getByLabelText('DOT code, or its last four digits')).toHaveValue('0716')
  })

  it('marks the field of the tire that can’t be read, and keeps everything', async () => {
    open(() => problem(422, { 'tires[0].model': 'Enter manufacturer and model in front of the size.' }))
    await userEvent.type(await screen.findByLabelText('Manufacturer, model and size as molded'), '225/70R19.5')
    await userEvent.click(screen.getByRole('button', { name: 'Record 1 tire' }))
    expect(await screen.findByText('Enter manufacturer and model in front of the size.')).toBeVisible()
    await waitFor(() => expect(screen.getByText('Nothing was recorded yet. Look at 1L.')).toBeVisible())
    expect(screen.getByLabelText('Manufacturer, model and size as molded')).toHaveValue('225/70R19.5')
  })
})
