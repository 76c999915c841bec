import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '../../api/client'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { Questions } from './Questions'

const all: Schemas['QuestionListView'] = {
  questions: [
    {
      question: 'DO_NOT_OPERATE',
      title: 'Which vehicles must not operate today, and why',
      about: 'First.',
      asksForAge: false,
      vehicles: 2,
    },
    { question: 'PASSES_AGE', title: 'Which tires pass an age', about: 'By DOT.', asksForAge: true, vehicles: 4 },
    { question: 'NEVER_WEIGHED', title: 'Never weighed', about: 'A guess.', asksForAge: false, vehicles: 14 },
  ],
  saved: [
    {
      id: 7,
      name: 'Before winter',
      by: 'Ines Okafor',
      vehicles: 3,
      ask: { ask: ['PASSES_AGE', 'NEVER_WEIGHED'], together: true, years: 6, by: '2026-12-01' },
    },
  ],
}

const answer: Schemas['AnswerView'] = {
  title: 'Which vehicles must not operate today, and why',
  vehicles: 1,
  lines: [
    {
      vehicleId: 3,
      unit: 'LC-03',
      yard: 'Eastbank',
      vehicleClass: 'Clinic coach',
      question: 'DO_NOT_OPERATE',
      title: 'Which vehicles must not operate today, and why',
      position: '2RO',
      statement: '76 psi, target 95 psi: 80% of target',
    },
  ],
}

const answers = ({ path }: { path: string }) => ({ body: path.endsWith('/answers') ? answer : all })

describe('questions', () => {
  it('open with what must not leave, each with its count, and answer in words beside the vehicle', async () => {
    fakeServer(answers)
    show(<Questions />)
    const list = await screen.findByRole('navigation', { name: 'Questions' })
    expect(within(list).getByText('14')).toBeVisible()
    const table = await screen.findByRole('table', { name: 'Answer' })
    expect(within(table).getByRole('link', { name: 'LC-03' })).toHaveAttribute('href', '/vehicles/3')
    expect(table).toHaveTextContent('76 psi, target 95 psi: 80% of target')
    expect(screen.getByRole('link', { name: 'CSV' }).getAttribute('href')).toContain('ask=DO_NOT_OPERATE')
  })

  it('combine, and leave it to the asker whether every question has to come up', async () => {
    const calls = fakeServer(answers)
    show(<Questions />)
    await userEvent.click(await screen.findByRole('checkbox', { name: 'Combine: Never weighed' }))
    await userEvent.click(await screen.findByLabelText('Only vehicles that come up in every question'))
    const asked = new URL(calls.filter((call) => call.path.endsWith('/answers')).at(-1)?.url ?? '').searchParams
    expect(asked.getAll('ask')).toEqual(['DO_NOT_OPERATE', 'NEVER_WEIGHED'])
    expect(asked.get('together')).toBe('false')
    expect(screen.getByRole('columnheader', { name: 'Question' })).toBeVisible()
  })

  it('keep what was asked under a name, open it again as it was, and say why a name won’t do', async () => {
    let refused = true
    const calls = fakeServer((call) => {
      if (call.method !== 'POST') return answers(call)
      return refused ? problem(422, { name: 'Another kept question has this name.' }) : { body: all }
    })
    show(<Questions />, '/?ask=PASSES_AGE&years=6&by=2026-12-01')
    expect(await screen.findByRole('link', { name: 'Before winter' })).toHaveAttribute(
      'href',
      '/questions?ask=PASSES_AGE,NEVER_WEIGHED&years=6&by=2026-12-01',
    )
    await userEvent.click(screen.getByRole('button', { name: 'Keep it under a name…' }))
    await userEvent.type(screen.getByLabelText('Name'), 'Old ones')
    await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
    expect(await screen.findByText('Another kept question has this name.')).toBeVisible()
    expect(screen.getByLabelText('Name')).toHaveValue('Old ones')
    refused = false
    await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
    expect(calls.findLast((call) => call.method === 'POST')?.body).toEqual({
      name: 'Old ones',
      ask: { ask: ['PASSES_AGE'], together: true, years: 6, by: '2026-12-01' },
    })
  })

  it('say so where no vehicle comes up', async () => {
    fakeServer((call) =>
      call.path.endsWith('/answers') ? { body: { ...answer, vehicles: 0, lines: [] } } : answers(call),
    )
    show(<Questions />)
    expect(await screen.findByText('No vehicle comes up.')).toBeVisible()
  })

  it('are only looked at by a viewer', async () => {
    fakeServer(answers)
    show(<Questions />, '/', { id: 5, name: 'Lio Marsh', role: 'VIEWER', active: true, canSignIn: true, units: 'US' })
    await screen.findByRole('navigation', { name: 'Questions' })
    expect(screen.queryByRole('button', { name: 'Keep it under a name…' })).toBeNull()
    expect(screen.queryByRole('button', { name: 'Forget Before winter' })).toBeNull()
  })
})
