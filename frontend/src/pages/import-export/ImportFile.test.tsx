import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { fakeServer } from '../../test/server'
import { show } from '../../test/show'
import { ImportFile } from './ImportFile'

const columns = [
  { name: 'unit', meaning: 'the number it goes by', required: true },
  { name: 'odometer', meaning: 'the reading', required: true },
]

const headers = [
  { index: 0, header: 'Vehicle', column: 'unit' },
  { index: 1, header: 'Reading' },
]

const tried = {
  stored: false,
  headers: [headers[0], { ...headers[1], column: 'odometer' }],
  missing: [],
  rows: [
    { line: 2, outcome: 'ADDED', description: 'LC-01, 400 mi', errors: [] },
    {
      line: 3,
      outcome: 'FAULTY',
      description: 'LC-01',
      errors: [{ column: 'odometer', message: 'Less than the last.' }],
    },
  ],
  added: 1,
  changed: 0,
  same: 0,
  faulty: 1,
}

const file = (text: string) => new File([text], 'odometers.csv', { type: 'text/csv' })

describe('bringing a file in', () => {
  it('refuses a file that is too large before it is sent', async () => {
    const calls = fakeServer(() => ({ body: tried }))
    show(<ImportFile kind="ODOMETERS" columns={columns} />)
    const large = file('x')
    Object.defineProperty(large, 'size', { value: 50 * 1024 * 1024 })
    await userEvent.upload(screen.getByLabelText('CSV file to bring in'), large)
    expect(await screen.findByText(/50 MB; at most 8 MB/)).toBeVisible()
    expect(calls).toHaveLength(0)
  })

  it('asks for a column that wasn’t found, tries again when it is matched, and shows faults by row', async () => {
    const asked: string[] = []
    fakeServer(({ url }) => {
      asked.push(url)
      return url.includes('columns=')
        ? { body: tried }
        : { body: { ...tried, headers, missing: ['odometer'], rows: [], added: 0, faulty: 0 } }
    })
    show(<ImportFile kind="ODOMETERS" columns={columns} />)
    await userEvent.upload(screen.getByLabelText('CSV file to bring in'), file('Vehicle,Reading\nLC-01,400\n'))
    expect(await screen.findByText(/weren’t found: odometer/)).toBeVisible()
    await userEvent.click(screen.getByLabelText('Reading'))
    await userEvent.click(screen.getByRole('option', { name: 'odometer' }))
    expect(await screen.findByText('Less than the last.')).toBeVisible()
    expect(asked.at(-1)).toContain('columns=unit%2Codometer')
    expect(asked.at(-1)).toContain('dryRun=true')
  })

  it('stores with faulty rows only when they are left out on purpose', async () => {
    const asked: string[] = []
    fakeServer(({ url }) => {
      asked.push(url)
      return { body: url.includes('dryRun=false') ? { ...tried, stored: true } : tried }
    })
    show(<ImportFile kind="ODOMETERS" columns={columns} />)
    await userEvent.upload(screen.getByLabelText('CSV file to bring in'), file('Vehicle,Reading\nLC-01,400\n'))
    expect(await screen.findByRole('button', { name: 'Store 1 row' })).toBeDisabled()
    await userEvent.click(screen.getByLabelText(/Skip 1 row with errors/))
    await userEvent.click(screen.getByRole('button', { name: 'Store 1 row' }))
    expect(await screen.findByText('Stored.')).toBeVisible()
    expect(asked.at(-1)).toContain('skipFaulty=true')
  })
})
