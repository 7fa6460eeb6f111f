import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { reactCompiler } from './react-compiler.ts';

export default defineConfig({
  plugins: [
    reactCompiler(),
    react(),
    VitePWA({
      // A newer version waits until a person takes it: nothing jumps under his hands.
      registerType: 'prompt',
      injectRegister: false,
      includeAssets: ['mark.svg'],
      manifest: {
        name: 'Etappe',
        short_name: 'Etappe',
        description: 'From the surface to the crew’s order',
        start_url: '/jobs',
        display: 'standalone',
        background_color: '#F5F2EA',
        theme_color: '#16302B',
        icons: [{ src: '/mark.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
      workbox: {
        // The whole application: any station may first be opened without a network.
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        maximumFileSizeToCacheInBytes: 5_000_000,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/healthz/],
        // What lies under a hash never changes: photos that were looked at are there without a network.
        runtimeCaching: [
          {
            urlPattern: /\/api\/v1\/photos\/[0-9a-f]{64}\//,
            handler: 'CacheFirst',
            options: {
              cacheName: 'photos',
              expiration: { maxEntries: 600, purgeOnQuotaError: true },
              cacheableResponse: { statuses: [200] },
            },
          },
        ],
        sourcemap: false,
      },
    }),
  ],
  server: {
    port: 4601,
    host: '127.0.0.1',
    // The name that the page came by goes on: the server compares it with where a write comes from.
    proxy: Object.fromEntries(
      ['/api', '/healthz'].map((path) => [path, { target: 'http://127.0.0.1:4600', changeOrigin: false }]),
    ),
  },
  worker: { format: 'es' },
  build: {
    target: 'es2023',
    sourcemap: false,
    chunkSizeWarningLimit: 1200,
    // Dates stand on the first page too, which does not wait for the engine.
    rolldownOptions: {
      output: { advancedChunks: { groups: [{ name: 'luxon', test: /node_modules\/luxon/ }] } },
    },
  },
});
