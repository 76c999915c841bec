import { describe, expect, it } from 'vitest'
import { BLANK } from './blank'
import { begunWith, TEMPLATES } from './templates'

const named = (name: string) => {
  const found = TEMPLATES.find((one) => one.name === name)
  if (!found) throw new Error(name)
  return found
}

describe('common layouts', () => {
  it('counts the tires each stands for', () => {
    const tires = TEMPLATES.map(({ name, form }) => [
      name,
      form.axles.reduce((sum, axle) => sum + (axle.tires ?? 0), form.spares),
    ])
    expect(Object.fromEntries(tires)).toEqual({
      Van: 4,
      Pickup: 5,
      'Pickup, dual rears': 7,
      'Two-axle truck': 6,
      Tractor: 10,
      'Shuttle bus': 6,
      'Coach with tag axle': 8,
      'Trailer, tandem': 5,
      Semitrailer: 8,
    })
  })

  it('keeps what was typed, and names class and description where nobody did', () => {
    const form = begunWith({ ...BLANK, unit: 'TK-01', vehicleClass: 'Box truck' }, named('Two-axle truck'))
    expect(form).toMatchObject({
      unit: 'TK-01',
      vehicleClass: 'Box truck',
      description: 'Two-axle truck',
      type: 'TRUCK',
    })
    expect(form.axles).toEqual([
      { role: 'STEER', tires: 2 },
      { role: 'DRIVE', tires: 4 },
    ])
  })
})
