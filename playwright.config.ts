import { defineConfig } from '@playwright/test'

const port = Number(process.env.E2E_PORT ?? 4173)
const baseURL = `http://127.0.0.1:${port}`

export default defineConfig({
  testDir: 'tests/e2e',
  workers: 1,
  // A shared machine may stall for seconds; what fails three times is wrong.
  retries: process.env.CI ? 2 : 0,
  timeout: 90_000,
  snapshotPathTemplate: '{testDir}/{testFileName}-pictures/{arg}{ext}',
  expect: { timeout: 20_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    baseURL,
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
    trace: 'retain-on-failure',
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: 'node .output/server/index.mjs',
    env: { NITRO_HOST: '127.0.0.1', NITRO_PORT: String(port) },
    url: baseURL,
    reuseExistingServer: !process.env.CI,
    timeout: 60_000,
  },
})
