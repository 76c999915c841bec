import type { Verdict } from '../../api/client'
import { colour } from '../../base/theme'

/** The five states: word and colour; the shape is drawn by StateGlyph. */
export const STATES: Record<Verdict, { word: string; colour: string }> = {
  FIT: { word: 'fit', colour: colour.fit },
  NOT_KNOWN: { word: 'not known', colour: colour.unknown },
  WATCH: { word: 'watch', colour: colour.watch },
  PLAN: { word: 'plan', colour: colour.plan },
  DO_NOT_OPERATE: { word: 'do not operate', colour: colour.stop },
}

/** Worst first. */
export const WORST_FIRST: Verdict[] = ['DO_NOT_OPERATE', 'PLAN', 'WATCH', 'NOT_KNOWN', 'FIT']
