import type { Verdict } from '../../api/client'
import { colour } from '../../base/theme'

/** The five states: word and colour; the shape is drawn by StateGlyph. */
export const STATES: Record<Verdict, { word: string; colour: string }> = {
  GOOD: { word: 'fit', colour: colour.fit },
  UNKNOWN: { word: 'not known', colour: colour.unknown },
  WATCH: { word: 'watch', colour: colour.watch },
  SERVICE_DUE: { word: 'plan', colour: colour.plan },
  DO_NOT_OPERATE: { word: 'do not operate', colour: colour.stop },
}

/** Worst first. */
export const WORST_FIRST: Verdict[] = ['DO_NOT_OPERATE', 'SERVICE_DUE', 'WATCH', 'UNKNOWN', 'GOOD']
