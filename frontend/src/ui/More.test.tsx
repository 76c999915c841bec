import { render } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { More } from './More'

/** A window 800 px high that sees the list's end at this height over its own top. */
function endAt(y: number) {
  vi.stubGlobal(
    'IntersectionObserver',
    class {
      constructor(
        private readonly told: (seen: { isIntersecting: boolean }[]) => void,
        private readonly options: { rootMargin: string },
      ) {}
      observe() {
        const [above = 0, , below = 0] = this.options.rootMargin.split(' ').map(Number.parseFloat)
        this.told([{ isIntersecting: y > -above && y < 800 + below }])
      }
      disconnect() {}
    },
  )
}

test.each([
  ['just below the window', 1300, 1],
  ['far below the window', 5000, 0],
  ['left behind by a jump down the page', -5000, 1],
])('more comes where the end of the list is %s', (_, y, times) => {
  endAt(y)
  const more = vi.fn()
  render(<More what="vehicles" more={more} />)
  expect(more).toHaveBeenCalledTimes(times)
})
