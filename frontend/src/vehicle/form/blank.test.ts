import { describe, expect, it } from 'vitest'
import { allAlike, asNext, BLANK, blankWheel, type Form, wheelsFor } from './blank'

const coach: Form = {
  ...BLANK,
  unit: 'LC-01',
  yard: 'Eastbank',
  parkedSince: '2026-10-01',
  wheels: [
    { ...blankWheel('1L'), torque: '475 ft·lb' },
    { ...blankWheel('1R'), torque: '475 ft·lb' },
    { ...blankWheel('2L'), torque: '450 ft·lb' },
  ],
}

describe('the vehicle form', () => {
  it('takes everything but its own name and parking over to the next vehicle', () => {
    const next = asNext(coach)
    expect(next.unit).toBeUndefined()
    expect(next.parkedSince).toBeUndefined()
    expect(next.yard).toBe('Eastbank')
    expect(next.wheels).toHaveLength(3)
  })

  it('has a wheel for every drawn position, keeping what was entered', () => {
    const wheels = wheelsFor(coach, ['1L', '1R', '2LO'])
    expect(wheels.map((wheel) => wheel.position)).toEqual(['1L', '1R', '2LO'])
    expect(wheels[0]?.torque).toBe('475 ft·lb')
    expect(wheels[2]?.torque).toBeUndefined()
  })

  it('sees which wheels say the same', () => {
    expect(allAlike(wheelsFor(coach, ['1L', '1R']))).toBe(true)
    expect(allAlike(wheelsFor(coach, ['1L', '2L']))).toBe(false)
  })
})
