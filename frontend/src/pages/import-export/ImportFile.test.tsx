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
  sheet: '',
  missing: [],
  questions: [],
  leftOut: [],
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
    await userEvent.upload(screen.getByLabelText('File to bring in: CSV, XLSX or ODS'), large)
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
    await userEvent.upload(
      screen.getByLabelText('File to bring in: CSV, XLSX or ODS'),
      file('Vehicle,Reading\nLC-01,400\n'),
    )
    expect(await screen.findByText(/weren’t found: odometer/)).toBeVisible()
    await userEvent.click(screen.getByLabelText('Reading'))
    await userEvent.click(screen.getByRole('option', { name: 'odometer' }))
    expect(await screen.findByText('Less than the last.')).toBeVisible()
    expect(asked.at(-1)).toContain('columns=unit%2Codometer')
    expect(asked.at(-1)).toContain('dryRun=true')
  })

  it('asks once how the days of a file are meant, and says what it did not read as rows', async () => {
    const asked: string[] = []
    const question = {
      question: 'DAY_ORDER',
      statement: 'Nothing in this file shows whether the month or the day comes first. What is 3/4/2026?',
      options: [
        { code: 'MONTH_FIRST', label: 'Mar 4, 2026' },
        { code: 'DAY_FIRST', label: 'Apr 3, 2026' },
      ],
    }
    fakeServer(({ url }) => {
      asked.push(url)
      return url.includes('dayOrder=')
        ? { body: { ...tried, sheet: 'Readings', leftOut: [{ line: 1, text: 'November' }] } }
        : { body: { ...tried, questions: [question], rows: [], added: 0, faulty: 0 } }
    })
    show(<ImportFile kind="ODOMETERS" columns={columns} />)
    await userEvent.upload(screen.getByLabelText('File to bring in: CSV, XLSX or ODS'), file('x'))
    await userEvent.click(await screen.findByRole('radio', { name: 'Apr 3, 2026' }))
    expect(await screen.findByText(/Not read as rows: line 1, “November”/)).toBeVisible()
    expect(screen.getByText(/sheet Readings/)).toBeVisible()
    expect(asked.at(-1)).toContain('dayOrder=DAY_FIRST')
  })

  it('keeps the position of a column to a tire when another header is matched', async () => {
    const asked: string[] = []
    const wide = [
      headers[0],
      { index: 1, header: 'LF psi', column: 'pressure', unit: 'psi', position: 'LF' },
      { index: 2, header: 'Reading' },
    ]
    fakeServer(({ url }) => {
      asked.push(url)
      return { body: { ...tried, headers: wide } }
    })
    show(
      <ImportFile kind="READINGS" columns={[...columns, { name: 'pressure', meaning: 'as read', required: false }]} />,
    )
    await userEvent.upload(screen.getByLabelText('File to bring in: CSV, XLSX or ODS'), file('x'))
    expect(await screen.findByText('pressure at LF')).toBeVisible()
    await userEvent.click(screen.getByLabelText('Reading'))
    await userEvent.click(screen.getByRole('option', { name: 'odometer' }))
    await screen.findByText('Less than the last.')
    expect(decodeURIComponent(asked.at(-1) ?? '')).toContain('columns=unit,pressure@LF,odometer')
  })

  it('stores with faulty rows only when they are left out on purpose', async () => {
    const asked: string[] = []
    fakeServer(({ url }) => {
      asked.push(url)
      return { body: url.includes('dryRun=false') ? { ...tried, stored: true } : tried }
    })
    show(<ImportFile kind="ODOMETERS" columns={columns} />)
    await userEvent.upload(
      screen.getByLabelText('File to bring in: CSV, XLSX or ODS'),
      file('Vehicle,Reading\nLC-01,400\n'),
    )
    expect(await screen.findByRole('button', { name: 'Store 1 row' })).toBeDisabled()
    await userEvent.click(screen.getByLabelText(/Skip 1 row with errors/))
    await userEvent.click(screen.getByRole('button', { name: 'Store 1 row' }))
    expect(await screen.findByText('Stored.')).toBeVisible()
    expect(asked.at(-1)).toContain('skipFaulty=true')
  })
})
