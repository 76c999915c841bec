import { infiniteQueryOptions, keepPreviousData, queryOptions } from '@tanstack/react-query'
import { answerOf, api, type Schemas, type Units } from './client'

/** What narrows the yard; blank texts narrow nothing. */
export interface YardFilter {
  yard: string
  vehicleClass: string
  state: string
  /** One group of the due list, and the vehicles with work in it; every group where it is empty. */
  due: Schemas['DueCount']['group'] | ''
  text: string
  by: 'yard' | 'class'
}

/** A part of the yard, page by page. */
export const yardPagesQuery = (part: 'VEHICLES' | 'DUE', filter: YardFilter, units: Units) =>
  infiniteQueryOptions({
    queryKey: ['yard', part, filter, units],
    queryFn: ({ pageParam }) => {
      const { due, ...others } = filter
      const query = { ...others, ...(due && { due }), part, units, from: pageParam }
      return answerOf(api.GET('/api/fleet', { params: { query } }))
    },
    initialPageParam: 0,
    getNextPageParam: (last, pages) => {
      const shown = pages.reduce((sum, page) => sum + (part === 'DUE' ? page.due : page.vehicles).length, 0)
      const all =
        part === 'DUE'
          ? last.dueCounts.reduce((sum, count) => sum + count.items, 0)
          : last.groups.reduce((sum, group) => sum + group.vehicles, 0)
      return shown < all ? shown : undefined
    },
    placeholderData: keepPreviousData,
  })

/** Vehicles, positions, tires and people by what is typed. */
export const searchQuery = (text: string) =>
  queryOptions({
    queryKey: ['jump', text],
    queryFn: () => answerOf(api.GET('/api/search', { params: { query: { q: text } } })),
    staleTime: 10_000,
  })

/** The day of one yard; without a name, of the yard the person works at. */
export const todayQuery = (yard: string, units: Units) =>
  queryOptions({
    queryKey: ['today', yard, units],
    queryFn: () => answerOf(api.GET('/api/today', { params: { query: { yard, units } } })),
  })

export const fleetQuery = queryOptions({
  queryKey: ['fleet'],
  queryFn: () => answerOf(api.GET('/api/vehicles')),
})

export const vehicleQuery = (id: number, units: Units) =>
  queryOptions({
    queryKey: ['vehicle', id, units],
    queryFn: () => answerOf(api.GET('/api/vehicles/{id}', { params: { path: { id }, query: { units } } })),
  })

/** The newest readings of a vehicle's odometer, voided ones among them. */
export const odometerQuery = (id: number, units: Units) =>
  queryOptions({
    queryKey: ['vehicle', id, 'odometer', units],
    queryFn: () => answerOf(api.GET('/api/vehicles/{id}/odometer', { params: { path: { id }, query: { units } } })),
  })

export const backupsQuery = queryOptions({
  queryKey: ['backups'],
  queryFn: () => answerOf(api.GET('/api/backups')),
})

export const ledgerQuery = (id: number, units: Units) =>
  queryOptions({
    queryKey: ['vehicle', id, 'ledger', units],
    queryFn: () => answerOf(api.GET('/api/vehicles/{id}/history', { params: { path: { id }, query: { units } } })),
  })

export const rotationQuery = (id: number, units: Units) =>
  queryOptions({
    queryKey: ['vehicle', id, 'rotation', units],
    queryFn: () => answerOf(api.GET('/api/vehicles/{id}/rotation', { params: { path: { id }, query: { units } } })),
  })

export const sensorsQuery = (id: number) =>
  queryOptions({
    queryKey: ['vehicle', id, 'sensors'],
    queryFn: () => answerOf(api.GET('/api/vehicles/{id}/sensors', { params: { path: { id } } })),
  })

export const vehicleJobsQuery = (vehicleId: number) =>
  queryOptions({
    queryKey: ['jobs', 'vehicle', vehicleId],
    queryFn: () => answerOf(api.GET('/api/vehicles/{vehicleId}/jobs', { params: { path: { vehicleId } } })),
  })

export const jobTiresQuery = (jobId: number, units: Units) =>
  queryOptions({
    queryKey: ['jobs', 'tires', jobId, units],
    queryFn: () => answerOf(api.GET('/api/jobs/{id}/tires', { params: { path: { id: jobId }, query: { units } } })),
  })

export const openJobsQuery = queryOptions({
  queryKey: ['jobs', 'open'],
  queryFn: () => answerOf(api.GET('/api/jobs')),
})

export const doneJobsQuery = queryOptions({
  queryKey: ['jobs', 'done'],
  queryFn: () => answerOf(api.GET('/api/jobs/done')),
})

/** How the whole fleet works with the product. */
export const settingsQuery = queryOptions({
  queryKey: ['settings'],
  queryFn: () => answerOf(api.GET('/api/settings')),
})

export const peopleQuery = queryOptions({
  queryKey: ['people'],
  queryFn: () => answerOf(api.GET('/api/people')),
  staleTime: Number.POSITIVE_INFINITY,
})

export const modelsQuery = (units: Units) =>
  queryOptions({
    queryKey: ['tire-models', units],
    queryFn: () => answerOf(api.GET('/api/tire-models', { params: { query: { units } } })),
  })

export const registerQuery = queryOptions({
  queryKey: ['register'],
  queryFn: () => answerOf(api.GET('/api/vehicle-register')),
})

export const stockQuery = (units: Units, scrapped: boolean) =>
  queryOptions({
    queryKey: ['stock', units, scrapped],
    queryFn: () => answerOf(api.GET('/api/stock', { params: { query: { units, scrapped } } })),
  })

export const tireQuery = (id: number, units: Units) =>
  queryOptions({
    queryKey: ['tire', id, units],
    queryFn: () => answerOf(api.GET('/api/tires/{id}', { params: { path: { id }, query: { units } } })),
  })

export const ordersQuery = queryOptions({
  queryKey: ['orders'],
  queryFn: () => answerOf(api.GET('/api/orders')),
})

export const dotSheetQuery = (id: number) =>
  queryOptions({
    queryKey: ['vehicle', id, 'dot-sheet'],
    queryFn: () => answerOf(api.GET('/api/vehicles/{id}/dot-sheet', { params: { path: { id } } })),
  })

export const sheetQuery = (id: number) =>
  queryOptions({
    queryKey: ['vehicle', id, 'sheet'],
    queryFn: () => answerOf(api.GET('/api/vehicles/{id}/sheet', { params: { path: { id } } })),
  })

export const findingsQuery = queryOptions({
  queryKey: ['findings'],
  queryFn: () => answerOf(api.GET('/api/findings')),
  staleTime: Number.POSITIVE_INFINITY,
})

export const gaugesQuery = (units: Units) =>
  queryOptions({
    queryKey: ['gauges', units],
    queryFn: () => answerOf(api.GET('/api/gauges', { params: { query: { units } } })),
  })

export const scopesQuery = queryOptions({
  queryKey: ['walk-around-scopes'],
  queryFn: () => answerOf(api.GET('/api/walk-around-scopes')),
  staleTime: Number.POSITIVE_INFINITY,
})

export const loadPressureQuery = (id: number, units: Units) =>
  queryOptions({
    queryKey: ['vehicle', id, 'load-pressure', units],
    queryFn: () =>
      answerOf(api.GET('/api/vehicles/{id}/load-pressure', { params: { path: { id }, query: { units } } })),
  })

export const lossQuery = (id: number, units: Units) =>
  queryOptions({
    queryKey: ['vehicle', id, 'loss', units],
    queryFn: () => answerOf(api.GET('/api/vehicles/{id}/loss', { params: { path: { id }, query: { units } } })),
  })

export const chartsQuery = (units: Units) =>
  queryOptions({
    queryKey: ['charts', units],
    queryFn: () => answerOf(api.GET('/api/charts', { params: { query: { units } } })),
  })

export const wearQuery = (id: number, units: Units) =>
  queryOptions({
    queryKey: ['vehicle', id, 'wear', units],
    queryFn: () => answerOf(api.GET('/api/vehicles/{id}/wear', { params: { path: { id }, query: { units } } })),
  })

export const wearWordsQuery = queryOptions({
  queryKey: ['wear-words'],
  queryFn: () => answerOf(api.GET('/api/wear/words')),
  staleTime: Number.POSITIVE_INFINITY,
})

export const patternsQuery = (units: Units) =>
  queryOptions({
    queryKey: ['patterns', units],
    queryFn: () => answerOf(api.GET('/api/wear/patterns', { params: { query: { units } } })),
  })

export const reportsQuery = queryOptions({
  queryKey: ['reports'],
  queryFn: () => answerOf(api.GET('/api/reports')),
})
