import { act, fireEvent, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { describe, expect, it, vi } from 'vitest'
import { EMPTY } from '../../offline/draft'
import { uploadQueue } from '../../offline/uploadQueue'
import { type Call, fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { entryOf, FIT, stop, walk } from '../../test/walk'
import { PositionForm } from './PositionForm'

const saved = (call: Call, version: number) => ({ body: { entry: entryOf(call.body, version), assessment: FIT } })

const findings = {
  body: [
    { finding: 'BULGE', where: 'SIDEWALL', label: 'Bulge', verdict: 'DO_NOT_OPERATE', explanation: '' },
    { finding: 'CAP_MISSING', where: 'VALVE', label: 'Valve cap missing', verdict: 'WATCH', explanation: '' },
  ],
}

async function open(answer: (call: Call, saves: number) => ReturnType<typeof problem>) {
  let saves = 0
  const calls = fakeServer((call) => {
    if (call.path === '/api/findings') return findings
    if (call.path === '/api/gauges') return { body: gauges }
    saves += 1
    return answer(call, saves)
  })
  await uploadQueue.keepSheet(walk, 'US')
  const onNext = vi.fn()
  show(
    <PositionForm
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

/** A device so slow that the next position's form comes long after the Enter that asked for it. */
function Slow() {
  const [asked, setAsked] = useState(false)
  const [at, setAt] = useState(0)
  const position = ['2LO', '2LI', '2RI'][at] ?? ''
  return (
    <>
      <PositionForm
        key={at}
        walk={walk}
        stop={{ ...stop, position }}
        flush={{ current: async () => {} }}
        onNext={() => setAsked(true)}
        onBack={undefined}
        last={false}
      />
      {asked && (
        <button
          type="button"
          onClick={() => {
            setAsked(false)
            setAt(at + 1)
          }}
        >
          the form comes
        </button>
      )}
    </>
  )
}

const gauges = [
  { id: 4, name: 'P-1', type: 'PRESSURE', retired: false },
  { id: 5, name: 'T-1', type: 'TREAD', retired: false },
]

describe('one position of a walk-around', () => {
  it('saves what was typed after a pause, once, with the version it saw', async () => {
    const { puts } = await open(saved)
    // Both keys in one breath: typed key by key, a slow machine could make its own pause between them.
    const field = screen.getByLabelText('Tire pressure')
    fireEvent.change(field, { target: { value: '9' } })
    fireEvent.change(field, { target: { value: '94' } })
    expect(await screen.findByText('saved')).toBeInTheDocument()
    expect(puts()).toHaveLength(1)
    expect(puts()[0]?.body).toMatchObject({ pressure: '94', thermalState: 'COLD' })
    expect(puts()[0]?.headers.get('If-Match')).toBe('"0"')
    expect(uploadQueue.entry(3, '2LO')).toBeUndefined()
  })

  it('marks a wrong figure at its field and saves the rest', async () => {
    const { puts } = await open((call, saves) =>
      (call.body as { outer: string }).outer === '99'
        ? problem(422, { outer: '99/32 in is no tread depth.' })
        : saved(call, saves),
    )
    await userEvent.type(screen.getByLabelText('Tire pressure'), '94')
    await userEvent.type(screen.getByLabelText('Tread outer'), '99')
    expect(await screen.findByText('99/32 in is no tread depth.')).toBeInTheDocument()
    await waitFor(() => expect(puts().at(-1)?.body).toMatchObject({ pressure: '94', outer: '' }))
    expect(screen.getByLabelText('Tread outer')).toHaveValue('99')
    expect(uploadQueue.entry(3, '2LO')?.draft.outer).toBe('99')
  })

  it('keeps what was typed on the device while the server can’t be reached, and sends it again', async () => {
    let there = false
    await open((call) => (there ? saved(call, 1) : 'unreachable'))
    await userEvent.type(screen.getByLabelText('Tire pressure'), '94')
    expect(await screen.findByText('saved on this device')).toBeInTheDocument()
    expect(uploadQueue.entry(3, '2LO')?.draft.pressure).toBe('94')
    expect(screen.getByRole('heading', { name: '2LO good, provisional' })).toBeVisible()
    there = true
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }))
    expect(await screen.findByText('saved')).toBeInTheDocument()
  })

  it('sends on opening what an earlier visit could not', async () => {
    await uploadQueue.keep(3, '2LO', { ...EMPTY, pressure: '93' }, 'US')
    const { puts } = await open(saved)
    expect(await screen.findByText('saved')).toBeInTheDocument()
    expect(puts()[0]?.body).toMatchObject({ pressure: '93' })
  })

  it('shows both where somebody else saved meanwhile, and lets either stand', async () => {
    const theirs = { ...entryOf({ pressure: '88 psi' }, 4), by: 'Tomas Weil' }
    const { puts } = await open((call, saves) => (saves === 1 ? problem(412, {}, theirs) : saved(call, 5)))
    await userEvent.type(screen.getByLabelText('Tire pressure'), '94')
    expect(await screen.findByText('Tomas Weil saved this position meanwhile:')).toBeInTheDocument()
    expect(screen.getByLabelText('Tire pressure')).toHaveValue('94')
    await userEvent.click(screen.getByRole('button', { name: 'Use your version' }))
    expect(await screen.findByText('saved')).toBeInTheDocument()
    expect(puts().at(-1)?.headers.get('If-Match')).toBe('"4"')
  })

  it('goes from field to field with Enter, and from the last to the next position', async () => {
    const { onNext } = await open(saved)
    await userEvent.click(screen.getByLabelText('Tire pressure'))
    await userEvent.keyboard('94{Enter}9{Enter}9{Enter}8{Enter}')
    expect(screen.getByLabelText('Tread inner')).toHaveValue('8')
    expect(onNext).toHaveBeenCalledOnce()
  })

  it('keeps what is typed before the next form is there for that position, and out of the one left', async () => {
    const calls = fakeServer((call) =>
      call.path === '/api/findings' ? findings : call.path === '/api/gauges' ? { body: gauges } : saved(call, 1),
    )
    await uploadQueue.keepSheet(walk, 'US')
    show(<Slow />)
    await userEvent.click(screen.getByLabelText('Tread inner'))
    await userEvent.keyboard('8{Enter}')
    await userEvent.keyboard('95{Backspace}4{Enter}9{Enter}8{Enter}7{Enter}88{Enter}6')
    expect(screen.getByLabelText('Tread inner')).toHaveValue('8')
    expect(screen.getByLabelText('Tire pressure')).toHaveValue('')
    await userEvent.click(screen.getByRole('button', { name: 'the form comes' }))
    expect(screen.getByRole('heading', { name: /^2LI drive/ })).toBeVisible()
    await waitFor(() => expect(screen.getByLabelText('Tread inner')).toHaveValue('7'))
    await userEvent.click(await screen.findByRole('button', { name: 'the form comes' }))
    expect(screen.getByRole('heading', { name: /^2RI drive/ })).toBeVisible()
    await waitFor(() => expect(screen.getByLabelText('Tread outer')).toHaveValue('6'))
    expect(screen.getByLabelText('Tread outer')).toHaveFocus()
    const stored = (position: string) =>
      calls.filter((call) => call.method === 'PUT' && call.path.endsWith(`/${position}`)).at(-1)?.body
    await waitFor(() => expect(stored('2RI')).toMatchObject({ pressure: '88', outer: '6', center: '', inner: '' }))
    expect(stored('2LI')).toMatchObject({ pressure: '94', outer: '9', center: '8', inner: '7' })
    expect(stored('2LO')).toMatchObject({ pressure: '', outer: '', center: '', inner: '8' })
  })

  it('asks about a figure far from the last, keeps the rest, and takes it once it is right as read', async () => {
    const { puts } = await open((call) => {
      const body = call.body as { confirmed: string[] }
      return body.confirmed.includes('pressure')
        ? saved(call, 1)
        : {
            status: 422,
            body: {
              type: 'about:blank',
              title: 'Check the marked entries',
              status: 422,
              detail: '',
              fields: [{ field: 'pressure', message: '61 psi, last read 94 psi: is it right as read?', check: true }],
            },
          }
    })
    fireEvent.change(screen.getByLabelText('Tire pressure'), { target: { value: '61' } })
    await userEvent.click(await screen.findByRole('button', { name: 'Confirm reading' }))
    expect(await screen.findByText('saved')).toBeInTheDocument()
    expect(puts().at(-1)?.body).toMatchObject({ pressure: '61', confirmed: ['pressure'] })
    fireEvent.change(screen.getByLabelText('Tire pressure'), { target: { value: '60' } })
    expect(await screen.findByRole('button', { name: 'Confirm reading' })).toBeVisible()
  })

  it('asks out of reach of the server, too, before the tire is left', async () => {
    const { onNext } = await open(() => 'unreachable')
    fireEvent.change(screen.getByLabelText('Tire pressure'), { target: { value: '61' } })
    await userEvent.click(screen.getByLabelText('Tread inner'))
    await userEvent.keyboard('8{Enter}')
    expect(onNext).not.toHaveBeenCalled()
    expect(screen.getByText(/61 psi differs too much from the last reading, 94 psi/)).toBeVisible()
    const answer = screen.getByRole('button', { name: 'Confirm reading' })
    await userEvent.keyboard('95{Enter}8{Enter}')
    expect(answer, 'keys typed ahead never answer').toBeVisible()
    expect(screen.getByLabelText('Tire pressure')).toHaveValue('61')
    await userEvent.tab()
    expect(answer).toHaveFocus()
    await userEvent.keyboard('{Enter}')
    expect(answer).not.toBeVisible()
    await userEvent.click(screen.getByLabelText('Tread inner'))
    await userEvent.keyboard('{Enter}')
    expect(onNext).toHaveBeenCalled()
  })

  it('takes the DOT code where none is on file, as read', async () => {
    const { dot: _, ...bare } = stop
    const calls = fakeServer((call) =>
      call.path === '/api/findings' ? findings : call.path === '/api/gauges' ? { body: gauges } : saved(call, 1),
    )
    await uploadQueue.keepSheet(walk, 'US')
    show(
      <PositionForm
        walk={walk}
        stop={bare}
        flush={{ current: async () => {} }}
        onNext={() => {}}
        onBack={undefined}
        last={false}
      />,
    )
    fireEvent.change(screen.getByLabelText('DOT code, not on file'), { target: { value: '?421' } })
    await waitFor(() =>
      expect(calls.filter((call) => call.method === 'PUT').at(-1)?.body).toMatchObject({ dotCode: '?421' }),
    )
  })

  it('takes findings, and puts right what was open from before', async () => {
    const { puts } = await open(saved)
    const outer = within(await screen.findByRole('group', { name: 'Outer sidewall' }))
    await userEvent.click(await outer.findByRole('button', { name: 'Bulge' }))
    await userEvent.click(screen.getByRole('button', { name: 'Fixed now' }))
    await waitFor(() => expect(puts().at(-1)?.body).toMatchObject({ findings: ['BULGE'], fixed: ['CAP_MISSING'] }))
    expect(screen.queryByRole('button', { name: 'Valve cap missing' })).not.toBeInTheDocument()
  })

  it('takes depths at several places and grooves, and goes back to one place with what was typed', async () => {
    const { puts } = await open(saved)
    await userEvent.type(screen.getByLabelText('Tread outer'), '9')
    await userEvent.click(screen.getByRole('button', { name: 'Measure more locations…' }))
    expect(screen.getByLabelText('1: outer')).toHaveValue('9')
    await userEvent.type(screen.getByLabelText('2: inner'), '6')
    await userEvent.click(screen.getByRole('button', { name: 'One more groove' }))
    expect(screen.getByLabelText('1: groove 2')).toBeInTheDocument()
    await userEvent.click(screen.getByRole('button', { name: 'Add location' }))
    expect(screen.getByLabelText('3: outer')).toBeInTheDocument()
    await waitFor(() =>
      expect(puts().at(-1)?.body).toMatchObject({
        locations: [
          ['9', '', '', ''],
          ['', '', '6', ''],
          ['', '', '', ''],
        ],
      }),
    )
    await userEvent.click(screen.getByRole('button', { name: 'Use one location' }))
    expect(screen.getByLabelText('Tread outer')).toHaveValue('9')
  })

  it('marks the very place and groove that is wrong', async () => {
    await open(() => problem(422, { 'locations.1.2': '“x” is not a tread depth.' }))
    await userEvent.click(screen.getByRole('button', { name: 'Measure more locations…' }))
    await userEvent.type(screen.getByLabelText('2: inner'), 'x')
    expect(await screen.findByText('“x” is not a tread depth.')).toBeVisible()
    expect(screen.getByLabelText('2: inner')).toBeInvalid()
    expect(screen.getByLabelText('1: inner')).toBeValid()
  })

  it('takes bar or coin where no gauge is at hand, and says which gauge read a figure', async () => {
    localStorage.setItem('rotagens.gauge.PRESSURE', '4')
    const { puts } = await open(saved)
    await userEvent.click(await screen.findByRole('button', { name: /bar or coin/ }))
    await userEvent.click(screen.getByRole('button', { name: '2/32 or less' }))
    fireEvent.change(screen.getByLabelText('Tire pressure'), { target: { value: '94' } })
    await waitFor(() =>
      expect(puts().at(-1)?.body).toMatchObject({ treadInterval: 'AT_OR_BELOW_2', pressure: '94', pressureGauge: 4 }),
    )
  })

  it('tells the sidewalls apart, and which way the DOT code faces', async () => {
    const { puts } = await open(saved)
    const inner = within(await screen.findByRole('group', { name: 'Inner sidewall' }))
    await userEvent.click(await inner.findByRole('button', { name: 'Bulge' }))
    await userEvent.click(screen.getByRole('button', { name: 'in' }))
    await waitFor(() =>
      expect(puts().at(-1)?.body).toMatchObject({ findings: [], innerSidewallFindings: ['BULGE'], dotSide: 'IN' }),
    )
  })

  it('leaves a position out with a reason, and no figures beside it', async () => {
    const { puts } = await open(saved)
    await userEvent.click(screen.getByRole('button', { name: 'Skip position…' }))
    await userEvent.click(screen.getByRole('button', { name: 'Wheel removed' }))
    await waitFor(() => expect(puts().at(-1)?.body).toMatchObject({ skipReason: 'Wheel removed', pressure: '' }))
  })

  it('counts a look with nothing found as an entry', async () => {
    const { puts } = await open(saved)
    await userEvent.click(screen.getByRole('button', { name: 'Looked at, nothing found' }))
    expect(await screen.findByText('saved')).toBeInTheDocument()
    expect(puts().at(-1)?.body).toMatchObject({ findings: [], skipReason: '' })
  })

  it('follows what somebody else saved while nothing of one’s own stands there', async () => {
    await open(saved)
    const theirs = { ...entryOf({ pressure: '88 psi' }, 3), by: 'Tomas Weil' }
    await act(() => uploadQueue.keepSheet({ ...walk, positions: [{ ...stop, entry: theirs }] }, 'US'))
    expect(screen.getByLabelText('Tire pressure')).toHaveValue('88')
  })
})
