import { expect, test, type Page } from '@playwright/test'
import { comeBack, open } from './support'

/**
 * Seconds that the strokes of a task take an unhurried person. Source: Card, Moran and Newell 1980, "The keystroke-level model for user performance time with interactive systems",
 * Communications of the ACM 23(7): a key when typing random letters 0.5 s, pointing 1.1 s, a hand moved between keys and pointer 0.4 s, making up one's mind 1.35 s (values from memory).
 */
const SECONDS = { key: 0.5, point: 1.1, home: 0.4, mind: 1.35 }

/** Does it, and counts what it would cost a person. */
class Hand {
  seconds = 0
  constructor(private readonly page: Page) {}
  async click(name: string | RegExp, role: 'button' | 'link' = 'button') {
    this.seconds += SECONDS.mind + SECONDS.home * 2 + SECONDS.point
    await this.page.getByRole(role, { name }).first().click()
  }
  async write(text: string) {
    this.seconds += SECONDS.mind + SECONDS.key * text.length
    await this.page.keyboard.type(text)
  }
  async press(key: string) {
    this.seconds += SECONDS.key
    await this.page.keyboard.press(key)
  }
}

/** A beginner's ten, as they would be typed: kind, weight, length, name. */
const TEN = [
  ['inline', '7', '', ''],
  ['spinnerbait', '14', '', ''],
  ['crank', '10', '60', ''],
  ['jerkbait', '12', '90', ''],
  ['casting spoon', '18', '70', ''],
  ['paddle', '', '100', ''],
  ['jig head', '7', '75', ''],
  ['popper', '9', '70', ''],
  ['lipless', '14', '', ''],
  ['blade bait', '10', '', ''],
] as const

test('an empty app, ten own lures, and the first advice in under five minutes of a person’s time', async ({ page }) => {
  test.setTimeout(180_000)
  await open(page)
  const hand = new Hand(page)
  await hand.click('Start my own')
  await hand.click('Enter the first lure', 'link')
  await page.getByLabel('Kind', { exact: true }).first().focus()
  for (const [kind, weight, length] of TEN) {
    await expect(page.getByLabel('Kind', { exact: true }).first()).toBeFocused()
    await page.keyboard.press('Control+A')
    await hand.write(kind)
    await page.waitForTimeout(250)
    await hand.press('Enter')
    await hand.press('Tab')
    if (weight) await hand.write(weight)
    await hand.press('Tab')
    if (length) await hand.write(length)
    await hand.press('Enter')
    await expect(page.locator('.quick').getByLabel(/^Weight/)).toHaveValue('')
  }
  await expect(page.locator('.box-table tbody tr:not(.gap)')).toHaveCount(10)
  await hand.click('Tie-on', 'link')
  const first = page.locator('.setups li').first()
  await expect(first).toBeVisible()
  await hand.click(/^1 [A-Z]/)
  await expect(page.locator('.sheet').getByText('fish it', { exact: true })).toBeVisible()
  expect(hand.seconds).toBeLessThan(300)
  await comeBack(page)
  await expect(first).toBeVisible()
})
