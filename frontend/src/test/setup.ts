import '@testing-library/jest-dom/vitest'
import 'fake-indexeddb/auto'
import { cleanup, configure } from '@testing-library/react'
import { afterEach, vi } from 'vitest'
import { outbox } from '../offline/outbox'
import { store } from '../offline/store'

// jsdom lays nothing out, so nothing ever changes its size.
globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
}

configure({ asyncUtilTimeout: 8_000 })

afterEach(async () => {
  cleanup()
  vi.unstubAllGlobals()
  localStorage.clear()
  await outbox.settled()
  await store.empty()
  outbox.forgetLoaded()
})
