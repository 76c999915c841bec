import { fireEvent, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { show } from '../test/show'
import { NoteList } from './NoteList'

const old = { id: 1, text: 'Step is bent', photo: false, at: '2026-11-20T09:00:00Z', by: 'Ines Okafor' }

const list = (add = vi.fn(async () => [old]), addPhoto = vi.fn(async () => [old]), may = true) => (
  <NoteList of="LC-04" queryKey={['notes']} read={async () => [old]} add={add} addPhoto={addPhoto} may={may} />
)

describe('notes', () => {
  it('stand with who wrote them, and a new one is sent with its text', async () => {
    const add = vi.fn(async () => [old])
    show(list(add))
    expect(await screen.findByText('Step is bent')).toBeVisible()
    expect(screen.getByText(/^Ines Okafor/)).toBeVisible()
    await userEvent.type(screen.getByLabelText('Note on LC-04'), 'Jack point is marked')
    await userEvent.click(screen.getByRole('button', { name: 'Add note' }))
    expect(add).toHaveBeenCalledWith('Jack point is marked', expect.any(String))
    await vi.waitFor(() => expect(screen.getByLabelText('Note on LC-04')).toHaveValue(''))
  })

  it('take a photo as it is chosen', async () => {
    const addPhoto = vi.fn(async () => [old])
    show(list(undefined, addPhoto))
    const file = new File(['x'], 'a.jpg', { type: 'image/jpeg' })
    fireEvent.change(screen.getByLabelText('Photo for the notes of LC-04'), { target: { files: [file] } })
    await vi.waitFor(() => expect(addPhoto).toHaveBeenCalledWith(file, expect.any(String)))
  })

  it('are read by who may not write them', async () => {
    show(list(undefined, undefined, false))
    expect(await screen.findByText('Step is bent')).toBeVisible()
    expect(screen.queryByRole('button', { name: 'Add note' })).toBeNull()
  })
})
