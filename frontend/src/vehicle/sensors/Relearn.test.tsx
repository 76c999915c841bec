import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Link, Outlet, Route, Routes } from 'react-router'
import { describe, expect, it } from 'vitest'
import { type Call, fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { DashGaugeComparison } from './DashGaugeComparison'
import { Relearn } from './Relearn'
import { Sensors } from './Sensors'

const vehicle = { id: 4, unit: 'VN-04', positions: [{ position: '1L' }, { position: '1R' }, { position: 'S1' }] }

const family = {
  name: 'Key fob, round by the right',
  entryMethods: ['KEY_FOB'],
  cornerPrompt: 'MARKER_LAMP',
  trigger: 'TOOL',
  end: 'HORN_TWICE',
  cornerOrder: ['1L', '1R'],
  note: '',
}

const corner = (position: string, part = {}) => ({
  position,
  name: position,
  target: '50 psi',
  confirmed: false,
  lit: false,
  expected: false,
  mustInflate: false,
  ...part,
})

const coach = (part: object) => ({
  id: 1,
  trigger: 'TOOL',
  practice: false,
  stage: 'CORNERS',
  statement: 'Tap the corner that is lit; by the procedure it is 1L',
  remarks: [],
  canFinish: false,
  corners: [corner('1L', { expected: true }), corner('1R')],
  log: [],
  ...part,
})

const view = (open?: object) => ({ unit: 'VN-04', templates: [family], ended: [], ...(open && { open }) })

function page(element: React.ReactNode, answer: (call: Call) => ReturnType<Parameters<typeof fakeServer>[0]>) {
  const calls = fakeServer(answer)
  show(
    <Routes>
      <Route element={<Outlet context={{ vehicle, picked: undefined, pick: () => {}, schedule: () => {} }} />}>
        <Route path="*" element={element} />
      </Route>
    </Routes>,
  )
  return calls
}

const receiver = {
  pluggedIn: false,
  ignition: false,
  learning: false,
  hornOnce: 0,
  hornTwice: 0,
  lowPressure: false,
  corners: [],
}
const get = (path: string, body: object) => (path.includes('/stand-ins/') ? { body: receiver } : { body })

describe('the relearn coach', () => {
  it('says that nobody noted how the vehicle learns, and starts with the tool or by letting air out', async () => {
    const calls = page(<Relearn />, ({ method, path }) =>
      method === 'GET' ? get(path, view()) : { body: view(coach({})) },
    )
    expect(await screen.findByText(/No relearn procedure on file/)).toBeVisible()
    fireEvent.click(screen.getByRole('button', { name: 'Start, by letting air out' }))
    expect(await screen.findByRole('button', { name: '1L is lit' })).toBeVisible()
    expect(calls.find((call) => call.method === 'POST')?.body).toEqual({ trigger: 'DEFLATION', practice: false })
  })

  it('takes the lamp a person sees, also another one than the procedure names, and then the horn', async () => {
    const lit = view(
      coach({
        statement: '1R: Hold the tool',
        corners: [corner('1L', { expected: true }), corner('1R', { lit: true })],
      }),
    )
    const calls = page(<Relearn />, ({ method, path }) =>
      method === 'GET' ? get(path, view(coach({}))) : { body: lit },
    )
    fireEvent.click(await screen.findByRole('button', { name: '1R is lit' }))
    fireEvent.click(await screen.findByRole('button', { name: 'Horn chirped once at 1R' }))
    await waitFor(() =>
      expect(calls.filter((call) => call.method === 'POST').map((call) => call.body)).toEqual([
        { type: 'LAMP_LIT', position: '1R' },
        { type: 'CONFIRMED', position: '1R' },
      ]),
    )
    expect(screen.getByRole('img', { name: /1R, lamp lit/ })).toBeVisible()
  })

  it('says what a silent corner leads to', async () => {
    page(<Relearn />, ({ path }) =>
      get(path, view(coach({ diagnosis: { type: 'BATTERY', position: '1L', statement: 'the battery may be empty' } }))),
    )
    expect(await screen.findByText('the battery may be empty')).toBeVisible()
  })

  it('asks for the gauge at every tire whose air was let out, and can’t be closed before', async () => {
    const calls = page(<Relearn />, ({ method, path }) =>
      method === 'GET'
        ? get(
            path,
            view(
              coach({
                stage: 'REINFLATE',
                statement: 'Fill every tire again',
                corners: [corner('1L', { mustInflate: true }), corner('1R')],
              }),
            ),
          )
        : problem(409),
    )
    const gauge = await screen.findByLabelText('Gauge 1L')
    expect(screen.queryByRole('button', { name: 'Finish relearn' })).not.toBeInTheDocument()
    await userEvent.type(gauge, '50')
    fireEvent.blur(gauge)
    await waitFor(() =>
      expect(calls.find((call) => call.method === 'POST')?.body).toEqual({
        type: 'GAUGE',
        position: '1L',
        pressure: '50',
      }),
    )
  })
})

describe('dash against gauge', () => {
  it('opens by itself where a lamp and the gauge disagree, and names the crossed corners', async () => {
    page(<DashGaugeComparison />, ({ method }) =>
      method === 'GET'
        ? { body: [{ reported: '2026-11-10', corner: '1L', statement: 'The lamp named 1L, but 1R is low.' }] }
        : {
            body: {
              statement: '1L and 1R are crossed',
              matches: false,
              swapped: true,
              corners: [
                { position: '1L', dash: '43 psi', gauge: '33 psi', shows: '1R', swapped: true, isAmbiguous: false },
                { position: '1R', dash: '33 psi', gauge: '43 psi', shows: '1L', swapped: true, isAmbiguous: false },
              ],
            },
          },
    )
    expect(await screen.findByText('The lamp named 1L, but 1R is low.')).toBeVisible()
    const form = within(screen.getByRole('region', { name: 'Dash against gauge' }))
    expect(form.queryByLabelText('Dash S1')).not.toBeInTheDocument()
    await userEvent.type(form.getByLabelText('Dash 1L'), '43')
    await userEvent.click(form.getByRole('button', { name: 'Compare' }))
    expect(await screen.findByText('1L and 1R are crossed')).toBeVisible()
    expect(screen.getByRole('img', { name: /1L, dash shows the tire at 1R/ })).toBeVisible()
  })

  it('says at its field what has to be read too', async () => {
    page(<DashGaugeComparison />, ({ method }) =>
      method === 'GET' ? { body: [] } : problem(422, { 'gauge.1L': 'Gauge it too.' }),
    )
    await userEvent.click(await screen.findByRole('button', { name: 'Compare…' }))
    await userEvent.click(screen.getByRole('button', { name: 'Compare' }))
    expect(await screen.findByText('Gauge it too.')).toBeVisible()
  })

  it('keeps what was typed while it is hidden, and asks before it is lost by leaving', async () => {
    page(
      <>
        <Link to="/elsewhere/else">Elsewhere</Link>
        <DashGaugeComparison />
      </>,
      () => ({ body: [] }),
    )
    await userEvent.click(await screen.findByRole('button', { name: 'Compare…' }))
    await userEvent.type(screen.getByLabelText('Dash 1L'), '43')
    await userEvent.click(screen.getByRole('button', { name: 'Hide' }))
    await userEvent.click(screen.getByRole('button', { name: 'Compare…' }))
    expect(screen.getByLabelText('Dash 1L')).toHaveValue('43')
    await userEvent.click(screen.getByRole('link', { name: 'Elsewhere' }))
    expect(await screen.findByRole('dialog', { name: 'Discard what you entered?' })).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Keep editing' }))
    expect(screen.getByLabelText('Dash 1L')).toHaveValue('43')
  })

  it('asks for the vehicle anew where dash and gauge name different corners: its verdict has changed', async () => {
    const calls = page(<DashGaugeComparison />, (call) =>
      call.method === 'POST'
        ? { body: { statement: '1L and 1R are crossed.', matches: false, swapped: true, corners: [] } }
        : { body: [] },
    )
    const asked = () => calls.filter((call) => call.path.endsWith('/warning-lamp-comparison')).length
    await waitFor(() => expect(asked()).toBe(1))
    await userEvent.click(screen.getByRole('button', { name: 'Compare…' }))
    await userEvent.click(screen.getByRole('button', { name: 'Compare' }))
    await waitFor(() => expect(asked()).toBe(2))
  })

  it('says on the page of the sensors what is open about the corners', async () => {
    const due = [
      {
        workType: 'RELEARN',
        reason: { statement: 'Sensor replaced at 1L on Nov 23, 2026', explanation: 'Check pressure.' },
      },
    ]
    fakeServer(({ path }) => ({
      body: path.endsWith('/sensors')
        ? { rows: [], history: [], explanation: '' }
        : path.endsWith('/relearn')
          ? { procedures: [] }
          : [],
    }))
    show(
      <Routes>
        <Route element={<Outlet context={{ vehicle: { ...vehicle, due }, picked: undefined, pick: () => {} }} />}>
          <Route path="*" element={<Sensors />} />
        </Route>
      </Routes>,
    )
    expect(await screen.findByText(/Sensor replaced at 1L on Nov 23, 2026/)).toBeVisible()
  })
})
