import type { Schemas } from './client'

type Found = Schemas['SearchResult']

const ADDRESS: Record<Found['type'], (goal: Found) => string> = {
  VEHICLE: (goal) => `/vehicles/${goal.id}`,
  POSITION: (goal) => `/vehicles/${goal.id}?at=${goal.position}`,
  TIRE: (goal) => `/tires/${goal.id}`,
  MODEL: (goal) => `/stock/catalog?find=${encodeURIComponent(goal.label)}`,
  MANUFACTURER: (goal) => `/stock/catalog?find=${encodeURIComponent(goal.label)}`,
  POLICY: (goal) => `/reference/policy?part=${goal.part}&at=${goal.key}`,
  PERSON: (goal) => `/people?at=${goal.id}`,
}

/** The page of something that was found. */
export const goalAddress = (goal: Found) => ADDRESS[goal.type](goal)
