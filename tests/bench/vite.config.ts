import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vite'

/** Bundles the report, so that what is measured is the code as it ships and not a transformer. */
export default defineConfig({
  build: {
    ssr: fileURLToPath(new URL('report.ts', import.meta.url)),
    outDir: 'node_modules/.cache/performance',
    emptyOutDir: true,
    minify: false,
    target: 'node20',
  },
})
