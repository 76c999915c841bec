import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it, vi } from 'vitest'
import { show } from '../../test/show'
import { PlanStrip } from './PlanStrip'

it('has a block for every tire that says its place, depth and state, and can be picked', async () => {
  const onPick = vi.fn()
  show(
    <PlanStrip
      plan={{
        axles: [
          { number: 1, role: 'STEER', dual: false, target: '110 psi' },
          { number: 2, role: 'DRIVE', dual: true },
        ],
        spares: 1,
        tires: [
          {
            position: '1L',
            name: 'steer left',
            verdict: 'DO_NOT_OPERATE',
            headline: 'Bulge',
            tread: { outer: 0.5, center: 0.4, inner: 0.5, pull: 0.2, lowest: '9/32 in' },
          },
          { position: '1R', name: 'steer right', verdict: 'GOOD' },
          ...['2LO', '2LI', '2RI', '2RO'].map((position) => ({ position, name: position, verdict: 'GOOD' as const })),
          { position: 'S1', name: 'spare', verdict: 'UNKNOWN' },
        ],
      }}
      picked="1R"
      onPick={onPick}
    />,
  )
  expect(screen.getAllByRole('button').map((one) => /^[0-9S][A-Z0-9]*?(?=\d+\/|–)/.exec(one.textContent)?.[0])).toEqual(
    ['1L', '1R', '2LO', '2LI', '2RI', '2RO', 'S1'],
  )
  expect(screen.getByText('no target')).toBeVisible()
  expect(screen.getByRole('button', { name: /^1R/ })).toHaveAttribute('aria-pressed', 'true')
  await userEvent.click(screen.getByRole('button', { name: /^1L\s*9\/32\s*steer left: Bulge$/ }))
  expect(onPick).toHaveBeenCalledWith('1L')
})
