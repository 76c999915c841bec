import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Job } from '../api/client'
import { type Call, fakeServer, problem } from '../test/server'
import { show } from '../test/show'
import { NoticeProvider } from '../ui/Notice'
import { JobTires } from './JobTires'

const job = {
  id: 5,
  vehicleId: 3,
  unit: 'SH-02',
  items: [
    { id: 1, workType: 'REPLACE', label: 'Replace tire', position: '1L', reason: 'worn', requiredResult: ['NEW_TIRE'] },
  ],
} as unknown as Job

const reason = (statement: string, verdict: string) => ({
  verdict,
  rule: 'r',
  statement,
  figure: '',
  limit: '',
  explanation: '',
  authority: '',
  source: '',
})

const option = (part: object) => ({
  source: 'STOCK',
  tireModelId: 4,
  label: 'LM2001, Stowmere 4',
  details: 'DOT 4125, Millrace',
  refusals: [],
  notes: [],
  ...part,
})

const tire = {
  itemId: 1,
  position: '1L',
  options: [
    option({ tireId: 21 }),
    option({ tireId: 22, label: 'LM2002, Stowmere 4', taken: 'Reserved for other work' }),
    option({
      tireId: 23,
      label: 'LM2007, Stowmere 4',
      refusals: [reason('Retread on the steer axle', 'DO_NOT_OPERATE')],
    }),
    option({ source: 'TO_BUY', label: 'Stowmere 5', details: 'to buy' }),
  ],
}

function page(answer: (call: Call) => ReturnType<Parameters<typeof fakeServer>[0]>) {
  const calls = fakeServer((call) => (call.method === 'GET' ? { body: [tire] } : answer(call)))
  show(
    <NoticeProvider>
      <JobTires job={job} may />
    </NoticeProvider>,
  )
  return calls
}

describe('the tires of a job', () => {
  it('says that nobody chose yet, offers what fits, and shows why another one must not go there', async () => {
    const calls = page(() => ({ status: 204, body: undefined }))
    expect(await screen.findByText('a tire nobody has chosen yet')).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Choose tire… for 1L' }))
    const dialog = within(screen.getByRole('dialog', { name: 'Tire for SH-02 1L' }))
    expect(dialog.getByRole('button', { name: /LM2007.*Retread on the steer axle/ })).toBeDisabled()
    expect(dialog.getByRole('button', { name: /LM2002.*Reserved for other work/ })).toBeDisabled()
    expect(dialog.getByRole('button', { name: 'Choose this tire' })).toBeDisabled()
    await userEvent.click(dialog.getByRole('button', { name: /LM2001/ }))
    await userEvent.click(dialog.getByRole('button', { name: 'Choose this tire' }))
    await waitFor(() => expect(calls.find((call) => call.method === 'PUT')?.body).toEqual({ tireId: 21 }))
    expect(await screen.findByText('SH-02 1L gets LM2001, Stowmere 4.')).toBeVisible()
  })

  it('says why the choice was refused, and keeps the dialog', async () => {
    page(() => problem(422, { tire: 'This tire is reserved for other work. Choose another.' }))
    await userEvent.click(await screen.findByRole('button', { name: 'Choose tire… for 1L' }))
    await userEvent.click(screen.getByRole('button', { name: /Stowmere 5/ }))
    await userEvent.click(screen.getByRole('button', { name: 'Choose this tire' }))
    expect(await screen.findByText(/reserved for other work/)).toBeVisible()
  })
})
