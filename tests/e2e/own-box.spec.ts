import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { goOn, open } from './support'

/** A thumb on a phone: counts what it does. */
class Thumb {
  taps = 0
  constructor(private readonly page: Page) {}
  async tap(
    role: 'button' | 'link' | 'option' | 'combobox',
    name: string | RegExp,
    within: Pick<Page, 'getByRole'> = this.page,
  ) {
    this.taps++
    await within.getByRole(role, { name }).first().click()
  }
  async fill(label: string | RegExp, text: string) {
    this.taps++
    await this.page.getByLabel(label).first().fill(text)
    await this.page.getByLabel(label).first().blur()
  }
}

/** Ten as they are jotted down, without a scale: no weight where none is on the packet. */
const LIST = `3/8 oz black blue flipping jig, river, A3
5" green pumpkin soft stick x12
1/2 oz white spinnerbait
squarebill, chartreuse
silver inline spinner 7 g
frog, black
4" paddle tail pearl x6
jerkbait, silver
1/4 oz round jig head with grub
lipless crank, red, 14 g`

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } })

  test('ten lures, two rods and no scale: from the demo to the first advice in few taps', async ({ page }) => {
    test.setTimeout(180_000)
    await open(page)
    const thumb = new Thumb(page)
    await thumb.tap('button', 'Start my own')
    const water = page.getByRole('form', { name: 'Your water' })
    await thumb.tap('combobox', 'The fish you are after', water)
    await page.keyboard.type('largemouth')
    await thumb.tap('option', 'Largemouth bass')
    await thumb.fill('Water temperature', '64 °F')
    await thumb.fill(/^What you call it/, 'Home pond')
    await thumb.tap('button', 'This is my water')
    await expect(page.getByText('Your water: Home pond')).toBeVisible()
    await expect(page.locator('.strip .fold')).toContainText('Largemouth bass · 17.8 °C')

    await thumb.tap('link', 'Box, Rods')
    for (const rod of ['7\'0" MH fast 1/4–1 oz', '2.1 m, 3–12 g, medium-light, fast']) {
      await thumb.fill(/^As the rod/, rod)
      await thumb.tap('button', 'Put it on the rack')
      await expect(page.getByLabel(/^As the rod/).first()).toHaveValue('')
    }
    await expect(page.getByRole('list', { name: 'Rods' }).locator('.outfit')).toHaveCount(2)

    await thumb.tap('link', 'In and out')
    await thumb.fill('Rows or a list', LIST)
    await thumb.tap('button', 'Read what is pasted')
    await expect(page.locator('.counts')).toContainText('10 new')
    await thumb.tap('button', /^Put 10 in the box/)
    await expect(page.locator('.undo')).toContainText('10 lures came in')

    await thumb.tap('link', 'Tie-on')
    await expect(page.locator('.setups li').first()).toBeVisible()
    await thumb.tap('button', /^1 /, page.locator('.setups'))
    await expect(page.locator('.sheet').getByText('fish it', { exact: true }).first()).toBeVisible()
    // Forty taps and fields, of a quarter minute each with the reading of it, are ten minutes.
    expect(thumb.taps).toBeLessThanOrEqual(40)
  })
})

test('a lure’s own page: how it is fished here, its tests, its days; what to test leads to the bench, and another like it comes of it', async ({
  page,
}) => {
  await open(page, '/box/lure/l1')
  await expect(page.getByRole('heading', { name: 'Weir runner' })).toBeVisible()
  await expect(page.getByRole('region', { name: 'In this water' })).toContainText(/\d+ of \d+/)
  await expect(page.getByRole('region', { name: 'Tests' })).toContainText('running depth 1.8 m')
  await page.goto('/bench')
  const due = page.getByRole('region', { name: 'Worth testing next' }).getByRole('listitem').first()
  const name = (await due.locator('b').textContent())!
  await due.getByRole('button').click()
  await expect(page.getByRole('complementary')).toContainText(name)
  await goOn(page, '/box/lure/l1')
  await page.getByRole('button', { name: 'Same but…' }).click()
  await expect(page.getByRole('complementary', { name: 'Edit Weir runner, another' })).toBeVisible()
  await page.getByRole('button', { name: 'Take it back' }).click()
  await expect(page.getByRole('complementary', { name: 'Edit Weir runner, another' })).toHaveCount(0)
})

test('a reading that contradicts itself is said, and mended by one tap', async ({ page }) => {
  await open(page)
  await page.getByRole('button', { name: /^light/i }).click()
  await page.locator('.slip').getByRole('button', { name: 'night', exact: true }).click()
  await expect(page.locator('.contradiction')).toContainText('when the sun is up there')
  await page.locator('.contradiction').getByRole('button', { name: 'It is day' }).click()
  await expect(page.locator('.contradiction')).toHaveCount(0)
})

test('a backup joins what is here: what is missing comes in, what differs stays, today’s water is in it', async ({
  page,
}) => {
  test.setTimeout(120_000)
  await open(page, '/keep')
  await page.getByRole('region', { name: 'Demo' }).getByRole('button', { name: 'Start my own' }).click()
  await expect(page.locator('.undo')).toContainText('put away')
  await goOn(page, '/box/exchange')
  await page.getByLabel('Rows or a list').fill('silver inline spinner 7 g\nfrog, black')
  await page.getByRole('button', { name: 'Read what is pasted' }).click()
  await page.getByRole('button', { name: /^Put 2 in the box/ }).click()
  await goOn(page, '/keep')
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Make a backup now' }).click(),
  ])
  const bytes = readFileSync(await download.path())
  await goOn(page, '/box')
  await page.getByRole('button', { name: /^frog/i }).first().click()
  await page.getByRole('button', { name: 'Take out of the box' }).click()
  await expect(page.locator('.box-table tbody tr:not(.gap)')).toHaveCount(1)
  await goOn(page, '/keep')
  await page
    .getByRole('region', { name: 'Restore' })
    .locator('input[type=file]')
    .setInputFiles({ name: 'ygrion.zip', mimeType: 'application/zip', buffer: bytes })
  await page
    .getByRole('button', { name: /^Join it/ })
    .first()
    .click()
  await expect(page.locator('.undo')).toContainText('joined')
  await goOn(page, '/box')
  await expect(page.locator('.box-table tbody tr:not(.gap)')).toHaveCount(2)
})

test('a table that the installed app is opened with stands ready to be read; the manifest offers trip and files', async ({
  page,
}) => {
  await page.addInitScript(() => {
    const file = { getFile: () => Promise.resolve(new File(['name,kind\nRed wobbler,crankbait\n'], 'mine.csv')) }
    const setConsumer = (take: (launch: object) => void) => take({ files: [file] })
    Object.defineProperty(window, 'launchQueue', { value: { setConsumer } })
  })
  await open(page, '/box/exchange')
  await expect(page.getByText('mine.csv: 1 row')).toBeVisible()
  const manifest = (await (await page.request.get('/manifest.webmanifest')).json()) as {
    shortcuts: { url: string }[]
    file_handlers: { action: string }[]
  }
  expect(manifest.shortcuts.map(s => s.url)).toContain('/trip')
  expect(manifest.file_handlers[0]!.action).toBe('/box/exchange')
})
