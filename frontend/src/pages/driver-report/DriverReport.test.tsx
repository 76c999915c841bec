import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { DriverReport } from './DriverReport'

const form = {
  unit: 'VN-02',
  symptoms: [
    { name: 'WARNING_LAMP', label: 'pressure lamp on' },
    { name: 'NOISE', label: 'noise' },
  ],
  corners: ['1L', '1R'],
}

describe('a driver’s report', () => {
  it('sends what was noticed and where, without an account, and says what to do', async () => {
    const calls = fakeServer(({ method }) =>
      method === 'GET'
        ? { body: form }
        : { body: { statement: 'A lamp that names a corner is no proof of that corner.' } },
    )
    show(<DriverReport />, '/', null)
    await userEvent.click(await screen.findByRole('button', { name: 'pressure lamp on' }))
    await userEvent.click(screen.getByRole('button', { name: '1R' }))
    await userEvent.type(screen.getByLabelText('In a few words'), 'cold morning')
    await userEvent.click(screen.getByRole('button', { name: 'Send the report' }))
    expect(await screen.findByText(/no proof of that corner/)).toBeVisible()
    const sent = calls.find((call) => call.method === 'POST')
    expect(sent?.body).toEqual({ symptom: 'WARNING_LAMP', corner: '1R', note: 'cold morning', reporter: '' })
    expect(sent?.headers.get('Idempotency-Key')).toBeTruthy()
  })

  it('says what is missing and keeps the words; an unknown code says whom to tell', async () => {
    fakeServer(({ method }) =>
      method === 'GET' ? { body: form } : problem(422, { symptom: 'Choose what you noticed.' }),
    )
    show(<DriverReport />, '/', null)
    await userEvent.type(await screen.findByLabelText('In a few words'), 'hums')
    await userEvent.click(screen.getByRole('button', { name: 'Send the report' }))
    expect(await screen.findByText('Choose what you noticed.')).toBeVisible()
    expect(screen.getByLabelText('In a few words')).toHaveValue('hums')
  })

  it('opens nothing for a code that isn’t known', async () => {
    fakeServer(() => ({ status: 404, body: { title: 'Not found', detail: 'This code opens nothing.', fields: [] } }))
    show(<DriverReport />, '/', null)
    expect(await screen.findByText(/This code opens nothing/)).toBeVisible()
    expect(screen.queryByRole('button', { name: 'Send the report' })).toBeNull()
  })
})
