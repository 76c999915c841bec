import { fireEvent, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Schemas } from '../../api/client'
import { type Call, fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { StopForm } from './StopForm'

const FIT = { verdict: 'FIT' as const, reasons: [] }

const stop: Schemas['Stop'] = {
  position: '2LO',
  name: 'drive left outer',
  tire: 'Corvane Tessaly C2',
  size: '275/70R22.5',
  dot: '0821',
  target: '95 psi',
  legal: '2/32 in',
  pull: '3/32 in',
  open: [
    { finding: 'CAP_MISSING', words: 'Valve cap missing', on: '2026-11-01', by: 'Tomas Weil', canBePutRightHere: true },
  ],
  standing: 'FIT',
  judgement: FIT,
}

const walk: Schemas['WalkRound'] = {
  id: 7,
  vehicleId: 3,
  unit: 'LC-03',
  description: 'Clinic coach',
  startedAt: '2026-11-23T15:00:00Z',
  startedBy: 'Rafe Halloran',
  stops: [stop],
}

const saved = (call: Call, version: number) => ({
  body: {
    entry: { version, by: 'Rafe Halloran', savedAt: '2026-11-23T15:01:00Z', ...(call.body as object) },
    judgement: FIT,
  },
})

const findings = {
  body: [
    { finding: 'BULGE', where: 'SIDEWALL', words: 'Bulge', verdict: 'DO_NOT_OPERATE', because: '' },
    { finding: 'CAP_MISSING', where: 'VALVE', words: 'Valve cap missing', verdict: 'WATCH', because: '' },
  ],
}

function open(answer: (call: Call, saves: number) => ReturnType<typeof problem>) {
  let saves = 0
  const calls = fakeServer((call) => {
    if (call.path === '/api/findings') return findings
    saves += 1
    return answer(call, saves)
  })
  const onNext = vi.fn()
  show(
    <StopForm
      walk={walk}
      stop={stop}
      flush={{ current: async () => {} }}
      onNext={onNext}
      onBack={undefined}
      last={false}
    />,
  )
  return { puts: () => calls.filter((call) => call.method === 'PUT'), onNext }
}

beforeEach(() => {
  localStorage.clear()
})

describe('one position of a walk-round', () => {
  it('saves what was typed after a pause, once, with the version it saw', async () => {
    const { puts } = open(saved)
    // Both keys in one breath: typed key by key, a slow machine could make its own pause between them.
    const field = screen.getByLabelText('Tire pressure')
    fireEvent.change(field, { target: { value: '9' } })
    fireEvent.change(field, { target: { value: '94' } })
    expect(await screen.findByText('saved')).toBeInTheDocument()
    expect(puts()).toHaveLength(1)
    expect(puts()[0]?.body).toMatchObject({ pressure: '94', warmth: 'COLD' })
    expect(puts()[0]?.headers.get('If-Match')).toBe('"0"')
    expect(localStorage.getItem('rotagens.draft.7.2LO')).toBeNull()
  })

  it('marks a wrong figure at its field and saves the rest', async () => {
    const { puts } = open((call, saves) =>
      (call.body as { outer: string }).outer === '99'
        ? problem(422, { outer: '99/32 in is no tread depth.' })
        : saved(call, saves),
    )
    await userEvent.type(screen.getByLabelText('Tire pressure'), '94')
    await userEvent.type(screen.getByLabelText('Tread outer'), '99')
    expect(await screen.findByText('99/32 in is no tread depth.')).toBeInTheDocument()
    await waitFor(() => expect(puts().at(-1)?.body).toMatchObject({ pressure: '94', outer: '' }))
    expect(screen.getByLabelText('Tread outer')).toHaveValue('99')
    expect(localStorage.getItem('rotagens.draft.7.2LO')).toContain('"outer":"99"')
  })

  it('keeps what was typed on the device while the server can’t be reached, and sends it again', async () => {
    let there = false
    open((call) => (there ? saved(call, 1) : 'unreachable'))
    await userEvent.type(screen.getByLabelText('Tire pressure'), '94')
    expect(await screen.findByText('kept on this device')).toBeInTheDocument()
    expect(localStorage.getItem('rotagens.draft.7.2LO')).toContain('"pressure":"94"')
    there = true
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }))
    expect(await screen.findByText('saved')).toBeInTheDocument()
  })

  it('sends on opening what an earlier visit could not', async () => {
    localStorage.setItem(
      'rotagens.draft.7.2LO',
      JSON.stringify({ pressure: '93', warmth: 'COLD', outer: '', center: '', inner: '', findings: [], putRight: [] }),
    )
    const { puts } = open(saved)
    expect(await screen.findByText('saved')).toBeInTheDocument()
    expect(puts()[0]?.body).toMatchObject({ pressure: '93' })
  })

  it('shows both where somebody else saved meanwhile, and lets either stand', async () => {
    const theirs = {
      version: 4,
      by: 'Tomas Weil',
      savedAt: '',
      pressure: '88 psi',
      warmth: 'COLD',
      outer: '',
      center: '',
      inner: '',
      findings: [],
      putRight: [],
    }
    const { puts } = open((call, saves) => (saves === 1 ? problem(412, {}, theirs) : saved(call, 5)))
    await userEvent.type(screen.getByLabelText('Tire pressure'), '94')
    expect(await screen.findByText('Tomas Weil saved this position meanwhile:')).toBeInTheDocument()
    expect(screen.getByLabelText('Tire pressure')).toHaveValue('94')
    await userEvent.click(screen.getByRole('button', { name: 'Save mine' }))
    expect(await screen.findByText('saved')).toBeInTheDocument()
    expect(puts().at(-1)?.headers.get('If-Match')).toBe('"4"')
  })

  it('goes from field to field with Enter, and from the last to the next position', async () => {
    const { onNext } = open(saved)
    await userEvent.click(screen.getByLabelText('Tire pressure'))
    await userEvent.keyboard('94{Enter}9{Enter}9{Enter}8{Enter}')
    expect(screen.getByLabelText('Tread inner')).toHaveValue('8')
    expect(onNext).toHaveBeenCalledOnce()
  })

  it('takes findings, and puts right what was open from before', async () => {
    const { puts } = open(saved)
    await userEvent.click(await screen.findByRole('button', { name: 'Bulge' }))
    await userEvent.click(screen.getByRole('button', { name: 'Put right now' }))
    await waitFor(() => expect(puts().at(-1)?.body).toMatchObject({ findings: ['BULGE'], putRight: ['CAP_MISSING'] }))
    expect(screen.queryByRole('button', { name: 'Valve cap missing' })).not.toBeInTheDocument()
  })

  it('takes depths at several places and grooves, and goes back to one place with what was typed', async () => {
    const { puts } = open(saved)
    await userEvent.type(screen.getByLabelText('Tread outer'), '9')
    await userEvent.click(screen.getByRole('button', { name: 'More places round the tire…' }))
    expect(screen.getByLabelText('1: outer')).toHaveValue('9')
    await userEvent.type(screen.getByLabelText('2: inner'), '6')
    await userEvent.click(screen.getByRole('button', { name: 'One more groove' }))
    expect(screen.getByLabelText('1: groove 2')).toBeInTheDocument()
    await userEvent.click(screen.getByRole('button', { name: 'Another place' }))
    expect(screen.getByLabelText('3: outer')).toBeInTheDocument()
    await waitFor(() =>
      expect(puts().at(-1)?.body).toMatchObject({
        places: [
          ['9', '', '', ''],
          ['', '', '6', ''],
          ['', '', '', ''],
        ],
      }),
    )
    await userEvent.click(screen.getByRole('button', { name: 'One place is enough' }))
    expect(screen.getByLabelText('Tread outer')).toHaveValue('9')
  })

  it('marks the very place and groove that is wrong', async () => {
    open(() => problem(422, { 'places.1.2': '“x” is not a tread depth.' }))
    await userEvent.click(screen.getByRole('button', { name: 'More places round the tire…' }))
    await userEvent.type(screen.getByLabelText('2: inner'), 'x')
    expect(await screen.findByText('“x” is not a tread depth.')).toBeVisible()
    expect(screen.getByLabelText('2: inner')).toBeInvalid()
    expect(screen.getByLabelText('1: inner')).toBeValid()
  })
})
