/** Takes docs/screenshots/*.png again from the running app with its demo data: npm run screenshots [-- http://127.0.0.1:4173]. */
import { chromium } from '@playwright/test'

const base = process.argv[2] ?? 'http://127.0.0.1:4173'
const wide = { width: 1280, height: 800 }
const phone = { width: 390, height: 844 }
const click = selector => page => page.click(selector)
const VIEWS = [
  { name: 'tie-on', path: '/', size: wide, steps: [click('.setups li:nth-child(1) .head')] },
  { name: 'tie-on-night', path: '/', size: wide, steps: [click('.themes >> text=night')] },
  { name: 'tie-on-phone', path: '/', size: phone, steps: [] },
  { name: 'box', path: '/box', size: wide, steps: [click('.box-table .open >> nth=4')] },
  { name: 'box-phone', path: '/box', size: phone, steps: [] },
]

const browser = await chromium.launch({ executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'] })
for (const { name, path, size, steps } of VIEWS) {
  const context = await browser.newContext({ viewport: size, serviceWorkers: 'block' })
  const page = await context.newPage()
  await page.goto(base + path)
  await page.waitForSelector(path === '/' ? '.setups li' : '.box-table tbody tr')
  await page.waitForTimeout(800)
  for (const step of steps) await step(page)
  await page.waitForTimeout(500)
  await page.screenshot({ path: `docs/screenshots/${name}.png` })
  await context.close()
}
await browser.close()
