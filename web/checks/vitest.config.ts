import { resolve } from 'node:path'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  resolve: {
    alias: {
      '@': resolve(import.meta.dirname, '../src'),
      '@formats': resolve(import.meta.dirname, '../../docs/formats'),
    },
  },
  test: { environment: 'happy-dom', include: ['src/**/*.test.ts'] },
})
