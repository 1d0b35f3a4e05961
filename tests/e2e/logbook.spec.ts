import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { goOn } from './support'

const PAGES = [
  '/logbook',
  '/logbook/rates',
  '/logbook/explains',
  '/logbook/charts',
  '/logbook/like',
  '/logbook/audit',
  '/logbook/year',
]

async function kept(page: Page, click: () => Promise<void>): Promise<string> {
  const [download] = await Promise.all([page.waitForEvent('download'), click()])
  return readFileSync(await download.path(), 'utf8')
}

test('trips: the list, one trip on its cut, a correction that can be taken back', async ({ page }) => {
  await page.goto('/logbook')
  await expect(page.getByText('14 trips')).toBeVisible()
  await page.getByRole('link', { name: 'Open the trip of May 30 2026' }).click()
  await expect(page.getByRole('heading', { name: /May 30, 2026/ })).toBeVisible()
  const marks = page.getByRole('group', { name: /stretches/ }).getByRole('button', { name: /^landed/ })
  const landed = await marks.count()
  await page.getByRole('region', { name: 'Weir runner' }).getByRole('button', { name: '+ add' }).click()
  await page.getByRole('group', { name: 'What happened' }).getByRole('button', { name: 'landed', exact: true }).click()
  await expect(marks).toHaveCount(landed + 1)
  await marks.first().click()
  await page.getByLabel('length', { exact: true }).fill('31 cm')
  await page.getByLabel('length', { exact: true }).press('Enter')
  await expect(page.getByLabel('length', { exact: true })).toHaveValue(/^310/)
  await page.keyboard.press('Escape')
  await page.getByRole('region', { name: 'Weir runner' }).getByRole('button', { name: 'correct' }).click()
  await page.getByRole('region', { name: 'Weir runner' }).getByLabel('casts').fill('many')
  await page.getByRole('region', { name: 'Weir runner' }).getByLabel('casts').blur()
  await expect(page.getByRole('alert')).toContainText('whole number, got "many"')
  for (const count of [landed + 1, landed]) {
    await page
      .locator('.undo button', { hasText: /take it back|undo/i })
      .first()
      .click()
    await expect(marks).toHaveCount(count)
  }
})

test('two trips are made one and parted again; a table goes out and comes in as it was', async ({ page }) => {
  await page.goto('/logbook')
  for (const day of ['Oct 24', 'Oct 3']) await page.getByRole('checkbox', { name: `Pick the trip of ${day}` }).check()
  await page.getByRole('button', { name: 'Make them one trip' }).click()
  await expect(page.getByText('13 trips')).toBeVisible()
  await page.locator('.undo button').first().click()
  await expect(page.getByText('14 trips')).toBeVisible()
  const csv = await kept(page, () => page.getByRole('button', { name: 'table (CSV)' }).click())
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'trips.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) })
  await expect(page.getByText('0 new trips, 0 that change, 14 the same')).toBeVisible()
  const damaged = csv
    .split('\r\n')
    .slice(0, 4)
    .join('\r\n')
    .replace(/landed|hit|peck|follow/, 'swallowed')
    .replaceAll('trip1', 'elsewhere')
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'damaged.csv', mimeType: 'text/csv', buffer: Buffer.from(damaged) })
  await expect(page.getByText(/got "swallowed"/)).toBeVisible()
})

test('a catch diary of one’s own comes in: what was taken for what is shown first, and it can be taken back', async ({
  page,
}) => {
  const diary = [
    'Datum;Uhrzeit;Gewässer;Köder;Fischart;Länge (cm);Wassertemperatur',
    '12.05.2025;06:30;Averin Water;Moor blade;Hecht;72;12,5',
    ';9.15;;Grannet;Barsch;31;',
    'gestern;9.15;;Grannet;Barsch;31;',
  ].join('\n')
  await page.goto('/logbook')
  await page
    .getByLabel('Bring in trips or a catch diary')
    .setInputFiles({ name: 'diary.csv', mimeType: 'text/csv', buffer: Buffer.from(diary) })
  const shown = page.locator('.preview')
  await expect(shown).toContainText('1 new trip, 0 that change')
  await expect(shown).toContainText('“gestern” is no date that is understood')
  await expect(shown).toContainText('“Wassertemperatur” is taken in °C')
  await shown.getByRole('button', { name: 'Write 1 trip' }).click()
  await expect(page.getByText('15 trips')).toBeVisible()
  await page.getByRole('link', { name: 'Open the trip of May 12 2025' }).click()
  await expect(page.getByRole('region', { name: 'Moor blade' })).toContainText('1 landed')
  await page.locator('.undo button').first().click()
  await page.goto('/logbook')
  await expect(page.getByText('14 trips')).toBeVisible()
})

test('positions leave blurred unless one asks for the exact ones', async ({ page }) => {
  await page.goto('/logbook')
  const blurred = JSON.parse(await kept(page, () => page.getByRole('button', { name: /GeoJSON/ }).click())) as {
    features: { geometry: { coordinates: number[] } }[]
  }
  await page.getByRole('button', { name: 'exact', exact: true }).click()
  const exact = JSON.parse(
    await kept(page, () => page.getByRole('button', { name: /GeoJSON/ }).click()),
  ) as typeof blurred
  expect(exact.features.length).toBe(blurred.features.length)
  expect(new Set(blurred.features.map(f => f.geometry.coordinates.join())).size).toBeLessThan(
    new Set(exact.features.map(f => f.geometry.coordinates.join())).size / 3,
  )
  expect(await kept(page, () => page.getByRole('button', { name: /GPX/ }).click())).toContain('<wpt lat="58.')
})

test('rates, charts with table and picture, days like this, rules on the own water, the year', async ({ page }) => {
  await page.goto('/logbook/rates')
  await expect(page.getByRole('img', { name: /contacts by lure/ })).toBeVisible()
  await expect(page.getByText('Never fished')).toBeVisible()
  await page.getByRole('group', { name: 'Sorted by' }).getByRole('button', { name: 'light' }).click()
  await expect(page.getByRole('img', { name: /Low sun|Night|Dull|Bright/ })).toBeVisible()
  await page.getByRole('button', { name: 'as a table' }).click()
  await expect(page.getByRole('columnheader', { name: 'rate, 90 % interval' })).toBeVisible()

  await page.goto('/logbook/charts')
  await expect(page.getByRole('img')).toHaveCount(5)
  const svg = await kept(page, () => page.getByRole('button', { name: 'Keep Depth by month as SVG' }).click())
  expect(svg).toMatch(/^<svg[^>]+xmlns="http:\/\/www.w3.org\/2000\/svg"/)
  const [png] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Keep Depth by month as PNG' }).click(),
  ])
  expect(
    readFileSync(await png.path())
      .subarray(1, 4)
      .toString(),
  ).toBe('PNG')

  await page.goto('/logbook/like')
  await expect(page.getByRole('listitem').first()).toContainText('0.0 steps')
  await page.goto('/logbook/audit')
  await expect(page.getByRole('button', { name: /not tested/ })).toBeVisible()
  await page.getByRole('button', { name: /looks so/ }).click()
  await expect(page.getByText(/% that following draws more/).first()).toBeVisible()
  await page.goto('/logbook/year')
  await expect(page.getByRole('heading', { name: '2026 on the water' })).toBeVisible()
})

test('a day from memory, a stretch that was forgotten, and what the day says', async ({ page }) => {
  await page.goto('/logbook')
  await page.getByRole('button', { name: 'Write down a day from memory' }).click()
  await page.getByLabel('day', { exact: true }).fill('2026-05-02')
  await page.getByRole('button', { name: 'Put it in the log' }).click()
  await expect(page.getByRole('alert')).toContainText('choose the lure')
  await page.getByRole('combobox', { name: 'lure fished longest' }).click()
  await page.locator('.v-overlay .v-list-item').nth(2).click()
  await page.getByRole('button', { name: 'Put it in the log' }).click()
  await expect(page.getByRole('heading', { level: 2 })).toContainText(/May 2, 2026|2 May 2026/)
  const notes = page.getByRole('list', { name: 'What the day says' })
  await expect(notes).toContainText('2.0 h with 1 lure: 0 contacts, 0 landed')
  await page.getByRole('button', { name: 'add a stretch that was forgotten' }).click()
  await expect(page.locator('section.stint')).toHaveCount(2)
  await expect(page.locator('section.stint .fields')).toHaveCount(1)
  await page.locator('section.stint').nth(1).getByRole('button', { name: '+ add' }).click()
  await page.locator('section.stint').nth(1).getByRole('button', { name: 'landed', exact: true }).click()
  await expect(notes).toContainText('2.5 h with 1 lure: 1 contact, 1 landed')
})

test('the log enters the judgement, says so, and can be switched off', async ({ page }) => {
  await page.goto('/')
  await expect(page.locator('.setups li')).toHaveCount(12)
  const scores = () => page.locator('.setups li').allTextContents()
  const withLog = await scores()
  await page.goto('/logbook/rates')
  await page.getByRole('checkbox', { name: /moves its score/ }).uncheck()
  await goOn(page, '/')
  await expect(page.locator('.setups li')).toHaveCount(12)
  await expect.poll(scores).not.toEqual(withLog)
})

test('on a phone nothing of the logbook scrolls sideways', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  for (const path of [...PAGES, '/logbook/trip/trip7']) {
    await page.goto(path)
    await page.waitForTimeout(700)
    expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(390)
  }
})
