import { expect, test } from '@playwright/test'

test.use({ serviceWorkers: 'allow' })

test('after one visit the main job works with no network: judge, fish, log, pack', async ({ page, context }) => {
  test.setTimeout(240_000)
  await page.goto('/')
  await expect(page.locator('.setups li')).toHaveCount(12)
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready
  })
  // The worker has put everything by once it controls the page.
  await expect
    .poll(
      () =>
        page.evaluate(async () =>
          (
            await Promise.all((await caches.keys()).map(async k => (await (await caches.open(k)).keys()).length))
          ).reduce((a, b) => a + b, 0),
        ),
      { timeout: 60_000 },
    )
    .toBeGreaterThan(40)
  await page.reload()
  await context.setOffline(true)
  await page.goto('/')
  await expect(page.locator('.setups li')).toHaveCount(12)
  await page.goto('/trip')
  await page.locator('.begin .first').first().click()
  await page.getByRole('region', { name: 'What happened' }).getByRole('button', { name: 'landed', exact: true }).click()
  await expect(page.getByRole('region', { name: 'On the line' })).toContainText('1 landed today')
  await page.reload()
  await expect(page.getByRole('region', { name: 'On the line' })).toContainText('1 landed today')
  await page.goto('/logbook')
  await expect(page.getByText('15 trips')).toBeVisible()
  await page.goto('/pack')
  await page.getByRole('button', { name: 'Plan for tomorrow' }).click()
  await expect(page.getByText(/No forecast answers/)).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: /Proven|As near as/ })).toBeVisible({ timeout: 90_000 })
  await context.setOffline(false)
})
