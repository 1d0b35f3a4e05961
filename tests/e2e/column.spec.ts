import { expect, test, type Page } from '@playwright/test'
import { open } from './support'

const words = (page: Page) => page.locator('.in-words')
const deepest = async (page: Page) =>
  Number(/deepest ([\d.]+)/.exec((await words(page).textContent())!.replace(/\u00A0/g, ' '))![1])

const PLUG = {
  id: 'x1',
  name: 'Deep plug',
  family: 'crankbait',
  style: 'deep-diver',
  weightG: 20,
  lengthMm: 75,
  runsAt: { depthM: 3, castM: 30, lineDiameterMm: 0.3 },
}
const rod = (kind: string) => ({
  id: 't1',
  name: 'Own stick',
  rod: { kind, action: 'moderate', lureMinG: 5, lureMaxG: 60 },
  reel: { ratio: 5, spoolDiameterMm: 50 },
  line: { material: 'nylon', testKg: 8, diameterMm: 0.3 },
})

/** A box of one plug and one rod, with its set-up opened. */
async function choosePlug(page: Page, kind = 'casting') {
  await page.goto('/box/exchange')
  await expect(page.getByText('Demo box, all invented')).toBeVisible()
  const file = { format: 'ygrion', version: 1, lures: [PLUG], outfits: [rod(kind)] }
  await page
    .locator('.zone input[type=file]')
    .setInputFiles({ name: 'own.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(file)) })
  await page.getByRole('button', { name: 'Put it in place of everything' }).click()
  await expect(page.getByText('stands in place of what was here')).toBeVisible()
  await page.getByRole('button', { name: 'Close this note' }).click()
  await page.getByRole('link', { name: 'Tie-on' }).click()
  // The order of the box that was put away may still stand there.
  await expect(page.locator('.setups li .name').first()).toHaveText(PLUG.name)
  const head = page.locator('.setups li .head').first()
  await head.click()
  await expect(head).toHaveAttribute('aria-expanded', 'true')
  await expect(words(page)).toContainText('deepest')
}

test('dragging the rod tip up makes it shallower in the picture and in the text', async ({ page }) => {
  await choosePlug(page)
  const before = await deepest(page)
  const handle = page.locator('.handle').first()
  const box = (await handle.boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2, box.y - 45, { steps: 8 })
  await page.mouse.up()
  await expect.poll(() => deepest(page)).toBeLessThan(before)
  await page.getByRole('button', { name: 'as judged' }).click()
  await expect.poll(() => deepest(page)).toBe(before)
})

test('the sliders work by keyboard, and deeper and shallower ways follow', async ({ page }) => {
  await choosePlug(page)
  const before = await deepest(page)
  const tip = page.getByRole('slider', { name: 'rod tip' })
  await tip.focus()
  for (let i = 0; i < 10; i++) await page.keyboard.press('ArrowRight')
  await expect.poll(() => deepest(page)).toBeLessThan(before)
  await expect(page.getByRole('region', { name: 'Dial it in' })).toContainText('rod tip down to')
})

test('what was turned is still turned after another page, and the address leads back to it', async ({ page }) => {
  await choosePlug(page)
  const tip = page.getByRole('slider', { name: 'rod tip' })
  const judged = await tip.inputValue()
  await tip.focus()
  for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowRight')
  const turned = await tip.inputValue()
  expect(Number(turned)).toBeGreaterThan(Number(judged))
  await expect(page).toHaveURL(/[?&]dial=tipM/)
  const address = page.url()
  await page.getByRole('link', { name: 'Waters', exact: true }).first().click()
  await page.getByRole('link', { name: 'Tie-on', exact: true }).first().click()
  await expect(tip).toHaveValue(turned)
  await page.goto(address)
  await expect(tip).toHaveValue(turned)
  await page.getByRole('button', { name: 'as judged' }).click()
  await expect(tip).toHaveValue(judged)
  await expect(page).not.toHaveURL(/dial=/)
})

test('the course plays, is scrubbed by hand, and overlays others', async ({ page }) => {
  await open(page)
  await expect(page.locator('.column .path .way')).toHaveCount(3)
  await page.getByRole('button', { name: 'Play the course' }).click()
  await expect
    .poll(async () => Number(await page.getByRole('slider', { name: 'Moment of the course' }).inputValue()))
    .toBeGreaterThan(3)
  const moment = page.getByRole('slider', { name: 'Moment of the course' })
  await moment.fill('0')
  const at = () => page.locator('.bait').getAttribute('cx')
  const start = await at()
  await moment.fill('20')
  await expect.poll(at).not.toBe(start)
  await page.getByLabel('the next ones too').uncheck()
  await expect(page.locator('.column .path .way')).toHaveCount(1)
})

test('a trolling rod in the box: the sheet says line out, and the rig is drawn', async ({ page }) => {
  await choosePlug(page, 'trolling')
  const sheet = page.locator('.sheet')
  await expect(sheet).toContainText('line out')
  await expect(sheet.getByRole('region', { name: 'Line out' }).getByRole('row')).toHaveCount(5)
  await expect(sheet.locator('.rig')).toBeVisible()
  await expect(page.getByRole('slider', { name: 'line out' })).toBeVisible()
})

test('checks of motion through the page: the handbook’s figures in the calculators', async ({ page }) => {
  await open(page, '/sums?of=drop-shot')
  const field = (label: string) =>
    page
      .locator('.fields label')
      .filter({ hasText: new RegExp(`^${label}`) })
      .locator('input')
  // Trade §6 and motion model §8: 24 in of leader stands 10 in off the bottom, at 2 m depth from 7.6 m away with the tip at 1.5 m.
  await field('leader').fill('0.61')
  await field('depth').fill('2')
  await field('distance').fill('7.6')
  await field('tip').fill('1.5')
  await expect(page.locator('.answer')).toContainText('0.25')
  // Sorted by what is asked; a weight is told with its error and the next that one can buy.
  await expect(page.getByRole('heading', { name: 'How heavy' })).toBeVisible()
  await expect(page.getByRole('link', { name: 'Viscosity of water' })).toBeHidden()
  await page.getByRole('link', { name: 'Lead that keeps contact' }).click()
  await expect(page.getByText(/± 10\s%; the next real size/)).toBeVisible()
  await page.getByRole('link', { name: 'Line taken in by a turn' }).click()
  // 36 mm at 6.3:1 takes in 0.713 m (checks §C).
  await expect(page.locator('.answer')).toContainText('0.71')
  await field('ratio').fill('-1')
  await expect(page.getByRole('alert')).toContainText('ratio')
})

test('cast across a stream it swings: the cut says so and draws it from above; the depth carries its error', async ({
  page,
}) => {
  await choosePlug(page)
  await expect(page.locator('.runs')).toContainText('±')
  await expect(page.locator('svg .unsure')).toBeVisible()
  await expect(page.locator('svg .plan')).toHaveCount(0)
  await page.getByRole('button', { name: /^where/ }).click()
  await page.getByRole('button', { name: 'anchored' }).click()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: /^stream/ }).click()
  await page.getByLabel('Current', { exact: true }).fill('0.5')
  await page.getByLabel('Current', { exact: true }).press('Enter')
  await page.getByRole('button', { name: 'across it' }).click()
  await page.keyboard.press('Escape')
  await expect(words(page)).toContainText('downstream')
  await expect(page.locator('svg .plan')).toBeVisible()
  await page.getByRole('button', { name: /^stream/ }).click()
  await page.getByRole('button', { name: 'up the stream' }).click()
  await page.keyboard.press('Escape')
  await expect(words(page)).not.toContainText('downstream')
})

test('by night the cloud and the moon’s height are asked, by day not', async ({ page }) => {
  await choosePlug(page)
  await page.getByRole('button', { name: /^light/ }).click()
  const cloud = page.getByRole('group', { name: /cloud by night/ })
  await expect(cloud).toHaveCount(0)
  await page.locator('.slip').getByRole('button', { name: 'night', exact: true }).click()
  await cloud.getByRole('button', { name: 'overcast' }).click()
  await expect(cloud.getByRole('button', { name: 'overcast' })).toHaveAttribute('aria-pressed', 'true')
  await page.getByRole('group', { name: 'the moon stands' }).getByRole('button', { name: 'low' }).click()
  await expect(
    page.getByRole('group', { name: 'the moon stands' }).getByRole('button', { name: 'low' }),
  ).toHaveAttribute('aria-pressed', 'true')
})
