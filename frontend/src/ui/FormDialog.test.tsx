import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { describe, expect, it } from 'vitest'
import { show } from '../test/show'
import { Entry } from './Entry'
import { FormDialog } from './FormDialog'
import { NoticeProvider, useNotice } from './Notice'
import { useUnsaved } from './useUnsaved'

function Asked() {
  const [open, setOpen] = useState(true)
  const [note, setNote] = useState('')
  if (!open) return <p>closed</p>
  return (
    <FormDialog title="A note" action="Save" error={null} busy={false} onSend={() => {}} onClose={() => setOpen(false)}>
      <Entry label="Note" value={note} onChange={setNote} />
    </FormDialog>
  )
}

describe('a form over the page', () => {
  it('closes at once where nothing was typed', async () => {
    show(<Asked />)
    await userEvent.keyboard('{Escape}')
    expect(await screen.findByText('closed')).toBeVisible()
  })

  it('asks before what was typed is lost, whichever way it is closed, and Escape goes on editing', async () => {
    show(<Asked />)
    await userEvent.type(screen.getByLabelText('Note'), 'bead torn')
    await userEvent.keyboard('{Escape}')
    expect(screen.getByRole('alert')).toHaveTextContent('Discard what you entered?')
    expect(screen.getByRole('button', { name: 'Keep editing' })).toHaveFocus()
    await userEvent.keyboard('{Escape}')
    expect(screen.getByLabelText('Note')).toHaveValue('bead torn')
    await userEvent.click(screen.getByRole('button', { name: 'Cancel' }))
    await userEvent.click(screen.getByRole('button', { name: 'Keep editing' }))
    expect(screen.getByLabelText('Note')).toHaveValue('bead torn')
    await userEvent.click(screen.getByRole('button', { name: 'Cancel' }))
    await userEvent.click(screen.getByRole('button', { name: 'Discard' }))
    expect(await screen.findByText('closed')).toBeVisible()
  })
})

function Page() {
  const unsaved = useUnsaved()
  return (
    <>
      {unsaved.question}
      <button type="button" onClick={() => unsaved.touch()}>
        type
      </button>
      <button type="button" onClick={unsaved.saved}>
        save
      </button>
      <Here />
    </>
  )
}

function Here() {
  return (
    <p>
      <Address /> <Go />
    </p>
  )
}

import { Link, useLocation } from 'react-router'

const Go = () => <Link to="/elsewhere">go</Link>
const Address = () => useLocation().pathname

describe('a page with entries of its own', () => {
  it('is left at once once they are saved, and asks before', async () => {
    show(<Page />, '/form')
    await userEvent.click(screen.getByText('type'))
    await userEvent.click(screen.getByText('go'))
    await userEvent.click(await screen.findByRole('button', { name: 'Keep editing' }))
    expect(screen.getByText(/\/form/)).toBeVisible()
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull())
    await userEvent.click(screen.getByText('save'))
    await userEvent.click(screen.getByText('go'))
    expect(await screen.findByText(/\/elsewhere/)).toBeVisible()
  })
})

function Done({ undo }: { undo: () => Promise<string> }) {
  const notice = useNotice()
  return (
    <button type="button" onClick={() => notice({ text: 'Removed.', undo })}>
      remove
    </button>
  )
}

describe('what was done', () => {
  it('is said aloud and can be taken back, and what that brought is said, too', async () => {
    show(
      <NoticeProvider>
        <Done undo={async () => 'It is back.'} />
      </NoticeProvider>,
    )
    await userEvent.click(screen.getByText('remove'))
    expect(await screen.findByRole('alert')).toHaveTextContent('Removed.')
    await userEvent.click(screen.getByRole('button', { name: 'Undo' }))
    expect(await screen.findByText('It is back.')).toBeVisible()
  })

  it('says so where it can’t be taken back', async () => {
    show(
      <NoticeProvider>
        <Done undo={() => Promise.reject(new Error('no'))} />
      </NoticeProvider>,
    )
    await userEvent.click(screen.getByText('remove'))
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }))
    expect(await screen.findByText('It could not be undone. Nothing changed.')).toBeVisible()
  })
})
