import { fireEvent, screen } from '@testing-library/react'
import { Route, Routes } from 'react-router'
import { describe, expect, it } from 'vitest'
import { fakeServer, problem } from '../../test/server'
import { show } from '../../test/show'
import { EvidencePack } from './EvidencePack'

const pack = {
  vehicleId: 3,
  unit: 'LC-01',
  description: 'Clinic coach',
  yard: 'Eastbank',
  from: '2025-11-23',
  to: '2026-11-23',
  asOf: '2026-11-23',
  units: 'US',
  checksum: 'ab12',
  sections: [
    { code: 'TIRES', title: 'Tires and verdicts', heads: ['Position', 'Tire'], rows: [['1L', 'Corvane Tessaly C2']] },
    { code: 'BEAD_GAPS', title: 'Bead gaps, every try', heads: ['Day'], rows: [] },
  ],
}

const page = (answer: Parameters<typeof fakeServer>[0]) => {
  const calls = fakeServer(answer)
  show(
    <Routes>
      <Route path="/vehicles/:id/evidence" element={<EvidencePack />} />
    </Routes>,
    '/vehicles/3/evidence',
  )
  return calls
}

describe('the evidence pack', () => {
  it('shows what is on record, says where there is nothing, and leads to its PDF and JSON of the same span', async () => {
    const calls = page(() => ({ body: pack }))
    expect(await screen.findByText('Corvane Tessaly C2')).toBeVisible()
    expect(screen.getByText('none on record')).toBeVisible()
    expect(screen.getByText('ab12')).toBeVisible()
    fireEvent.change(screen.getByLabelText('From'), { target: { value: '2026-11-01' } })
    expect(await screen.findByRole('link', { name: 'Open the PDF' })).toHaveAttribute(
      'href',
      '/api/vehicles/3/evidence.pdf?from=2026-11-01&units=US',
    )
    expect(calls.some((call) => call.path.includes('from=2026-11-01') || call.path.endsWith('/evidence'))).toBe(true)
  })

  it('says at its field what is wrong with the span', async () => {
    page(() => problem(422, { from: 'The first day is after the last. Check both.' }))
    expect(await screen.findByText(/after the last/)).toBeVisible()
  })
})
