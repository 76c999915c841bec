import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '../api/client'
import { fakeServer, problem } from '../test/server'
import { show } from '../test/show'
import { ModelDialog } from './ModelDialog'

const read = {
  molded: 'LT245/75R17 121/118S E',
  size: 'LT245/75R17',
  service: '121/118S',
  range: 'E',
  mudAndSnow: true,
  severeSnow: false,
  parts: [{ field: 'SERVICE', read: '121/118S', meaning: 'load index 121 is 3,197 lb single' }],
  missing: ['manufacturer’s name'],
  leftOver: '&%',
}

const follows = {
  facts: [{ name: 'Overall diameter new', value: '31.47 in', means: 'worked out from the size' }],
  disagreements: ['Load index 121 stands for 3,197 lb, the molded single load is 3,915 lb.'],
}

function server(refusal?: Record<string, string>) {
  return fakeServer(({ path, body }) => {
    if (path === '/api/parse/sidewall') {
      return (body as { text: string }).text.length > 8 ? { body: read } : problem(422, { text: 'No tire size known.' })
    }
    if (path === '/api/parse/tire-model') return { body: follows }
    if (path === '/api/tire-models') {
      return refusal ? problem(422, refusal) : { body: { title: 'Larkfell Hill 3', sidewall: read.molded } }
    }
    return { body: [] }
  })
}

describe('reading a model off its sidewall', () => {
  it('fills the parts from one line, says what each means, what is missing and what wasn’t understood', async () => {
    server()
    show(<ModelDialog model={undefined} onClose={() => {}} />)
    await userEvent.type(screen.getByLabelText('Sidewall marking as molded'), 'lt245/75r17121/118se')
    expect(screen.getByLabelText('Size')).toHaveValue('LT245/75R17')
    expect(screen.getByLabelText('Service description')).toHaveValue('121/118S')
    expect(screen.getByLabelText('Load range')).toHaveValue('E')
    expect(await screen.findByText(/load index 121 is 3,197 lb single/)).toBeVisible()
    expect(screen.getByText('Missing: manufacturer’s name')).toBeVisible()
    expect(screen.getByText('Not recognized: “&%”')).toBeVisible()
    expect(await screen.findByText('31.47 in')).toBeVisible()
    expect(screen.getByText(/the molded single load is 3,915 lb/)).toBeVisible()
  })

  it('lets each part be put right by hand, and sends what the hand wrote', async () => {
    const calls = server()
    show(<ModelDialog model={undefined} onClose={() => {}} />)
    await userEvent.type(screen.getByLabelText('Sidewall marking as molded'), 'lt245/75r17121/118se')
    await userEvent.clear(screen.getByLabelText('Load range'))
    await userEvent.type(screen.getByLabelText('Load range'), 'D')
    await userEvent.type(screen.getByLabelText('Manufacturer'), 'Larkfell')
    await userEvent.type(screen.getByLabelText('Model'), 'Hill 3')
    await userEvent.click(screen.getByRole('button', { name: 'Add to catalog' }))
    const sent = calls.find((call) => call.path === '/api/tire-models')?.body as Schemas['TireModelRequest']
    expect(sent).toMatchObject({ manufacturer: 'Larkfell', name: 'Hill 3', size: 'LT245/75R17', range: 'D' })
    expect(sent.snowRating).toBe('MUD_AND_SNOW')
  })

  it('marks what the server refuses and keeps the rest', async () => {
    server({ name: 'This model is in the catalog already.' })
    show(<ModelDialog model={undefined} onClose={() => {}} />)
    await userEvent.type(screen.getByLabelText('Manufacturer'), 'Larkfell')
    await userEvent.click(screen.getByRole('button', { name: 'Add to catalog' }))
    expect(await screen.findByText('This model is in the catalog already.')).toBeVisible()
    expect(screen.getByLabelText('Manufacturer')).toHaveValue('Larkfell')
  })

  it('explains a field of the drawing and takes the entry, by keyboard', async () => {
    server()
    show(<ModelDialog model={undefined} onClose={() => {}} />)
    screen.getByRole('button', { name: /^Pressure beside the load/ }).focus()
    await userEvent.keyboard('{Enter}')
    expect(screen.getByText(/A limit in both cases, never a target/)).toBeVisible()
    expect(screen.getByLabelText('Molded pressure')).toHaveFocus()
  })
})
