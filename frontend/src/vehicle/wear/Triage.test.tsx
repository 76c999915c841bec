import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '../../api/client'
import { fakeServer, problem } from '../../test/server'
import { SESSION, show } from '../../test/show'
import { TriageButton } from './Triage'

const report: Schemas['ReportView'] = {
  id: 5,
  at: '2026-11-22T09:00:00Z',
  corner: '',
  note: '',
  reporter: 'driver',
  reviewNote: '',
  status: 'NEW',
  symptom: 'WARNING_LAMP',
  label: 'Tire pressure lamp',
}

const checks: Schemas['CheckView'][] = [
  { check: 'STRIKE', title: 'Anything struck', known: ['No strike on record'], suspicious: false },
  { check: 'PRESSURES', title: 'Pressures, left against right', known: ['1L 94 psi, 1R 71 psi'], suspicious: true },
]

describe('what a driver’s report asks to be checked', () => {
  it('says what comes first, lays the known figures out, and takes one result after the other', async () => {
    let made = 0
    const calls = fakeServer((call) => {
      if (call.path === '/api/session') return { body: SESSION }
      if (call.method === 'POST') {
        const { found, note } = call.body as { found: boolean; note: string }
        if (found && note === '') return problem(422, { note: 'Say what was found.' })
        made += 1
        return { status: 204, body: undefined }
      }
      return {
        body: {
          first: 'Gauge every tire, fill none.',
          checks: checks.map((check, at) =>
            at < made ? { ...check, found: at === 1, by: 'Rafe Halloran', note: at === 1 ? 'nail in 1R' : '' } : check,
          ),
          ...(made < 2 && { next: made === 0 ? ('STRIKE' as const) : ('PRESSURES' as const) }),
        } satisfies Schemas['TriageView'],
      }
    })
    show(<TriageButton report={report} />)
    await userEvent.click(screen.getByRole('button', { name: 'Check in order…' }))
    const dialog = within(await screen.findByRole('dialog', { name: 'Driver’s report: Tire pressure lamp' }))
    expect(await dialog.findByText('Gauge every tire, fill none.')).toBeVisible()
    expect(dialog.getByText('1L 94 psi, 1R 71 psi')).toBeVisible()
    expect(dialog.getAllByRole('button', { name: 'Found the cause' })).toHaveLength(1)

    await userEvent.click(dialog.getByRole('button', { name: 'Nothing found' }))
    expect(await dialog.findByText('Nothing found, Rafe Halloran')).toBeVisible()
    await userEvent.click(dialog.getByRole('button', { name: 'Found the cause' }))
    expect(await dialog.findByText('Say what was found.')).toBeVisible()
    await userEvent.type(dialog.getByLabelText('What was found'), 'nail in 1R')
    await userEvent.click(dialog.getByRole('button', { name: 'Found the cause' }))
    expect(await dialog.findByText(/Schedule work for what was found/)).toBeVisible()
    await waitFor(() =>
      expect(calls.filter((call) => call.method === 'POST').map((call) => call.body)).toEqual([
        { check: 'STRIKE', found: false, note: '' },
        { check: 'PRESSURES', found: true, note: '' },
        { check: 'PRESSURES', found: true, note: 'nail in 1R' },
      ]),
    )
  })
})
