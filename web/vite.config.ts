import vue from '@vitejs/plugin-vue'
import { VitePWA } from 'vite-plugin-pwa'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [
    vue(),
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
  build: { chunkSizeWarningLimit: 1200 },
})
