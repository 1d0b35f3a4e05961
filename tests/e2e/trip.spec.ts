import { expect, test, type Page } from '@playwright/test'

test.use({ viewport: { width: 390, height: 844 } })

async function begin(page: Page) {
  await page.goto('/trip')
  await page.locator('.begin .first').first().click()
  await expect(page.getByRole('region', { name: 'On the line' })).toContainText('0 landed today')
}
const tap = (page: Page, name: string) =>
  page.getByRole('region', { name: 'What happened' }).getByRole('button', { name, exact: true }).click()

test('a trip by thumb: taps, details, undo, a change, and everything there after the page was killed', async ({
  page,
  context,
}) => {
  await begin(page)
  const first = await page.locator('.now h1').textContent()
  await page.getByRole('button', { name: 'Five casts more' }).click()
  await tap(page, 'landed')
  await expect(page.getByRole('status').filter({ hasText: 'landed is stored' })).toBeVisible()
  await page.getByRole('group', { name: 'when' }).getByRole('button', { name: 'on the pause' }).click()
  await page.getByRole('group', { name: 'hooked' }).getByRole('button', { name: 'in the lip' }).click()
  await page.getByLabel('length', { exact: true }).fill('62 cm')
  await page.getByLabel('length', { exact: true }).press('Enter')
  await expect(page.getByLabel('length', { exact: true })).toHaveValue(/^620/)
  await page.getByRole('button', { name: 'Done' }).click()
  await tap(page, 'peck')
  await page.getByRole('button', { name: 'take it back' }).click()
  await expect(page.getByRole('region', { name: 'Events' }).getByRole('listitem')).toHaveCount(1)
  await expect(page.getByRole('region', { name: 'What to change next' })).toContainText('Stay with it')

  await page.close()
  const again = await context.newPage()
  await again.goto('/trip')
  await expect(again.locator('.now h1')).toHaveText(first!)
  await expect(again.getByRole('region', { name: 'On the line' })).toContainText('5 casts · 1 landed today')
  await expect(again.getByRole('region', { name: 'Events' })).toContainText('landed')
  await again.getByRole('button', { name: 'tie on something else' }).click()
  await again.locator('.others .first').nth(2).click()
  await expect(again.locator('.now h1')).not.toHaveText(first!)
  await again.getByRole('button', { name: 'End the trip' }).click()
  await expect(again.getByRole('heading', { name: 'On the water' })).toBeVisible()
})

test('two tabs on one trip keep both their taps; a lost lure leaves the box and comes back with the undo', async ({
  page,
  context,
}) => {
  await begin(page)
  const other = await context.newPage()
  await other.goto('/trip')
  await expect(other.locator('.now h1')).toBeVisible()
  await tap(page, 'hit')
  await tap(other, 'follow')
  await expect(page.getByRole('region', { name: 'Events' }).getByRole('listitem')).toHaveCount(2)
  const lure = (await page.locator('.now h1').textContent())!
  const quantity = () =>
    page.evaluate(
      name =>
        new Promise<number | null>(resolve => {
          const open = indexedDB.open('ygrion')
          open.onsuccess = () => {
            const all = open.result.transaction('lures').objectStore('lures').getAll()
            all.onsuccess = () =>
              resolve(
                (all.result as { name: string; quantity: number | null }[]).find(l => l.name === name)?.quantity ??
                  null,
              )
          }
        }),
      lure,
    )
  const before = await quantity()
  await tap(page, 'lure lost')
  await expect.poll(quantity).toBe((before ?? 1) - 1)
  await page.getByRole('button', { name: 'take it back' }).click()
  await expect.poll(quantity).toBe(before ?? 1)
})

test('tried and untried show blanks; an honest pair says no difference yet; nothing scrolls sideways; targets are large', async ({
  page,
}) => {
  await begin(page)
  const grid = page.getByRole('region', { name: 'Tried and untried' })
  await expect(grid.getByRole('img', { name: /not tried/ }).first()).toBeVisible()
  const pair = page.getByRole('region', { name: 'Honest pair' })
  await pair.locator('.pair').first().click()
  await pair
    .getByRole('button', { name: /^Cast with/ })
    .first()
    .click()
  await pair
    .getByRole('button', { name: /^Contact with/ })
    .first()
    .click()
  await expect(pair.getByRole('status')).toContainText('No difference yet')
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  for (const box of await page.locator('.tap').evaluateAll(list => list.map(e => e.getBoundingClientRect().height)))
    expect(box).toBeGreaterThanOrEqual(56)
})

test('the count-down runs and stops', async ({ page }) => {
  await begin(page)
  await page
    .getByRole('region', { name: 'Timers' })
    .getByRole('button', { name: /let it lie/ })
    .click()
  await expect(page.getByRole('timer')).toContainText('let it lie')
  await page.getByRole('timer').getByRole('button', { name: 'stop' }).click()
  await expect(page.getByRole('timer')).toHaveCount(0)
})

test('the place of an event is kept when one wishes it, and only then', async ({ page, context }) => {
  await context.grantPermissions(['geolocation'])
  await context.setGeolocation({ latitude: 58.4012, longitude: 13.2034 })
  await begin(page)
  await tap(page, 'hit')
  await page.getByRole('checkbox', { name: /Keep the place/ }).check()
  await tap(page, 'landed')
  const places = () =>
    page.evaluate(
      () =>
        new Promise<(number | null)[]>(resolve => {
          const open = indexedDB.open('ygrion')
          open.onsuccess = () => {
            const all = open.result.transaction('trips').objectStore('trips').getAll()
            all.onsuccess = () =>
              resolve(
                (all.result as { end: string | null; stints: { events: { latitude?: number | null }[] }[] }[])
                  .filter(t => !t.end)
                  .flatMap(t => t.stints.flatMap(s => s.events.map(e => e.latitude ?? null))),
              )
          }
        }),
    )
  await expect.poll(places).toEqual([null, 58.4012])
})

test('fish that are lost one after another change the advice: not "stay", but what to change and why', async ({
  page,
}) => {
  await begin(page)
  const next = page.getByRole('region', { name: 'What to change next' })
  await expect(next).toContainText('Stay with it')
  for (let i = 0; i < 3; i++) {
    await tap(page, 'lost')
    await expect(page.getByRole('region', { name: 'Events' }).getByRole('listitem')).toHaveCount(i + 1)
    await page.waitForTimeout(400) // two fish are never lost within a double tap
  }
  await expect(next.getByRole('heading')).toContainText(/^Change the /)
  await expect(next).toContainText('→')
  await expect(next).not.toContainText('Stay with it')
})

test('the same lure fished otherwise is one tap, told on top, and taken back; follows lead to a longer pause', async ({
  page,
}) => {
  await begin(page)
  const hand = page.getByRole('region', { name: 'Changed in the hand' })
  const how = page.locator('.now .how')
  const before = await how.textContent()
  await hand.getByRole('button', { name: /^slower/ }).click()
  await expect(how).not.toHaveText(before!)
  await page.getByRole('button', { name: 'take it back' }).click()
  await expect(how).toHaveText(before!)
  for (let i = 0; i < 2; i++) {
    await tap(page, 'follow')
    await expect(page.getByRole('region', { name: 'Events' }).getByRole('listitem')).toHaveCount(i + 1)
    await page.waitForTimeout(400)
  }
  await expect(page.getByRole('region', { name: 'What to change next' }).getByRole('heading')).toContainText(
    /^Change the /,
  )
})

test('everything of a cast is under one thumb: no scrolling, 56 px, at 390 × 844', async ({ page }) => {
  await begin(page)
  for (const name of ['On the line', 'Changed in the hand', 'What happened']) {
    const box = (await page.getByRole('region', { name }).boundingBox())!
    expect(box.y + box.height, name).toBeLessThan(844 - 56)
  }
  for (const height of await page
    .locator('.step, .casts button, .tap')
    .evaluateAll(list => list.map(e => e.getBoundingClientRect().height)))
    expect(height).toBeGreaterThanOrEqual(56)
})

test('any lure of the box is found by name and tied on; an ended trip goes on', async ({ page }) => {
  await begin(page)
  const first = await page.locator('.now h1').textContent()
  await page.getByRole('button', { name: 'tie on something else' }).click()
  await page.getByLabel('Look for a lure').fill('quill')
  const found = page.locator('.others .first').first()
  const name = (await found.locator('b').textContent())!
  await found.click()
  await expect(page.locator('.now h1')).toHaveText(name)
  await page.getByRole('button', { name: 'take it back' }).click()
  await expect(page.locator('.now h1')).toHaveText(first!)
  await page.getByRole('button', { name: 'End the trip' }).click()
  await page.getByRole('button', { name: /^Go on with the trip that ended at/ }).click()
  await expect(page.locator('.now h1')).toHaveText(first!)
})
