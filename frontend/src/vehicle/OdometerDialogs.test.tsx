import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { fakeServer } from '../test/server'
import { show } from '../test/show'
import { NoticeProvider } from '../ui/Notice'
import { OdometerCorrectionDialog } from './OdometerDialogs'

const lines: Schemas['OdometerReadingView'][] = [
  { id: 7, day: '2026-11-20', odometer: '1,002,000 mi', by: 'Rafe Halloran', isOfReplacement: false },
  {
    id: 6,
    day: '2026-11-10',
    odometer: '99,990 mi',
    by: 'Rafe Halloran',
    isOfReplacement: false,
    voidedBy: 'Ines Okafor',
    voidedDay: '2026-11-11',
    reason: 'of another truck',
  },
]

describe('correcting the odometer', () => {
  it('asks which reading is wrong, then the right figure and why; voided ones say by whom and can’t be chosen', async () => {
    const calls = fakeServer((call) => (call.method === 'POST' ? { status: 204, body: undefined } : { body: lines }))
    show(
      <NoticeProvider>
        <OdometerCorrectionDialog
          vehicle={{ id: 3, unit: 'LC-03', odometer: '1,002,000 mi' } as Schemas['VehicleView']}
          onClose={() => undefined}
        />
      </NoticeProvider>,
    )
    expect(await screen.findByText(/Voided .* by Ines Okafor: of another truck/)).toBeVisible()
    expect(screen.getByRole('radio', { name: /99,990 mi/ })).toBeDisabled()
    expect(screen.getByRole('button', { name: 'Void reading' })).toBeDisabled()
    await userEvent.click(screen.getByRole('radio', { name: /1,002,000 mi/ }))
    await userEvent.type(screen.getByLabelText('What it should have been'), '100200')
    await userEvent.type(screen.getByLabelText('What was wrong with it'), 'a digit too many')
    await userEvent.click(screen.getByRole('button', { name: 'Correct reading' }))
    const sent = await vi.waitFor(() => calls.find((call) => call.method === 'POST') ?? expect.fail('nothing sent'))
    expect(sent.path).toBe('/api/vehicles/3/odometer/7/correction')
    expect(sent.body).toMatchObject({ odometer: '100200', reason: 'a digit too many' })
  })
})
