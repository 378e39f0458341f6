import { fileURLToPath } from 'node:url'
import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

export default defineConfig({
  plugins: [
    vue(),
    tailwindcss(),
    // The bench opens without its server: the page and what it is made of are kept by the browser, its data by the bench itself.
    VitePWA({
      registerType: 'autoUpdate',
      injectRegister: 'script-defer',
      manifest: {
        name: 'Crisp Whorl',
        short_name: 'Crisp Whorl',
        start_url: '/orders',
        display: 'standalone',
        background_color: '#e9e8e2',
        theme_color: '#e9e8e2',
        icons: [{ src: '/whorl.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        // While the server answers, a page is always its newest; only where it does not is the kept one opened.
        navigateFallback: null,
        directoryIndex: 'none.html',
        runtimeCaching: [
          {
            urlPattern: ({ request, url }) => request.mode === 'navigate' && !url.pathname.startsWith('/api/'),
            handler: 'NetworkOnly',
            options: { precacheFallback: { fallbackURL: '/index.html' } },
          },
          { urlPattern: /\/bench\/picture\.svg/, handler: 'StaleWhileRevalidate', options: { cacheName: 'bench-pictures' } },
        ],
      },
    }),
  ],
  resolve: {
    alias: {
      '@': fileURLToPath(new URL('./src', import.meta.url)),
      '@formats': fileURLToPath(new URL('../docs/formats', import.meta.url)),
    },
  },
  build: { outDir: 'target/classes/static', emptyOutDir: true, chunkSizeWarningLimit: 400 },
  server: { proxy: { '/api': 'http://127.0.0.1:8417' } },
})
