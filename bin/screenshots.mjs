/** Takes docs/screenshots/*.png again from the running app with its demo data: npm run screenshots [-- http://127.0.0.1:4173]. */
import { chromium } from '@playwright/test'

const base = process.argv[2] ?? 'http://127.0.0.1:4173'
const wide = { width: 1280, height: 800 }
const phone = { width: 390, height: 844 }
const click = selector => page => page.click(selector)
/** Till it is told how sure the order is. */
const howSure = page => page.waitForSelector('.setups .standing:has-text("first in")', { timeout: 60_000 })
const pick = name => async page => {
  await page.fill('.on-the-bench input[type=text]', name)
  await page.getByRole('option', { name, exact: true }).click()
}
const VIEWS = [
  { name: 'tie-on', path: '/', size: wide, steps: [howSure, click('.setups li:nth-child(1) .head')] },
  {
    name: 'what-if',
    path: '/',
    size: wide,
    steps: [
      click('text=What would change this?'),
      page => page.waitForSelector('.flips', { timeout: 60_000 }),
      howSure,
    ],
  },
  { name: 'rules', path: '/rules', size: wide, steps: [page => page.waitForTimeout(800)] },
  {
    name: 'sums',
    path: '/sums?of=dive-cast',
    size: wide,
    steps: [page => page.waitForSelector('.sum-chart', { timeout: 60_000 })],
  },
  {
    name: 'trip-phone',
    path: '/trip',
    size: phone,
    steps: [click('.begin .first'), page => page.waitForTimeout(1500), click('.tap.peck')],
  },
  { name: 'tie-on-night', path: '/', size: wide, steps: [howSure, click('.themes >> text=night')] },
  { name: 'tie-on-phone', path: '/', size: phone, steps: [howSure] },
  {
    name: 'box',
    path: '/box',
    size: wide,
    steps: [page => page.waitForTimeout(800), click('.box-table .open >> nth=4')],
  },
  { name: 'box-trays', path: '/box/trays', size: wide, steps: [click('nav[aria-label=Boxes] >> text=Lake plugs')] },
  { name: 'box-coverage', path: '/box/coverage', size: wide, steps: [] },
  { name: 'box-rods', path: '/box/outfits', size: wide, steps: [] },
  {
    name: 'lure',
    path: '/box/lure/l1',
    size: wide,
    steps: [page => page.waitForSelector('.place', { timeout: 60_000 })],
  },
  { name: 'colours', path: '/colours', size: wide, steps: [page => page.waitForTimeout(1200)] },
  { name: 'waters', path: '/waters', size: wide, steps: [] },
  { name: 'logbook', path: '/logbook', size: wide, steps: [] },
  { name: 'logbook-trip', path: '/logbook/trip/trip7', size: wide, steps: [] },
  {
    name: 'logbook-charts',
    path: '/logbook/charts',
    size: wide,
    steps: [page => page.waitForSelector('.cross', { timeout: 60_000 })],
  },
  {
    name: 'pack',
    path: '/pack',
    size: wide,
    steps: [
      click('text=Plan for tomorrow'),
      page => page.waitForSelector('.state:has-text("Proven")', { timeout: 90_000 }),
    ],
  },
  {
    name: 'bench',
    path: '/bench',
    size: wide,
    steps: [
      pick('Sallow stick'),
      click('.work >> text=fall >> nth=0'),
      page => page.evaluate(() => window.scrollTo(0, 0)),
    ],
  },
]

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
})
for (const { name, path, size, steps } of VIEWS) {
  const context = await browser.newContext({ viewport: size, serviceWorkers: 'block' })
  const page = await context.newPage()
  await page.goto(base + path)
  await page.waitForSelector(
    {
      '/': '.setups li',
      '/box': '.box-table tbody tr .open',
      '/box/trays': '.tray',
      '/box/coverage': '.square',
      '/box/lure/l1': '.lure-page',
      '/box/outfits': '.outfit',
      '/bench': '.on-the-bench',
      '/colours': '.swatch',
      '/waters': '.water-year',
      '/rules': '.tactic svg',
      '/trip': '.begin .first',
      '/sums?of=dive-cast': '.sums',
      '/logbook': '.list',
      '/logbook/trip/trip7': 'section.stint',
      '/logbook/charts': '.charts',
      '/pack': '.empty',
    }[path] ?? 'table',
  )
  await page.waitForTimeout(800)
  for (const step of steps) await step(page)
  await page.waitForTimeout(500)
  await page.screenshot({ path: `docs/screenshots/${name}.png` })
  await context.close()
}
await browser.close()
