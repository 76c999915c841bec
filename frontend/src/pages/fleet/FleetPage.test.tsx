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
  places: '1L',
  workType: 'SET_PRESSURE',
  label: 'Set pressure',
  due: '2026-11-23',
  days,
  group: days < 0 ? 'DO_NOT_OPERATE' : days === 0 ? 'THIS_WEEK' : 'LATER',
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

const counts = (...items: number[]): Schemas['DueCount'][] =>
  (['DO_NOT_OPERATE', 'OVERDUE', 'THIS_WEEK', 'NEXT_30_DAYS', 'LATER'] as const).map((group, at) => ({
    group,
    vehicles: items[at] ?? 0,
    items: items[at] ?? 0,
  }))

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
  dueCounts: counts(1, 0, 1, 0, 1),
  allDueCounts: counts(1, 0, 1, 0, 1),
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
    expect(screen.getByRole('button', { name: '– do not operate' })).toBeVisible()
    expect(screen.getByRole('combobox', { name: 'Vehicle class' })).toHaveTextContent('Clinic coach')
    expect(screen.getAllByRole('status', { name: 'Loading' })).toHaveLength(2)
  })

  it('asks for what the filters leave, in the address, and says when that is nothing', async () => {
    const calls = fakeServer((call) => {
      const text = new URL(call.url).searchParams.get('text')
      return text ? { body: { ...yard, groups: [], vehicles: [], due: [], dueCounts: counts() } } : answers(call)
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

  it('puts what must not be operated first, then group by group, each with its vehicles', async () => {
    fakeServer(answers)
    show(<FleetPage />)
    await screen.findByRole('region', { name: 'Due' })
    const parts = within(due()).getAllByRole('heading', { level: 3 })
    expect(parts.map((part) => part.textContent)).toEqual([
      'Do not operate · 1 vehicle',
      'This week · 1 vehicle',
      'Later · 1 vehicle',
    ])
    expect(within(due()).queryByText('84 psi cold')).toBeNull()
    await userEvent.click(screen.getByRole('button', { name: 'Show Later' }))
    expect(within(due()).getByText('84 psi cold')).toBeVisible()
  })

  const several: Schemas['FleetView'] = {
    ...yard,
    dueCounts: counts(3, 1, 0, 0, 0),
    due: [
      { ...line(1, 'LC-01', '1L at 4/32 in', -3), key: 'REPLACE:1L', label: 'Replace tire' },
      {
        ...line(1, 'LC-01', '1R at 4/32 in', -2),
        key: 'REPLACE:1R',
        label: 'Replace tire',
        places: '1R',
        positions: ['1R'],
      },
      line(1, 'LC-01', '76 psi, target 95 psi', -1),
      { ...line(1, 'LC-01', 'Last read Nov 1', -1), key: 'PRESSURE_CHECK', group: 'OVERDUE', urgency: 'WATCH' },
    ],
  }

  it('says a vehicle’s work of one group in one line, the same work on two tires once, and unfolds the reasons', async () => {
    fakeServer(({ path }) => ({ body: path === '/api/fleet' ? several : [] }))
    show(<FleetPage />)
    const stopped = await screen.findByRole('region', { name: 'Do not operate' })
    expect(within(stopped).getAllByRole('listitem')).toHaveLength(1)
    expect(within(stopped).getByText('Replace tire')).toBeVisible()
    expect(stopped).toHaveTextContent('Replace tire 1L 1R, Set pressure 1L')
    // The figure and the lateness are of one and the same piece of work.
    expect(stopped).toHaveTextContent('1L at 4/32 in · 2 more3 d overdue')
    expect(within(stopped).queryByText('Add air cold.', { exact: false })).toBeNull()
    await userEvent.click(
      within(stopped).getByRole('button', { name: 'Reasons for LC-01: Replace tire 1L 1R, Set pressure 1L' }),
    )
    expect(within(stopped).getAllByText('Add air cold.', { exact: false })).toHaveLength(3)
  })

  it('chooses a vehicle’s work, a group, or with Shift all rows between, and schedules what is chosen', async () => {
    fakeServer((call) => (call.path === '/api/shop/open-days' ? { body: [] } : answers(call)))
    show(<FleetPage />)
    await screen.findByRole('region', { name: 'Due' })
    await userEvent.click(screen.getByRole('checkbox', { name: 'Choose all: Do not operate' }))
    await userEvent.click(screen.getByRole('button', { name: 'Clear' }))
    await userEvent.click(screen.getByRole('checkbox', { name: 'Choose LC-01: Set pressure 1L' }))
    const last = screen.getByRole('checkbox', { name: 'Choose VN-02: Set pressure 1L' })
    fireEvent.click(last, { shiftKey: true })
    await userEvent.click(screen.getByRole('button', { name: 'Schedule 2…' }))
    expect(await screen.findByRole('dialog', { name: 'Schedule work on 2 vehicles' })).toHaveTextContent(
      'Do not operate LC-01 until the job is complete.',
    )
  })

  it('proposes the next open day, warns of a closed one somebody chooses, and sends each vehicle’s own day', async () => {
    const calls = fakeServer((call) => {
      if (call.path === '/api/jobs') {
        return { body: [{ id: 4, version: 1, unit: 'LC-01', day: '2026-11-29' }] }
      }
      if (call.path !== '/api/shop/open-days') return answers(call)
      const chosen = (call.body as { chosen: Record<string, string> }).chosen[1]
      return {
        body: [
          {
            vehicleId: 1,
            unit: 'LC-01',
            yard: 'Eastbank',
            minutes: 95,
            day: '2026-11-30',
            ...(chosen === '2026-11-29' && { closed: 'closed' }),
          },
        ],
      }
    })
    show(<FleetPage />)
    await userEvent.click(await screen.findByRole('button', { name: 'Schedule LC-01: Set pressure' }))
    const dialog = await screen.findByRole('dialog', { name: 'Schedule LC-01' })
    expect(await within(dialog).findByText('Monday, next open day with hours left')).toBeVisible()
    expect(within(dialog).getByLabelText('Day')).toHaveValue('2026-11-30')
    expect(dialog).toHaveTextContent('1 h 35 min in the shop at Eastbank.')
    fireEvent.change(within(dialog).getByLabelText('Day'), { target: { value: '2026-11-29' } })
    expect(await within(dialog).findByText('Sunday: shop closed')).toBeVisible()
    await userEvent.click(within(dialog).getByRole('button', { name: 'Schedule' }))
    await waitFor(() => expect(screen.getByRole('heading', { name: 'Due' })).toHaveFocus())
    expect(calls.find((call) => call.path === '/api/jobs')?.body).toMatchObject({ days: { 1: '2026-11-29' } })
  })

  it('adds the work to the visit the vehicle has already, unless somebody wants a day of its own', async () => {
    const calls = fakeServer((call) => {
      if (call.path === '/api/jobs') return { body: [{ id: 9, version: 2, unit: 'LC-01', day: '2026-12-02' }] }
      if (call.path !== '/api/shop/open-days') return answers(call)
      const openJob = { jobId: 9, day: '2026-12-02' }
      return {
        body: [
          { vehicleId: 1, unit: 'LC-01', yard: 'Eastbank', minutes: 30, day: '2026-11-30', openJob, takesAlong: true },
        ],
      }
    })
    show(<FleetPage />)
    await userEvent.click(await screen.findByRole('button', { name: 'Schedule LC-01: Set pressure' }))
    const dialog = await screen.findByRole('dialog', { name: 'Schedule LC-01' })
    const joins = await within(dialog).findByRole('checkbox', {
      name: 'Add to the job LC-01 has on Wednesday, Dec 2, 2026',
    })
    expect(joins).toBeChecked()
    expect(within(dialog).queryByLabelText('Day')).toBeNull()
    await userEvent.click(joins)
    expect(within(dialog).getByLabelText('Day')).toHaveValue('2026-11-30')
    await userEvent.click(joins)
    await userEvent.click(within(dialog).getByRole('button', { name: 'Schedule' }))
    await waitFor(() => expect(screen.getByRole('heading', { name: 'Due' })).toHaveFocus())
    expect(calls.find((call) => call.path === '/api/jobs')?.body).toMatchObject({ days: {}, join: { 1: 9 } })
  })

  it('offers nothing to choose to who can’t schedule, and what is planned leads to its job', async () => {
    fakeServer(answers)
    show(<FleetPage />, '/', {
      id: 3,
      name: 'Rafe Halloran',
      role: 'TECHNICIAN',
      active: true,
      canSignIn: true,
      units: 'US',
    })
    await userEvent.click(await screen.findByRole('button', { name: 'Show Later' }))
    expect(screen.getByRole('link', { name: 'planned Nov 25' })).toHaveAttribute('href', '/shop?job=8')
    expect(within(due()).queryAllByRole('checkbox')).toEqual([])
    expect(within(due()).getByRole('link', { name: 'Open LC-01' })).toHaveAttribute('href', '/vehicles/1')
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
    await userEvent.click(await screen.findByRole('button', { name: /3 gauges to check/ }))
    expect(screen.getAllByRole('menuitem').map((one) => one.textContent)).toEqual([
      'P-1by Dec 1',
      'P-22was due Oct 1',
      'T-333never checked',
    ])
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
