import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it } from 'vitest'
import type { DueLine, Schemas } from '../../api/client'
import { everythingHigh } from '../../test/layout'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { FleetPage } from './FleetPage'

const tile = (
  id: number,
  unit: string,
  yard: string,
  vehicleClass: string,
  verdict: 'GOOD' | 'DO_NOT_OPERATE',
): Schemas['VehicleTile'] => ({
  id,
  unit,
  yard,
  vehicleClass,
  description: vehicleClass,
  verdict,
  axleDiagram: {
    axles: [{ number: 1, role: 'STEER', dual: false }],
    spares: 0,
    tires: [
      { position: '1L', name: 'steer left', verdict },
      { position: '1R', name: 'steer right', verdict: 'GOOD' },
    ],
  },
})

const line = (
  vehicleId: number,
  unit: string,
  says: string,
  days: number,
  scheduled?: DueLine['scheduled'],
): DueLine => ({
  key: `SET_PRESSURE:1L ${says}`,
  vehicleId,
  unit,
  yard: 'Eastbank',
  vehicleClass: 'Clinic coach',
  positions: ['1L'],
  workType: 'SET_PRESSURE',
  label: 'Set pressure',
  due: '2026-11-23',
  days,
  group: days < 0 ? 'DO_NOT_OPERATE' : days === 0 ? 'DUE_NOW' : 'UPCOMING',
  needsDecision: days <= 0,
  urgency: days < 0 ? 'DO_NOT_OPERATE' : 'WATCH',
  reason: {
    verdict: 'WATCH',
    rule: 'r',
    statement: says,
    figure: 'f',
    limit: '95 psi',
    explanation: 'Add air cold.',
    authority: 'a',
    source: 's',
  },
  canBeScheduled: true,
  consequence: 'It wears its shoulders.',
  ...(scheduled && { scheduled }),
})

const yard: Schemas['FleetView'] = {
  today: '2026-11-23',
  fleet: 3,
  states: { DO_NOT_OPERATE: 1, UNKNOWN: 0, SERVICE_DUE: 0, WATCH: 0, GOOD: 2 },
  yards: ['Eastbank', 'Millrace'],
  classes: ['Clinic coach', 'Service van'],
  groups: [
    { name: 'Eastbank', vehicles: 1 },
    { name: 'Millrace', vehicles: 2 },
  ],
  parts: { doNotOperate: 1, now: 1, upcoming: 1 },
  dueWithinDays: 90,
  vehicles: [
    tile(1, 'LC-01', 'Eastbank', 'Clinic coach', 'DO_NOT_OPERATE'),
    tile(2, 'VN-02', 'Millrace', 'Service van', 'GOOD'),
    tile(3, 'LC-03', 'Millrace', 'Clinic coach', 'GOOD'),
  ],
  due: [
    line(1, 'LC-01', '76 psi, target 95 psi', -3),
    line(2, 'VN-02', '59 psi cold', 0),
    line(3, 'LC-03', '84 psi cold', 5, { jobId: 8, day: '2026-11-25' }),
  ],
}

const empty: Schemas['FleetView'] = {
  ...yard,
  today: undefined as unknown as string,
  fleet: 0,
  groups: [],
  vehicles: [],
  due: [],
}

const vehicles = () => screen.getByRole('region', { name: 'Vehicles' })
const due = () => screen.getByRole('region', { name: 'Due' })

const gauge = (name: string, over: Partial<Schemas['GaugeView']>): Schemas['GaugeView'] => ({
  id: name.length,
  name,
  type: 'PRESSURE',
  typeLabel: 'pressure',
  due: '2026-12-01',
  dueSoon: true,
  retired: false,
  calibrations: [],
  ...over,
})

const answers = ({ path }: { path: string }) => ({ body: path === '/api/fleet' ? yard : [] })

beforeEach(() => localStorage.clear())

describe('the yard', () => {
  it('shows every vehicle in its group, and says in words which tires are not fit', async () => {
    fakeServer(answers)
    show(<FleetPage />)
    expect(await screen.findByRole('heading', { name: 'Millrace · 2 vehicles' })).toBeVisible()
    expect(screen.getByRole('img', { name: 'Clinic coach. 1L do not operate' })).toBeInTheDocument()
    expect(within(vehicles()).getAllByRole('link')).toHaveLength(3)
  })

  it('has its filters there before the first answer, without figures yet', async () => {
    fakeServer(() => new Promise(() => {}))
    show(<FleetPage />, '/?class=Clinic+coach')
    expect(screen.getByRole('button', { name: 'do not operate –' })).toBeVisible()
    expect(screen.getByRole('combobox', { name: 'Vehicle class' })).toHaveTextContent('Clinic coach')
    expect(screen.getAllByRole('status', { name: 'Loading' })).toHaveLength(2)
  })

  it('asks for what the filters leave, in the address, and says when that is nothing', async () => {
    const calls = fakeServer((call) => {
      const text = new URL(call.url).searchParams.get('text')
      return text
        ? { body: { ...yard, groups: [], vehicles: [], due: [], parts: { doNotOperate: 0, now: 0, upcoming: 0 } } }
        : answers(call)
    })
    show(<FleetPage />, '/?class=Clinic+coach')
    await userEvent.click(await screen.findByRole('button', { name: /do not operate/ }))
    await userEvent.type(screen.getByLabelText('Find'), 'nowhere')
    expect(await screen.findByText('No vehicles match these filters. Clear a filter.')).toBeVisible()
    expect(within(due()).getByText('No due work matches these filters.')).toBeVisible()
    const asked = calls.filter((call) => call.path === '/api/fleet').map((call) => new URL(call.url).searchParams)
    expect(asked.at(-1)?.toString()).toContain('vehicleClass=Clinic+coach&state=DO_NOT_OPERATE&text=nowhere')
  })

  it('brings the rest of a large fleet as it is asked for, and counts all of it from the start', async () => {
    const large = { ...yard, groups: [{ name: 'Millrace', vehicles: 140 }] }
    const calls = fakeServer((call) => {
      if (call.path !== '/api/fleet') return { body: [] }
      const search = new URL(call.url).searchParams
      const from = Number(search.get('from'))
      const tiles = Array.from({ length: from === 0 ? 100 : 40 }, (_, at) =>
        tile(from + at, `GF-${from + at}`, 'Millrace', 'Hauler', 'GOOD'),
      )
      return { body: { ...large, vehicles: search.get('part') === 'DUE' ? [] : tiles } }
    })
    everythingHigh(150)
    show(<FleetPage />)
    expect(await screen.findByRole('heading', { name: 'Millrace · 140 vehicles' })).toBeVisible()
    expect(within(vehicles()).getAllByRole('link').length).toBeLessThan(100)
    fireEvent(window, new Event('beforeprint'))
    expect(within(vehicles()).getAllByRole('link')).toHaveLength(100)
    await userEvent.click(screen.getByRole('button', { name: 'More vehicles' }))
    expect(await screen.findByText('GF-139')).toBeVisible()
    expect(screen.queryByRole('button', { name: 'More vehicles' })).toBeNull()
    expect(calls.some((call) => call.url.includes('from=100'))).toBe(true)
  })

  it('puts what must not leave first, then what is due now, then the rest', async () => {
    fakeServer(answers)
    show(<FleetPage />)
    await screen.findByRole('region', { name: 'Due' })
    const parts = within(due()).getAllByRole('heading', { level: 3 })
    expect(parts.map((part) => part.textContent)).toEqual(['Do not operate · 1', 'Due now · 1', 'Upcoming · 1'])
  })

  it('offers for scheduling what isn’t on a day yet', async () => {
    fakeServer(answers)
    show(<FleetPage />)
    await screen.findByRole('region', { name: 'Due' })
    expect(within(due()).getAllByRole('checkbox')).toHaveLength(2)
    expect(screen.getByRole('link', { name: 'planned Nov 25' })).toHaveAttribute('href', '/shop?job=8')
    expect(screen.getByRole('button', { name: 'Schedule…' })).toBeDisabled()
    await userEvent.click(screen.getByRole('checkbox', { name: 'Choose: Set pressure, LC-01 1L' }))
    await userEvent.click(screen.getByRole('button', { name: 'Schedule 1…' }))
    expect(await screen.findByRole('dialog')).toHaveTextContent(
      'Do not operate this vehicle until the job is complete.',
    )
  })

  it('leaves the focus on the list once something was put on a day', async () => {
    fakeServer(answers)
    show(<FleetPage />)
    await userEvent.click(await screen.findByRole('checkbox', { name: 'Choose: Set pressure, LC-01 1L' }))
    await userEvent.click(screen.getByRole('button', { name: 'Schedule 1…' }))
    await userEvent.click(await screen.findByRole('button', { name: 'Schedule' }))
    await waitFor(() => expect(screen.getByRole('heading', { name: 'Due' })).toHaveFocus())
  })

  it('offers nothing to choose to who can’t schedule', async () => {
    fakeServer(answers)
    show(<FleetPage />, '/', {
      id: 3,
      name: 'Rafe Halloran',
      role: 'TECHNICIAN',
      active: true,
      canSignIn: true,
      units: 'US',
    })
    expect(await screen.findByRole('link', { name: 'planned Nov 25' })).toBeVisible()
    expect(within(due()).queryAllByRole('checkbox')).toEqual([])
  })

  it('names the gauges to be checked, and no other', async () => {
    const gauges = [
      gauge('P-1', { calibrated: '2025-12-01' }),
      gauge('P-22', { calibrated: '2025-10-01', due: '2026-10-01', doubt: 'P-22 was calibrated Oct 1, 2025' }),
      gauge('T-333', {}),
      gauge('T-4444', { dueSoon: false, calibrated: '2026-11-01' }),
    ]
    fakeServer((call) => (call.path === '/api/gauges' ? { body: gauges } : answers(call)))
    show(<FleetPage />)
    expect(await screen.findByRole('region', { name: 'Gauges due' })).toHaveTextContent(
      'Gauge calibration overdue: P-1 by Dec 1 · P-22 was due Oct 1 · T-333 never checked',
    )
  })

  it('says what to do first in an empty fleet, and what happened when it can’t load', async () => {
    fakeServer(({ path }) => ({ body: path === '/api/fleet' ? empty : [] }))
    const page = show(<FleetPage />)
    expect(await screen.findByText('No vehicles yet')).toBeInTheDocument()
    page.unmount()
    fakeServer(() => problem(500))
    show(<FleetPage />)
    expect(await screen.findByRole('button', { name: 'Try again' })).toBeInTheDocument()
  })
})
