import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import type { DueLine } from '../api/client'
import { fakeServer, problem } from '../test/server'
import { show } from '../test/show'
import { PostponeDialog } from './PostponeDialog'

const line = {
  key: 'ROTATE:-',
  vehicleId: 4,
  unit: 'VN-01',
  positions: ['1L'],
  label: 'Rotate',
  reason: { statement: '12 months since the last rotation' },
  consequence: 'Wear drifts apart.',
} as unknown as DueLine

describe('leaving due work for now', () => {
  it('says first what waiting brings, and sends day and reason', async () => {
    const calls = fakeServer(() => ({ status: 204, body: undefined }))
    const close = vi.fn()
    show(<PostponeDialog line={line} onClose={close} />)
    expect(screen.getByRole('dialog')).toHaveTextContent('Waiting means: Wear drifts apart.')
    await userEvent.type(screen.getByLabelText('Until'), '2026-12-10')
    await userEvent.type(screen.getByLabelText('Reason'), 'sold in December')
    await userEvent.click(screen.getByRole('button', { name: 'Postpone' }))
    await waitFor(() => expect(close).toHaveBeenCalled())
    expect(calls[0]?.path).toBe('/api/vehicles/4/postponements')
    expect(calls[0]?.body).toEqual({ key: 'ROTATE:-', reason: 'sold in December', until: '2026-12-10' })
  })

  it('keeps what was typed and says at its field what is missing', async () => {
    fakeServer(() => problem(422, { until: 'Until when?', reason: 'Enter why it can wait.' }))
    const close = vi.fn()
    show(<PostponeDialog line={line} onClose={close} />)
    await userEvent.type(screen.getByLabelText('Reason'), 'x')
    await userEvent.click(screen.getByRole('button', { name: 'Postpone' }))
    expect(await screen.findByText('Until when?')).toBeVisible()
    expect(screen.getByText('Enter why it can wait.')).toBeVisible()
    expect(screen.getByLabelText('Reason')).toHaveValue('x')
    expect(close).not.toHaveBeenCalled()
  })
})
