import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { open, stored } from './support'

test('a water is sent as a link and read in another box with its own lures; the spot stays at home', async ({
  browser,
  page,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write'])
  await open(page)
  await page.locator('.setups li .head').first().click()
  const tied = (await page.locator('.setups li .name').first().textContent())!
  await page.getByRole('button', { name: 'send it' }).click()
  await expect(page.getByText('The link is copied; the spot is not in it.')).toBeVisible()
  const link = await page.evaluate(() => navigator.clipboard.readText())
  const sent = Buffer.from(new URL(link).searchParams.get('water')!, 'base64url').toString()
  expect(sent).toContain('"species":"northern-pike"')
  expect(sent).toContain('"latitude":58,')

  const other = await browser.newContext()
  const there = await other.newPage()
  await open(there)
  const seen = there.locator('.strip').getByRole('button', { name: /^a lure vanishes at/ })
  await seen.click()
  await there.locator('.slip').getByRole('button', { name: 'clear', exact: true }).click()
  await there.keyboard.press('Escape')
  await expect(seen).toContainText('clear')
  await stored(there)
  await there.goto(new URL(link).pathname + new URL(link).search)
  const slip = there.getByRole('region', { name: 'A water that was sent' })
  await expect(slip).toContainText('northern pike, 11.5 °C')
  await expect(slip).toContainText(`Tied on there: ${tied}`)
  // Looking at it changes nothing.
  await expect(seen).toContainText('clear')
  await slip.getByRole('button', { name: 'Read it with my box' }).click()
  await expect(seen).toContainText('brown')
  await expect(slip).toHaveCount(0)
  expect(new URL(there.url()).search).toBe('')
  await expect(there.locator('.setups li')).toHaveCount(12)
  await other.close()
})

test('a water is sent as a file, and opens where files come in', async ({ page }) => {
  await open(page)
  await page.locator('.setups li .head').first().click()
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'as a file' }).first().click(),
  ])
  await page.goto('/box/exchange')
  await page
    .locator('input[accept^=".csv"]')
    .setInputFiles({
      name: file.suggestedFilename(),
      mimeType: 'application/json',
      buffer: readFileSync(await file.path()),
    })
  await expect(page.getByRole('region', { name: 'A water that was sent' })).toContainText('northern pike, 11.5 °C')
  await expect(page).toHaveURL(/\/\?water=/)
})

test('a file of the box goes out without the spots where that is wished', async ({ page }) => {
  await open(page, '/box/exchange')
  await page.getByRole('button', { name: 'left out' }).click()
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Everything, as an Ygrion file' }).click(),
  ])
  const text = readFileSync(await file.path()).toString()
  expect(text).toContain('"trips"')
  expect(text).not.toMatch(/latitude|longitude/)
})

test('the little book: found by its words, drawn, and reached from help and by Ctrl K', async ({ page }) => {
  await open(page)
  await page.keyboard.press('?')
  await page.getByRole('link', { name: 'The little book' }).click()
  const book = page.getByRole('region', { name: 'The little book' })
  await expect(book.getByRole('article').first().getByRole('img')).toBeVisible()
  await book.getByRole('searchbox', { name: 'Look something up' }).fill('colorado')
  await expect(book.getByRole('heading', { level: 3 }).first()).toHaveText('Colorado')
  await book.getByRole('searchbox').fill('xyzzy')
  await expect(book.getByRole('status')).toHaveText('Nothing in the book is called so.')
  await page.keyboard.press('Control+k')
  await page.keyboard.type('stop and go')
  await page.keyboard.press('Enter')
  await expect(book.getByRole('heading', { level: 3 }).first()).toHaveText('Stop and go')
  await expect(book.locator('.sketch').first()).toBeVisible()
})

test('a damaged link says so, is no script, and goes at a tap', async ({ page }) => {
  await open(page, `/?water=${encodeURIComponent('<img src=x onerror=alert(1)>')}&tied=<b>x</b>`)
  const slip = page.getByRole('region', { name: 'A water that was sent' })
  await expect(slip).toContainText('the link is damaged')
  await expect(slip.locator('img, b')).toHaveCount(0)
  await slip.getByRole('button', { name: 'leave it' }).click()
  await expect(slip).toHaveCount(0)
})

test('tactics are drawn, with the lure of the box that is fished so here; a rule shows what it lifts and sinks', async ({
  page,
}) => {
  await open(page, '/rules')
  const tactics = page.getByRole('region', { name: 'Tactics' }).getByRole('article')
  await expect(tactics.first().getByRole('img')).toBeVisible()
  const drawings = await page
    .locator('.sketch .wound')
    .evaluateAll(paths => paths.map(p => p.getAttribute('d')!.length))
  expect(drawings.length).toBe(await tactics.count())
  expect(Math.min(...drawings)).toBeGreaterThan(40)
  const best = (await page.getByLabel('The order now').getByRole('listitem').first().locator('.name').textContent())!
  await tactics
    .first()
    .getByRole('link', { name: `here with ${best}, no. 1` })
    .click()
  await expect(page.locator('.setups li.chosen .name').first()).toHaveText(best)

  await page.goto('/rules?part=handbook')
  const lifted = page.getByRole('img', { name: /of the first \d+ lures it lifts [1-9]\d* and sinks \d+/ })
  await expect(lifted.first()).toBeVisible()
})
