import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import type { Schemas } from '../../api/client'
import { fakeServer } from '../../test/server'
import { show } from '../../test/show'
import { NoticeProvider } from '../../ui/Notice'
import { CalendarFile } from './CalendarFile'

const found: Schemas['ImportedBookingsView'] = {
  vehicles: 1,
  bookings: 2,
  same: 1,
  lines: [
    { outcome: 'NEW', unit: 'LC-03', from: '2026-12-03T08:00', to: '2026-12-03T17:00', reason: 'LC-03 parade' },
    { outcome: 'REMOVED', unit: 'LC-04', from: '2026-12-04T08:00', to: '2026-12-04T17:00', reason: 'LC-04 fair' },
  ],
  unread: ['“Staff lunch”: no unit of ours in its title or place.'],
}

describe('bookings out of a calendar file', () => {
  it('are shown before anything is stored, with what goes away, and are undone after', async () => {
    const calls = fakeServer((call) => {
      if (call.path.endsWith('/undo')) return { status: 204, body: undefined }
      return { body: call.url.includes('dryRun=true') ? found : { ...found, importId: 9 } }
    })
    show(
      <NoticeProvider>
        <CalendarFile />
      </NoticeProvider>,
    )
    await userEvent.upload(
      screen.getByLabelText('Look at a calendar file…'),
      new File(['BEGIN:VCALENDAR'], 'away.ics', { type: 'text/calendar' }),
    )
    expect(await screen.findByText('LC-03 parade')).toBeVisible()
    expect(screen.getByText('No longer in the file, is removed')).toBeVisible()
    expect(screen.getByText('“Staff lunch”: no unit of ours in its title or place.')).toBeVisible()
    expect(screen.getByRole('status')).toHaveTextContent('2 bookings of 1 vehicle until a year from now, 1 as before')
    expect(calls.every((call) => call.url.includes('dryRun=true'))).toBe(true)
    await userEvent.click(screen.getByRole('button', { name: 'Bring in bookings' }))
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }))
    await vi.waitFor(() => expect(calls.at(-1)?.path).toBe('/api/calendar/bookings/9/undo'))
  })
})
