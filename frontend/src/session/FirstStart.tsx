import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { answerOf, api, ProblemError, type Schemas } from '../api/client'
import { Brand } from './SignIn'
import { sessionQuery } from './session'
import { say } from './words'

/** The very first start: the first account, and an export brought in if there is one. */
export function FirstStart({ session }: { session: Schemas['SessionView'] }) {
  const [name, setName] = useState('')
  const [password, setPassword] = useState('')
  const [code, setCode] = useState('')
  const queries = useQueryClient()
  const make = useMutation({
    mutationFn: () =>
      answerOf(api.POST('/api/first-account', { body: { name, password, ...(session.codeAsked ? { code } : {}) } })),
    onSuccess: (now) => {
      queries.setQueryData(sessionQuery.queryKey, now)
      void queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'session' })
    },
  })
  const problem = make.error instanceof ProblemError ? make.error : undefined
  return (
    <Box component="main" sx={{ maxWidth: 520, mx: 'auto', p: 3, pt: { xs: 4, sm: '10vh' } }}>
      <Brand />
      <Box component="h1" sx={{ typography: 'h1', m: 0 }}>
        {say('makeTheFirstAccount')}
      </Box>
      <p>{session.empty ? say('nothingIsOnFileHere') : say('recordsAreHereAnExport')}</p>
      <Box
        component="form"
        noValidate
        onSubmit={(event) => {
          event.preventDefault()
          make.mutate()
        }}
        sx={{ display: 'grid', gap: 2 }}
      >
        {problem && problem.problem.fields.length === 0 && <Alert severity="error">{problem.message}</Alert>}
        <TextField
          label={say('yourName')}
          value={name}
          onChange={(event) => setName(event.target.value)}
          error={problem?.field('name') !== undefined}
          helperText={problem?.field(say('name2'))}
          slotProps={{ htmlInput: { autoComplete: 'username' } }}
        />
        <TextField
          label={say('password')}
          type="password"
          value={password}
          onChange={(event) => setPassword(event.target.value)}
          error={problem?.field('password') !== undefined}
          helperText={problem?.field(say('password2')) ?? say('atLeast12Characters')}
          slotProps={{ htmlInput: { autoComplete: 'new-password' } }}
        />
        {session.codeAsked && (
          <TextField
            label={say('code')}
            value={code}
            onChange={(event) => setCode(event.target.value)}
            error={problem?.field('code') !== undefined}
            helperText={problem?.field(say('code2')) ?? say('asPrintedWhereTheProgram')}
            slotProps={{ htmlInput: { autoComplete: 'one-time-code', autoCapitalize: 'characters' } }}
          />
        )}
        <Button type="submit" variant="contained" loading={make.isPending} sx={{ minHeight: 44 }}>
          {say('createAccountAndSign')}
        </Button>
      </Box>
      {session.empty && <BringIn code={code} />}
    </Box>
  )
}

/** An export of another data folder, before anything else is on file. */
function BringIn({ code }: { code: string }) {
  const queries = useQueryClient()
  const file = useRef<HTMLInputElement>(null)
  const bring = useMutation({
    mutationFn: (chosen: File) =>
      answerOf(
        api.POST('/api/first-account/export', {
          body: chosen as unknown as undefined,
          bodySerializer: (body: unknown) => body as BodyInit,
          headers: { 'Content-Type': 'application/octet-stream', ...(code ? { 'First-Account-Code': code } : {}) },
        }),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: sessionQuery.queryKey }),
  })
  const problem = bring.error instanceof ProblemError ? bring.error : undefined
  return (
    <Box sx={{ mt: 4, pt: 2, borderTop: 1, borderColor: 'divider' }}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 1 }}>
        {say('orStartFromAnExport')}
      </Box>
      <p>{say('jsonFileExportedFromAnother')}</p>
      {problem && (
        <Alert severity="error" sx={{ mb: 1.5 }}>
          {problem.field('file') ?? problem.field('code') ?? problem.message}
        </Alert>
      )}
      <input
        ref={file}
        type="file"
        accept=".json,application/json"
        aria-label={say('exportToBring')}
        style={{ display: 'none' }}
        onChange={(event) => {
          const chosen = event.target.files?.[0]
          if (chosen) bring.mutate(chosen)
          event.target.value = ''
        }}
      />
      <Button variant="outlined" loading={bring.isPending} onClick={() => file.current?.click()}>
        {say('chooseTheExport')}
      </Button>
    </Box>
  )
}
