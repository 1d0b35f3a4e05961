import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Locator, type Page } from '@playwright/test'
import { comeBack, EVERY_PAGE, goOn, open } from './support'

/** Goes on with the Tab key until it stands there; fails when it is never reached. */
async function tabTo(page: Page, target: Locator, most = 250) {
  await expect(target).toBeVisible()
  for (let i = 0; i < most; i++) {
    if (await target.evaluate(element => element === document.activeElement)) return
    await page.keyboard.press('Tab')
  }
  throw new Error(`${target} is not reached by ${most} tabs`)
}
/** Types into the field that has the focus, in place of what stands there. */
async function type(page: Page, text: string) {
  await page.keyboard.press('Control+A')
  await page.keyboard.type(text)
}
const sideways = (page: Page) => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)

test('the whole main job by keyboard: read the water, open the score, fish, change one thing, look it up, pack', async ({
  page,
}) => {
  test.setTimeout(240_000)
  await open(page)
  await expect(page.locator('.setups li')).toHaveCount(12)

  const water = page.locator('.strip').getByRole('button', { name: /^water: change/ })
  await tabTo(page, water)
  await page.keyboard.press('Enter')
  await tabTo(page, page.getByLabel('Temperature', { exact: true }))
  await type(page, '8')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Escape')
  await expect(water).toContainText('8.0 °C')

  const second = page.locator('.setups li .head').nth(1)
  await tabTo(page, second)
  await page.keyboard.press('Enter')
  const sheet = page.locator('.sheet')
  await tabTo(page, sheet.getByRole('button', { name: 'open the score' }))
  await page.keyboard.press('Enter')
  await expect(sheet.getByRole('row', { name: /^depth/ })).toBeVisible()

  await page.keyboard.press('g')
  await page.keyboard.press('w')
  await tabTo(page, page.locator('.begin .first').first())
  await page.keyboard.press('Enter')
  const happened = page.getByRole('region', { name: 'What happened' })
  for (const what of ['follow', 'landed']) {
    await tabTo(page, happened.getByRole('button', { name: what, exact: true }))
    await page.keyboard.press('Enter')
  }
  await expect(page.getByRole('region', { name: 'On the line' })).toContainText('1 landed today')
  await expect(page.getByRole('region', { name: 'What to change next' })).toBeVisible()

  await page.keyboard.press('g')
  await page.keyboard.press('l')
  await expect(page.getByText('15 trips')).toBeVisible()

  await page.keyboard.press('Control+K')
  await expect(page.getByRole('combobox', { name: 'Find a page, a lure or a deed' })).toBeFocused()
  await page.keyboard.type('moor blade, white')
  await page.keyboard.press('Enter')
  await tabTo(page, page.getByRole('link', { name: 'Change it' }))
  await page.keyboard.press('Enter')
  await tabTo(page, page.locator('.editor').getByLabel('Notes'))
  await type(page, 'good by the reeds')
  await page.keyboard.press('Tab')
  await page.keyboard.press('g')
  await page.keyboard.press('p')
  await tabTo(page, page.getByRole('button', { name: 'Plan for tomorrow' }))
  await page.keyboard.press('Enter')
  await expect(page.getByRole('status').filter({ hasText: /Proven|As near as/ })).toBeVisible({ timeout: 90_000 })

  await page.keyboard.press('g')
  await page.keyboard.press('b')
  await page.getByRole('searchbox', { name: 'Search the box' }).focus()
  await page.keyboard.type('moor blade white')
  await tabTo(page, page.locator('.box-table').getByRole('button', { name: 'Moor blade, white', exact: true }))
  await page.keyboard.press('Enter')
  await expect(page.locator('.editor').getByLabel('Notes')).toHaveValue('good by the reeds')
})

// Twice the size is half the room: 1280 × 800 becomes 640 × 400; the narrowest phone has 320 px (WCAG 2.2, 1.4.10).
for (const [where, width, height] of [
  ['at 200 % zoom', 640, 400],
  ['on the narrowest phone', 320, 640],
] as const) {
  test(`${where} nothing scrolls sideways`, async ({ page }) => {
    test.setTimeout(180_000)
    await page.setViewportSize({ width, height })
    for (const path of EVERY_PAGE) {
      await open(page, path)
      await page.waitForTimeout(300)
      expect.soft(await sideways(page), path).toBeLessThanOrEqual(0)
    }
  })
}

test('whoever wants less motion gets none', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' })
  await open(page)
  for (const name of [/^water: change/, /^fish: change/]) {
    await page.locator('.strip').getByRole('button', { name }).click()
    expect(
      await page.evaluate(() =>
        Math.max(0, ...document.getAnimations().map(a => Number(a.effect?.getComputedTiming().activeDuration ?? 0))),
      ),
    ).toBeLessThanOrEqual(1)
    await page.keyboard.press('Escape')
  }
})

test('the look is what the device asks for, until one is chosen', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' })
  await open(page)
  await expect(page.locator('.theme-night')).toBeVisible()
  await page.emulateMedia({ colorScheme: 'light', contrast: 'more' })
  await expect(page.locator('.theme-glare')).toBeVisible()
  await page.getByRole('button', { name: 'day', exact: true }).click()
  await expect(page.locator('.theme-day')).toBeVisible()
  await goOn(page, '/keep')
  await page.getByRole('button', { name: 'as the device' }).click()
  await expect(page.locator('.theme-glare')).toBeVisible()
})

test('a look chosen at the first moment of a first visit is kept', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'night', exact: true }).click()
  await expect(page.locator('.theme-night')).toBeVisible()
  await comeBack(page)
  await expect(page.locator('.theme-night')).toBeVisible()
})

test('charts and the cut have names, and their figures can be read as a table or in words', async ({ page }) => {
  await open(page)
  await expect(page.locator('.column').getByRole('img').first()).toBeVisible()
  for (const path of ['/logbook/rates', '/logbook/charts', '/waters', '/sums', '/bench', '/logbook/trip/trip7']) {
    await page.goto(path)
    await page.waitForTimeout(800)
    const nameless = await page.locator('svg:visible').evaluateAll(pictures =>
      pictures
        .filter(svg => {
          const isHidden = svg.closest('[aria-hidden=true]') !== null
          const isNamed = svg.closest('[aria-label], [aria-labelledby]') !== null || svg.querySelector('title') !== null
          return !isHidden && !isNamed
        })
        .map(svg => svg.outerHTML.slice(0, 90)),
    )
    expect.soft(nameless, path).toEqual([])
  }
})

test('on paper: the order with the water in words, the whole box, no buttons of the frame', async ({ page }) => {
  await open(page)
  await expect(page.locator('.setups li')).toHaveCount(12)
  await page.emulateMedia({ media: 'print' })
  await expect(page.locator('.setups li').first()).toBeVisible()
  await expect(page.locator('.strip')).toContainText('Northern pike · 11.5 °C')
  for (const selector of ['.top-line', '.strip .figures', '.ask', '.centre'])
    await expect(page.locator(selector)).toBeHidden()
  await page.goto('/box')
  await expect(page.locator('.box-table tbody tr:not(.gap)')).toHaveCount(80)
  await expect(page.getByRole('button', { name: 'Put in the box' })).toBeHidden()
  await page.emulateMedia({ media: 'screen' })
  await expect.poll(() => page.locator('.box-table tbody tr:not(.gap)').count()).toBeLessThan(60)
})

test('on A4 and on letter every printed view keeps to its sheet, and what is only for the hand stays off it', async ({
  page,
}) => {
  test.setTimeout(180_000)
  // What is left of a sheet between margins of a centimetre, at 96 px an inch: ISO 216 A4 and letter.
  const SHEETS = [718, 740]
  for (const path of ['/', '/pack', '/logbook/trip/trip7', '/box?lure=l1', '/bench', '/logbook/year']) {
    await page.emulateMedia({ media: 'screen' })
    await page.setViewportSize({ width: 1280, height: 800 })
    await open(page, path)
    await page.waitForTimeout(800)
    await page.emulateMedia({ media: 'print' })
    for (const width of SHEETS) {
      await page.setViewportSize({ width, height: 1000 })
      expect.soft(await sideways(page), `${path} at ${width}`).toBeLessThanOrEqual(0)
    }
    await expect(page.locator('button.quiet:visible:not(.sisters button, dd button)')).toHaveCount(0)
    await expect(page.locator('.editor:visible')).toHaveCount(0)
  }
  await page.emulateMedia({ media: null })
  await page.setViewportSize({ width: 1280, height: 800 })
  await open(page, '/box/labels')
  await expect(page.locator('.sheet')).toHaveCount(2)
  const pages = (pdf: Buffer) => pdf.toString('latin1').match(/\/Type\s*\/Page\b/g)?.length
  expect(pages(await page.pdf({ format: 'A4' }))).toBe(2)
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } })

  test('the pages stand under the thumb, the others and the help open above them', async ({ page }) => {
    await open(page)
    const pages = page.getByRole('navigation', { name: 'Pages' })
    const box = (await pages.boundingBox())!
    expect(box.y).toBeGreaterThan(700)
    await pages.getByRole('link', { name: 'Box', exact: true }).click()
    await expect(page.getByRole('heading', { name: 'Box', level: 1 })).toBeVisible()
    await expect(pages.getByRole('link', { name: 'Sums' })).toBeHidden()
    await pages.getByRole('button', { name: 'More' }).click()
    await pages.getByRole('link', { name: 'Sums' }).click()
    await expect(page).toHaveURL(/\/sums$/)
    await expect(pages.getByRole('link', { name: 'Sums' })).toBeHidden()
    await pages.getByRole('button', { name: 'More' }).click()
    await pages.getByRole('button', { name: 'Help' }).click()
    const help = page.getByRole('dialog', { name: 'Help' })
    await expect(help).toContainText('The sums that anglers do by feel')
    await expect(help).toContainText('count-down')
    await help.getByRole('button', { name: 'Close' }).click()
    await expect(help).toHaveCount(0)
  })

  test('axe finds nothing serious with the water unfolded, the other pages open, and in the help', async ({ page }) => {
    await open(page)
    await expect(page.locator('.setups li').first()).toBeVisible()
    const serious = async () =>
      (await new AxeBuilder({ page }).analyze()).violations
        .filter(v => v.impact === 'serious' || v.impact === 'critical')
        .map(
          v =>
            `${v.id}: ${v.nodes
              .slice(0, 3)
              .map(n => n.target.join(' '))
              .join(' | ')}`,
        )
    await page.getByRole('button', { name: /Northern pike · 11\.5\s°C/ }).click()
    await page.getByRole('button', { name: 'More', exact: true }).click()
    expect(await serious()).toEqual([])
    await page.getByRole('button', { name: 'Help', exact: true }).click()
    await expect(page.getByRole('dialog', { name: 'Help' })).toBeVisible()
    expect(await serious()).toEqual([])
  })

  test('a lure opened far down the list shows its editor, and closed gives the place back', async ({ page }) => {
    await open(page, '/box')
    // The order is by fit once the water has been judged: a name that is read before stands elsewhere then.
    await expect(page.locator('.box-table .brief').first()).toHaveText(/fits/)
    const name = (await page.locator('.box-table .open').nth(9).textContent())!
    const row = page.locator('.box-table').getByRole('button', { name, exact: true })
    await row.click()
    const editor = page.locator('.editor')
    await expect(editor.getByLabel('Name', { exact: true })).toHaveValue(name)
    await expect(editor.getByLabel('Name', { exact: true })).toBeInViewport()
    await editor.getByRole('button', { name: 'close' }).click()
    await expect(row).toBeInViewport()
  })

  test('the water is folded into a line, and unfolds to be changed', async ({ page }) => {
    await open(page)
    const fold = page.getByRole('button', { name: /Northern pike · 11\.5\s°C/ })
    await expect(fold).toBeVisible()
    await expect(page.getByRole('button', { name: /^wind/ })).toBeHidden()
    await fold.click()
    await page.getByRole('button', { name: /^wind/ }).click()
    await page.getByRole('button', { name: 'Wind more' }).click()
    await expect(fold).toContainText('wind 6 m/s')
    await page.keyboard.press('Escape')
    await fold.click()
    await expect(page.getByRole('button', { name: /^wind/ })).toBeHidden()
  })

  test('installing is offered once, and not again when it is not wanted', async ({ page }) => {
    await open(page)
    const offer = () =>
      page.evaluate(() =>
        window.dispatchEvent(
          Object.assign(new Event('beforeinstallprompt', { cancelable: true }), {
            prompt: () => document.body.classList.add('asked'),
            userChoice: Promise.resolve({ outcome: 'accepted' }),
          }),
        ),
      )
    await offer()
    await page.getByRole('button', { name: 'Install it' }).click()
    await expect(page.locator('body.asked')).toHaveCount(1)
    await comeBack(page)
    await open(page)
    await offer()
    await page.getByRole('button', { name: 'no, and do not ask again' }).click()
    await comeBack(page)
    await open(page)
    await offer()
    await expect(page.getByRole('button', { name: 'Install it' })).toHaveCount(0)
  })
})

test('by night the ground of the whole window is dark, past the end of the page too', async ({ page }) => {
  await open(page, '/rules')
  await page.locator('.themes').getByText('night', { exact: true }).click()
  await expect
    .poll(() => page.evaluate(() => getComputedStyle(document.documentElement).backgroundColor))
    .toBe('rgb(14, 8, 6)')
})
