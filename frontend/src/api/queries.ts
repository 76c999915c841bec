import { queryOptions } from '@tanstack/react-query'
import { answerOf, api, type Units } from './client'

export const yardQuery = (units: Units) =>
  queryOptions({
    queryKey: ['yard', units],
    queryFn: () => answerOf(api.GET('/api/yard', { params: { query: { units } } })),
  })

export const vehicleQuery = (id: number, units: Units) =>
  queryOptions({
    queryKey: ['vehicle', id, units],
    queryFn: () => answerOf(api.GET('/api/vehicles/{id}', { params: { path: { id }, query: { units } } })),
  })

export const ledgerQuery = (id: number, units: Units) =>
  queryOptions({
    queryKey: ['vehicle', id, 'ledger', units],
    queryFn: () => answerOf(api.GET('/api/vehicles/{id}/ledger', { params: { path: { id }, query: { units } } })),
  })

export const vehicleJobsQuery = (vehicleId: number) =>
  queryOptions({
    queryKey: ['jobs', 'vehicle', vehicleId],
    queryFn: () => answerOf(api.GET('/api/vehicles/{vehicleId}/jobs', { params: { path: { vehicleId } } })),
  })

export const openJobsQuery = queryOptions({
  queryKey: ['jobs', 'open'],
  queryFn: () => answerOf(api.GET('/api/jobs')),
})

export const doneJobsQuery = queryOptions({
  queryKey: ['jobs', 'done'],
  queryFn: () => answerOf(api.GET('/api/jobs/done')),
})

export const peopleQuery = queryOptions({
  queryKey: ['people'],
  queryFn: () => answerOf(api.GET('/api/people')),
  staleTime: Number.POSITIVE_INFINITY,
})

export const modelsQuery = queryOptions({
  queryKey: ['tire-models'],
  queryFn: () => answerOf(api.GET('/api/tire-models')),
})

export const findingsQuery = queryOptions({
  queryKey: ['findings'],
  queryFn: () => answerOf(api.GET('/api/findings')),
  staleTime: Number.POSITIVE_INFINITY,
})
