import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { describe, expect, it, vi } from 'vitest'
import { fakeServer, problem } from '../test/server'
import { show } from '../test/show'
import { DotEntry } from './DotEntry'

function Field() {
  const [code, setCode] = useState('')
  return <DotEntry label="DOT code" value={code} onChange={setCode} />
}

const read = {
  molded: 'AB4MXYR0821',
  weekStart: '2021-02-21',
  ageYears: 5.7,
  parts: [
    { letters: 'AB', meaning: 'plant that made it' },
    { letters: '4M', meaning: 'manufacturer’s code for the size' },
    { letters: '0821', meaning: 'week and year' },
  ],
  notes: ['On file already.'],
  sameCode: [4],
}

describe('a DOT code while it is typed', () => {
  it('is taken apart, with week, age and what is odd about it', async () => {
    const calls = fakeServer(() => ({ body: read }))
    show(<Field />)
    await userEvent.type(screen.getByLabelText('DOT code'), 'AB4M XYR 0821')
    expect(await screen.findByText(/Week of Feb 21, 2021/)).toHaveTextContent('5.7 y old')
    expect(screen.getByText('plant that made it', { exact: false })).toBeVisible()
    expect(screen.getByText('On file already.')).toBeVisible()
    expect(calls.length).toBeLessThan(4)
  })

  it('says at the field that the other sidewall carries the date', async () => {
    fakeServer(() => problem(422, { text: 'This code carries no date. Read the other sidewall.' }))
    show(<Field />)
    await userEvent.type(screen.getByLabelText('DOT code'), 'AB4MXYRM')
    expect(await screen.findByText(/Read the other sidewall/)).toBeVisible()
    expect(screen.queryByText(/Week of/)).not.toBeInTheDocument()
  })

  it('asks only when there is something to judge, and for the code as it then stands', async () => {
    const calls = fakeServer(() => ({ body: read }))
    vi.useFakeTimers({ shouldAdvanceTime: true })
    const user = userEvent.setup({ advanceTimers: vi.advanceTimersByTime })
    show(<Field />)
    await user.type(screen.getByLabelText('DOT code'), 'AB')
    await vi.advanceTimersByTimeAsync(2_000)
    expect(calls).toHaveLength(0)
    await user.type(screen.getByLabelText('DOT code'), '4M')
    await screen.findByText(/Week of/)
    vi.useRealTimers()
    expect(calls.map((call) => (call.body as { text: string }).text)).toEqual(['AB4M'])
  })
})
