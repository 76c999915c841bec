import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { fakeServer, problem } from '../test/server'
import { SESSION, show } from '../test/show'
import { InstallDialog } from './InstallDialog'
import { StoreTireDialog } from './StoreTireDialog'
import { TirePage } from './TirePage'

const tire: Schemas['TirePageView'] = {
  id: 20,
  today: '2026-11-23',
  number: 'LM1020',
  dot: 'MW61BX2L0521',
  modelId: 1,
  model: 'Corvane Tessaly C2',
  sidewall: '275/70R22.5 148/145M H',
  retread: false,
  where: { label: 'On LC-03 2LI', vehicleId: 3, unit: 'LC-03', position: '2LI' },
  price: '$468.00',
  facts: [{ name: 'Age', value: '5.8 y' }, { name: 'Lowest tread' }],
  installations: [{ vehicleId: 3, where: 'LC-03 2LI', from: '2021-05-01T12:00:00Z', odometerOn: '26,257 mi' }],
  milesAreComplete: false,
  miles: '38,475 mi',
  alerts: [],
  open: ['Bulge'],
  byEdge: [
    { at: '2026-11-20T12:00:00Z', where: 'LC-03 1L', dotSide: '9/32 in', center: '9/32 in', otherSide: '6/32 in' },
    { at: '2026-08-20T12:00:00Z', where: 'LC-03 2LO', center: '10/32 in' },
  ],
  photos: [{ id: 12, width: 800, height: 600, at: '2026-11-20T12:00:00Z', where: 'LC-03 1L', by: 'Mara Quill' }],
  entries: [
    {
      id: 7,
      at: '2021-05-01T12:00:00Z',
      type: 'move',
      where: 'LC-03 2LI',
      description: 'Fitted · at 26,257 mi',
      by: 'Rafe Halloran',
      canBeCorrected: true,
      isVoided: false,
    },
  ],
}

describe('the page of a tire', () => {
  it('shows its tread by its own edges where the facing was noted, and its photos', async () => {
    fakeServer(() => ({ body: tire }))
    show(<TirePage />, '/tires/20')
    const edges = within(await screen.findByRole('table', { name: 'Tread by its own edges' }))
    expect(edges.getByRole('row', { name: /LC-03 1L 9\/32 in 9\/32 in 6\/32 in/ })).toBeVisible()
    expect(edges.getByText('facing not noted')).toBeVisible()
    expect(screen.getByRole('img', { name: /LC-03 1L, Nov 20, 2026/ })).toBeVisible()
  })

  it('says of each alert what opened it, and what cleared it or alone can', async () => {
    fakeServer(() => ({
      body: {
        ...tire,
        alerts: [
          {
            type: 'RUN_FLAT',
            title: 'Ran low',
            statement: '72 psi, target 95 psi',
            openedOn: '2026-11-20',
            openedBy: 'Mara Quill',
            clearedOnlyBy: 'a professional’s look inside',
          },
          {
            type: 'OVER_MAXIMUM',
            title: 'Over the maximum',
            statement: '124 psi, maximum 120 psi',
            openedOn: '2026-10-02',
            openedBy: 'Mara Quill',
            clearedOn: '2026-10-03',
            clearedBy: 'Rafe Halloran',
            clearedHow: '95 psi cold',
            clearedOnlyBy: 'a cold reading at or under it',
          },
        ],
      },
    }))
    show(<TirePage />, '/tires/20')
    const alerts = within(await screen.findByRole('region', { name: 'Alerts' }))
    expect(alerts.getByText('Open · Ran low')).toBeVisible()
    expect(alerts.getByText(/Cleared only by a professional’s look inside/)).toBeVisible()
    expect(alerts.getByText('Cleared · Over the maximum')).toBeVisible()
    expect(alerts.getByText(/Cleared Oct 3, 2026, Rafe Halloran: 95 psi cold/)).toBeVisible()
  })

  it('voids a reading by its reason, and shows it struck out', async () => {
    const reading = {
      ...tire.entries[0],
      id: 8,
      type: 'reading',
      readingId: 41,
      description: '12 psi cold',
      canBeCorrected: false,
      isVoided: false,
    }
    let voided = false
    const calls = fakeServer((call) => {
      if (call.path === '/api/session') return { body: SESSION }
      if (call.method !== 'POST') return { body: { ...tire, entries: [{ ...reading, isVoided: voided }] } }
      const { reason } = call.body as { reason: string }
      if (reason === '') return problem(422, { reason: 'Say what was wrong with it.' })
      voided = true
      return { status: 204, body: undefined }
    })
    show(<TirePage />, '/tires/20')
    await userEvent.click(await screen.findByRole('button', { name: /^Void/ }))
    const dialog = within(await screen.findByRole('dialog'))
    await userEvent.click(dialog.getByRole('button', { name: 'Void reading' }))
    expect(await dialog.findByText('Say what was wrong with it.')).toBeVisible()
    await userEvent.type(dialog.getByLabelText('What was wrong with it'), 'typed into the wrong tire')
    await userEvent.click(dialog.getByRole('button', { name: 'Void reading' }))
    expect(calls.find((call) => call.method === 'POST' && call.path === '/api/readings/41/void')).toBeDefined()
    await waitFor(() => expect(screen.getByText('12 psi cold')).toHaveStyle({ textDecoration: 'line-through' }))
    expect(screen.queryByRole('button', { name: /^Void/ })).not.toBeInTheDocument()
  })

  it('says where it is, what stands open, what isn’t known, and that its miles are incomplete', async () => {
    fakeServer(() => ({ body: tire }))
    show(<TirePage />, '/tires/20')
    expect(await screen.findByRole('heading', { name: 'LM1020' })).toBeVisible()
    expect(screen.getByRole('link', { name: 'On LC-03 2LI' })).toHaveAttribute('href', '/vehicles/3?at=2LI')
    expect(screen.getByText(/Bulge: open on this tire/)).toBeVisible()
    expect(screen.getByText(/38,475 mi run as far as known/)).toBeVisible()
    const facts = screen.getByText('Lowest tread').parentElement
    expect(within(facts as HTMLElement).getByText('not known')).toBeVisible()
  })

  it('offers a viewer no move', async () => {
    fakeServer(() => ({ body: tire }))
    show(<TirePage />, '/tires/20', { id: 9, name: 'Lio', role: 'VIEWER', active: true, canSignIn: true, units: 'US' })
    await screen.findByRole('heading', { name: 'LM1020' })
    expect(screen.queryByRole('button', { name: 'Remove…' })).not.toBeInTheDocument()
    expect(screen.queryByRole('button', { name: 'Correct…' })).not.toBeInTheDocument()
  })

  it('corrects a line by a new one, with a word on what was wrong', async () => {
    const calls = fakeServer(({ method }) =>
      method === 'POST' ? problem(422, { note: 'Say in a few words what was wrong.' }) : { body: tire },
    )
    show(<TirePage />, '/tires/20')
    await userEvent.click(await screen.findByRole('button', { name: 'Correct…' }))
    await userEvent.type(screen.getByLabelText('Odometer'), '26000')
    await userEvent.click(screen.getByRole('button', { name: 'Write the correction' }))
    expect(await screen.findByText('Say in a few words what was wrong.')).toBeVisible()
    expect(screen.getByLabelText('Odometer')).toHaveValue('26000')
    expect(calls.find((call) => call.method === 'POST')?.path).toBe('/api/movements/7/correct')
  })
})

describe('moving a tire', () => {
  it('says before fitting why it must not go there', async () => {
    const refusal = { statement: 'Retread on the steer axle', explanation: 'A retread never rolls on a steer axle.' }
    fakeServer(({ path }) =>
      path.endsWith('/install-check') ? { body: { refusals: [refusal], notes: [] } } : { body: [] },
    )
    show(<InstallDialog tire={tire} goal={{ vehicleId: 3, position: '1L' }} onClose={() => {}} />)
    expect(await screen.findByText(/Cannot be installed there: Retread on the steer axle/)).toBeVisible()
    expect(screen.getByText(/never under a load held by a jack/)).toBeVisible()
  })

  it('asks for reason and depth before it is scrapped, and sends both', async () => {
    const close = vi.fn()
    const calls = fakeServer(({ method, body }) => {
      if (method !== 'POST')
        return { body: { yards: ['Eastbank'], classes: [], vehicleTypes: [], placardLoadBases: [], retired: [] } }
      const sent = body as { reason: string; depth: string }
      return sent.reason && sent.depth
        ? { body: { tireId: 20, where: 'scrapped', notes: [] } }
        : problem(422, { reason: 'Enter why it is scrapped.', depth: 'Measure the lowest tread depth.' })
    })
    show(<StoreTireDialog tire={tire} onClose={close} />)
    await userEvent.click(screen.getByLabelText('Where it goes'))
    await userEvent.click(screen.getByRole('option', { name: 'to scrap' }))
    await userEvent.click(screen.getByRole('button', { name: 'Scrap it' }))
    expect(await screen.findByText('Enter why it is scrapped.')).toBeVisible()
    await userEvent.type(screen.getByLabelText('Why it is scrapped'), 'bead torn')
    await userEvent.type(screen.getByLabelText('Lowest tread'), '9')
    await userEvent.click(screen.getByRole('button', { name: 'Scrap it' }))
    await vi.waitFor(() => expect(close).toHaveBeenCalled())
    const keys = calls.filter((call) => call.method === 'POST').map((call) => call.headers.get('Idempotency-Key'))
    expect(keys[0]).not.toBe(keys[1])
  })
})
