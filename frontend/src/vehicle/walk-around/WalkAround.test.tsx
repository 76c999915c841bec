import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { describe, expect, it } from 'vitest'
import { EMPTY } from '../../offline/draft'
import { uploadQueue } from '../../offline/uploadQueue'
import { type Call, fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { entryOf, FIT, walk } from '../../test/walk'
import { WalkAround } from './WalkAround'

type Reply = ReturnType<typeof problem>

function open(answer: (call: Call) => Reply | undefined, at = '7') {
  const calls = fakeServer((call) => {
    const special = answer(call)
    if (special) return special
    if (call.path === '/api/walk-arounds/7') return { body: walk }
    if (call.method === 'PUT') return { body: { entry: entryOf(call.body, 1), assessment: FIT } }
    return { body: [] }
  })
  show(
    <Routes>
      <Route path="/vehicles/:vehicleId/walk-around/:id" element={<WalkAround />} />
      <Route path="*" element={<p>elsewhere</p>} />
    </Routes>,
    `/vehicles/3/walk-around/${at}`,
  )
  return calls
}

describe('a walk-around', () => {
  it('opens out of reach from what this device took along, and takes entries', async () => {
    await uploadQueue.keepSheet({ ...walk, id: 0, startedBy: '' }, 'US')
    open(() => 'unreachable', 'sheet')
    await userEvent.type(await screen.findByLabelText('Tire pressure'), '70')
    expect(await screen.findByRole('heading', { name: '2LO do not operate, provisional' })).toBeVisible()
    expect(screen.getByText('80% of target: 76 psi')).toBeVisible()
    expect(screen.getByText('1 of 1 positions entered')).toBeVisible()
  })

  it('says where it was finished meanwhile that what is typed here came too late, and where it can go', async () => {
    await uploadQueue.keepSheet(walk, 'US')
    await uploadQueue.keep(3, '2LO', { ...EMPTY, pressure: '94' }, 'US')
    open((call) => (call.method === 'GET' ? { body: { ...walk, finishedAt: '2026-11-23T16:00:00Z' } } : undefined))
    expect(await screen.findByText(/^1 position typed on this device came too late/)).toBeVisible()
    expect(screen.getByRole('link', { name: 'They can go into a new one' })).toHaveAttribute('href', '/offline')
  })

  it('asks at the end why something is missing, at its field, and finishes with the reason', async () => {
    let refused = true
    const calls = open((call) => {
      if (!call.path.endsWith('/finish')) return undefined
      const first = refused
      refused = false
      return first
        ? problem(422, { skipReason: 'Nothing entered at 2LO. Say why, or read them.' })
        : { body: { id: 7, readings: 0, unread: 1, verdict: 'WATCH' } }
    })
    await userEvent.click(await screen.findByRole('button', { name: 'Finish…' }))
    await userEvent.click(screen.getByRole('button', { name: 'Finish walk-around' }))
    expect(await screen.findByText(/Nothing entered at 2LO/)).toBeVisible()
    await userEvent.type(screen.getByLabelText('Reason for skipping'), 'rain')
    await userEvent.click(screen.getByRole('button', { name: 'Finish walk-around' }))
    expect(await screen.findByText('elsewhere')).toBeVisible()
    expect(calls.filter((call) => call.path.endsWith('/finish')).at(-1)?.body).toMatchObject({ skipReason: 'rain' })
  })

  it('keeps the end for later where the server can’t be reached', async () => {
    await uploadQueue.keepSheet(walk, 'US')
    open(() => 'unreachable')
    await userEvent.click(await screen.findByRole('button', { name: 'Finish…' }))
    await userEvent.click(screen.getByRole('button', { name: 'Finish walk-around' }))
    expect(await screen.findByText(/finishes automatically when the server is available/)).toBeVisible()
    await waitFor(() => expect(uploadQueue.waiting().finishes).toBe(1))
  })
})
