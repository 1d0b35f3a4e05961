import { expect, test } from '@playwright/test'
import { open } from './support'

/** The main views as they were last looked at and found right; made anew with `npx playwright test looks --update-snapshots`, and looked at before they are kept. */
const VIEWS = [
  { name: 'tie-on', path: '/', ready: '.setups .standing:has-text("first in")' },
  { name: 'box', path: '/box', ready: 'tbody tr:has(.fit-cell)' },
  { name: 'trip', path: '/trip', ready: '.begin .first' },
] as const
const LOOKS = ['day', 'glare', 'night'] as const
const SIZES = [
  { name: 'desk', width: 1280, height: 800 },
  { name: 'phone', width: 390, height: 844 },
] as const
/** Share of the pixels that may differ: fonts are drawn a little differently from one browser to the next. Assumed. */
const MAY_DIFFER = 0.02

test.use({ locale: 'en-GB', timezoneId: 'Europe/Berlin' })

for (const { name, path, ready } of VIEWS) {
  test(`${name} looks as it did, in every look and size`, async ({ page }) => {
    await page.clock.setFixedTime('2026-05-06T07:10:00Z')
    await page.emulateMedia({ reducedMotion: 'reduce' })
    await open(page, path)
    for (const look of LOOKS) {
      await page.setViewportSize(SIZES[0])
      await page.getByRole('button', { name: look, exact: true }).click()
      for (const size of SIZES) {
        await page.setViewportSize(size)
        await expect(page.locator(ready).first()).toBeVisible()
        await page.evaluate(() => document.fonts.ready)
        await expect(page).toHaveScreenshot(`${name}-${look}-${size.name}.png`, { maxDiffPixelRatio: MAY_DIFFER })
      }
    }
  })
}
