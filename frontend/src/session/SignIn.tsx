import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, ProblemError, type Schemas } from '../api/client'
import { color } from '../base/theme'
import { ROLE_MEANS, ROLE_WORDS, sessionQuery } from './session'
import { say } from './words'

type Session = Schemas['SessionView']

/** Name and password; in the demo, its people by one click. */
export function SignIn({ session, again = false }: { session: Session; again?: boolean }) {
  const [name, setName] = useState('')
  const [password, setPassword] = useState('')
  const queries = useQueryClient()
  const entered = (now: Session) => {
    queries.setQueryData(sessionQuery.queryKey, now)
    void queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'session' })
  }
  const enter = useMutation({
    mutationFn: () => answerOf(api.POST('/api/session', { body: { name, password } })),
    onSuccess: entered,
  })
  const demo = useMutation({
    mutationFn: (personId: number) => answerOf(api.POST('/api/session/demo', { body: { personId } })),
    onSuccess: entered,
  })
  const problem = enter.error instanceof ProblemError ? enter.error : undefined
  return (
    <Box
      component={again ? 'div' : 'main'}
      sx={{ maxWidth: 460, mx: 'auto', p: 3, pt: again ? 3 : { xs: 4, sm: '12vh' } }}
    >
      {!again && <Brand />}
      <Box component="h1" id="sign-in-again" sx={{ typography: 'h1', m: 0, mb: 2 }}>
        {again ? say('signInAgain') : say('signIn')}
      </Box>
      {again && <p>{say('yourSessionHasEndedWhat')}</p>}
      {session.demoPeople.length > 0 && (
        <Box sx={{ mb: 3 }}>
          <Box sx={{ mb: 1 }}>{say('thisIsTheDemo')}</Box>
          <Box sx={{ display: 'grid', gap: 1 }}>
            {session.demoPeople.map((person) => (
              <Button
                key={person.id}
                variant="outlined"
                onClick={() => demo.mutate(person.id)}
                loading={demo.isPending && demo.variables === person.id}
                sx={{ justifyContent: 'flex-start', background: color.sheet, minHeight: 48, textAlign: 'left' }}
              >
                <span>
                  {person.name}, {ROLE_WORDS[person.role]}
                  <Box component="span" sx={{ display: 'block', fontWeight: 400, color: 'text.secondary' }}>
                    {ROLE_MEANS[person.role]}
                  </Box>
                </span>
              </Button>
            ))}
          </Box>
        </Box>
      )}
      <Box
        component="form"
        noValidate
        onSubmit={(event) => {
          event.preventDefault()
          enter.mutate()
        }}
        sx={{ display: 'grid', gap: 2 }}
      >
        {problem && !problem.field('password') && <Alert severity="error">{problem.message}</Alert>}
        <TextField
          label={say('name')}
          value={name}
          onChange={(event) => setName(event.target.value)}
          slotProps={{ htmlInput: { autoComplete: 'username' } }}
        />
        <TextField
          label={say('password')}
          type="password"
          value={password}
          onChange={(event) => setPassword(event.target.value)}
          error={problem?.field('password') !== undefined}
          helperText={problem?.field(say('password2'))}
          slotProps={{ htmlInput: { autoComplete: 'current-password' } }}
        />
        <Button type="submit" variant="contained" loading={enter.isPending} sx={{ minHeight: 44 }}>
          {say('signIn')}
        </Button>
      </Box>
    </Box>
  )
}

export function Brand() {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, mb: 4 }}>
      <Box sx={{ background: color.bar, borderRadius: 1, display: 'flex', p: 0.5 }}>
        <img src="/mark.svg" width={28} height={28} alt="" />
      </Box>
      <Box component="span" sx={{ fontWeight: 750, fontStretch: '115%', fontSize: 18 }}>
        {say('rotagens')}
      </Box>
    </Box>
  )
}
