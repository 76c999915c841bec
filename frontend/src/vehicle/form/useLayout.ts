import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { answerOf, api, ProblemError, type Schemas } from '../../api/client'
import type { Form } from './blank'

export interface DrawnLayout {
  places: Schemas['LayoutPositionView'][]
  blocked: string[]
  effects: string[]
  wrong: string | undefined
  /** Whether it is still the answer to the axles as they were before the last change. */
  isBefore: boolean
}

/** The positions that the drawn axles have, and what they would mean for tires on the vehicle: core says so. */
export function useLayout(form: Form, vehicleId: number | undefined): DrawnLayout {
  const axles = form.axles.map((axle) => ({ role: axle.role, tires: axle.tires }))
  const drawn = useQuery({
    queryKey: ['layout-change', axles, form.spares, vehicleId],
    queryFn: () =>
      answerOf(
        api.POST('/api/vehicles/layout-change', {
          body: { axles, spares: form.spares, ...(vehicleId !== undefined && { vehicleId }) },
        }),
      ),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: 60_000,
  })
  return {
    places: drawn.data?.positions ?? [],
    blocked: drawn.data?.blocked ?? [],
    effects: drawn.data?.effects ?? [],
    isBefore: drawn.isPlaceholderData,
    wrong: drawn.error instanceof ProblemError ? drawn.error.field('axles') : undefined,
  }
}
