import react from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [react()],
  test: {
    environment: 'jsdom',
    environmentOptions: { jsdom: { url: 'http://localhost/' } },
    pool: 'forks',
    maxWorkers: 2,
    // Every test cleans up after itself (src/test/setup.ts), so the files of a worker share what is loaded: half the time.
    isolate: false,
    // A guard against hanging only: a machine busy with other work takes many times longer to draw a whole form.
    testTimeout: 180_000,
    setupFiles: ['./src/test/setup.ts'],
  },
})
