import { ThemeProvider } from '@mui/material/styles'
import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { theme } from '../base/theme'
import { fakeServer } from '../test/server'
import { show } from '../test/show'
import { AccountMenu } from './AccountMenu'

beforeEach(() => {
  localStorage.clear()
  document.documentElement.removeAttribute('data-color-scheme')
  fakeServer(() => ({ body: {} }))
})

const menu = () =>
  show(
    <ThemeProvider theme={theme} defaultMode="system" modeStorageKey="rotagens.color-scheme">
      <AccountMenu />
    </ThemeProvider>,
  )

describe('the person’s menu', () => {
  it('turns the colours to night and back, and remembers it on this device', async () => {
    menu()
    await userEvent.click(screen.getByRole('button', { name: /Rafe Halloran/ }))
    expect(screen.getByRole('menuitemradio', { name: /as the device is/ })).toHaveAttribute('aria-checked', 'true')
    await userEvent.click(screen.getByRole('menuitemradio', { name: /^Dark/ }))
    await vi.waitFor(() => expect(document.documentElement.getAttribute('data-color-scheme')).toBe('dark'))
    expect(localStorage.getItem('rotagens.color-scheme')).toBe('dark')
    await userEvent.click(screen.getByRole('button', { name: /Rafe Halloran/ }))
    await userEvent.click(await screen.findByRole('menuitemradio', { name: 'Light' }))
    await vi.waitFor(() => expect(document.documentElement.getAttribute('data-color-scheme')).toBe('light'))
  })

  it('brings the first steps back only where they were put away', async () => {
    menu()
    await userEvent.click(screen.getByRole('button', { name: /Rafe Halloran/ }))
    expect(screen.queryByRole('menuitem', { name: 'Getting started' })).not.toBeInTheDocument()
    await userEvent.keyboard('{Escape}')
    localStorage.setItem('rotagens.steps', 'why put-away')
    menu()
    const buttons = screen.getAllByRole('button', { name: /Rafe Halloran/, hidden: true })
    await userEvent.click(buttons[buttons.length - 1] as HTMLElement)
    await userEvent.click(await screen.findByRole('menuitem', { name: 'Getting started' }))
    expect(localStorage.getItem('rotagens.steps')).toBe('why')
  })
})
