import react from '@vitejs/plugin-react'
import { defineConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'
import { KEPT_ANSWERS } from './src/offline/keptAnswers'

const DAY_SECONDS = 24 * 60 * 60

const keptAnswers = new RegExp(`(${KEPT_ANSWERS.join('|')})(\\?.*)?$`)

export default defineConfig({
  plugins: [
    react(),
    VitePWA({
      injectRegister: false,
      registerType: 'autoUpdate',
      manifest: {
        name: 'Rotagens',
        short_name: 'Rotagens',
        description: 'Tires of a fleet: measured, judged, scheduled.',
        start_url: '/',
        display: 'standalone',
        background_color: '#F4F2EC',
        theme_color: '#1B2126',
        icons: [
          { src: '/mark-192.png', sizes: '192x192', type: 'image/png', purpose: 'any maskable' },
          { src: '/mark-512.png', sizes: '512x512', type: 'image/png', purpose: 'any maskable' },
          { src: '/mark.svg', sizes: 'any', type: 'image/svg+xml' },
        ],
      },
      workbox: {
        // A page at its first visit is answered for at once, and a new version at the next.
        clientsClaim: true,
        skipWaiting: true,
        globPatterns: ['**/*.{html,js,css,svg,png,woff2}'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /\./],
        runtimeCaching: [
          {
            urlPattern: keptAnswers,
            handler: 'NetworkFirst',
            options: {
              cacheName: 'answers',
              networkTimeoutSeconds: 6,
              expiration: { maxEntries: 20, maxAgeSeconds: 14 * DAY_SECONDS },
              cacheableResponse: { statuses: [200] },
            },
          },
        ],
      },
    }),
  ],
  build: {
    outDir: 'target/classes/META-INF/resources',
    emptyOutDir: true,
    assetsDir: 'built',
    // Fonts as data: addresses would be refused by the content policy.
    assetsInlineLimit: 0,
  },
  server: { proxy: { '/api': 'http://127.0.0.1:8484' } },
})
