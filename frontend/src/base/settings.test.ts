import { expect, it } from 'vitest'
import { colorSchemeKey } from './settings'

it('goes on with the night that was chosen under the earlier name', () => {
  localStorage.setItem('rotagens.colours', 'dark')
  expect(localStorage.getItem(colorSchemeKey())).toBe('dark')
  expect(localStorage.getItem('rotagens.colours')).toBeNull()
})
