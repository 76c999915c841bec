import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, onceKey, ProblemError } from '../api/client'
import { useUnits } from '../base/settings'
import { color } from '../base/theme'
import { Choice } from '../ui/Entry'
import { useUnsaved } from '../ui/useUnsaved'
import { StepFields } from './StepFields'
import { type EntryCode, knownLimits, type Visit } from './visit'
import { say } from './words'

/** Something to note of the visit: words, figures against their limits, or a photo. */
export function VisitNote(props: {
  visit: Visit
  /** What is noted next, with what is known of it already. */
  start: { entry: EntryCode; fields: Record<string, string> }
  onTook: (view: Visit) => void
}) {
  const { visit, onTook } = props
  const [units] = useUnits()
  const [entry, setEntry] = useState(props.start.entry)
  const [fields, setFields] = useState(props.start.fields)
  const wanted = visit.entries.find((one) => one.entry === entry)?.fields ?? []
  const [key, setKey] = useState(onceKey)
  const params = { path: { id: visit.jobId }, query: { units }, header: { 'Idempotency-Key': key } }
  const settled = { onSettled: () => setKey(onceKey()), onSuccess: onTook }
  const unsaved = useUnsaved()
  const note = useMutation({
    mutationFn: () => answerOf(api.POST('/api/jobs/{id}/visit', { params, body: { entry, fields } })),
    ...settled,
    onSuccess: (next: Visit) => {
      setFields(knownLimits(next, entry))
      unsaved.saved()
      onTook(next)
    },
  })
  const photo = useMutation({
    mutationFn: (file: File) =>
      answerOf(
        api.POST('/api/jobs/{id}/visit/photos', {
          params: { ...params, query: { units, entry } },
          body: file as unknown as string,
          bodySerializer: (body) => body as unknown as Blob,
          headers: { 'content-type': file.type },
        }),
      ),
    ...settled,
  })
  const problem = [note.error, photo.error].find((error) => error instanceof ProblemError) as ProblemError | undefined
  return (
    <Box
      component="form"
      aria-label={say('addAnEntry')}
      onChange={(event: React.FormEvent) => {
        // A photo is sent as soon as it is chosen.
        if ((event.target as HTMLInputElement).type !== 'file') unsaved.touch()
      }}
      className="not-printed"
      noValidate
      onSubmit={(event) => {
        event.preventDefault()
        note.mutate()
      }}
      sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}
    >
      {unsaved.question}
      <Choice
        label={say('note')}
        value={entry}
        options={visit.entries.map((one) => [one.entry, `${one.part}: ${one.label}`] as [EntryCode, string])}
        onChange={(next) => {
          setEntry(next)
          setFields(knownLimits(visit, next))
        }}
        error={problem?.field('entry')}
        width={330}
      />
      <StepFields
        wanted={wanted}
        fields={fields}
        wrong={(field) => problem?.field(field)}
        onChange={(field, value) => setFields({ ...fields, [field]: value })}
        units={units}
      />
      <Button type="submit" variant="contained" loading={note.isPending} sx={{ minHeight: 44 }}>
        {say('addEntry')}
      </Button>
      <Button
        component="label"
        variant="outlined"
        loading={photo.isPending}
        sx={{ minHeight: 44, background: color.sheet }}
      >
        {say('photo')}
        <input
          type="file"
          accept="image/jpeg,image/png"
          hidden
          onChange={(event) => {
            const file = event.target.files?.[0]
            if (file) photo.mutate(file)
            event.target.value = ''
          }}
        />
      </Button>
      {problem?.field('photo') && <Alert severity="error">{problem.field('photo')}</Alert>}
      {problem && problem.problem.fields.length === 0 && <Alert severity="error">{problem.message}</Alert>}
    </Box>
  )
}
