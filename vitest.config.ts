import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  resolve: { alias: { '~': fileURLToPath(new URL('app', import.meta.url)) } },
  test: {
    environment: 'node',
    include: ['core/**/*.test.ts', 'server/**/*.test.ts', 'app/**/*.test.ts', 'bin/**/*.test.ts', 'tests/{architecture,corpus,evidence,golden,pack,rotation}/**/*.test.ts'],
    benchmark: { include: ['tests/bench/**/*.bench.ts'] },
    setupFiles: ['tests/seed.ts'],
    testTimeout: 120_000,
  },
})
