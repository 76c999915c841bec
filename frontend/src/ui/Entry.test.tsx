import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import { Choice } from './Entry'

const vehicles = (count: number) => Array.from({ length: count }, (_, at) => [String(at), `V-${at}`] as const)

test('few choices are opened and read', async () => {
  const chosen = vi.fn()
  render(<Choice label="Vehicle" value="0" options={vehicles(24)} onChange={chosen} />)
  await userEvent.click(screen.getByRole('combobox', { name: 'Vehicle' }))
  expect(screen.getAllByRole('option')).toHaveLength(24)
  await userEvent.click(screen.getByRole('option', { name: 'V-17' }))
  expect(chosen).toHaveBeenCalledWith('17')
})

test('one of two thousand is found by typing, by keyboard alone', async () => {
  const chosen = vi.fn()
  render(<Choice label="Vehicle" value="0" options={vehicles(2000)} onChange={chosen} />)
  const field = screen.getByRole('combobox', { name: 'Vehicle' })
  expect(field).toHaveValue('V-0')
  await userEvent.click(field)
  expect(screen.getAllByRole('option').length).toBeLessThanOrEqual(60)
  await userEvent.clear(field)
  await userEvent.type(field, 'v-1723{ArrowDown}{Enter}')
  expect(chosen).toHaveBeenCalledWith('1723')
})
