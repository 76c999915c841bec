import type { Verdict } from '../../api/client'
import { color } from '../../base/theme'
import { say } from './words'

/** The five verdicts: word and color; the shape is drawn by VerdictIcon. */
export const STATES: Record<Verdict, { word: string; colour: string }> = {
  GOOD: { word: 'good', colour: color.fit },
  UNKNOWN: { word: 'unknown', colour: color.unknown },
  WATCH: { word: 'watch', colour: color.watch },
  SERVICE_DUE: { word: say('serviceDue'), colour: color.plan },
  DO_NOT_OPERATE: { word: say('doNotOperate'), colour: color.stop },
}

/** Worst first. */
export const WORST_FIRST: Verdict[] = ['DO_NOT_OPERATE', 'SERVICE_DUE', 'WATCH', 'UNKNOWN', 'GOOD']
