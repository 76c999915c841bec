import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '../../api/client'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { OrderNeeds } from './OrderNeeds'

const line = (over: Partial<Schemas['OrderNeedRow']>): Schemas['OrderNeedRow'] => ({
  tireModelId: 1,
  model: 'Corvane Tessaly C2',
  sidewall: '275/70R22.5 148/145M H',
  wanted: 4,
  inStock: 1,
  onOrder: 0,
  toOrder: 3,
  orderBy: '2026-11-26',
  neededBy: '2026-12-04',
  late: false,
  price: '$468.00',
  total: '$1,404.00',
  jobs: ['LC-02 on Dec 4'],
  ...over,
})

const list: Schemas['SupplierList'] = {
  supplier: 'Marrow Street Tire Service',
  email: 'orders@marrow.example',
  leadDays: 8,
  tires: 3,
  cents: 140_400,
  total: '$1,404.00',
  lines: [line({}), line({ tireModelId: 2, model: 'Quenmark Dockhand', toOrder: 0 })],
}

const answers =
  (lists: Schemas['SupplierList'][]) =>
  ({ path }: { path: string }) =>
    path === '/api/order-needs'
      ? { body: lists }
      : path === '/api/vehicle-register'
        ? { body: { yards: ['Eastbank', 'Millrace'], classes: [], kinds: [], placardLoads: [], retired: [] } }
        : { body: [] }

describe('what is to be ordered', () => {
  it('stands by supplier: what is needed, less shelf and order, with the day to order by', async () => {
    fakeServer(answers([list]))
    show(<OrderNeeds />)
    const table = await screen.findByRole('table', { name: 'To order from Marrow Street Tire Service' })
    const rows = within(table).getAllByRole('row')
    expect(rows[1]).toHaveTextContent('410')
    expect(rows[1]).toHaveTextContent('Nov 26, 2026')
    expect(rows[2]).toHaveTextContent('nothing')
    expect(screen.getByRole('region', { name: 'Marrow Street Tire Service' })).toHaveTextContent(
      '3 tires to order, $1,404.00; lead time 8 days',
    )
  })

  it('says where it is too late, and where no price is on file', async () => {
    fakeServer(answers([{ ...list, lines: [{ ...line({ late: true }), total: undefined as unknown as string }] }]))
    show(<OrderNeeds />)
    expect(await screen.findByText('today: too late for Dec 4, 2026')).toBeVisible()
    expect(screen.getByText('no price on file')).toBeVisible()
  })

  it('becomes an order to the yard chosen, and says why it can’t', async () => {
    let refused = true
    const calls = fakeServer((call) => {
      if (call.method !== 'POST') return answers([list])(call)
      return refused ? problem(422, { supplier: 'Nothing is to be ordered there any more.' }) : { body: { tires: 3 } }
    })
    show(<OrderNeeds />)
    await userEvent.click(await screen.findByRole('button', { name: 'Create order' }))
    expect(await screen.findByText('Nothing is to be ordered there any more.')).toBeVisible()
    refused = false
    await userEvent.click(screen.getByLabelText('Deliver to'))
    await userEvent.click(screen.getByRole('option', { name: 'Millrace' }))
    await userEvent.click(screen.getByRole('button', { name: 'Create order' }))
    expect(calls.findLast((call) => call.method === 'POST')?.body).toEqual({
      supplier: 'Marrow Street Tire Service',
      yard: 'Millrace',
    })
  })

  it('says what to do where no job needs a tire', async () => {
    fakeServer(answers([]))
    show(<OrderNeeds />)
    expect(await screen.findByText(/No open job needs a tire/)).toBeVisible()
  })
})
