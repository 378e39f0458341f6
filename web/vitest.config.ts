import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  resolve: {
    alias: {
      '@': fileURLToPath(new URL('./src', import.meta.url)),
      '@formats': fileURLToPath(new URL('../docs/formats', import.meta.url)),
    },
  },
  test: { environment: 'happy-dom', include: ['src/**/*.test.ts'] },
})
