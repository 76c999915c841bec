import { saying } from '../base/saying'
import words from './words.json'

/** The sentences of this place: they stand in words.json beside it. */
export const say = saying(words)
