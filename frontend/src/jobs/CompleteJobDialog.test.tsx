import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Job, Schemas } from '../api/client'
import { type Call, fakeServer, problem } from '../test/server'
import { show } from '../test/show'
import { CompleteJobDialog } from './CompleteJobDialog'

type Item = Schemas['JobItemView']

const item = (id: number, kind: Item['workType'], after: Item['requiredResult']): Item => ({
  id,
  workType: kind,
  requiredResult: after,
  label: kind,
  reason: '',
  position: '2RO',
  positionName: 'drive right outer',
  oldTireMayGo: [],
})

const job = (...items: Item[]): Job => ({
  id: 5,
  version: 2,
  vehicleId: 3,
  unit: 'LC-03',
  yard: 'Eastbank',
  day: '2026-11-24',
  note: '',
  createdBy: 'Ines Okafor',
  items,
})

function open(one: Job, done: (call: Call) => ReturnType<typeof problem> = () => ({ body: one })) {
  const calls = fakeServer((call) => {
    if (call.path === '/api/people') return { body: [{ id: 3, name: 'Rafe Halloran', role: 'technician' }] }
    if (call.path === '/api/tire-models') return { body: [{ id: 1, title: 'Corvane Tessaly C2', size: '275/70R22.5' }] }
    return done(call)
  })
  const onClose = vi.fn()
  const shown = show(<CompleteJobDialog job={one} today="2026-11-23" onClose={onClose} />)
  return { sent: () => calls.filter((call) => call.method === 'POST'), onClose, close: shown.unmount }
}

beforeEach(() => {
  localStorage.clear()
})

describe('signing off a job', () => {
  it('asks for the cold pressure where that is what was set, and sends it with the version seen', async () => {
    const { sent, onClose } = open(job(item(9, 'SET_PRESSURE', ['COLD_PRESSURE'])))
    expect(screen.queryByLabelText('DOT code')).not.toBeInTheDocument()
    await userEvent.type(screen.getByLabelText('Cold pressure after'), '95')
    await userEvent.click(screen.getByRole('button', { name: 'Complete job' }))
    await vi.waitFor(() => expect(onClose).toHaveBeenCalled())
    expect(sent()[0]?.path).toBe('/api/jobs/5/completion')
    expect(sent()[0]?.headers.get('If-Match')).toBe('"2"')
    expect(sent()[0]?.body).toMatchObject({ day: '2026-11-23', results: [{ itemId: 9, pressure: '95' }] })
  })

  it('of a re-torque asks for the odometer, says where it was, and keeps it where it is too soon', async () => {
    const followUp = { workDone: '2026-11-23', from: '2026-11-25', to: '2026-11-27', odometer: '64992 mi' }
    const one = { ...job(item(9, 'RETORQUE', ['TORQUE'])), followUp }
    const { sent, onClose } = open(one, () => problem(422, { odometer: '12 mi since the wheels went on.' }))
    expect(screen.getByText('64992 mi when the wheels went on')).toBeVisible()
    await userEvent.type(screen.getByLabelText('Odometer'), '65004')
    await userEvent.click(screen.getByRole('button', { name: 'Complete job' }))
    expect(await screen.findByText('12 mi since the wheels went on.')).toBeVisible()
    expect(screen.getByLabelText('Odometer')).toHaveValue('65004')
    expect(sent()[0]?.body).toMatchObject({ odometer: '65004' })
    expect(onClose).not.toHaveBeenCalled()
  })

  it('of a re-torque whose odometer nobody read asks for the distance since', async () => {
    const one = { ...job(item(9, 'RETORQUE', ['TORQUE'])), followUp: { workDone: '2026-11-23' } }
    const { sent, onClose } = open(one)
    await userEvent.type(screen.getByLabelText('Distance since the wheels went on'), '70')
    await userEvent.click(screen.getByRole('button', { name: 'Complete job' }))
    await vi.waitFor(() => expect(onClose).toHaveBeenCalled())
    expect(sent()[0]?.body).toMatchObject({ milesSince: '70' })
  })

  it('asks where the old tire goes, only where its casing lets it, and of scrap why', async () => {
    const one = { ...item(9, 'REPLACE', ['NEW_TIRE']), oldTireMayGo: ['RETREAD', 'SCRAP'] as const }
    const { sent } = open(job({ ...one, oldTireMayGo: [...one.oldTireMayGo] }))
    expect(screen.getByLabelText('The old tire goes to')).toHaveTextContent('set aside for retread')
    expect(screen.queryByLabelText('Scrap: why')).toBeNull()
    await userEvent.click(screen.getByLabelText('The old tire goes to'))
    expect(screen.queryByRole('option', { name: 'stock' })).toBeNull()
    await userEvent.click(screen.getByRole('option', { name: 'scrap' }))
    await userEvent.click(screen.getByLabelText('Scrap: why'))
    await userEvent.click(screen.getByRole('option', { name: 'bead torn' }))
    await userEvent.click(screen.getByRole('button', { name: 'Complete job' }))
    await vi.waitFor(() => expect(sent()).toHaveLength(1))
    expect(sent()[0]?.body).toMatchObject({ results: [{ itemId: 9, oldTireTo: 'SCRAP', scrapReason: 'bead' }] })
  })

  it('asks once about a figure far from its target, and again only when another one is typed', async () => {
    const one = job(item(9, 'SET_PRESSURE', ['COLD_PRESSURE']))
    const { sent, onClose } = open(one, (call) =>
      JSON.stringify(call.body).includes('confirmed')
        ? { body: one }
        : {
            status: 422,
            body: {
              title: 'Please check',
              status: 422,
              detail: '',
              fields: [{ field: 'results.9.pressure', message: '56 psi is far from the target 65 psi.', check: true }],
            },
          },
    )
    await userEvent.type(screen.getByLabelText('Cold pressure after'), '56')
    await userEvent.click(screen.getByRole('button', { name: 'Complete job' }))
    await screen.findByRole('button', { name: 'Confirm reading' })
    await userEvent.type(screen.getByLabelText('Cold pressure after'), '5')
    expect(screen.queryByRole('button', { name: 'Confirm reading' })).not.toBeInTheDocument()
    await userEvent.type(screen.getByLabelText('Cold pressure after'), '{backspace}')
    await userEvent.click(screen.getByRole('button', { name: 'Confirm reading' }))
    await vi.waitFor(() => expect(onClose).toHaveBeenCalled())
    expect(sent().at(-1)?.body).toMatchObject({ results: [{ pressure: '56', confirmed: ['pressure'] }] })
  })

  it('asks for code, depths and pressure of a installed tire new', () => {
    open(job(item(9, 'REPLACE', ['NEW_TIRE'])))
    for (const field of [
      'DOT code of the installed tire',
      'Tread outer',
      'Tread center',
      'Tread inner',
      'Cold pressure after',
    ]) {
      expect(screen.getByLabelText(field)).toBeInTheDocument()
    }
  })

  it('shows what the job is now where somebody changed it meanwhile, and goes on with it and what was entered', async () => {
    const one = job(item(9, 'SET_PRESSURE', ['COLD_PRESSURE']))
    const { sent } = open(one, (call) =>
      call.headers.get('If-Match') === '"2"'
        ? problem(412, {}, { ...one, version: 3, day: '2026-11-30', note: 'moved for the clinic' })
        : { body: one },
    )
    await userEvent.type(screen.getByLabelText('Cold pressure after'), '95')
    await userEvent.click(screen.getByRole('button', { name: 'Complete job' }))
    expect(await screen.findByText(/moved for the clinic/)).toHaveTextContent('On file now: on Nov 30, 2026.')
    await userEvent.click(screen.getByRole('button', { name: 'Go on with it' }))
    await userEvent.click(screen.getByRole('button', { name: 'Complete job' }))
    await vi.waitFor(() => expect(sent()).toHaveLength(2))
    expect(sent()[1]?.headers.get('If-Match')).toBe('"3"')
    expect(sent()[1]?.body).toMatchObject({ results: [{ itemId: 9, pressure: '95' }] })
  })

  it('puts the caution at the work it belongs to', () => {
    const caution = 'No air before it was looked at inside.'
    open(
      job(
        { ...item(9, 'INSPECT_DAMAGE', ['VERDICT', 'COLD_PRESSURE']), caution },
        item(10, 'TREAD_INSPECTION', ['TREAD']),
      ),
    )
    expect(screen.getAllByRole('alert')).toHaveLength(1)
    expect(screen.getByRole('alert')).toHaveTextContent('No air before it was looked at inside.')
  })

  it('asks for no pressure of a condemned tire', async () => {
    open(job(item(9, 'INSPECT_DAMAGE', ['VERDICT', 'COLD_PRESSURE'])))
    await userEvent.click(screen.getByLabelText('Tire professional’s verdict'))
    await userEvent.click(screen.getByRole('option', { name: 'condemned' }))
    expect(screen.queryByLabelText('Cold pressure after')).not.toBeInTheDocument()
  })

  it('marks what is missing at its field and keeps what was typed, also when it is closed', async () => {
    const one = job(item(9, 'AGE_INSPECTION', ['VERDICT']))
    const { close } = open(one, () => problem(422, { 'results.9.verdict': 'Choose what the tire professional found.' }))
    await userEvent.type(screen.getByLabelText('Name of the professional'), 'Marrow Street')
    await userEvent.click(screen.getByRole('button', { name: 'Complete job' }))
    expect(await screen.findByText('Choose what the tire professional found.')).toBeInTheDocument()
    close()
    open(one)
    expect(screen.getByLabelText('Name of the professional')).toHaveValue('Marrow Street')
  })
})
