import '@testing-library/jest-dom/vitest'
import 'fake-indexeddb/auto'
import { cleanup, configure } from '@testing-library/react'
import { afterEach, vi } from 'vitest'
import { store } from '../offline/store'
import { uploadQueue } from '../offline/uploadQueue'

// jsdom lays nothing out, so nothing ever changes its size.
globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
}

Element.prototype.scrollIntoView ??= () => {}

configure({ asyncUtilTimeout: 8_000 })

afterEach(async () => {
  cleanup()
  vi.unstubAllGlobals()
  localStorage.clear()
  await uploadQueue.settled()
  await store.empty()
  uploadQueue.forgetLoaded()
})
