import { readdirSync, readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { EVERY_PAGE, goOn, open, told } from './support'

const TERMS = new URL('../../core/terms/', import.meta.url)
/** Words of the format that are written with a hyphen where nobody would write one: told, they are read as they stand in a file. */
const RAW = new Set(
  readdirSync(TERMS)
    .filter(name => name.endsWith('.ts') && !name.endsWith('.test.ts'))
    .flatMap(name => readFileSync(new URL(name, TERMS), 'utf8').match(/(?<=')[a-z]+(?:-[a-z]+)+(?=')/g) ?? []),
)
/** Those that English writes so too. */
const HYPHENED: readonly string[] = [
  'paddle-tail',
  'three-way',
  'belly-weighted',
  'medium-light',
  'medium-heavy',
  'moderate-fast',
  'extra-fast',
]
/** What no page says: a figure that is none, a moment as a machine writes it, one of something in the plural. */
const NEVER = [
  /\bNaN\b|\bundefined\b|\bnull\b|\[object \w+\]|\bInfinity\b/g,
  /\d{4}-\d{2}-\d{2}[T ]\d{2}:\d{2}/g,
  /(?<![\d.,:/-])1 (?:set-ups|lures|trips|rods|follows|contacts|hits|pecks|rules|readings|days|pictures|stretches|taps|casts|pieces|boxes|parts|fishes)\b/g,
]

test('no page tells a raw word of the format, a stamp of a machine, a figure that is none, or one of many', async ({
  page,
}) => {
  test.setTimeout(240_000)
  await open(page)
  const found: string[] = []
  for (const path of EVERY_PAGE) {
    await goOn(page, path)
    await page.waitForLoadState('networkidle')
    const text = await told(page)
    for (const pattern of NEVER) for (const match of text.match(pattern) ?? []) found.push(`${path}: ${match}`)
    for (const word of text.match(/(?<![\w-])[a-z]+(?:-[a-z]+)+(?![\w-])/g) ?? [])
      if (RAW.has(word) && !HYPHENED.includes(word)) found.push(`${path}: ${word}`)
  }
  expect([...new Set(found)]).toEqual([])
})

test('the first set-up is within five tabs, on a wide screen and on a phone', async ({ page }) => {
  const isThere = () =>
    page.evaluate(() => document.activeElement instanceof HTMLElement && !!document.activeElement.closest('.setups li'))
  for (const width of [1280, 390]) {
    await page.setViewportSize({ width, height: 844 })
    await open(page)
    await expect(page.locator('.setups li').first()).toBeVisible()
    await page.keyboard.press('Tab')
    await expect(page.getByRole('link', { name: 'To the page' })).toBeFocused()
    await page.keyboard.press('Enter')
    let tabs = 1
    for (; tabs < 6 && !(await isThere()); tabs++) await page.keyboard.press('Tab')
    expect.soft(tabs, `${width} px`).toBeLessThanOrEqual(5)
  }
})

test('an address that leads nowhere is answered in the program’s own face, and leads back', async ({ page }) => {
  await page.goto('/no/such/page')
  await expect(page.getByRole('heading', { name: 'Nothing hangs on this line' })).toBeVisible()
  await page.getByRole('button', { name: 'To the first page' }).click()
  await expect(page.locator('.setups li').first()).toBeVisible()
})
