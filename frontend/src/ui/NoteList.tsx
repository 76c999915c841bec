import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import type { Schemas } from '../api/client'
import { color } from '../base/theme'
import { moment } from '../units/format'
import { Entry } from './Entry'
import { LoadProblem } from './ErrorNotice'
import { LoadingLines } from './Loading'
import { useSend } from './useSend'
import { useUnsaved } from './useUnsaved'
import { say } from './words'

type Note = Schemas['NoteView']

const SIZE = 96

/** What people wrote down, with their photos, newest first, and writing more. */
export function NoteList(props: {
  /** Of what these are the notes. */
  of: string
  queryKey: unknown[]
  read: () => Promise<Note[]>
  add: (text: string, key: string) => Promise<Note[]>
  addPhoto: (file: File, key: string) => Promise<Note[]>
  may: boolean
}) {
  const notes = useQuery({ queryKey: props.queryKey, queryFn: props.read })
  const [text, setText] = useState('')
  const unsaved = useUnsaved()
  const file = useRef<HTMLInputElement>(null)
  const chosen = useRef<File | null>(null)
  const note = useSend(
    (key) => props.add(text, key),
    () => {
      setText('')
      unsaved.saved()
    },
    say('noteIsKept'),
  )
  const photo = useSend(
    (key) => (chosen.current ? props.addPhoto(chosen.current, key) : Promise.reject(new Error(say('noFile')))),
    () => {},
    say('photoIsKept'),
  )
  return (
    <Box component="section" aria-label={say('notes')} sx={{ mt: 3, maxWidth: 760 }}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.75 }}>
        {say('notes')}
      </Box>
      {unsaved.question}
      {props.may && (
        <Box
          component="form"
          noValidate
          onSubmit={(event) => {
            event.preventDefault()
            note.send()
          }}
          sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start', mb: 1.5 }}
        >
          <Entry
            label={say('noteOn', { of: props.of })}
            value={text}
            onChange={(next) => {
              setText(next)
              unsaved.touch(next.trim() !== '')
            }}
            error={note.wrong('text') ?? photo.wrong('photo')}
            width={380}
            multiline
          />
          <Button type="submit" variant="outlined" loading={note.busy} sx={{ background: color.sheet, minHeight: 44 }}>
            {say('addNote')}
          </Button>
          <Button loading={photo.busy} onClick={() => file.current?.click()} sx={{ minHeight: 44 }}>
            {say('addAPhoto')}
          </Button>
          <input
            ref={file}
            type="file"
            accept="image/jpeg,image/png"
            aria-label={say('photoForTheNotes', { of: props.of })}
            hidden
            onChange={(event) => {
              chosen.current = event.target.files?.[0] ?? null
              event.target.value = ''
              if (chosen.current) photo.send()
            }}
          />
        </Box>
      )}
      {notes.isPending && <LoadingLines lines={2} />}
      {notes.isError && <LoadProblem error={notes.error} again={() => notes.refetch()} />}
      {notes.data?.length === 0 && <p>{say('noNotesYet')}</p>}
      {(notes.data ?? []).map((one) => (
        <Box key={one.id} sx={{ py: 0.75, borderTop: 1, borderColor: 'divider' }}>
          {one.photo && (
            <a href={`/api/notes/${one.id}/photo`} target="_blank" rel="noreferrer">
              <img
                src={`/api/notes/${one.id}/photo`}
                alt={`${props.of}, ${moment(one.at)}, ${one.by}`}
                width={SIZE}
                height={SIZE}
                style={{ objectFit: 'cover', borderRadius: 4, display: 'block' }}
              />
            </a>
          )}
          <Box sx={{ whiteSpace: 'pre-wrap', overflowWrap: 'anywhere' }}>{one.text}</Box>
          <Box sx={{ color: 'text.secondary', fontSize: 12.5 }}>
            {one.by}, {moment(one.at)}
          </Box>
        </Box>
      ))}
    </Box>
  )
}
