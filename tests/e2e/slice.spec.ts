import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { comeBack, EVERY_PAGE, goOn } from './support'

const names = (page: Page) => page.locator('.setups li .name').allTextContents()

async function open(page: Page, path = '/') {
  const outside: string[] = []
  page.on('request', request => {
    if (!/^(http:\/\/127\.0\.0\.1|blob:|data:)/.test(request.url())) outside.push(request.url())
  })
  await page.goto(path)
  await expect(page.getByText('Demo box, all invented')).toBeVisible()
  return outside
}

test('the demo opens with a ranked, explained set-up, and nothing is fetched from outside', async ({ page }) => {
  const outside = await open(page)
  await expect(page.locator('.setups li')).toHaveCount(12)
  await page.locator('.setups li .head').first().click()
  const sheet = page.locator('.sheet')
  await expect(sheet.getByText('rig', { exact: true })).toBeVisible()
  await expect(sheet.getByText('fish it', { exact: true })).toBeVisible()
  await expect(sheet.getByText('common practice, no source')).toHaveCount(0)
  await sheet.getByRole('button', { name: 'Source: common practice, no source' }).first().click()
  await expect(sheet.getByText('common practice, no source').first()).toBeVisible()
  await sheet.getByRole('button', { name: 'open the score' }).click()
  await expect(sheet.getByRole('row', { name: /^depth/ })).toBeVisible()
  expect(outside).toEqual([])
})

test('a reading changes, the order changes, undo brings it back, and a reload keeps it', async ({ page }) => {
  await open(page)
  await expect(page.locator('.setups li')).toHaveCount(12)
  const before = await names(page)
  await page.getByRole('button', { name: /a lure vanishes at/ }).click()
  await page.getByLabel('Visibility', { exact: true }).fill('6 m')
  await page.getByLabel('Visibility', { exact: true }).press('Enter')
  await page.locator('.slip').getByRole('button', { name: 'clear', exact: true }).click()
  await page.keyboard.press('Escape')
  await expect.poll(() => names(page)).not.toEqual(before)
  // Both changes are judged one after the other: the order that stays is the one to come back to.
  await expect
    .poll(async () => {
      const now = await names(page)
      await page.waitForTimeout(1500)
      return (await names(page)).join() === now.join()
    })
    .toBe(true)
  const after = await names(page)
  await comeBack(page)
  await expect.poll(() => names(page)).toEqual(after)
  await expect(page.getByRole('button', { name: /a lure vanishes at/ })).toContainText('6.0')
})

test('undo takes a change of the reading back', async ({ page }) => {
  await open(page)
  await expect(page.locator('.setups li')).toHaveCount(12)
  const before = await names(page)
  await page.getByRole('button', { name: /^mood/ }).click()
  await page.locator('.slip').getByRole('button', { name: 'lethargic' }).click()
  await page.keyboard.press('Escape')
  await expect.poll(() => names(page)).not.toEqual(before)
  await page.getByRole('button', { name: 'undo', exact: true }).click()
  await expect.poll(() => names(page)).toEqual(before)
})

test('a bad value is refused in words and nothing changes', async ({ page }) => {
  await open(page)
  await page.getByRole('button', { name: /^water/ }).click()
  const field = page.getByLabel('Temperature', { exact: true })
  await field.fill('95')
  await field.press('Enter')
  await expect(page.getByRole('alert').filter({ hasText: 'Temperature' })).toContainText(
    /95 is not possible here; give -2\.0.°C to 40\.0.°C/,
  )
  await field.fill('warm')
  await field.press('Enter')
  await expect(page.getByRole('alert').filter({ hasText: 'warm' })).toContainText('“warm” is not a temperature')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('button', { name: /^water/ })).toContainText('11.5')
})

test('a lure is entered in one line and is still there after a reload; taken out, it can be taken back', async ({
  page,
}) => {
  await open(page, '/box')
  await page.getByLabel('Kind', { exact: true }).first().fill('bladed')
  await page.keyboard.press('Enter')
  await page.getByLabel(/^Weight, g/).fill('1/2 oz')
  await page.getByLabel(/^Length, mm/).fill('3.5 in')
  await page.getByLabel('Name (if it has one)').fill('Ford rattler')
  await page.getByRole('button', { name: 'dark', exact: true }).first().click()
  await page.getByRole('button', { name: 'Put in the box' }).click()
  const row = page.getByRole('row', { name: /Ford rattler/ })
  await expect(row).toContainText('14.2 g')
  await expect(row).toContainText('89 mm')
  await comeBack(page)
  await expect(row).toBeVisible()
  await row.getByRole('button', { name: 'Ford rattler' }).click()
  await page.getByRole('button', { name: 'Take out of the box' }).click()
  await expect(row).toHaveCount(0)
  await page.getByRole('button', { name: 'Take it back' }).click()
  await page.getByLabel('Search the box').fill('ford rattler')
  await expect(row).toBeVisible()
})

test('a lure is edited in place; an impossible weight is refused by name and not stored', async ({ page }) => {
  await open(page, '/box')
  await page.getByLabel('Search the box').fill('deep brask')
  await page.getByRole('button', { name: 'Deep Brask', exact: true }).click()
  const editor = page.getByLabel('Edit Deep Brask')
  const weight = editor.getByLabel('Weight', { exact: true })
  await weight.fill('-4 g')
  await weight.press('Tab')
  await expect(editor.getByRole('alert')).toContainText(/Weight: -4\sg is not possible here/)
  await weight.fill('22.5 g')
  await weight.press('Tab')
  await expect(page.getByRole('row', { name: /Deep Brask(?!, sloe)/ })).toContainText('22.5 g')
})

test('names are text, whatever they contain', async ({ page }) => {
  await open(page, '/box')
  await page.getByLabel('Kind', { exact: true }).first().fill('tube')
  await page.keyboard.press('Enter')
  await page.getByLabel('Name (if it has one)').fill('<img src=x onerror=alert(1)>')
  await page.getByRole('button', { name: 'Put in the box' }).click()
  await expect(page.getByRole('button', { name: '<img src=x onerror=alert(1)>' })).toBeVisible()
})

test('an own, empty box teaches what to do, and the demo can be taken back', async ({ page }) => {
  await open(page)
  await page.getByRole('button', { name: 'Start my own' }).click()
  await expect(page.getByText('Enter ten of your own')).toBeVisible()
  await page.getByRole('button', { name: 'Take it back' }).click()
  await expect(page.locator('.setups li')).toHaveCount(12)
})

for (const theme of ['day', 'glare', 'night'] as const) {
  test(`axe finds nothing serious in the ${theme} look`, async ({ page }) => {
    // A page takes axe some seconds on a busy machine, and there are many.
    test.setTimeout(900_000)
    await open(page)
    await page.getByRole('button', { name: theme, exact: true }).click()
    await expect(page.locator('.setups li')).toHaveCount(12)
    for (const path of theme === 'day'
      ? EVERY_PAGE
      : ['/', '/trip', '/rules', '/box?lure=l1', '/box/coverage', '/logbook', '/logbook/charts', '/logbook/rates']) {
      await goOn(page, path)
      await expect(page.locator(`.theme-${theme}`)).toBeVisible()
      await page.waitForTimeout(600)
      const { violations } = await new AxeBuilder({ page }).analyze()
      expect(
        violations
          .filter(v => v.impact === 'serious' || v.impact === 'critical')
          .map(
            v =>
              `${path} ${v.id}: ${v.nodes
                .slice(0, 3)
                .map(n => n.target.join(' '))
                .join(' | ')}`,
          ),
      ).toEqual([])
    }
  })
}

test('on a phone nothing scrolls sideways and the first set-up is in sight', async ({ page }) => {
  test.setTimeout(180_000)
  await page.setViewportSize({ width: 390, height: 844 })
  await open(page)
  await expect(page.locator('.setups li').first()).toBeInViewport()
  for (const path of [
    '/',
    '/trip',
    '/keep',
    '/rules',
    '/rules?part=own',
    '/box',
    '/box?lure=l1',
    '/box/trays',
    '/box/parts',
    '/box/outfits',
    '/box/coverage',
    '/box/exchange',
    '/bench',
    '/colours',
    '/waters',
    '/sums',
  ]) {
    await page.goto(path)
    await page.waitForTimeout(400)
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  }
})

test('an assumed cast looks assumed, and the score tells how each figure is known', async ({ page }) => {
  await open(page)
  await page.locator('.setups li .head').first().click()
  await expect(page.locator('.sheet .figures').getByTitle('assumed until you measure your cast')).toBeVisible()
  await page.locator('.sheet').getByRole('button', { name: 'open the score' }).click()
  await expect(page.locator('.sheet .known.typical').first()).toBeVisible()
  await expect(page.locator('.sheet').getByTitle('as you entered it').first()).toBeVisible()
})
