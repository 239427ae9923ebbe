import vue from '@vitejs/plugin-vue'
import { VitePWA } from 'vite-plugin-pwa'
import { readFileSync } from 'node:fs'
import { defineConfig, type Plugin } from 'vite'

const FINDER = 'node_modules/@vladmandic/human/models'
const RECKONER = 'node_modules/@tensorflow/tfjs-backend-wasm/dist'

/** What the face finder has learned, and what it reckons with, out of their packages: they ship with the application. */
const finderModels = (): Plugin => ({
  name: 'finder-models',
  generateBundle() {
    for (const model of ['blazeface', 'facemesh', 'iris'])
      for (const kind of ['json', 'bin'])
        this.emitFile({
          type: 'asset',
          fileName: `finder/${model}.${kind}`,
          source: readFileSync(`${FINDER}/${model}.${kind}`),
        })
    for (const kind of ['-simd', ''])
      this.emitFile({
        type: 'asset',
        fileName: `finder/tfjs-backend-wasm${kind}.wasm`,
        source: readFileSync(`${RECKONER}/tfjs-backend-wasm${kind}.wasm`),
      })
  },
})

export default defineConfig({
  plugins: [
    vue(),
    finderModels(),
    VitePWA({
      injectRegister: false,
      registerType: 'autoUpdate',
      manifest: {
        name: 'Datura',
        short_name: 'Datura',
        description: 'Plans how a face is painted into a character, and guides whoever paints it.',
        start_url: '/chair',
        display: 'standalone',
        background_color: '#221F29',
        theme_color: '#221F29',
        icons: [{ src: '/datura.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
      workbox: {
        globPatterns: ['index.html', 'assets/*.{js,css,woff2}', 'datura.svg'],
        // Nobody looks for faces without the service.
        globIgnores: ['assets/*.worker-*.js'],
        // The service gives the page at its own address alone, with the word by which its styles are known.
        manifestTransforms: [
          (entries) => ({
            manifest: entries.map((e) => (e.url === 'index.html' ? { ...e, url: '/' } : e)),
          }),
        ],
        maximumFileSizeToCacheInBytes: 4_000_000,
        // The page itself comes from the service whenever it answers; only then is what it kept shown.
        navigateFallback: null,
        runtimeCaching: [
          {
            urlPattern: ({ request, url }) => request.mode === 'navigate' && !url.pathname.startsWith('/api'),
            handler: 'NetworkFirst',
            options: {
              cacheName: 'page',
              networkTimeoutSeconds: 4,
              precacheFallback: { fallbackURL: '/' },
              plugins: [{ cacheKeyWillBeUsed: async () => '/' }],
            },
          },
        ],
      },
    }),
  ],
  server: {
    proxy: {
      '/api': 'http://127.0.0.1:5180',
      '/schemas': 'http://127.0.0.1:5180',
      '/live': { target: 'ws://127.0.0.1:5180', ws: true },
    },
  },
  worker: { format: 'es' },
  build: { chunkSizeWarningLimit: 2200 },
})
