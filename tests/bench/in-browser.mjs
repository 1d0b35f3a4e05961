/**
 * What a person waits for, in a real browser on the production build; writes the section "In the browser" of docs/performance.md:
 *   npm run build && npm run performance:browser
 * A benchmark, never a test. Medians of several runs.
 */
import { readFileSync, writeFileSync } from 'node:fs'
import { chromium } from '@playwright/test'
import { CHROMIUM, served } from './served.mjs'

const PORT = 4187
const RUNS = 9
const REPORT = 'docs/performance.md'
const HEADING = '## In the browser'
const demo = JSON.parse(readFileSync('demo/box.json', 'utf8'))
const median = values => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]

const { base: BASE, stop } = await served(PORT)
const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu'] })

/** From the request to the first set-up on the screen [ms], with nothing kept from before, or with the program and the box already there. */
async function firstScreen(isFirstVisit) {
  const taken = []
  const again = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
  for (let i = 0; i <= RUNS; i++) {
    const context = isFirstVisit
      ? await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
      : again
    const page = await context.newPage()
    await page.goto(BASE, { waitUntil: 'commit' })
    const ms = await page.evaluate(
      () =>
        new Promise(resolve => {
          const look = () =>
            document.querySelector('.setups li .name')
              ? requestAnimationFrame(() => resolve(performance.now()))
              : requestAnimationFrame(look)
          look()
        }),
    )
    if (i > 0) taken.push(ms)
    await page.close()
    if (isFirstVisit) await context.close()
  }
  await again.close()
  return taken
}

/** A change of the reading, from the key to the new order painted [ms], and the longest that a frame took meanwhile [ms]. */
async function reRanking(count) {
  const lures = Array.from({ length: count }, (_, i) => ({
    ...demo.lures[i % demo.lures.length],
    id: `b${i}`,
    name: `${demo.lures[i % demo.lures.length].name} ${i}`,
  }))
  const page = await (
    await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
  ).newPage()
  await page.goto(`${BASE}/keep`)
  await page
    .getByRole('region', { name: 'Restore' })
    .locator('input[type=file]')
    .setInputFiles({
      name: 'big.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify({ ...demo, lures, tests: [], trips: [] })),
    })
  await page.getByRole('button', { name: 'Put it in place of what is here' }).click({ timeout: 120_000 })
  await page.locator('.undo').waitFor({ timeout: 120_000 })
  await page.goto(BASE)
  await page.locator('.setups li').first().waitFor({ timeout: 120_000 })
  await page
    .locator('.strip')
    .getByRole('button', { name: /^water: change/ })
    .click()
  const runs = []
  for (let i = 0; i <= RUNS; i++) {
    const field = page.getByLabel('Temperature', { exact: true })
    await field.fill(String(i % 2 === 0 ? 21 + i / 10 : 6 + i / 10))
    const run = await field.evaluate(
      input =>
        new Promise(resolve => {
          let last = performance.now()
          let longest = 0
          let isDone = false
          const began = last
          const frame = now => {
            longest = Math.max(longest, now - last)
            last = now
            if (!isDone) requestAnimationFrame(frame)
          }
          requestAnimationFrame(frame)
          new MutationObserver((_, observer) => {
            observer.disconnect()
            requestAnimationFrame(() =>
              setTimeout(() => {
                isDone = true
                resolve({ ms: performance.now() - began, longest })
              }),
            )
          }).observe(document.querySelector('.setups'), { childList: true, subtree: true, characterData: true })
          input.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))
        }),
    )
    if (i > 0) runs.push(run)
    await page.waitForTimeout(500)
  }
  await page.context().close()
  return runs
}

const row = (what, values, limit) =>
  `| ${what} | ${Math.round(Math.min(...values))} | ${Math.round(median(values))} | ${limit} | ${median(values) <= limit ? 'within' : '**over**'} |`
const rows = [
  row('first screen usable, first visit', await firstScreen(true), 1500),
  row('first screen usable, with the box there', await firstScreen(false), 1500),
]
const frames = []
for (const [count, limit] of [
  [1000, 100],
  [5000, 400],
]) {
  const runs = await reRanking(count)
  rows.push(
    row(
      `a change of the reading to the new order painted, ${count.toLocaleString('en')} lures × ${demo.outfits.length} outfits`,
      runs.map(r => r.ms),
      limit,
    ),
  )
  frames.push(`${Math.round(median(runs.map(r => r.longest)))} ms with ${count.toLocaleString('en')} lures`)
}
await browser.close()
stop()

const section = [
  HEADING,
  '',
  'Made by `npm run performance:browser` on the production build from a local server, in milliseconds.',
  '',
  '| what | best | median | limit | |',
  '|---|---|---|---|---|',
  ...rows,
  '',
  `The longest frame of the page while the worker judges: ${frames.join(', ')}.`,
  '',
].join('\n')
const [before, after = ''] = readFileSync(REPORT, 'utf8').split(`${HEADING}\n`)
const next = after.search(/^## /m)
writeFileSync(REPORT, `${before.trimEnd()}\n\n${section}${next < 0 ? '' : `\n${after.slice(next)}`}`)
console.log(section)
