import { render, screen } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { VerdictIcon } from './VerdictIcon'
import { STATES, WORST_FIRST } from './verdicts'

describe('the state glyphs', () => {
  it('differ in shape, so that colour is never needed', () => {
    const shapes = WORST_FIRST.map((state) => {
      const { container, unmount } = render(<VerdictIcon verdict={state} />)
      const shape = container.innerHTML.replace(/#[0-9a-f]{3,6}/gi, '').replace(/aria-label="[^"]*"/, '')
      unmount()
      return shape
    })
    expect(new Set(shapes).size).toBe(WORST_FIRST.length)
  })

  it.each(WORST_FIRST)('says its word to a screen reader: %s', (state) => {
    render(<VerdictIcon verdict={state} />)
    expect(screen.getByRole('img', { name: STATES[state].word })).toBeInTheDocument()
  })
})
