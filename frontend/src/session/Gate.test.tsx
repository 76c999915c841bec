import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it } from 'vitest'
import { answerOf, api } from '../api/client'
import { fakeServer, problem } from '../test/server'
import { show } from '../test/show'
import { Gate } from './Gate'

const rafe = { id: 3, name: 'Rafe Halloran', role: 'TECHNICIAN', active: true, canSignIn: true, units: 'METRIC' }
const signedOut = { firstStart: false, empty: false, demoPeople: [] }

beforeEach(() => localStorage.clear())

describe('the way in', () => {
  it('asks for name and password, says when they are wrong, and shows the page when they are right', async () => {
    let tries = 0
    fakeServer(({ method, path }) => {
      if (path === '/api/session' && method === 'POST') {
        tries += 1
        return tries === 1
          ? problem(422, { password: 'Name or password is wrong.' })
          : { body: { ...signedOut, me: rafe } }
      }
      return { body: signedOut }
    })
    show(<Gate>the yard</Gate>, '/', null)
    await userEvent.type(await screen.findByLabelText('Name'), 'rafe halloran')
    await userEvent.type(screen.getByLabelText('Password'), 'seven blue wheels')
    await userEvent.click(screen.getByRole('button', { name: 'Sign in' }))
    expect(await screen.findByText('Name or password is wrong.')).toBeVisible()
    expect(screen.queryByText('the yard')).not.toBeInTheDocument()
    await userEvent.click(screen.getByRole('button', { name: 'Sign in' }))
    expect(await screen.findByText('the yard')).toBeVisible()
  })

  it('reads in the units the person chose, on whatever device', async () => {
    fakeServer(() => ({ body: { ...signedOut, me: rafe } }))
    show(<Gate>the yard</Gate>, '/', null)
    await screen.findByText('the yard')
    expect(localStorage.getItem('rotagens.units')).toBe('METRIC')
  })

  it('offers the demo’s people by one click', async () => {
    const calls = fakeServer(({ path }) =>
      path === '/api/session/demo'
        ? { body: { ...signedOut, me: rafe } }
        : { body: { ...signedOut, demoPeople: [rafe] } },
    )
    show(<Gate>the yard</Gate>, '/', null)
    await userEvent.click(await screen.findByRole('button', { name: /Rafe Halloran, technician/ }))
    expect(await screen.findByText('the yard')).toBeVisible()
    expect(calls.find((call) => call.path === '/api/session/demo')?.body).toEqual({ personId: 3 })
  })

  it('lets a person sign in again on top where the session ended, keeping what was typed', async () => {
    let ended = false
    fakeServer(({ method, path }) => {
      if (path === '/api/fleet') return problem(401)
      if (method === 'POST') ended = false
      return { body: ended ? signedOut : { ...signedOut, me: rafe } }
    })
    show(
      <Gate>
        <input aria-label="Note" />
      </Gate>,
      '/',
      null,
    )
    await userEvent.type(await screen.findByLabelText('Note'), 'left rear low')
    ended = true
    await answerOf(api.GET('/api/fleet')).catch(() => {})
    expect(await screen.findByRole('heading', { name: 'Sign in again' })).toBeVisible()
    await userEvent.type(screen.getByLabelText('Name'), 'Rafe')
    await userEvent.click(screen.getByRole('button', { name: 'Sign in' }))
    await screen.findByLabelText('Note')
    expect(screen.getByLabelText('Note')).toHaveValue('left rear low')
  })

  it('makes the first account where nobody can sign in, and offers to bring an export in', async () => {
    const calls = fakeServer(({ path }) =>
      path === '/api/first-account'
        ? { body: { ...signedOut, me: rafe } }
        : { body: { ...signedOut, firstStart: true, empty: true } },
    )
    show(<Gate>the yard</Gate>, '/', null)
    expect(await screen.findByText('Or start from an export file')).toBeVisible()
    await userEvent.type(screen.getByLabelText('Your name'), 'Owner One')
    await userEvent.type(screen.getByLabelText('Password'), 'seven blue wheels')
    await userEvent.click(screen.getByRole('button', { name: 'Create account and sign in' }))
    expect(await screen.findByText('the yard')).toBeVisible()
    expect(calls.find((call) => call.path === '/api/first-account')?.body).toEqual({
      name: 'Owner One',
      password: 'seven blue wheels',
    })
  })

  it('asks for the code printed at the start where others reach the server, and says when it is another', async () => {
    const calls = fakeServer(({ path, body }) => {
      if (path !== '/api/first-account') return { body: { ...signedOut, firstStart: true, codeAsked: true } }
      return (body as { code: string }).code === 'ACDE-FGHJ'
        ? { body: { ...signedOut, me: rafe } }
        : problem(422, { code: 'Enter the code printed where the program was started.' })
    })
    show(<Gate>the yard</Gate>, '/', null)
    await userEvent.type(await screen.findByLabelText('Your name'), 'Owner One')
    await userEvent.type(screen.getByLabelText('Password'), 'seven blue wheels')
    await userEvent.click(screen.getByRole('button', { name: 'Create account and sign in' }))
    expect(await screen.findByText('Enter the code printed where the program was started.')).toBeVisible()
    await userEvent.type(screen.getByLabelText('Code'), 'ACDE-FGHJ')
    await userEvent.click(screen.getByRole('button', { name: 'Create account and sign in' }))
    expect(await screen.findByText('the yard')).toBeVisible()
    expect(calls.filter((call) => call.path === '/api/first-account')).toHaveLength(2)
  })
})
