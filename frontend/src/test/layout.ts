import { vi } from 'vitest'

/** Every element so high, in a window of 768 px: jsdom has no layout of its own. */
export function everythingHigh(px: number) {
  vi.spyOn(HTMLElement.prototype, 'offsetHeight', 'get').mockReturnValue(px)
}
