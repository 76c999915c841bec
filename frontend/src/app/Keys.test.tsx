import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { show } from '../test/show'
import { Keys } from './Keys'

describe('the list of keys', () => {
  it('opens on ?, but not while somebody types one', async () => {
    show(
      <>
        <input aria-label="note" />
        <Keys />
      </>,
    )
    await userEvent.type(screen.getByLabelText('note'), 'flat?')
    expect(screen.queryByRole('dialog')).not.toBeInTheDocument()
    ;(document.activeElement as HTMLElement).blur()
    await userEvent.keyboard('?')
    expect(await screen.findByRole('dialog', { name: 'Keys' })).toHaveTextContent('Ctrl K')
    await userEvent.keyboard('{Escape}')
    await vi.waitFor(() => expect(screen.queryByRole('table')).not.toBeInTheDocument())
  })
})
