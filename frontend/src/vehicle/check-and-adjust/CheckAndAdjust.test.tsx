import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { fakeServer } from '../../test/server'
import { show } from '../../test/show'
import { CheckAndAdjust } from './CheckAndAdjust'

const round = {
  vehicleId: 3,
  unit: 'LC-03',
  state: 'normal',
  positions: [
    {
      position: '1L',
      name: 'steer left',
      tire: 'Corvane Tessaly C2 275/70R22.5',
      target: '110 psi',
      fillTo: '110 psi',
      runFlat: '88 psi',
      maximum: '120 psi',
    },
  ],
  coldest: [],
}

describe('check and adjust', () => {
  it('takes away what it said for the last air temperature as soon as another is typed', async () => {
    let slow: (() => void) | undefined
    fakeServer(async (call) => {
      if (call.url.includes('air=')) await new Promise<void>((then) => (slow = then))
      return { body: call.path.endsWith('pressure-round') ? round : [] }
    })
    show(<CheckAndAdjust />, '/vehicles/3/adjust')
    const air = await screen.findByLabelText(/^Air/)
    const figure = screen.getAllByText(/110 psi/)[0]
    expect(figure?.closest('[inert]')).toBeNull()
    await userEvent.type(air, '20')
    expect(figure?.closest('[inert]')).not.toBeNull()
    await waitFor(() => expect(slow).toBeDefined())
    expect(figure?.closest('[inert]')).not.toBeNull()
    slow?.()
    await waitFor(() => expect(screen.getAllByText(/110 psi/)[0]?.closest('[inert]')).toBeNull())
  })
})
