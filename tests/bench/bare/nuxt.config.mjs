import { fileURLToPath } from 'node:url'
import vuetify from 'vite-plugin-vuetify'

/** The smallest page of the same stack, against which the first screen is measured (tests/bench/in-browser.mjs). */
const kept = name => fileURLToPath(new URL(`../../../node_modules/.cache/bare/${name}`, import.meta.url))

export default {
  compatibilityDate: '2025-11-01',
  ssr: false,
  telemetry: false,
  devtools: { enabled: false },
  srcDir: '.',
  buildDir: kept('build'),
  modules: ['@pinia/nuxt'],
  nitro: {
    output: { dir: kept('output') },
    prerender: { routes: ['/'], crawlLinks: false },
    compressPublicAssets: { gzip: true, brotli: false },
  },
  build: { transpile: ['vuetify'] },
  vite: { plugins: [vuetify({ autoImport: true })] },
}
