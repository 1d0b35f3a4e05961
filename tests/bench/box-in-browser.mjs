/**
 * How long a box of 5,000 lures takes in a real browser, on the production build:
 *   npm run build && npm run start &   then   node tests/bench/box-in-browser.mjs [http://127.0.0.1:4173]
 * Prints medians of several runs in milliseconds. A benchmark, never a test.
 */
import { readFileSync } from 'node:fs'
import { chromium } from '@playwright/test'

const base = process.argv[2] ?? 'http://127.0.0.1:4173'
const COUNT = 5000
const RUNS = 5
const demo = JSON.parse(readFileSync('demo/box.json', 'utf8'))
const lures = Array.from({ length: COUNT }, (_, i) => ({
  ...demo.lures[i % demo.lures.length],
  id: `b${i}`,
  name: `${demo.lures[i % demo.lures.length].name} ${i}`,
}))
const csv = `id,name,kind,weight (g),length (mm),box,slot\r\n${lures.map(l => `c${l.id},"${l.name}",${l.family},${l.weightG ?? ''},${l.lengthMm ?? ''},${l.box},${l.slot}`).join('\r\n')}\r\n`
const median = values => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)].toFixed(0)

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
})
const page = await (
  await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
).newPage()
await page.goto(`${base}/box/exchange`)
await page
  .locator('.zone input')
  .setInputFiles({
    name: 'big.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ ...demo, lures })),
  })
await page.getByRole('button', { name: 'Put it in place of everything' }).click()
await page.locator('.undo').waitFor()

const opened = []
for (let i = 0; i < RUNS; i++) {
  await page.goto('about:blank')
  await page.goto(`${base}/box`, { waitUntil: 'commit' })
  opened.push(
    await page.evaluate(
      () =>
        new Promise(resolve => {
          const look = () =>
            document.querySelector('.box-table tbody tr .open')
              ? resolve({
                  rows: performance.now(),
                  script: performance.getEntriesByName('box-page-entered')[0]?.startTime ?? 0,
                })
              : requestAnimationFrame(look)
          look()
        }),
    ),
  )
}
console.log(`opening /box with ${COUNT} lures, navigation to first rows: ${median(opened.map(o => o.rows))} ms`)

await page.goto(base)
await page.locator('.setups li').first().waitFor({ timeout: 60_000 })
const entered = []
for (let i = 0; i < RUNS; i++) {
  entered.push(
    await page.evaluate(
      () =>
        new Promise(resolve => {
          const begun = performance.now()
          document.querySelector('nav a[href="/box"]').click()
          const look = () =>
            document.querySelector('.box-table tbody tr .open')
              ? requestAnimationFrame(() => resolve(performance.now() - begun))
              : requestAnimationFrame(look)
          look()
        }),
    ),
  )
  await page.locator('nav a[href="/"]').last().click()
  await page.locator('.setups li').first().waitFor()
}
console.log(`from Tie-on to the first rows of the box: ${median(entered)} ms`)

await page.goto(`${base}/box`)
await page.locator('.box-table .open').first().waitFor()
await page.waitForTimeout(4000)
const strokes = []
for (const text of ['s', 'sk', 'ske', 'skel', 'skell', 'skell 1', '14g', '14g gold', '14g gold spinnerbait']) {
  strokes.push(
    await page.evaluate(
      typed =>
        new Promise(resolve => {
          const field = document.querySelector('.search')
          const begun = performance.now()
          field.value = typed
          field.dispatchEvent(new Event('input', { bubbles: true }))
          requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - begun)))
        }),
      text,
    ),
  )
  await page.waitForTimeout(300)
}
console.log(
  `a keystroke in the search, to painted: ${median(strokes)} ms (worst ${Math.max(...strokes).toFixed(0)} ms)`,
)

await page.goto(`${base}/box/exchange`)
let begun = Date.now()
await page.locator('.zone input').setInputFiles({ name: 'big.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) })
await page.locator('.counts').waitFor({ timeout: 60_000 })
const planned = Date.now() - begun
begun = Date.now()
await page.getByRole('button', { name: /^Put \d+ in the box/ }).click()
await page.locator('.zone').waitFor({ timeout: 60_000 })
console.log(`import of ${COUNT} rows: ${planned} ms to the preview, ${Date.now() - begun} ms to written`)
await browser.close()
