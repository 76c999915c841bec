import { Navigate, useLocation } from 'react-router'
import { useMe } from '../session/session'

/** The first page: a technician's day, everybody else's fleet. */
export function Home() {
  const me = useMe()
  const { search } = useLocation()
  if (!me) return null
  return <Navigate to={me.role === 'TECHNICIAN' && search === '' ? '/today' : `/fleet${search}`} replace />
}
