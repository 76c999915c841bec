import { queryOptions, useQuery } from '@tanstack/react-query'
import { answerOf, api, type Schemas } from '../api/client'
import { houseStyle } from '../base/settings'
import { say } from './words'

export type Person = Schemas['Person']
export type Role = Person['role']

const RANK: Record<Role, number> = { VIEWER: 0, TECHNICIAN: 1, COORDINATOR: 2, MANAGER: 3 }

export const ROLE_WORDS: Record<Role, string> = {
  VIEWER: 'viewer',
  TECHNICIAN: 'technician',
  COORDINATOR: 'coordinator',
  MANAGER: 'manager',
}

export const ROLE_MEANS: Record<Role, string> = {
  VIEWER: say('viewsAllDataChangesNothing'),
  TECHNICIAN: say('takesReadingsInstallsAndRemoves'),
  COORDINATOR: say('managesVehiclesOrders'),
  MANAGER: say('managesAccountsPolicyImport'),
}

export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: async () => {
    const session = await answerOf(api.GET('/api/session'))
    if (session.style) houseStyle.take(session.style)
    return session
  },
  staleTime: 60_000,
})

/** The person signed in; undefined before the answer, and while signed out. */
export const useMe = (): Person | undefined => useQuery(sessionQuery).data?.me

/** Whether the devices’ stand-ins answer: in the demo, and nowhere else. */
export const useSimulated = (): boolean => useQuery(sessionQuery).data?.simulated === true

/** Whether the person signed in has at least this role; what they may not do isn't offered. */
export function useMay(least: Role): boolean {
  return useMayAs()(least)
}

/** The same for several roles at once. */
export function useMayAs(): (least: Role) => boolean {
  const me = useMe()
  return (least) => me !== undefined && RANK[me.role] >= RANK[least]
}
