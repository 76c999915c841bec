import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '../../api/client'
import { fakeServer } from '../../test/server'
import { show } from '../../test/show'
import { Orders } from './Orders'
import { Stock } from './Stock'

const row = (tireId: number, more: Partial<Schemas['StockRow']>): Schemas['StockRow'] => ({
  tireId,
  number: `LM${tireId}`,
  model: 'Corvane Tessaly C2',
  sidewall: '275/70R22.5 148/145M H',
  retread: false,
  state: 'IN_STOCK',
  shelf: '',
  since: '2026-11-11T12:00:00Z',
  open: [],
  ...more,
})

const rows = [
  row(1, { yard: 'Northgate', depth: '6/32 in' }),
  row(2, { dot: '3722', ageYears: 4.1, yard: 'Eastbank', depth: '16/32 in', retread: true }),
  row(3, { dot: '5225', ageYears: 0.9, yard: 'Millrace', depth: '18/32 in', open: ['Bulge'] }),
  row(4, { dot: '1623', ageYears: 3.6, state: 'AT_RETREADER' }),
]

const order = () => screen.getAllByRole('link', { name: /^LM/ }).map((link) => link.textContent)

describe('the stock', () => {
  it('shows unknown ages first, then the oldest, and what stands open on a tire', async () => {
    fakeServer(() => ({ body: rows }))
    show(<Stock />, '/stock')
    expect(await screen.findByText('not known')).toBeVisible()
    expect(order()).toEqual(['LM1', 'LM2', 'LM3', 'LM4'])
    expect(screen.getByText('Bulge')).toBeVisible()
    expect(screen.getByText('at the retreader')).toBeVisible()
    expect(screen.getByText(/, retread/)).toBeVisible()
  })

  it('sorts by its heads either way with what isn’t known last, and finds without spaces, hyphens and case', async () => {
    fakeServer(() => ({ body: structuredClone(rows) }))
    show(<Stock />, '/stock')
    await screen.findByText('not known')
    await userEvent.click(screen.getByRole('button', { name: 'Lowest tread' }))
    expect(order()).toEqual(['LM1', 'LM2', 'LM3', 'LM4'])
    expect(screen.getByRole('columnheader', { name: /^Lowest tread/ })).toHaveAttribute('aria-sort', 'ascending')
    await userEvent.click(screen.getByRole('button', { name: /^Lowest tread/ }))
    expect(order()).toEqual(['LM3', 'LM2', 'LM1', 'LM4'])
    await userEvent.click(screen.getByRole('button', { name: 'Where' }))
    expect(order()).toEqual(['LM2', 'LM3', 'LM1', 'LM4'])
    await userEvent.type(screen.getByLabelText('Find'), 'MILL-r')
    expect(order()).toEqual(['LM3'])
    await userEvent.type(screen.getByLabelText('Find'), 'xxx')
    expect(screen.getByText('No matching tires in stock.')).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Show all' }))
    expect(order()).toHaveLength(4)
  })

  it('opens as its address says, and keeps on this device the columns left out', async () => {
    fakeServer(() => ({ body: structuredClone(rows) }))
    const first = show(<Stock />, '/stock?sort=-depth&find=corvane tessalyc2')
    await screen.findByText('not known')
    expect(order()).toEqual(['LM3', 'LM2', 'LM1', 'LM4'])
    await userEvent.click(screen.getByRole('button', { name: 'Columns' }))
    expect(screen.queryByRole('menuitemcheckbox', { name: 'Tire' })).toBeNull()
    await userEvent.click(screen.getByRole('menuitemcheckbox', { name: 'Age' }))
    first.unmount()
    show(<Stock />, '/stock')
    expect(await screen.findByRole('button', { name: 'Columns, 1 hidden' })).toBeVisible()
    expect(screen.queryByText('not known')).toBeNull()
  })

  it('says what to do first where nothing is in stock', async () => {
    fakeServer(() => ({ body: [] }))
    show(<Stock />, '/stock')
    expect(await screen.findByText(/Nothing is in stock/)).toBeVisible()
    expect(screen.getByRole('link', { name: 'Receive a tire' })).toHaveAttribute('href', '/stock?receive')
  })

  it('says what happened where the stock can’t be loaded, and tries again', async () => {
    let broken = true
    fakeServer(() => (broken ? 'unreachable' : { body: rows }))
    show(<Stock />, '/stock')
    expect(await screen.findByText('The server can’t be reached.')).toBeVisible()
    broken = false
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }))
    expect(await screen.findByText('LM3')).toBeVisible()
  })
})

describe('orders', () => {
  it('tells what was ordered, what came, and what differed though it was taken in', async () => {
    fakeServer(() => ({
      body: [
        {
          id: 1,
          supplier: 'Kettlewell',
          day: '2026-11-08',
          yard: 'Eastbank',
          note: '',
          by: 'Ines Okafor',
          lines: [
            {
              id: 5,
              tireModelId: 2,
              model: 'Corvane Tessaly C2',
              sidewall: '275/70R22.5 148/145M H',
              quantity: 2,
              accepted: 1,
              price: '$455.00',
              deliveries: [
                {
                  id: 1,
                  at: '2026-11-20T12:00:00Z',
                  by: 'Tomas Weil',
                  accepted: true,
                  tireId: 8,
                  code: '3CT2AB121025',
                  differences: ['Made in week 10 of 2025, 20 months ago'],
                  note: '',
                },
                {
                  id: 2,
                  at: '2026-11-20T12:00:00Z',
                  by: 'Tomas Weil',
                  accepted: false,
                  code: '3CT2AB131025',
                  differences: [],
                  note: 'bead cut',
                },
              ],
              checklists: [
                {
                  at: '2026-11-20T12:00:00Z',
                  by: 'Tomas Weil',
                  steps: ['Count them against the delivery note: 2 counted'],
                },
              ],
            },
          ],
        },
      ],
    }))
    show(<Orders />)
    expect(await screen.findByText(/Received Accepted with difference: Made in week 10 of 2025/)).toBeVisible()
    expect(screen.getByText('refused')).toBeVisible()
    expect(screen.getByText(/bead cut/)).toBeVisible()
    expect(screen.getByText(/Receiving checklist, Tomas Weil/)).toBeVisible()
    expect(screen.getByRole('link', { name: '3CT2AB121025' })).toHaveAttribute('href', '/tires/8')
    expect(screen.getByRole('button', { name: 'Receive…' })).toBeEnabled()
  })
})
