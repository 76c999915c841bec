import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { steer } from '../../vehicle/load-pressure/sample'
import { Calculator } from './Calculator'
import { Charts } from './Charts'

const chart = {
  id: 3,
  version: 2,
  title: 'Corvane Tessaly C2 275/70R22.5 H',
  manufacturer: 'Corvane',
  model: 'Tessaly C2',
  size: '275/70R22.5',
  range: 'H',
  source: 'made-up data book, page 41',
  by: 'Ines Okafor',
  at: '2026-11-01T12:00:00Z',
  tires: [],
  rows: [
    { pressure: '80 psi', single: '5,015 lb', dual: '4,620 lb' },
    { pressure: '85 psi', single: '5,265 lb' },
  ],
  form: {
    manufacturer: 'Corvane',
    model: 'Tessaly C2',
    size: '275/70R22.5',
    range: 'H',
    source: 'made-up data book, page 41',
    rows: [{ pressure: '80 psi', single: '5015 lb', dual: '4620 lb' }],
  },
}

describe('charts', () => {
  it('shows each chart with its source, and a dash where it says nothing of duals', async () => {
    fakeServer(() => ({ body: [chart] }))
    show(<Charts />)
    const rows = within(await screen.findByRole('table', { name: `Rows of ${chart.title}` })).getAllByRole('row')
    expect(rows[1]).toHaveTextContent('805,0154,620')
    expect(rows[2]).toHaveTextContent('855,265–')
    expect(screen.getByText(/No tires on file use this chart/)).toBeVisible()
  })

  it('can’t be kept while pasted rows are being read, and loses nothing typed meanwhile', async () => {
    let answer: (reply: { body: unknown }) => void = () => {}
    fakeServer(({ path }) =>
      path === '/api/parse/load-chart' ? new Promise((resolve) => (answer = resolve)) : { body: [] },
    )
    show(<Charts />)
    await userEvent.click(await screen.findByRole('button', { name: 'Add a chart…' }))
    await userEvent.click(screen.getByRole('button', { name: 'Paste rows…' }))
    await userEvent.type(screen.getByLabelText('Rows'), '80 5015')
    await userEvent.click(screen.getByRole('button', { name: 'Read them' }))
    expect(screen.getByRole('button', { name: /Save chart/ })).toBeDisabled()
    await userEvent.type(screen.getByLabelText('Taken from'), 'page 12')
    answer({ body: [{ pressure: '80', single: '5015', dual: '' }] })
    expect(await screen.findByDisplayValue('5015')).toBeVisible()
    expect(screen.getByLabelText('Taken from')).toHaveValue('page 12')
    expect(screen.getByRole('button', { name: 'Save chart' })).toBeEnabled()
  })

  it('takes pasted rows cell by cell, and marks the cell that can’t be right', async () => {
    const calls = fakeServer(({ path, method }) => {
      if (path === '/api/parse/load-chart')
        return {
          body: [
            { pressure: '80', single: '5015', dual: '' },
            { pressure: '85', single: '5000', dual: '' },
          ],
        }
      if (method === 'POST') return problem(422, { 'rows.1.single': '5,000 lb at 85 psi isn’t above 5,015 lb.' })
      return { body: [] }
    })
    show(<Charts />)
    await userEvent.click(await screen.findByRole('button', { name: 'Add a chart…' }))
    await userEvent.click(screen.getByRole('button', { name: 'Paste rows…' }))
    await userEvent.type(screen.getByLabelText('Rows'), '80 5015')
    await userEvent.click(screen.getByRole('button', { name: 'Read them' }))
    expect(await screen.findByLabelText('Row 2 single')).toHaveValue('5000')
    await userEvent.click(screen.getByRole('button', { name: 'Save chart' }))
    expect(await screen.findByText(/isn’t above 5,015 lb/)).toBeVisible()
    expect(screen.getByLabelText('Row 2 single')).toBeInvalid()
    expect(screen.getByLabelText('Row 1 single')).toBeValid()
    expect(calls.some((call) => call.path === '/api/charts' && call.method === 'POST')).toBe(true)
  })

  it('changes a chart only over the version it saw', async () => {
    const calls = fakeServer(({ method }) => (method === 'PUT' ? { status: 204, body: undefined } : { body: [chart] }))
    show(<Charts />)
    await userEvent.click(await screen.findByRole('button', { name: `Change ${chart.title}` }))
    await userEvent.click(screen.getByRole('button', { name: 'Save chart' }))
    await screen.findByRole('table', { name: `Rows of ${chart.title}` })
    const put = calls.find((call) => call.method === 'PUT')
    expect(put?.headers.get('If-Match')).toBe('"2"')
    expect(put?.body).toEqual(chart.form)
  })

  it('shows both versions where somebody saved meanwhile, and saves what was chosen over the version it now saw', async () => {
    const theirs = { ...chart, version: 3, form: { ...chart.form, source: 'Their book, page 9', range: 'G' } }
    let puts = 0
    const calls = fakeServer(({ method }) => {
      if (method === 'PUT') return ++puts === 1 ? problem(412) : { status: 204, body: undefined }
      return { body: [puts === 0 ? chart : theirs] }
    })
    show(<Charts />)
    await userEvent.click(await screen.findByRole('button', { name: `Change ${chart.title}` }))
    await userEvent.clear(screen.getByLabelText('Taken from'))
    await userEvent.type(screen.getByLabelText('Taken from'), 'My letter')
    await userEvent.click(screen.getByRole('button', { name: 'Save chart' }))
    expect(await screen.findByRole('button', { name: '1 to choose' })).toBeDisabled()
    expect(screen.getByRole('radio', { name: 'load range: on file now, G' })).toBeChecked()
    await userEvent.click(screen.getByRole('radio', { name: 'taken from: yours, My letter' }))
    await userEvent.click(screen.getByRole('button', { name: 'Go on with these' }))
    expect(screen.queryByRole('table', { name: /two versions/ })).not.toBeInTheDocument()
    expect(screen.getByLabelText('Taken from')).toHaveValue('My letter')
    expect(screen.getByLabelText('Load range')).toHaveValue('G')
    await userEvent.click(screen.getByRole('button', { name: 'Save chart' }))
    await vi.waitFor(() => expect(calls.filter((call) => call.method === 'PUT')).toHaveLength(2))
    const last = calls.filter((call) => call.method === 'PUT')[1]
    expect(last?.headers.get('If-Match')).toBe('"3"')
    expect(last?.body).toMatchObject({ source: 'My letter', range: 'G' })
  })
})

describe('calculator', () => {
  it('works what the address holds, and hands the address on as it changes', async () => {
    const calls = fakeServer(() => ({
      body: { axlePressure: steer, fill: '120.3 psi', fillStatement: '120.3 psi at 65 °F reads 110 psi' },
    }))
    show(<Calculator />, '/?sidewall=275/70R22.5&left=6240')
    expect(await screen.findByText('120.3 psi')).toBeVisible()
    expect(calls[0]?.body).toMatchObject({ sidewall: '275/70R22.5', left: '6240', dual: false })
    await userEvent.click(screen.getByRole('checkbox', { name: 'Duals' }))
    expect(await screen.findByRole('img', { name: /Pressure ladder/ })).toBeVisible()
  })

  it('says at its field what it can’t read, and asks for the sidewall first', async () => {
    fakeServer(() => problem(422, { left: '“much” is not a weight.' }))
    show(<Calculator />, '/?sidewall=275/70R22.5&left=much')
    expect(await screen.findByText('“much” is not a weight.')).toBeVisible()
    show(<Calculator />)
    expect(screen.getByText(/Start with the sidewall/)).toBeVisible()
  })
})
