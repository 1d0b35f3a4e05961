import { expect, test } from '@playwright/test'
import { comeBack, open } from './support'

test('a rod goes in as its label reads, in ounces and feet, is stored, changed, and taken out and back', async ({
  page,
}) => {
  await open(page, '/box/outfits')
  const form = page.getByRole('form', { name: 'Add a rod' })
  await form.getByLabel('As the rod’s label reads').fill('7\'0" MH 1/4–1 oz fast casting wobbly')
  await expect(form).toContainText('lures 7.1 g to 28.3 g')
  await expect(form).toContainText('Not understood: “wobbly”')
  await form.getByLabel('What you call it').fill('Reed stick')
  await form.getByRole('button', { name: 'Put it on the rack' }).click()
  const row = page
    .getByRole('list', { name: 'Rods' })
    .getByRole('listitem')
    .filter({ has: page.getByRole('button', { name: 'Take out Reed stick' }) })
  await expect(row).toContainText(/Throws \d+ of your \d+ lures/)
  await row.getByLabel('Ratio, to 1').fill('6.4')
  await row.getByLabel('Ratio, to 1').press('Tab')
  await row.getByLabel('Spool across').fill('36 mm')
  await row.getByLabel('Spool across').press('Tab')
  await expect(row).toContainText('of line a turn')
  await row.getByLabel('up to').fill('a lot')
  await row.getByLabel('up to').press('Tab')
  await expect(row.getByRole('alert')).toContainText('up to: “a lot” is not a weight')
  await comeBack(page)
  await expect(row.getByRole('button', { name: 'Change Reed stick' })).toHaveAttribute('aria-expanded', 'false')
  await expect(row).toContainText('of line a turn')
  await page.getByRole('button', { name: 'Take out Reed stick' }).click()
  await expect(row).toHaveCount(0)
  await page.locator('.undo').getByRole('button', { name: 'Take it back' }).click()
  await expect(row).toHaveCount(1)
})
