import type { Form } from './blank'
import { say } from './words'

/** A common layout to begin with: kind, axles and spares; everything else is read off the vehicle. */
export interface Template {
  name: string
  form: Pick<Form, 'axles' | 'spares'> & { type: NonNullable<Form['type']> }
}

const steer = { role: 'STEER', tires: 2 } as const
const drive = { role: 'DRIVE', tires: 2 } as const
const dual = { role: 'DRIVE', tires: 4 } as const
const tag = { role: 'TAG', tires: 2 } as const
const trailer = { role: 'TRAILER', tires: 2 } as const
const trailerDual = { role: 'TRAILER', tires: 4 } as const

export const TEMPLATES: readonly Template[] = [
  { name: say('van'), form: { type: 'VAN', axles: [steer, drive], spares: 0 } },
  { name: say('pickup'), form: { type: 'PICKUP', axles: [steer, drive], spares: 1 } },
  { name: say('pickupDualRears'), form: { type: 'PICKUP', axles: [steer, dual], spares: 1 } },
  { name: say('twoAxleTruck'), form: { type: 'TRUCK', axles: [steer, dual], spares: 0 } },
  { name: say('tractor'), form: { type: 'TRACTOR', axles: [steer, dual, dual], spares: 0 } },
  { name: say('shuttleBus'), form: { type: 'BUS', axles: [steer, dual], spares: 0 } },
  { name: say('coachWithTagAxle'), form: { type: 'BUS', axles: [steer, dual, tag], spares: 0 } },
  { name: say('trailerTandem'), form: { type: 'TRAILER', axles: [trailer, trailer], spares: 1 } },
  { name: say('semitrailer'), form: { type: 'TRAILER', axles: [trailerDual, trailerDual], spares: 0 } },
]

/** The form begun with a layout; what was typed already stays, a class and a description still empty take its name. */
export function begunWith(form: Form, template: Template): Form {
  return {
    ...form,
    ...template.form,
    axles: template.form.axles.map((axle) => ({ ...axle })),
    wheels: [],
    vehicleClass: form.vehicleClass || template.name,
    description: form.description || template.name,
  }
}
