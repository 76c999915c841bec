import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '../../api/client'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { ReceiveDialog } from './ReceiveDialog'

const line: Schemas['OrderLineView'] = {
  id: 5,
  tireModelId: 2,
  model: 'Corvane Tessaly C2',
  sidewall: '275/70R22.5 148/145M H',
  quantity: 2,
  accepted: 0,
  deliveries: [],
  checklists: [],
}
const order: Schemas['OrderView'] = {
  id: 1,
  supplier: 'Kettlewell',
  day: '2026-11-08',
  yard: 'Eastbank',
  note: '',
  by: 'Ines Okafor',
  lines: [line],
}
const old = {
  verdict: 'SERVICE_DUE',
  rule: 'Age on delivery',
  statement: 'Made in week 10 of 2025, 20 months ago',
  figure: '20 months',
  limit: '12 months',
  explanation: 'Accept it by name, or send it back.',
  authority: 'default',
  source: 'fleet policy',
}

describe('receiving a delivery', () => {
  it('says what is as ordered, makes a difference be decided by name, and sends the decision', async () => {
    const calls = fakeServer(({ path, body }) => {
      const code = (body as { tires?: { dotCode: string }[]; text?: string } | undefined)?.tires?.[0]?.dotCode ?? ''
      if (path.endsWith('/check')) {
        return { body: { tires: [{ differences: code.endsWith('1025') ? [old] : [], notes: [], label: [] }] } }
      }
      if (path === '/api/orders/receiving-steps') {
        const step = (step: string, title: string, byFigures: boolean) => ({
          step,
          title,
          does: '',
          byFigures,
          mayBeLeftOut: !byFigures,
        })
        return {
          body: [
            step('COUNT', 'Count them', true),
            step('UNLOAD', 'Look at each', false),
            step('STORE', 'Store them', false),
          ],
        }
      }
      if (path === '/api/parse/dot-code') {
        return { body: { molded: 'x', weekStart: '2025-03-09', ageYears: 1.7, parts: [], notes: [], sameCode: [] } }
      }
      if (path.endsWith('/deliveries')) {
        const decided = (body as { tires: { accepted?: boolean }[] }).tires.some((tire) => tire.accepted !== undefined)
        return decided
          ? { body: { tireIds: [8, 9], refused: 0, notes: [] } }
          : problem(422, {
              'tires[1].dotCode': 'The tire differs from the order. Accept it with your name, or refuse it.',
            })
      }
      return { body: [] }
    })
    show(<ReceiveDialog order={order} line={line} onClose={() => {}} />)
    await userEvent.type(await screen.findByLabelText('Tires that came'), '2')
    await userEvent.click(screen.getByRole('checkbox', { name: 'Done: Look at each' }))
    await userEvent.type(screen.getByLabelText('Or reason for skipping: store them'), 'fitted today')
    await userEvent.type(screen.getByLabelText('DOT code of tire 1'), '3CT2AB123426')
    expect(await screen.findByText('As ordered.')).toBeVisible()
    await userEvent.type(screen.getByLabelText('DOT code of tire 2'), '3CT2AB121025')
    expect(await screen.findByText(/20 months ago/)).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Receive 2' }))
    expect(await screen.findByText(/The tire differs from the order/)).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Accept as Rafe Halloran' }))
    await userEvent.click(screen.getByRole('button', { name: 'Receive 2' }))
    await screen.findByLabelText('DOT code of tire 1')
    const sent = calls.filter((call) => call.path.endsWith('/deliveries')).at(-1)?.body as { tires: object[] }
    expect(sent.tires[0]).not.toHaveProperty('accepted')
    expect(sent.tires[1]).toMatchObject({ accepted: true })
    expect(sent).toMatchObject({
      counted: '2',
      steps: [
        { step: 'UNLOAD', done: true },
        { step: 'STORE', done: false, reason: 'fitted today' },
      ],
    })
  })
})
