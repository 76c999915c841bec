import { render, screen } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { Dimmed } from './Dimmed'

const target = (when: boolean) => (
  <Dimmed when={when}>
    <button type="button">Fill to 110 psi</button>
  </Dimmed>
)

describe('an answer to what was asked before', () => {
  it('is pale and can’t be used while the next one is on its way, and as usual after', () => {
    const { rerender } = render(target(true))
    const part = screen.getByText('Fill to 110 psi').parentElement
    expect(part).toHaveAttribute('inert')
    expect(part).toHaveAttribute('aria-busy', 'true')
    rerender(target(false))
    expect(part).not.toHaveAttribute('inert')
    expect(part).toHaveAttribute('aria-busy', 'false')
  })
})
