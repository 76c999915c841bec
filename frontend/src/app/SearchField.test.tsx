import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useLocation } from 'react-router'
import { describe, expect, it } from 'vitest'
import { fakeServer } from '../test/server'
import { show } from '../test/show'
import { SearchField } from './SearchField'

function Here() {
  const location = useLocation()
  return <output aria-label="address">{location.pathname + location.search}</output>
}

const page = (
  <>
    <SearchField />
    <Here />
  </>
)

const goals = [
  { type: 'POSITION', id: 3, position: '2RO', label: 'LC-03 2RO', hint: 'Corvane Tessaly C2' },
  { type: 'TIRE', id: 20, label: 'LM1020 · DOT MW61BX2L0521', hint: 'on LC-03 2LI' },
]

describe('the jump field', () => {
  it('asks the server for what is typed and goes where the first answer leads', async () => {
    const calls = fakeServer(() => ({ body: goals }))
    show(page)
    await userEvent.type(screen.getByRole('combobox'), 'lc-03 2r')
    expect(await screen.findByText('LC-03 2RO')).toBeVisible()
    await userEvent.keyboard('{Enter}')
    expect(screen.getByRole('status', { name: 'address' })).toHaveTextContent('/vehicles/3?at=2RO')
    expect(decodeURIComponent(calls.at(-1)?.url ?? '')).toContain('q=lc-03')
  })

  it('never goes to an older answer when Enter comes before the new one', async () => {
    let slow: (() => void) | undefined
    fakeServer(({ url }) => ({ body: url.includes('LM1020') ? [goals[1]] : [goals[0]] }))
    const quick = globalThis.fetch
    globalThis.fetch = (async (request: Request) => {
      if (request.url.endsWith('LM1020')) await new Promise<void>((then) => (slow = then))
      return quick(request)
    }) as typeof fetch
    show(page)
    await userEvent.type(screen.getByRole('combobox'), 'LM')
    expect(await screen.findByText('LC-03 2RO')).toBeVisible()
    await userEvent.type(screen.getByRole('combobox'), '1020{Enter}')
    expect(screen.getByRole('status', { name: 'address' })).toHaveTextContent('/')
    slow?.()
    expect(await screen.findByText('/tires/20')).toBeVisible()
  })

  it('offers commands the person may use, and takes the focus by its keys', async () => {
    fakeServer(() => ({ body: [] }))
    show(page)
    await userEvent.keyboard('/')
    expect(screen.getByRole('combobox')).toHaveFocus()
    await userEvent.type(screen.getByRole('combobox'), 'add a veh')
    await userEvent.click(await screen.findByText('Add a vehicle'))
    expect(screen.getByRole('status', { name: 'address' })).toHaveTextContent('/vehicles/new')
  })

  it('leads to a setting where it stands, and to a page by other words for it', async () => {
    fakeServer(() => ({
      body: [
        { type: 'POLICY', id: 1, part: 'age', key: 'OVERALL_AGE', label: 'Overall age limit', hint: 'policy: age' },
      ],
    }))
    show(page)
    await userEvent.type(screen.getByRole('combobox'), 'overall')
    await userEvent.click(await screen.findByText('Overall age limit'))
    expect(screen.getByRole('status', { name: 'address' })).toHaveTextContent(
      '/reference/policy?part=age&at=OVERALL_AGE',
    )
    await userEvent.type(screen.getByRole('combobox'), 'wrench')
    expect(await screen.findByText('Gauges')).toBeVisible()
  })

  it('offers a viewer nothing that a viewer may not do', async () => {
    fakeServer(() => ({ body: [] }))
    show(page, '/', { id: 9, name: 'Lio', role: 'VIEWER', active: true, canSignIn: true, units: 'US' })
    await userEvent.type(screen.getByRole('combobox'), 'a')
    expect(await screen.findByText('Fleet')).toBeVisible()
    expect(screen.queryByText('Add a vehicle')).not.toBeInTheDocument()
    expect(screen.queryByText('Receive a tire')).not.toBeInTheDocument()
  })
})
