import type { Verdict } from '../../api/client'

/** The five states: word and colour; the shape is drawn by StateGlyph. */
export const STATES: Record<Verdict, { word: string; colour: string }> = {
  FIT: { word: 'fit', colour: '#2E6B4F' },
  NOT_KNOWN: { word: 'not known', colour: '#5F6367' },
  WATCH: { word: 'watch', colour: '#8F6300' },
  PLAN: { word: 'plan', colour: '#3F4FA0' },
  DO_NOT_OPERATE: { word: 'do not operate', colour: '#A8261B' },
}

/** Worst first. */
export const WORST_FIRST: Verdict[] = ['DO_NOT_OPERATE', 'PLAN', 'WATCH', 'NOT_KNOWN', 'FIT']
