import type { paths } from '../api/schema'

/**
 * Answers of the server that a walk-around out of reach can't do without: who is signed in, what can be found, with what. The
 * service worker keeps them, and the device asks for them once as soon as it does.
 */
export const KEPT_ANSWERS = [
  '/api/session',
  '/api/findings',
  '/api/walk-around-scopes',
  '/api/gauges',
] as const satisfies readonly (keyof paths)[]
