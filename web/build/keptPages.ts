import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import type { Plugin } from 'vite'
import { build } from 'vite'

const WORKER = fileURLToPath(new URL('../src/sw.ts', import.meta.url))
const KEPT = /\.(js|css|html|svg|woff2)$/

/** Files that are kept under the names they are asked by: one whose name does not tell its content has a revision. */
const PUBLIC = ['whorl.svg']

const revision = (content: string | Uint8Array) => createHash('sha256').update(content).digest('hex').slice(0, 16)

/** Builds the service worker last, with the list of everything else that was built. */
export function keptPages(): Plugin {
  let out = ''
  return {
    name: 'kept-pages',
    apply: 'build',
    configResolved(config) {
      out = config.build.outDir
    },
    async writeBundle(_, bundle) {
      const made = Object.values(bundle)
        .filter((file) => KEPT.test(file.fileName))
        .map((file) => ({
          url: file.fileName,
          revision: file.fileName.startsWith('assets/') ? null : revision(file.type === 'chunk' ? file.code : file.source),
        }))
      const shipped = PUBLIC.map((url) => ({ url, revision: revision(readFileSync(`public/${url}`)) }))
      await build({
        configFile: false,
        logLevel: 'warn',
        define: { MADE_OF: JSON.stringify([...made, ...shipped]), 'process.env.NODE_ENV': '"production"' },
        build: {
          outDir: out,
          emptyOutDir: false,
          copyPublicDir: false,
          lib: { entry: WORKER, formats: ['iife'], name: 'kept', fileName: () => 'sw.js' },
        },
      })
    },
  }
}
