import react from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [react()],
  test: {
    environment: 'jsdom',
    environmentOptions: { jsdom: { url: 'http://localhost/' } },
    pool: 'forks',
    maxWorkers: 2,
    testTimeout: 20_000,
    setupFiles: ['./src/test/setup.ts'],
  },
})
