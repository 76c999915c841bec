import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { fakeServer } from '../test/server'
import { show } from '../test/show'
import { ClockProblem } from './ClockProblem'

const behind = { now: '2020-01-01T06:00:00Z', statement: 'This machine’s clock says Jan 1, 2020 00:00.' }

describe('a clock that can’t be right', () => {
  it('is told on every page, and a manager can say that it is right', async () => {
    let now: object = behind
    const calls = fakeServer(({ method }) => {
      if (method === 'POST') now = { now: '2026-11-29T06:00:00Z' }
      return { body: now }
    })
    show(<ClockProblem />)
    expect(await screen.findByRole('alert')).toHaveTextContent('Jan 1, 2020')
    await userEvent.click(screen.getByRole('button', { name: 'The clock is right now' }))
    await vi.waitFor(() => expect(screen.queryByRole('alert')).not.toBeInTheDocument())
    expect(calls.some((call) => call.method === 'POST' && call.path === '/api/clock')).toBe(true)
  })

  it('leaves the word to managers', async () => {
    fakeServer(() => ({ body: behind }))
    show(<ClockProblem />, '/', { id: 2, name: 'Ines Okafor', role: 'COORDINATOR', active: true, units: 'US' })
    expect(await screen.findByRole('alert')).toBeVisible()
    expect(screen.queryByRole('button')).not.toBeInTheDocument()
  })
})
