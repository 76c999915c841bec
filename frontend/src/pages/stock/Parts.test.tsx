import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { NoticeProvider } from '../../ui/Notice'
import { Parts, PartsToOrder } from './Parts'

const row = (part: string, label: string, more: object) => ({
  yard: 'Eastbank',
  part,
  label,
  planned: 0,
  reorderPoint: 10,
  orderUpTo: 30,
  toOrder: 0,
  ...more,
})

const rows = [
  row('STEM', 'Valve stems', { count: 27 }),
  row('CORE', 'Valve cores', { count: 9, planned: 2, toOrder: 23 }),
  row('SENSOR', 'Sensors', { count: -1, toOrder: 7, reorderPoint: 2, orderUpTo: 6 }),
  row('CAP', 'Valve caps', {}),
]

describe('small parts', () => {
  it('says what to order, and where the count can’t be right', async () => {
    fakeServer(() => ({ body: rows }))
    show(<Parts />)
    expect(await screen.findByText('2 parts to order')).toBeVisible()
    expect(screen.getByText('1 more used than counted: count them')).toBeVisible()
    expect(screen.getByText('not counted')).toBeVisible()
  })

  it('lists those at their reorder point, and no others', async () => {
    fakeServer(() => ({ body: rows }))
    show(<PartsToOrder />)
    expect(await screen.findByText('Valve cores')).toBeVisible()
    expect(screen.queryByText('Valve stems')).toBeNull()
  })

  it('counts a shelf, and keeps what was typed where it is refused', async () => {
    let refused = true
    const calls = fakeServer((call) =>
      call.method === 'GET'
        ? { body: rows }
        : refused
          ? problem(422, { count: 'Enter how many lie there, 0 to 10,000.' })
          : { body: rows },
    )
    show(
      <NoticeProvider>
        <Parts />
      </NoticeProvider>,
    )
    await userEvent.click((await screen.findAllByRole('button', { name: 'Count…' }))[0] as HTMLElement)
    await userEvent.type(screen.getByLabelText('How many lie there'), '25')
    await userEvent.click(screen.getByRole('button', { name: 'Save the count' }))
    expect(await screen.findByText(/0 to 10,000/)).toBeVisible()
    expect(screen.getByLabelText('How many lie there')).toHaveValue('25')
    refused = false
    await userEvent.click(screen.getByRole('button', { name: 'Save the count' }))
    expect(await screen.findByText('Valve stems at Eastbank are counted.')).toBeVisible()
    expect(calls.findLast((call) => call.method === 'POST')?.body).toEqual({
      yard: 'Eastbank',
      part: 'STEM',
      count: 25,
    })
  })
})
