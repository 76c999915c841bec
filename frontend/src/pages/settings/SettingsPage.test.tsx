import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { day, money } from '../../units/format'
import { SettingsPage } from './SettingsPage'

const usual = { paper: 'LETTER', weekStart: 'MONDAY', dates: 'MONTH_FIRST', currencySign: '$', digestTo: '' }

describe('the settings', () => {
  it('of the fleet are saved as a whole, and what is wrong stands at its field', async () => {
    let refuse = true
    const calls = fakeServer((call) => {
      if (call.path === '/api/machine-tokens' || call.path === '/api/webhooks') return { body: [] }
      if (call.path.startsWith('/api/simulators/')) return { body: { isOn: false, sent: 0, address: '', received: [] } }
      if (call.method !== 'PUT') return { body: usual }
      if (refuse) return problem(422, { digestTo: 'No mail address.' })
      return { body: { ...(call.body as object), digestHour: 6 } }
    })
    show(<SettingsPage />)
    await userEvent.click(await screen.findByLabelText('Paper'))
    await userEvent.click(screen.getByRole('option', { name: /^A4/ }))
    await userEvent.click(screen.getByLabelText('Dates'))
    await userEvent.click(screen.getByRole('option', { name: '28 Jul 2026' }))
    await userEvent.clear(screen.getByLabelText('Currency sign'))
    await userEvent.type(screen.getByLabelText('Currency sign'), '€')
    await userEvent.type(screen.getByLabelText('At (hour)'), '6')
    await userEvent.type(screen.getByLabelText('To'), 'desk@fleet.example')
    await userEvent.click(screen.getByRole('button', { name: 'Save the fleet’s settings' }))
    expect(await screen.findByText('No mail address.')).toBeVisible()
    refuse = false
    await userEvent.click(screen.getByRole('button', { name: 'Save the fleet’s settings' }))
    await screen.findByLabelText('Paper')
    const sent = calls.filter((call) => call.method === 'PUT').at(-1)
    expect(sent?.body).toEqual({
      paper: 'A4',
      weekStart: 'MONDAY',
      dates: 'DAY_FIRST',
      currencySign: '€',
      digestHour: '6',
      digestTo: 'desk@fleet.example',
    })
    expect(day('2026-07-28')).toBe('28 Jul 2026')
    expect(money('412.50')).toBe('€412.50')
  })

  it('of the fleet are a manager’s; one’s own are everybody’s', async () => {
    fakeServer(() => ({ body: usual }))
    show(<SettingsPage />, '/', { id: 9, name: 'Lio', role: 'VIEWER', active: true, canSignIn: true, units: 'US' })
    expect(await screen.findByText(/Only a manager can change/)).toBeVisible()
    expect(screen.queryByRole('button', { name: /Save/ })).toBeNull()
    expect(screen.getByLabelText('Units')).toBeVisible()
    expect(screen.getByLabelText('Appearance')).toBeVisible()
  })
})
