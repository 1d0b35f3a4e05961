/**
 * How long every page takes with a store far larger than an angler's: 10,000 lures, 2,000 trips, 60,000 events. Writes docs/large-store.md:
 *   npm run build && npm run performance:large
 * A benchmark, never a test. `-- 1000 200 6000` measures a smaller one, `PAGES=/,/trip` some pages only.
 */
import { readFileSync, writeFileSync } from 'node:fs'
import { chromium } from '@playwright/test'
import { CHROMIUM, served } from './served.mjs'

const PORT = 4188
const REPORT = 'docs/large-store.md'
const [LURES = 10_000, TRIPS = 2000, EVENTS = 60_000] = process.argv.slice(2).map(Number)
const RUNS = 2
const PAGES = process.env.PAGES?.split(',') ?? [
  '/',
  '/trip',
  '/box',
  '/box/trays',
  '/box/coverage',
  '/box/labels',
  '/bench',
  '/waters',
  '/rules',
  '/pack',
  '/logbook',
  '/logbook/rates',
  '/logbook/charts',
  '/logbook/like',
  '/logbook/explains',
  '/logbook/audit',
  '/logbook/year',
  '/keep',
]
const median = values => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]
const demo = JSON.parse(readFileSync('demo/box.json', 'utf8'))

/** The demo's own lures and days over and over, with ids of their own; days apart in time. */
function largeBox() {
  const lures = Array.from({ length: LURES }, (_, i) => ({
    ...demo.lures[i % demo.lures.length],
    id: `L${i}`,
    name: `${demo.lures[i % demo.lures.length].name} ${Math.floor(i / demo.lures.length)}`,
  }))
  const usual = new Map(demo.lures.map((lure, i) => [lure.id, i]))
  const perTrip = Math.round(EVENTS / TRIPS)
  const moved = (iso, days) => new Date(Date.parse(iso) - days * 86_400_000).toISOString()
  const trips = Array.from({ length: TRIPS }, (_, t) => {
    const model = demo.trips[t % demo.trips.length]
    const days = t * 2
    const stints = (model.stints ?? []).map((stint, s) => ({
      ...stint,
      id: `T${t}s${s}`,
      start: moved(stint.start, days),
      ...(stint.end ? { end: moved(stint.end, days) } : {}),
      lureId: `L${(usual.get(stint.lureId) ?? 0) + demo.lures.length * (t % Math.max(1, Math.floor(LURES / demo.lures.length)))}`,
      trailerId: null,
      events: Array.from({ length: Math.ceil(perTrip / model.stints.length) }, (_, e) => ({
        ...(stint.events?.[e % Math.max(1, stint.events.length)] ?? { kind: 'hit', when: 'retrieve' }),
        id: `T${t}s${s}e${e}`,
        at: moved(new Date(Date.parse(stint.start) + (e + 1) * 60_000).toISOString(), days),
      })),
    }))
    return {
      ...model,
      id: `T${t}`,
      start: moved(model.start, days),
      ...(model.end ? { end: moved(model.end, days) } : {}),
      stints,
    }
  })
  return { ...demo, lures, trips, tests: [], assemblies: [] }
}

const { base: BASE, stop } = await served(PORT)
const browser = await chromium.launch({
  executablePath: CHROMIUM,
  args: ['--no-sandbox', '--disable-gpu', '--enable-precise-memory-info'],
})
const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
const page = await context.newPage()
const devtools = await context.newCDPSession(page)
page.setDefaultTimeout(300_000)
await page.goto(`${BASE}/keep`)
const begun = Date.now()
await page
  .getByRole('region', { name: 'Restore' })
  .locator('input[type=file]')
  .setInputFiles({ name: 'large.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(largeBox())) })
await page.getByRole('button', { name: 'Put it in place of what is here' }).click()
await page.locator('.undo').waitFor()
const restoredMs = Date.now() - begun

/** From the request to the first content that is of use: the page's own heading, and nothing said to be under way; then its nodes and the heap. */
async function opened(path) {
  await page.goto(BASE + path, { waitUntil: 'commit' })
  const ms = await page.evaluate(
    () =>
      new Promise(resolve => {
        const look = () => {
          const main = document.querySelector('main')
          const text = main?.innerText ?? ''
          const isBusy = /^(Weighing|Opening|Working|Loading|Reading|Adding up|Looking) .*…$/m.test(text)
          if (main && main.querySelectorAll('*').length > 25 && text.length > 120 && !isBusy)
            requestAnimationFrame(() => resolve(performance.now()))
          else if (performance.now() > 30_000) resolve(Infinity)
          else setTimeout(look, 20)
        }
        look()
      }),
  )
  await page.waitForTimeout(1500)
  // What earlier pages left behind is not this page’s.
  await devtools.send('HeapProfiler.collectGarbage')
  const { nodes, heap } = await page.evaluate(() => ({
    nodes: document.querySelectorAll('*').length,
    heap: performance.memory?.usedJSHeapSize ?? 0,
  }))
  return { ms, nodes, heapMb: heap / 2 ** 20 }
}

const lines = []
for (const path of PAGES) {
  const runs = []
  for (let i = 0; i < RUNS; i++) runs.push(await opened(path))
  const ms = median(runs.map(r => r.ms))
  const line = `| ${path} | ${Math.round(Math.min(...runs.map(r => r.ms)))} | ${Math.round(ms)} | ${runs.at(-1).nodes} | ${Math.round(runs.at(-1).heapMb)} |`
  console.log(line)
  lines.push(line)
}

/** A tap on the trip, from the press to its count on the screen [ms]. */
async function taps() {
  await page.goto(`${BASE}/trip`)
  await page.locator('.first, .taps').first().waitFor()
  if (await page.locator('.first').count()) await page.locator('.first').first().click()
  const fish = page.locator('.taps .hit')
  await fish.waitFor()
  const taken = []
  for (let i = 0; i <= 5; i++) {
    const ms = await fish.evaluate(
      button =>
        new Promise(resolve => {
          const began = performance.now()
          const watched = button.closest('main')
          new MutationObserver((_, observer) => {
            observer.disconnect()
            requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - began)))
          }).observe(watched, { childList: true, subtree: true, characterData: true })
          button.click()
        }),
    )
    if (i > 0) taken.push(ms)
    await page.waitForTimeout(1500)
  }
  return taken
}
let tapLine
try {
  const taken = await taps()
  tapLine = `best ${Math.round(Math.min(...taken))}, median ${Math.round(median(taken))}`
} catch (error) {
  tapLine = `not measured (${error.message.split('\n')[0]})`
}
console.log('tap', tapLine)
await browser.close()
stop()

writeFileSync(
  REPORT,
  [
    '# A large store',
    '',
    `Made by \`npm run performance:large\` on the production build: ${LURES.toLocaleString('en')} lures, ${TRIPS.toLocaleString('en')} trips, ${EVENTS.toLocaleString('en')} events, the demo’s own over and over. Chromium, ${RUNS} runs a page after a reload each, milliseconds to the first useful content; the heap of the page’s scripts when it has come to rest, without what waits to be thrown away.`,
    '',
    `Restored from a file in ${(restoredMs / 1000).toFixed(1)} s. A tap on the trip, to its answer on the screen: ${tapLine} ms.`,
    '',
    '| page | best | median | nodes | heap [MB] |',
    '|---|---|---|---|---|',
    ...lines,
    '',
  ].join('\n'),
)
