import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { type Call, fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { AdjustPosition } from './AdjustPosition'

const stop = {
  position: '1R',
  name: 'steer right',
  tire: 'Corvane Tessaly C2 275/70R22.5',
  target: '110 psi',
  fillTo: '110 psi',
  runFlat: '88 psi',
  maximum: '120 psi',
  last: '98 psi',
  lastOn: '2026-11-11',
}
const gauge = {
  state: 'off' as const,
  says: '',
  pair: () => {},
  press: async () => {},
  dropOut: async () => undefined as never,
}
const conditions = { parkedHours: '12', air: '', coldest: '', gas: '', purity: '' }

/** Advises as the server would for a cold tire with a target of 110 psi. */
function advise({ body, path }: Call) {
  const { before, after } = body as { before: string; after: string }
  const read = Number(after || before)
  if (Number.isNaN(read)) return problem(422, { before: '“abc” is not a pressure.' })
  if (read <= 88) return { body: { action: 'STOP', statement: 'Treat it as run flat. No air.', done: true } }
  if (read < 109)
    return { body: { action: 'ADD_AIR', to: '110 psi', statement: `Add ${110 - read} psi.`, done: false } }
  return {
    body: {
      action: 'NONE',
      to: '110 psi',
      statement: path.endsWith('/advice') ? 'On target. Cap on.' : 'kept',
      done: true,
    },
  }
}

function open(onNext = () => {}, answer: (call: Call) => ReturnType<typeof problem> = advise) {
  const calls = fakeServer(answer)
  show(<AdjustPosition vehicleId={4} stop={stop} conditions={conditions} gauge={gauge} last={false} onNext={onNext} />)
  return calls
}

describe('one valve', () => {
  beforeEach(() => localStorage.clear())

  it('says what to add, asks to gauge again, and keeps both figures', async () => {
    const next = vi.fn()
    const calls = open(next)
    await userEvent.type(screen.getByLabelText('Gauge reads'), '98')
    expect(await screen.findByText('Add 12 psi.')).toBeVisible()
    await userEvent.keyboard('{Enter}')
    expect(screen.getByLabelText('Gauge reads after')).toHaveFocus()
    await userEvent.keyboard('110')
    expect(await screen.findByText('On target. Cap on.')).toBeVisible()
    await userEvent.keyboard('{Enter}')
    await waitFor(() => expect(next).toHaveBeenCalled())
    const kept = calls.filter((call) => call.path.endsWith('/pressure-round/1R'))
    expect(kept).toHaveLength(1)
    expect(kept[0]?.body).toMatchObject({ before: '98', after: '110', parkedHours: '12' })
    expect(localStorage).toHaveLength(0)
  })

  it('warns where no target is on file, and never says on target there', async () => {
    open(
      () => {},
      () => ({ body: { action: 'NO_TARGET', statement: 'Save the reading. Add no air.', done: true } }) as never,
    )
    await userEvent.type(screen.getByLabelText('Gauge reads'), '20')
    const said = await screen.findByText(/Add no air/)
    expect(said).toHaveTextContent('No target on file.')
    expect(said.closest('[role=status]')).toHaveClass('MuiAlert-colorWarning')
    expect(screen.queryByText(/on target/i)).not.toBeInTheDocument()
    expect(screen.queryByLabelText('Gauge reads after')).not.toBeInTheDocument()
  })

  it('takes its advice away with the figure it was given for', async () => {
    let answered = () => {}
    const later = new Promise<void>((resolve) => {
      answered = resolve
    })
    const calls = fakeServer(async (call) => {
      if ((call.body as { before: string }).before === '80') await later
      return advise(call)
    })
    show(
      <AdjustPosition vehicleId={4} stop={stop} conditions={conditions} gauge={gauge} last={false} onNext={() => {}} />,
    )
    await userEvent.type(screen.getByLabelText('Gauge reads'), '98')
    expect(await screen.findByText('Add 12 psi.')).toBeVisible()
    await userEvent.clear(screen.getByLabelText('Gauge reads'))
    await userEvent.type(screen.getByLabelText('Gauge reads'), '80')
    expect(screen.queryByText('Add 12 psi.')).toBeNull()
    await waitFor(() => expect(calls.at(-1)?.body).toMatchObject({ before: '80' }))
    expect(screen.queryByText('Add 12 psi.')).toBeNull()
    answered()
    expect(await screen.findByText(/Treat it as run flat/)).toBeVisible()
  })

  it('stops at 80%: no second figure is asked for', async () => {
    open()
    await userEvent.type(screen.getByLabelText('Gauge reads'), '86')
    expect(await screen.findByText(/Treat it as run flat/)).toBeVisible()
    expect(screen.queryByLabelText('Gauge reads after')).toBeNull()
  })

  it('keeps what was typed when the page closes, and says what is wrong at its field', async () => {
    open()
    await userEvent.type(screen.getByLabelText('Gauge reads'), 'abc')
    expect(await screen.findByText('“abc” is not a pressure.')).toBeVisible()
    expect(localStorage.getItem('rotagens.round.4.1R')).toContain('abc')
  })

  it('without a connection nothing is lost and it can be tried again', async () => {
    const next = vi.fn()
    let reachable = false
    open(next, (call) => (call.path.endsWith('/advice') || reachable ? advise(call) : 'unreachable'))
    await userEvent.type(screen.getByLabelText('Gauge reads'), '110')
    await userEvent.click(screen.getByRole('button', { name: 'Save and next' }))
    expect(await screen.findByText(/saved on this device/)).toBeVisible()
    expect(next).not.toHaveBeenCalled()
    reachable = true
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }))
    await waitFor(() => expect(next).toHaveBeenCalled())
  })

  it('can be skipped while nothing is entered', async () => {
    const next = vi.fn()
    open(next)
    await userEvent.click(screen.getByRole('button', { name: 'Skip this position' }))
    expect(next).toHaveBeenCalled()
  })
})
