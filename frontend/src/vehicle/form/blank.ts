import type { Schemas } from '../../api/client'

export type Form = Schemas['VehicleRequest']
export type AxleForm = Schemas['AxleRequest']
export type WheelForm = Schemas['WheelRequest']
export type Role = AxleForm['role']

export const BLANK: Form = {
  hasWorkingSensors: false,
  isParkedOutdoors: false,
  axles: [
    { role: 'STEER', tires: 2 },
    { role: 'DRIVE', tires: 2 },
  ],
  spares: 0,
  wheels: [],
}

export const blankWheel = (position: string): WheelForm => ({ position, isLeftThreaded: false, isReversed: false })

/** Everything of another vehicle but what is its own: unit number and the day it was parked. */
export function asNext(form: Form): Form {
  const { unit: _unit, parkedSince: _parked, ...rest } = form
  return rest
}

export const ROLES: readonly (readonly [Role, string])[] = [
  ['STEER', 'steer'],
  ['DRIVE', 'drive'],
  ['TAG', 'tag'],
  ['PUSHER', 'pusher'],
  ['TRAILER', 'trailer'],
]

/** The wheels of the form for exactly these places, blank where nothing was entered yet. */
export function wheelsFor(form: Form, positions: string[]): WheelForm[] {
  return positions.map((position) => form.wheels.find((one) => one.position === position) ?? blankWheel(position))
}

/** Whether all wheels of a group say the same, so that one row can stand for them. */
export function allAlike(wheels: WheelForm[]): boolean {
  const bare = (wheel: WheelForm) => JSON.stringify({ ...wheel, position: '' })
  return wheels.every((wheel) => bare(wheel) === bare(wheels[0] as WheelForm))
}
