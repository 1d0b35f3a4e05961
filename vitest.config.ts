import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import Unimport from 'unimport/unplugin'
import vuetify from 'vite-plugin-vuetify'
import { defineConfig } from 'vitest/config'

/** Components mounted in a document; everything else runs in plain Node. */
const MOUNTED = 'app/{components,kept-screen,pages}/**/*.test.ts'
const shared = { setupFiles: ['tests/seed.ts'], testTimeout: 120_000, hookTimeout: 120_000 }
const resolve = { alias: { '~': fileURLToPath(new URL('app', import.meta.url)) } }

export default defineConfig({
  test: {
    projects: [
      {
        resolve,
        test: {
          ...shared,
          name: 'core',
          environment: 'node',
          exclude: [MOUNTED],
          include: [
            'core/**/*.test.ts',
            'speech/**/*.test.ts',
            'server/**/*.test.ts',
            'app/**/*.test.ts',
            'bin/**/*.test.ts',
            'tests/{architecture,corpus,evidence,golden,pack,rotation}/**/*.test.ts',
          ],
          benchmark: { include: ['tests/bench/**/*.bench.ts'] },
        },
      },
      {
        resolve,
        // What the app imports by itself, as its own build does: Vue, the stores and composables; components are found in `app/testing/mounted.ts`.
        plugins: [
          vue(),
          vuetify({ autoImport: true }),
          Unimport.vite({
            presets: ['vue', 'vue-router', 'pinia'],
            dirs: ['app/stores', 'app/composables'],
            dts: false,
          }),
        ],
        test: {
          ...shared,
          name: 'mounted',
          environment: 'happy-dom',
          include: [MOUNTED],
          server: { deps: { inline: ['vuetify'] } },
        },
      },
    ],
  },
})
