import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { PhoneFold } from './PhoneFold'

const onWidth = (phone: boolean) =>
  vi.stubGlobal('matchMedia', (query: string) => ({
    matches: phone && query.includes('max-width'),
    media: query,
    addEventListener: () => {},
    removeEventListener: () => {},
    addListener: () => {},
    removeListener: () => {},
  }))

const part = (wrong = false) => (
  <PhoneFold title="People" about="4" wrong={wrong}>
    <label>
      Who <input />
    </label>
  </PhoneFold>
)

describe('a part of a long page', () => {
  it('lies open at a desk, with nothing to press', () => {
    onWidth(false)
    render(part())
    expect(screen.getByLabelText('Who')).toBeVisible()
    expect(screen.queryByRole('button')).toBeNull()
  })

  it('opens by a tap on a phone, and closes again', async () => {
    onWidth(true)
    render(part())
    expect(screen.getByLabelText('Who')).not.toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: /^People/, expanded: false }))
    expect(screen.getByLabelText('Who')).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: /^People/, expanded: true }))
    expect(screen.getByLabelText('Who')).not.toBeVisible()
  })

  it('keeps no mistake hidden', () => {
    onWidth(true)
    render(part(true))
    expect(screen.getByLabelText('Who')).toBeVisible()
  })
})
