import { readFile } from 'node:fs/promises'
import { createServer, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { extname, join, normalize } from 'node:path'
import { expect, test, type Page } from '@playwright/test'
import { comeBack } from './support'

test.use({ serviceWorkers: 'allow' })

const BUILT = '.output/public'
const TYPES: Record<string, string> = {
  '.html': 'text/html',
  '.js': 'text/javascript',
  '.css': 'text/css',
  '.svg': 'image/svg+xml',
  '.json': 'application/json',
  '.webmanifest': 'application/manifest+json',
  '.woff2': 'font/woff2',
  '.wasm': 'application/wasm',
}

/** A server of the built files whose service worker can be given a newer edition. */
let server: Server
let origin = ''
/** What the newer edition's worker asks for beside the rest; `''`: there is no newer edition. */
let newer = ''

test.beforeEach(async () => {
  newer = ''
  server = createServer(async ({ url }, response) => {
    const path = normalize(new URL(url!, 'http://here').pathname)
    try {
      const bytes = await readFile(join(BUILT, extname(path) ? path : 'index.html'))
      const body =
        path === '/sw.js' && newer
          ? Buffer.concat([
              Buffer.from(
                `self.__edition = 2; self.addEventListener('install', e => e.waitUntil(fetch('${newer}').then(r => { if (!r.ok) throw new Error('half an update') })));\n`,
              ),
              bytes,
            ])
          : bytes
      response
        .writeHead(200, {
          'content-type': TYPES[extname(path) || '.html'] ?? 'application/octet-stream',
          'cache-control': 'no-cache',
        })
        .end(body)
    } catch {
      response.writeHead(404).end()
    }
  })
  await new Promise<void>(resolve => server.listen(0, '127.0.0.1', resolve))
  origin = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
})
test.afterEach(
  () =>
    new Promise(resolve => {
      server.closeAllConnections()
      server.close(resolve)
    }),
)

const landed = (page: Page) => page.getByRole('region', { name: 'On the line' })
const banner = (page: Page) => page.getByRole('status').filter({ hasText: 'A new version is ready' })

/** A first visit with a fish on the trip, the program put by for use without signal. */
async function fishOnce(page: Page) {
  await page.goto(`${origin}/trip`)
  await page.locator('.begin .first').first().click()
  await page.getByRole('region', { name: 'What happened' }).getByRole('button', { name: 'landed', exact: true }).click()
  await expect(landed(page)).toContainText('1 landed today')
  await page.evaluate(() => navigator.serviceWorker.ready)
  await comeBack(page)
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller?.state)).toBe('activated')
}

test('a new version waits until it is asked for, and the trip goes on in it', async ({ page }) => {
  await fishOnce(page)
  await expect(banner(page)).toHaveCount(0)
  newer = '/icon.svg'
  await page.reload()
  await expect(banner(page)).toBeVisible()
  await page.getByRole('region', { name: 'What happened' }).getByRole('button', { name: 'landed', exact: true }).click()
  await expect(landed(page)).toContainText('2 landed today')
  const reloaded = page.waitForEvent('load')
  await banner(page).getByRole('button', { name: 'Take it now' }).click()
  await reloaded
  await expect(landed(page)).toContainText('2 landed today')
  await expect(banner(page)).toHaveCount(0)
})

test('one may go on without it: it is put off, and comes with the next visit', async ({ page, context }) => {
  await fishOnce(page)
  newer = '/icon.svg'
  await page.reload()
  await banner(page).getByRole('button', { name: 'later' }).click()
  await expect(banner(page)).toHaveCount(0)
  await expect(landed(page)).toContainText('1 landed today')
  await page.close()
  const next = await context.newPage()
  await next.goto(`${origin}/trip`)
  await expect(landed(next)).toContainText('1 landed today')
})

test('an update that breaks off half way leaves the old version at work, with the server gone too', async ({
  page,
}) => {
  await fishOnce(page)
  newer = '/gone.js'
  const found = page.evaluate(
    () =>
      new Promise(resolve =>
        navigator.serviceWorker.getRegistration().then(registration => {
          registration!.onupdatefound = () => {
            const worker = registration!.installing!
            worker.onstatechange = () => resolve(worker.state)
          }
          void registration!.update()
        }),
      ),
  )
  expect(await found).toBe('redundant')
  await expect(banner(page)).toHaveCount(0)
  server.closeAllConnections()
  await new Promise(resolve => server.close(resolve))
  await page.reload()
  await expect(landed(page)).toContainText('1 landed today')
  await page.goto(`${origin}/logbook`)
  await expect(page.getByText('15 trips')).toBeVisible()
})
