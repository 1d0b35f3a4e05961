import { expect, test, type Page } from '@playwright/test'
import { comeBack, open } from './support'

const names = (page: Page) => page.locator('.setups li .name').allTextContents()
const heads = (page: Page) => page.locator('.setups li .head').allTextContents()
const order = (page: Page) => page.getByRole('list', { name: 'The order now' }).getByRole('listitem')

test('a set-up opens into advice, its parts, and why it stands before the next', async ({ page }) => {
  await open(page)
  await page.locator('.setups li .head').first().click()
  const sheet = page.locator('.sheet')
  await sheet.getByRole('button', { name: /how to rig, tie and work it/ }).click()
  await expect(sheet.locator('.advice')).toContainText('Bites come where something differs')
  const second = (await names(page))[1]!
  await expect(
    sheet
      .getByRole('region', { name: `Why this before ${second}` })
      .getByRole('listitem')
      .first(),
  ).toBeVisible()
  await sheet.getByRole('button', { name: 'open the score' }).click()
  await expect(sheet.getByText(/Of the judgement \d+\s% is/)).toBeVisible()
})

test('any lure of the box is found with its place, opened from there, and is still open after another page; the address leads back to it', async ({
  page,
}) => {
  await open(page)
  const search = page.getByRole('searchbox', { name: 'Find a lure of the box in this order' })
  await search.fill('a')
  const total = Number((await page.locator('.setups .lead').textContent())!.match(/^(\d+) lures/)![1])
  await search.fill('plug')
  const results = page.getByRole('list', { name: 'Lures found' })
  await expect(results.getByRole('listitem').first()).toBeVisible()
  const last = results.getByRole('button').last()
  const [, place, lure] = (await last.textContent())!.trim().match(/^(\d+)\s+(.*)$/)!
  expect(Number(place)).toBeLessThanOrEqual(total)
  await last.click()
  const row = page.locator('.setups ol > li.chosen')
  await expect(row.locator('.rank')).toHaveText(place!)
  await expect(row.locator('.sheet')).toContainText('How well this is known')
  await expect(page).toHaveURL(/[?&]lure=/)
  const address = page.url()
  await page.getByRole('link', { name: 'Waters', exact: true }).first().click()
  await page.getByRole('link', { name: 'Tie-on', exact: true }).first().click()
  await expect(row.locator('.name')).toHaveText(lure!)
  await page.goto(address)
  await expect(row.locator('.name')).toHaveText(lure!)
})

test('what would change this: a flip is found, tried, and taken back', async ({ page }) => {
  await open(page)
  await expect(page.locator('.setups li')).toHaveCount(12)
  const before = await names(page)
  await page.getByRole('tab', { name: 'What would change this?' }).click()
  const panel = page.getByRole('region', { name: 'What would change this' })
  await expect(panel.getByRole('img', { name: /^First by Fit by water temperature/ })).toBeVisible()
  const flip = panel.locator('.flip').first()
  const winner = (await flip.textContent())!.replace(/^.*?(?:°C|m\/s|mm|\bm)\s*/, '').trim()
  await flip.click()
  await expect.poll(async () => (await names(page))[0]).toBe(winner)
  await page.getByRole('button', { name: 'undo', exact: true }).click()
  await expect.poll(() => names(page)).toEqual(before)
  await expect(panel.getByText('Two that differ in one thing')).toBeVisible()
})

test('a school changed for this reading reorders at once, and goes with a reload', async ({ page }) => {
  await open(page)
  await expect(page.locator('.setups li')).toHaveCount(12)
  const before = await heads(page)
  await page.getByRole('button', { name: 'another school, for this reading' }).click()
  await page.getByRole('radiogroup', { name: 'Colour', exact: true }).getByRole('radio', { name: 'contrast' }).click()
  await expect.poll(() => heads(page)).not.toEqual(before)
  await expect(page.getByRole('button', { name: '1 school changed for this reading' })).toBeVisible()
  await comeBack(page)
  await expect.poll(() => heads(page)).toEqual(before)
})

test('a school held for good, and a rule switched off: the order beside follows, and both are kept', async ({
  page,
}) => {
  await open(page, '/rules?part=schools')
  await expect(order(page)).toHaveCount(10)
  const before = await order(page).allTextContents()
  await page.getByRole('radiogroup', { name: 'Rattles' }).getByRole('radio', { name: /loud/ }).click()
  await expect.poll(() => order(page).allTextContents()).not.toEqual(before)
  await expect(page.getByText('Arrows: places since the last change.')).toBeVisible()
  const withRattles = await order(page).locator('.name').allTextContents()
  await comeBack(page)
  await expect.poll(() => order(page).locator('.name').allTextContents()).toEqual(withRattles)

  await page.getByRole('link', { name: 'The handbook' }).click()
  const rule = page.getByRole('article', { name: 'A bait of the kind that northern pike are usually caught on.' })
  await rule.getByRole('button', { name: 'what it does here' }).click()
  await expect(rule.locator('.effect-list')).toBeVisible()
  await rule.getByRole('combobox').selectOption({ label: 'off' })
  await expect(rule).toContainText('switched off')
  await expect.poll(() => order(page).locator('.name').allTextContents()).not.toEqual(withRattles)
  await page.getByRole('button', { name: '1 changed: put all back' }).click()
  await expect.poll(() => order(page).locator('.name').allTextContents()).toEqual(withRattles)
})

test('an own rule is tried while it is written, kept, switched off, removed and taken back', async ({ page }) => {
  await open(page, '/rules?part=own')
  await expect(order(page)).toHaveCount(10)
  const before = await order(page).locator('.name').allTextContents()
  await page.getByRole('button', { name: 'Write a rule' }).click()
  const form = page.getByRole('form', { name: 'Your rule' })
  await form.getByRole('button', { name: 'Keep this rule' }).click()
  await expect(form.getByRole('alert')).toContainText('Not stored')
  await form.getByLabel('What you would say of it').fill('Hot ones, whatever they say')
  await form.getByLabel('What to prefer').selectOption({ label: 'pattern' })
  await form.getByRole('combobox', { name: 'which' }).press('ArrowDown')
  await page.getByRole('option', { name: 'Hot', exact: true }).click()
  await page.keyboard.press('Escape')
  await form.getByLabel('How much it counts, from against to for').fill('1')
  await expect(form.getByRole('list', { name: 'The order with this rule' })).toBeVisible()
  await form.getByRole('button', { name: 'Keep this rule' }).click()
  const kept = page.getByRole('listitem').filter({ hasText: 'Hot ones, whatever they say' })
  await expect(kept).toContainText('speaks now')
  await expect.poll(() => order(page).locator('.name').allTextContents()).not.toEqual(before)
  await kept.getByRole('button', { name: 'switch off' }).click()
  await expect.poll(() => order(page).locator('.name').allTextContents()).toEqual(before)
  await kept.getByRole('button', { name: /^Remove/ }).click()
  await expect(kept).toHaveCount(0)
  await page.getByRole('button', { name: 'Take it back' }).click()
  await expect(kept).toHaveCount(1)
})
