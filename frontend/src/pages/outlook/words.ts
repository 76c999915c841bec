import { saying, sayingAround } from '../../base/saying'
import words from './words.json'

/** The sentences of this place: they stand in words.json beside it. */
export const say = saying(words)

/** The same where some words are a link or stand out. */
export const sayAround = sayingAround(words)
