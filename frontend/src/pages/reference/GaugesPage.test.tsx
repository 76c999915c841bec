import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { GaugesPage } from './GaugesPage'

const gauge = {
  id: 1,
  name: 'P-1',
  type: 'PRESSURE',
  typeLabel: 'pressure',
  calibrated: '2026-09-10',
  due: '2027-09-10',
  retired: false,
  calibrations: [],
}
const late = {
  ...gauge,
  id: 2,
  name: 'P-2',
  calibrated: '2025-10-28',
  due: '2026-10-28',
  doubt: 'P-2 was calibrated Oct 28, 2025, due again Oct 28, 2026',
  explanation: 'Check it against a master gauge.',
}
const gone = { ...late, id: 3, name: 'P-3', retired: true }

const open = (answer: () => ReturnType<typeof problem> = () => ({ status: 204, body: undefined }), role?: object) => {
  const calls = fakeServer((call) => (call.method === 'GET' ? { body: [gauge, late, gone] } : answer()))
  show(<GaugesPage />, '/', role)
  return calls
}

describe('the gauges', () => {
  it('says of each when it is due, and doubts one past that by shape and word, but none out of use', async () => {
    open()
    const row = (name: string) => within(screen.getByRole('row', { name: new RegExp(`^${name}`) }))
    await screen.findByRole('row', { name: /^P-2/ })
    expect(row('P-1').getByText('Sep 10, 2027')).toBeVisible()
    expect(row('P-1').queryByText(/master gauge/)).not.toBeInTheDocument()
    expect(row('P-2').getByText(/master gauge/)).toBeVisible()
    expect(row('P-2').getByRole('img', { name: 'watch' })).toBeVisible()
    expect(row('P-3').queryByText(/master gauge/)).not.toBeInTheDocument()
    expect(row('P-3').getByRole('button', { name: 'Restore P-3' })).toBeVisible()
  })

  it('adds one, and says at the name that it is taken', async () => {
    const calls = open(() => problem(422, { name: 'Another gauge is called P-1 already.' }))
    await userEvent.click(await screen.findByRole('button', { name: 'Add a gauge…' }))
    await userEvent.type(screen.getByLabelText('Name painted on it'), 'P-1')
    await userEvent.click(screen.getByRole('button', { name: 'Add it' }))
    expect(await screen.findByText('Another gauge is called P-1 already.')).toBeVisible()
    expect(screen.getByLabelText('Name painted on it')).toHaveValue('P-1')
    expect(calls.find((call) => call.method === 'POST')?.body).toEqual({ name: 'P-1', type: 'PRESSURE' })
  })

  it('records a check with its day', async () => {
    const calls = open()
    await userEvent.click(await screen.findByRole('button', { name: 'Checked… P-2' }))
    await userEvent.type(screen.getByLabelText('Note'), '1 psi high')
    await userEvent.click(screen.getByRole('button', { name: 'Record it' }))
    const post = calls.find((call) => call.method === 'POST')
    expect(post?.path).toBe('/api/gauges/2/calibrations')
    expect(post?.body).toMatchObject({ note: '1 psi high', day: expect.stringMatching(/^\d{4}-\d\d-\d\d$/) })
  })

  it('offers a technician nothing to change', async () => {
    open(undefined, { id: 9, name: 'Rafe', role: 'TECHNICIAN', active: true, canSignIn: true, units: 'US' })
    await screen.findByRole('row', { name: /^P-2/ })
    expect(screen.queryByRole('button')).not.toBeInTheDocument()
  })
})
