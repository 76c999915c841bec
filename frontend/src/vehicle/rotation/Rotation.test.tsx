import { fireEvent, screen, within } from '@testing-library/react'
import { Outlet, Route, Routes } from 'react-router'
import { describe, expect, it } from 'vitest'
import { type Call, fakeServer } from '../../test/server'
import { show } from '../../test/show'
import { Rotation } from './Rotation'
import { arrangement, bench } from './sample'

const vehicle = { id: 3, unit: 'LC-03', today: '2026-11-23', due: [] }

function page(answer: (call: Call) => unknown = () => undefined, me?: object) {
  const calls = fakeServer((call) => {
    if (call.method === 'GET') return { body: bench }
    const body = call.body as { places?: Record<string, number>; picked?: number }
    return { body: answer(call) ?? { ...arrangement(body.places ?? {}), options: picks(body.picked) } }
  })
  show(
    <Routes>
      <Route element={<Outlet context={{ vehicle, picked: undefined, pick: () => {}, schedule: () => {} }} />}>
        <Route path="*" element={<Rotation />} />
      </Route>
    </Routes>,
    '/',
    me,
  )
  return calls
}

const picks = (picked: number | undefined) =>
  picked === undefined
    ? []
    : bench.positions.map(({ position }) => ({
        position,
        allowed: position.startsWith('2'),
        explanation: position.startsWith('2') ? [] : [`${position}: No retread on steer: Retread on the steer axle`],
      }))

const place = (name: RegExp) => screen.findByRole('button', { name })

describe('the rotation bench', () => {
  it('shows where a picked tire may go, and which rule forbids the other places, before it is put there', async () => {
    page()
    fireEvent.click(await screen.findByRole('button', { name: /^LM2007 retread\s*, from stock/ }))
    expect(await place(/^1L.*Not eligible\s*: 1L: No retread on steer/)).toBeInTheDocument()
    expect(await place(/^2L.*Eligible/)).toBeInTheDocument()
  })

  it('puts a tire by picking it and then its place, scores it, and takes it back', async () => {
    const calls = page()
    fireEvent.click(await place(/^1L\s*LM1\s*stays/))
    fireEvent.click(await place(/^2R\s*LM4/))
    expect(await place(/^2R\s*LM1\s*from 1L/)).toBeInTheDocument()
    expect(await place(/^1L\s*LM4\s*from 2R/)).toBeInTheDocument()
    expect(await screen.findByText('in 14 months')).toBeInTheDocument()
    const last = calls.filter((call) => call.path.endsWith('/evaluation')).at(-1)
    expect(last?.body).toMatchObject({ arrangement: { '1L': 4, '1R': 2, '2L': 3, '2R': 1 } })
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }))
    expect(await place(/^1L\s*LM1\s*stays/)).toBeInTheDocument()
  })

  it('shows nothing of the last answer under another arrangement while that one is judged', async () => {
    let judged = () => {}
    const later = new Promise<void>((resolve) => {
      judged = resolve
    })
    fakeServer(async (call) => {
      if (call.method === 'GET') return { body: bench }
      const { arrangement: places, picked } = call.body as { arrangement: Record<string, number>; picked?: number }
      if (places['1L'] === 4) await later
      return { body: { ...arrangement(places), options: picks(picked) } }
    })
    show(
      <Routes>
        <Route element={<Outlet context={{ vehicle, picked: undefined, pick: () => {}, schedule: () => {} }} />}>
          <Route path="*" element={<Rotation />} />
        </Route>
      </Routes>,
    )
    fireEvent.click(await place(/^1L\s*LM1\s*stays/))
    fireEvent.click(await place(/^2R\s*LM4/))
    expect(await place(/^1L\s*LM4\s*from 2R/)).toBeInTheDocument()
    expect(screen.queryByText('in 14 months')).not.toBeInTheDocument()
    expect(screen.queryByRole('button', { name: 'Keep to compare' })).not.toBeInTheDocument()
    judged()
    expect(await screen.findByText('in 14 months')).toBeInTheDocument()
  })

  it('takes over a proposal, says that it is proven best, and draws and lists its moves', async () => {
    const swapped = { '1L': 2, '1R': 1, '2L': 3, '2R': 4 }
    page((call) => ({
      ...arrangement(
        call.path.endsWith('/proposal') ? swapped : (call.body as { arrangement: Record<string, number> }).arrangement,
      ),
      points: 40,
      optimalityGap: 0,
      lifts: [
        {
          off: ['1L', '1R'],
          jackAt: ['axle 1 left', 'axle 1 right'],
          moves: [{ tireId: 1, tire: 'LM1', from: '1L', to: '1R', how: 'WITH_WHEEL', label: 'with its wheel' }],
        },
      ],
    }))
    fireEvent.click(await screen.findByRole('button', { name: 'Newest on steer' }))
    expect(await screen.findByText('proven best')).toBeInTheDocument()
    expect(screen.getByRole('img', { name: /^Before and after, 1 move/ })).toBeInTheDocument()
    const moves = screen.getByRole('list', { name: 'Moves, in the order of lifting' })
    expect(within(moves).getByText(/LM1: 1L → 1R, with its wheel/)).toBeInTheDocument()
  })

  it('says what is in the way and what would cure it where nothing is legal, and leaves the tires as they are', async () => {
    page((call) =>
      call.path.endsWith('/proposal')
        ? {
            ...arrangement(bench.now.arrangement),
            infeasibility: {
              rules: ['No retread on steer'],
              violations: [
                {
                  positions: ['1L'],
                  rule: 'RETREAD_STEER',
                  title: 'No retread on steer',
                  statement: 'Retread on the steer axle',
                  explanation: 'Take it off.',
                  verdict: 'DO_NOT_OPERATE',
                  overridable: false,
                },
              ],
              remedies: ['Two tires that may run on steer.'],
            },
          }
        : undefined,
    )
    fireEvent.click(await screen.findByRole('button', { name: 'Even wear' }))
    expect(await screen.findByText(/Rules violated: No retread on steer/)).toBeInTheDocument()
    expect(screen.getByText('Two tires that may run on steer.')).toBeInTheDocument()
    expect(await place(/^1L\s*LM1\s*stays/)).toBeInTheDocument()
  })

  it('offers overriding to managers only', async () => {
    page(undefined, { id: 1, name: 'Ines Okafor', role: 'COORDINATOR', active: true, canSignIn: true, units: 'US' })
    await place(/^1L\s*LM1\s*stays/)
    expect(screen.queryByLabelText('Steer age limit')).not.toBeInTheDocument()
  })

  it('finds what to put in place of a tire that is to go, says why, and lays it out', async () => {
    const calls = page((call) =>
      call.path.endsWith('/replacement')
        ? {
            best: {
              arrangement: { ...bench.now.arrangement, '2L': 9 },
              fits: [{ position: '2L', tireId: 9, tire: 'LM2007', matches: ['tread 1/32 in from 2R'] }],
              order: false,
            },
            reason: 'The runner-up would have to be bought; the best lies in stock.',
            rejected: [
              {
                tireId: 10,
                tire: 'LM2008',
                position: '2L',
                title: 'Pattern across the axle',
                statement: 'Orrin D1 here',
              },
            ],
          }
        : undefined,
    )
    const replace = within(await screen.findByRole('region', { name: 'Replace tires' }))
    expect(replace.getByRole('button', { name: 'Find replacements' })).toBeDisabled()
    fireEvent.click(replace.getByLabelText('2L'))
    fireEvent.click(replace.getByRole('button', { name: 'Find replacements' }))
    expect(await replace.findByText(/tread 1\/32 in from 2R/)).toBeInTheDocument()
    expect(replace.getByText(/the best lies in stock/)).toBeInTheDocument()
    expect(replace.getByText(/Pattern across the axle: Orrin D1 here/)).toBeInTheDocument()
    expect(calls.find((call) => call.path.endsWith('/replacement'))?.body).toMatchObject({ positions: ['2L'] })
    fireEvent.click(replace.getByRole('button', { name: 'Show this arrangement: best' }))
    await screen.findByText('Arrangement shown.')
    expect(calls.filter((call) => call.path.endsWith('/evaluation')).at(-1)?.body).toMatchObject({
      arrangement: { '2L': 9 },
    })
  })
})
