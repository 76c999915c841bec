import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { fakeServer, problem } from '../test/server'
import { show } from '../test/show'
import { NoticeProvider } from '../ui/Notice'
import { BookWorkDialog } from './BookWorkDialog'

const OPTIONS = [
  { workType: 'REPLACE', label: 'Replace tire', atPositions: true },
  { workType: 'ALIGN', label: 'Align the wheels', atPositions: false },
]

function dialog(answer: Parameters<typeof fakeServer>[0]) {
  const calls = fakeServer((call) => (call.method === 'GET' ? { body: OPTIONS } : answer(call)))
  show(
    <NoticeProvider>
      <BookWorkDialog
        vehicleId={3}
        unit="SP-04"
        today="2026-11-23"
        positions={['1L', '1R']}
        openJobs={[
          {
            id: 9,
            version: 1,
            vehicleId: 3,
            unit: 'SP-04',
            yard: 'Eastbank',
            day: '2026-11-26',
            note: '',
            createdBy: 'Ines Okafor',
            items: [],
          },
        ]}
        onClose={() => {}}
      />
    </NoticeProvider>,
  )
  return calls
}

describe('booking work that is asked for', () => {
  it('books tires an owner names, at chosen positions, onto the visit there is', async () => {
    const calls = dialog(() => ({ body: { id: 9, day: '2026-11-26', unit: 'SP-04', items: [] } }))
    await userEvent.click(await screen.findByLabelText('Work'))
    await userEvent.click(await screen.findByRole('option', { name: 'Replace tire' }))
    await userEvent.click(screen.getByRole('checkbox', { name: '1R' }))
    await userEvent.type(screen.getByLabelText('What is wanted, and by whom (optional)'), '1 Corvane, owner')
    await userEvent.click(screen.getByLabelText('When'))
    await userEvent.click(await screen.findByRole('option', { name: /With the visit of Nov 26, 2026/ }))
    await userEvent.click(screen.getByRole('button', { name: 'Book' }))
    expect(await screen.findByText(/Booked for SP-04/)).toBeVisible()
    expect(calls.at(-1)?.body ?? calls.find((call) => call.method === 'POST')?.body).toMatchObject({
      vehicleId: 3,
      workType: 'REPLACE',
      positions: ['1R'],
      wish: '1 Corvane, owner',
      join: 9,
    })
  })

  it('asks for no position where the work is done at the vehicle, and shows what is wrong at its field', async () => {
    dialog(() => problem(422, { workType: 'Align the wheels is on an open job of SP-04 already.' }))
    await userEvent.click(await screen.findByLabelText('Work'))
    await userEvent.click(await screen.findByRole('option', { name: 'Align the wheels' }))
    expect(screen.queryByRole('checkbox')).toBeNull()
    await userEvent.click(screen.getByRole('button', { name: 'Book' }))
    expect(await screen.findByText(/is on an open job of SP-04 already/)).toBeVisible()
  })
})
