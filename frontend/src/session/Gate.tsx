import Dialog from '@mui/material/Dialog'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { type ReactNode, useEffect, useRef } from 'react'
import { onSignedOut } from '../api/client'
import { units } from '../base/settings'
import { LoadProblem } from '../ui/ErrorNotice'
import { LoadingLines } from '../ui/Loading'
import { FirstStart } from './FirstStart'
import { SignIn } from './SignIn'
import { sessionQuery } from './session'

/** Lets signed-in people in. Where a session ends while somebody works, they sign in on top and nothing typed is lost. */
export function Gate({ children }: { children: ReactNode }) {
  const queries = useQueryClient()
  const session = useQuery(sessionQuery)
  const wasIn = useRef(false)
  useEffect(() => onSignedOut(() => void queries.invalidateQueries({ queryKey: sessionQuery.queryKey })), [queries])
  const own = session.data?.me?.units
  useEffect(() => {
    if (own) units.write(own)
  }, [own])
  if (session.isPending) return <LoadingLines lines={4} />
  if (session.isError) return <LoadProblem error={session.error} again={() => session.refetch()} />
  const { me, firstStart } = session.data
  if (me) wasIn.current = true
  if (!me && !wasIn.current)
    return firstStart ? <FirstStart session={session.data} /> : <SignIn session={session.data} />
  return (
    <>
      {children}
      <Dialog open={!me} aria-labelledby="sign-in-again">
        <SignIn session={session.data} again />
      </Dialog>
    </>
  )
}
