import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { beforeEach, describe, expect, it } from 'vitest'
import { type Call, fakeServer, problem } from '../test/server'
import { show } from '../test/show'
import { NoticeProvider } from '../ui/Notice'
import { JobSheet } from './JobSheet'
import { sheet, step } from './sample'
import type { StepView } from './steps'

const gap = step('BEAD_GAP:1L', {
  title: 'Measure the bead gap',
  position: '1L',
  positionName: 'steer left',
  canBeSkipped: false,
  fields: [1, 2, 3, 4].map((place) => ({
    name: `gap${place}`,
    label: `Front gap, place ${place}`,
    type: 'DEPTH' as const,
    options: [],
  })),
})

const balance = step('BALANCE:1L', { title: 'Balance', position: '1L', positionName: 'steer left' })

function page(steps: StepView[], answer: (call: Call) => ReturnType<Parameters<typeof fakeServer>[0]>, me?: object) {
  const calls = fakeServer((call) => (call.method === 'GET' ? { body: sheet(steps) } : answer(call)))
  show(
    <NoticeProvider>
      <Routes>
        <Route path="/jobs/:id/sheet" element={<JobSheet />} />
        <Route path="*" element={<div>another page</div>} />
      </Routes>
    </NoticeProvider>,
    '/jobs/7/sheet',
    me,
  )
  return calls
}

describe('a job sheet', () => {
  beforeEach(() => localStorage.clear())

  it('records what was read, says why it isn’t within limits, and stays at the step', async () => {
    const calls = page([gap, balance], () => ({
      body: sheet([{ ...gap, outside: 'Spread 3/32 in, at most 2/32 in: remount.' }, balance]),
    }))
    await screen.findByRole('heading', { name: 'Measure the bead gap' })
    for (const [place, figure] of [
      [1, '3'],
      [2, '3'],
      [3, '6'],
      [4, '4'],
    ] as const) {
      await userEvent.type(screen.getByLabelText(`Front gap, place ${place}`), figure)
    }
    await userEvent.click(screen.getByRole('button', { name: 'Save and continue' }))
    expect(await screen.findByText(/Spread 3\/32 in/)).toBeVisible()
    expect(screen.getByLabelText('Front gap, place 3')).toHaveValue('6')
    expect(calls.find((call) => call.method === 'POST')?.body).toEqual({
      fields: { gap1: '3', gap2: '3', gap3: '6', gap4: '4' },
    })
    expect(screen.queryByRole('button', { name: 'Skip…' })).not.toBeInTheDocument()
  })

  it('shows which steps an uneven gap reopened, leads to the first, and forgets the figures of the try', async () => {
    const core = step('CORE_OUT:1L', { title: 'Core out', position: '1L', positionName: 'steer left' })
    const tried = {
      statement: 'front gap 3/32 in to 6/32 in, spread 3/32 in',
      by: 'Rafe Halloran',
      at: '2026-11-24T09:00:00Z',
      within: false,
    }
    page([gap], () => ({
      body: sheet([
        core,
        {
          ...gap,
          state: 'WAITS',
          blockedBy: 'Core out at 1L',
          outside: 'Front: spread 3/32 in, at most 2/32 in.',
          tries: [tried],
        },
      ]),
    }))
    await userEvent.type(await screen.findByLabelText('Front gap, place 1'), '6')
    await userEvent.click(screen.getByRole('button', { name: 'Save and continue' }))
    expect(await screen.findByText(/Front: spread/)).toBeVisible()
    expect(screen.getByRole('list', { name: 'Tried before' })).toHaveTextContent(
      'spread 3/32 in, outside limits · Rafe Halloran',
    )
    await userEvent.click(screen.getByRole('button', { name: 'Go to core out' }))
    expect(await screen.findByRole('heading', { name: 'Core out' })).toBeVisible()
    expect(localStorage.getItem('rotagens.sheet.7.BEAD_GAP:1L')).toBeNull()
  })

  it('goes on to the next step once one is done, and names who did it', async () => {
    page([balance, gap], () => ({
      body: sheet([
        { ...balance, state: 'DONE', by: 'Rafe Halloran', at: '2026-11-24T09:00:00Z', statement: 'done' },
        gap,
      ]),
    }))
    await userEvent.click(await screen.findByRole('button', { name: 'Done' }))
    expect(await screen.findByRole('heading', { name: 'Measure the bead gap' })).toBeVisible()
    expect(screen.getByLabelText('Front gap, place 1')).toHaveFocus()
    const list = within(screen.getByRole('navigation', { name: 'Steps' }))
    expect(list.getByRole('button', { name: /Balance done, Rafe Halloran/ })).toBeVisible()
    expect(screen.getByText('1 of 2 steps')).toBeVisible()
  })

  it('takes a reason for leaving a step out, and says at its field that one is missing', async () => {
    const calls = page([balance], ({ body }) =>
      (body as { reason: string }).reason === ''
        ? problem(422, { reason: 'Say why it is left out.' })
        : { body: sheet([{ ...balance, state: 'SKIPPED', statement: 'same as yesterday' }]) },
    )
    await userEvent.click(await screen.findByRole('button', { name: 'Skip…' }))
    await userEvent.click(screen.getByRole('button', { name: 'Skip step' }))
    expect(await screen.findByText('Say why it is left out.')).toBeVisible()
    await userEvent.type(screen.getByLabelText('Reason for skipping'), 'same as yesterday')
    await userEvent.click(screen.getByRole('button', { name: 'Skip step' }))
    await waitFor(() =>
      expect(calls.filter((call) => call.path.endsWith('/skip')).at(-1)?.body).toEqual({ reason: 'same as yesterday' }),
    )
  })

  it('asks how another wheel is piloted only where another one goes on', async () => {
    const choice = (name: string, label: string, ...options: [string, string][]) => ({
      name,
      label,
      type: 'CHOICE' as const,
      options: options.map(([code, words]) => ({ code, label: words })),
    })
    page(
      [
        step('CLEAN_WHEEL:1L', {
          title: 'Wheel clean and sound',
          position: '1L',
          fields: [
            choice('wheel', 'Wheel', ['SOUND', 'sound'], ['ANOTHER', 'another wheel, sound']),
            choice('pilot', 'Another wheel: how it is piloted', ['HUB', 'hub-piloted'], ['STUD', 'stud-piloted']),
          ],
        }),
      ],
      () => ({ body: {} }),
    )
    await userEvent.click(await screen.findByRole('button', { name: 'sound' }))
    expect(screen.queryByRole('button', { name: 'hub-piloted' })).not.toBeInTheDocument()
    await userEvent.click(screen.getByRole('button', { name: 'another wheel, sound' }))
    expect(screen.getByRole('button', { name: 'hub-piloted' })).toBeVisible()
  })

  it('counts the nuts in the star’s order, and shows what the wrench is set to', async () => {
    page(
      [
        step('TORQUE_PASS:1L', {
          title: 'Torque in the star',
          position: '1L',
          torqueSequence: { order: [1, 3, 5, 2, 4], wrench: '70 ft·lb' },
          fields: [{ name: 'nuts', label: 'Nuts tightened', type: 'COUNT', options: [] }],
        }),
      ],
      () => ({ body: {} }),
    )
    await userEvent.click(await screen.findByRole('button', { name: 'Nut 1 tightened' }))
    await userEvent.click(screen.getByRole('button', { name: 'Nut 3 tightened' }))
    expect(screen.getByLabelText('Nuts tightened')).toHaveValue('2')
    expect(screen.getByRole('img', { name: /2 of 5 tightened, next 5/ })).toBeVisible()
  })

  it('keeps what is typed when the page goes and comes again', async () => {
    const first = page([gap], () => ({ body: {} }))
    await userEvent.type(await screen.findByLabelText('Front gap, place 1'), '3')
    expect(first.filter((call) => call.method === 'POST')).toHaveLength(0)
    document.body.innerHTML = ''
    page([gap], () => ({ body: {} }))
    expect(await screen.findByLabelText('Front gap, place 1')).toHaveValue('3')
  })

  it('waits for the step before a safety step, by its name', async () => {
    page(
      [step('CORE_OUT:1L', { title: 'Core out', state: 'WAITS', blockedBy: 'Secure the vehicle', safety: true })],
      () => ({
        body: {},
      }),
    )
    expect(await screen.findByText('Complete first: Secure the vehicle.')).toBeVisible()
    expect(screen.queryByRole('button', { name: 'Done' })).not.toBeInTheDocument()
  })

  it('can’t be closed while a step is open: it says which', async () => {
    page([gap], () => problem(409))
    expect(await screen.findByRole('button', { name: /1 open, first: Measure the bead gap at 1L/ })).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Complete job' }))
    expect(await screen.findByText(/Nothing was stored/)).toBeVisible()
  })

  it('gives a viewer everything to read and nothing to press', async () => {
    page([balance], () => ({ body: {} }), {
      id: 9,
      name: 'Vera',
      role: 'VIEWER',
      active: true,
      canSignIn: true,
      units: 'US',
    })
    await screen.findByRole('heading', { name: 'Balance' })
    expect(screen.queryByRole('button', { name: 'Done' })).not.toBeInTheDocument()
    expect(screen.queryByRole('button', { name: 'Complete job' })).not.toBeInTheDocument()
  })

  it('leads from a step that a record does to where the record is made; done by it, it is not undone by a tick', async () => {
    const weigh = step('WEIGH', { title: 'Weigh', canBeSkipped: false, recordedBy: 'SCALE_TICKET' })
    page([weigh, balance], () => ({ body: sheet([weigh, balance]) }))
    expect(await screen.findByRole('link', { name: 'Enter the scale ticket' })).toHaveAttribute(
      'href',
      '/vehicles/3/load-pressure',
    )
    expect(screen.queryByRole('button', { name: 'Done' })).toBeNull()
  })
})
