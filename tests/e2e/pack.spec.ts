import { expect, test, type Page } from '@playwright/test'
import { comeBack } from './support'

async function plan(page: Page) {
  await page.goto('/pack')
  await page.getByRole('button', { name: 'Plan for tomorrow' }).click()
  await planned(page)
}
const planned = (page: Page) =>
  expect(page.getByRole('status')).toContainText(/^(Proven|As near as)/, { timeout: 60_000 })
const things = (page: Page) => page.getByRole('region', { name: 'The pack' }).locator('.thing .name b')
/** By the whole name: "Weir runner" is another lure than "Weir runner, ember". */
const named = (page: Page, name: string) => things(page).and(page.getByText(name, { exact: true }))

test('plan, lock, leave, swap, add, tick, and start the trip with what is rigged', async ({ page }) => {
  test.setTimeout(240_000)
  await plan(page)
  await expect(page.getByText('simulated forecast')).toBeVisible()
  const first = (await things(page).first().textContent())!
  await page.getByRole('button', { name: `Leave ${first} at home`, exact: true }).click()
  await expect(named(page, first)).toHaveCount(0)
  await expect(page.getByRole('status')).toContainText('Changed by hand')
  const out = (await things(page).first().textContent())!
  await page.getByRole('button', { name: `Swap ${out}`, exact: true }).click()
  const swap = page
    .getByRole('list', { name: `In the place of ${out}` })
    .getByRole('button')
    .first()
  await expect(swap).toContainText('%')
  const into = (await swap.textContent())!.replace(/ [+−].*$/, '')
  await swap.click()
  await expect(named(page, into)).toHaveCount(1)
  await page.getByRole('button', { name: `${into} must go along`, exact: true }).click()
  await page.getByRole('button', { name: 'Plan again' }).click()
  await planned(page)
  await expect(named(page, into)).toHaveCount(1)
  await expect(named(page, first)).toHaveCount(0)
  await page.getByRole('checkbox', { name: `${into} is packed`, exact: true }).check()
  await comeBack(page)
  await expect(page.getByRole('checkbox', { name: `${into} is packed`, exact: true })).toBeChecked({ timeout: 60_000 })

  const rigged = (await page.locator('.rods .rigged b').first().textContent())!
  await page.getByRole('link', { name: 'Start the trip with it' }).click()
  await expect(page.getByRole('button', { name: /rigged on/ }).first()).toBeVisible()
  await page.getByRole('button', { name: new RegExp(`${rigged} · rigged on`) }).click()
  await expect(page.getByRole('region', { name: 'On the line' })).toContainText(rigged)
  await expect(page.getByRole('region', { name: 'Rods that are rigged' }).locator('[aria-pressed=true]')).toHaveCount(3)
})

test('impossible limits say which limit conflicts, and nothing is lost', async ({ page }) => {
  test.setTimeout(180_000)
  await plan(page)
  for (const rod of ['River wand', 'Medium seven', 'Pike stick', 'Ledge rod']) {
    const chip = page.locator('.rod-locks').getByRole('button', { name: rod })
    await chip.click()
    await expect(chip).toContainText('must')
  }
  const before = await things(page).allTextContents()
  await page.getByRole('button', { name: 'Plan again' }).click()
  await expect(page.getByRole('alert')).toContainText('4 rods must go along, the limit is 3')
  expect(await things(page).allTextContents()).toEqual(before)
})

test('a likely water is changed by hand; a search can be stopped; what is missing over the season is told', async ({
  page,
}) => {
  test.setTimeout(240_000)
  await plan(page)
  // The windiest hour may be noon: then both are one reading.
  await page.getByRole('button', { name: /^noon.* more likely/ }).click()
  await expect(page.getByRole('status')).toContainText('plan again')
  await page.locator('.likely .row').nth(1).getByRole('button', { name: 'change' }).click()
  await page.getByRole('button', { name: 'Water more' }).click()
  await page.getByRole('button', { name: 'Plan again' }).click()
  await page.getByRole('button', { name: 'Stop here' }).click()
  await expect(page.getByRole('button', { name: 'Plan again' })).toBeVisible({ timeout: 60_000 })
  await page.getByRole('button', { name: 'Which kind of lure would add most?' }).click()
  await expect(page.locator('.beside ol li').first()).toContainText(/points|above/, { timeout: 120_000 })
})

test('the list prints without what belongs to the screen, and fits a phone', async ({ page }) => {
  test.setTimeout(180_000)
  await plan(page)
  await page.emulateMedia({ media: 'print' })
  await expect(page.locator('.plan')).toBeHidden()
  await expect(page.locator('.print-title')).toBeVisible()
  await page.emulateMedia({ media: 'screen' })
  await page.setViewportSize({ width: 390, height: 844 })
  await page.waitForTimeout(500)
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
})

test('a lure sent from its card must go along, on a list that is made for it', async ({ page }) => {
  test.setTimeout(120_000)
  await page.goto('/')
  const first = page.locator('.setups ol > li').first()
  const lure = (await first.locator('.name').textContent())!.trim()
  await first.getByRole('button').first().click()
  await first.getByRole('link', { name: 'pack it for tomorrow' }).click()
  await expect(page).toHaveURL(/\/pack$/)
  await expect(page.getByRole('button', { name: `must go: ${lure} ✕` })).toBeVisible()
  await page.getByRole('button', { name: 'Plan the pack' }).click()
  await planned(page)
  await expect(named(page, lure)).toHaveCount(1)
})

test('a second angler is planned for in readings of his own; leaders and hooks are listed and ticked', async ({
  page,
}) => {
  test.setTimeout(180_000)
  await plan(page)
  const rows = page.locator('.likely .row')
  await expect(rows.first()).toBeVisible()
  const alone = await rows.count()
  await page.getByRole('button', { name: '+ a second angler' }).click()
  await expect(rows).toHaveCount(2 * alone)
  const his = rows.filter({ hasText: 'second angler' }).first()
  await his.getByRole('button', { name: 'change' }).click()
  await his.locator('select').selectOption('perch')
  await expect(his.locator('.line')).toContainText('perch')
  await page.getByRole('button', { name: 'Plan again' }).click()
  await planned(page)
  await expect(page.getByText('second angler').first()).toBeVisible()
  const tin = page.locator('.small-thing')
  await expect(tin.first()).toContainText('leader')
  await tin.first().getByRole('checkbox').check()
  await comeBack(page)
  await expect(page.locator('.small-thing').first().getByRole('checkbox')).toBeChecked({ timeout: 60_000 })
})
