import { fileURLToPath } from 'node:url'
import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'
import { keptPages } from './build/keptPages'

export default defineConfig({
  plugins: [
    vue(),
    tailwindcss(),
    keptPages(),
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
