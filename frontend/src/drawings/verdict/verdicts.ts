import type { Verdict } from '../../api/client'
import { color } from '../../base/theme'

/** The five states: word and colour; the shape is drawn by StateGlyph. */
export const STATES: Record<Verdict, { word: string; colour: string }> = {
  GOOD: { word: 'fit', colour: color.fit },
  UNKNOWN: { word: 'not known', colour: color.unknown },
  WATCH: { word: 'watch', colour: color.watch },
  SERVICE_DUE: { word: 'plan', colour: color.plan },
  DO_NOT_OPERATE: { word: 'do not operate', colour: color.stop },
}

/** Worst first. */
export const WORST_FIRST: Verdict[] = ['DO_NOT_OPERATE', 'SERVICE_DUE', 'WATCH', 'UNKNOWN', 'GOOD']
