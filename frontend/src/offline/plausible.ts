import type { Schemas, Units } from '../api/client'
import { depthUnit, pressureUnit } from '../units/format'
import type { Draft } from './draft'
import { DEPTH, PRESSURE, plain } from './provisional'

const GROOVES = ['outer', 'center', 'inner'] as const

/** A rounded limit is no question. */
const SLACK = 1e-6

/**
 * What this device can ask by itself about figures far from the last ones, by comparing with what the server sent along: before
 * the tire is left, not when the yard has network again.
 */
export function offlineAsks(stop: Schemas['WalkAroundStopView'], draft: Draft, units: Units): Schemas['FieldError'][] {
  const near = stop.plausible
  if (!near) return []
  const asked: Schemas['FieldError'][] = []
  const ask = (field: string, message: string) => {
    if (!draft.confirmed.includes(field)) asked.push({ field, message, check: true })
  }
  const pressure = plain(draft.pressure, PRESSURE[units])
  const [least, most] = draft.thermalState === 'COLD' ? [near.coldMin, near.coldMax] : [near.hotMin, near.hotMax]
  if (
    pressure !== undefined &&
    ((least !== undefined && pressure < least - SLACK) || (most !== undefined && pressure > most + SLACK))
  ) {
    ask(
      'pressure',
      `${draft.pressure} ${pressureUnit(units)} differs too much from the last reading, ${near.last}. Check the pressure again, or confirm the reading.`,
    )
  }
  for (const groove of draft.locations.length > 0 ? [] : GROOVES) {
    const depth = plain(draft[groove], DEPTH[units])
    const deepest = near[groove]
    if (depth !== undefined && deepest !== undefined && depth > deepest + SLACK) {
      ask(
        groove,
        `${draft[groove]} ${depthUnit(units)} at the ${groove} groove is deeper than the last reading. Measure the tread again, or confirm the reading.`,
      )
    }
  }
  return asked
}
