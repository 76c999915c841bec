import type { Schemas } from '../../api/client'

/** What was typed of one tire. */
export interface Draft {
  dotCode: string
  model: string
  tread: string
  /** Then the DOT code is its casing’s. */
  retread: boolean
}

export type Drafts = Record<string, Draft>

export const BLANK_DRAFT: Draft = { dotCode: '', model: '', tread: '', retread: false }

const keyOf = (vehicleId: number) => `rotagens.tires-on-vehicle.${vehicleId}`

/** What this tab remembers of a vehicle's tires until they are on record: closing the page by mistake loses nothing. */
export function readDrafts(vehicleId: number): Drafts {
  try {
    return JSON.parse(sessionStorage.getItem(keyOf(vehicleId)) ?? '{}') as Drafts
  } catch {
    return {}
  }
}

export function keepDrafts(vehicleId: number, drafts: Drafts | undefined) {
  if (drafts) sessionStorage.setItem(keyOf(vehicleId), JSON.stringify(drafts))
  else sessionStorage.removeItem(keyOf(vehicleId))
}

/** Whether anything of a tire was typed. */
export const isBegun = (draft: Draft | undefined) =>
  draft !== undefined && (draft.dotCode + draft.model + draft.tread).trim() !== ''

/** The tires to record, in the order in which one walks round. */
export const requestOf = (order: string[], drafts: Drafts): Schemas['TireOnVehicleRequest'][] =>
  order.flatMap((position) => {
    const draft = drafts[position]
    return draft && isBegun(draft) ? [{ position, ...draft }] : []
  })
