import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'

async function toBench(page: Page, lure: string) {
  await page.goto('/bench')
  await expect(page.getByText('Demo box, all invented')).toBeVisible()
  await pick(page, lure)
}

async function pick(page: Page, lure: string) {
  const field = page.locator('.on-the-bench input[type=text]')
  await field.fill(lure)
  await page.getByRole('option', { name: lure, exact: true }).click()
  await expect(page.locator('.drawing')).toHaveAttribute('aria-label', new RegExp(`^${lure}, `))
}

test('five timed drops are kept, and the new fall rate is used on Tie-on', async ({ page }) => {
  await toBench(page, 'Shard, long')
  await page.getByRole('button', { name: 'fall', exact: true }).click()
  await page.getByLabel('Rig used').click({ force: true })
  await page.getByRole('option', { name: 'Direct', exact: true }).click()
  for (const seconds of ['4.0', '4.1', '3.9', '4.05', '3.95']) {
    await page.getByLabel(/or type a reading, s/).fill(seconds)
    await page.getByRole('button', { name: 'Add', exact: true }).click()
  }
  await expect(page.getByLabel('Readings').getByRole('listitem')).toHaveCount(5)
  await expect(page.getByText('4.00 s')).toBeVisible()
  await page.getByRole('button', { name: 'Keep this test' }).click()
  await expect(page.getByRole('listitem').filter({ hasText: '4.00 ± 0.04 s (5×)' })).toBeVisible()
  await expect(page.getByRole('img', { name: /Fall rates: timed, direct 50\.0.cm\/s/ })).toBeVisible()

  // Mackerel on metal: the count-down is the depth over the timed 0.5 m/s.
  await page.getByRole('link', { name: 'Tie-on', exact: true }).click()
  await page.getByRole('button', { name: /^fish: change/ }).click()
  await page.getByLabel('Target fish').fill('mackerel')
  await page.getByRole('option', { name: 'Mackerel', exact: true }).click()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: /^where: change/ }).click()
  await page.locator('.slip').getByRole('button', { name: 'sea', exact: true }).click()
  await page.locator('.slip').getByRole('button', { name: 'bank', exact: true }).click()
  await page.keyboard.press('Escape')
  const row = page.locator('.setups li').filter({ has: page.locator('.head', { hasText: 'Shard, long' }) })
  await row.locator('.head').click()
  // "0.6 m, 1 s": where it is counted to, and how long.
  const dial = await page.locator('.sliders label').filter({ hasText: 'count to' }).locator('.figure').innerText()
  const [depth, count] = [...dial.matchAll(/\d+(?:\.\d+)?/g)].map(m => Number(m[0])) as [number, number]
  expect(Math.abs(count - depth / 0.5)).toBeLessThanOrEqual(0.6)
})

test('a plug is made to hang at 6 °C and kept as a lure of its own', async ({ page }) => {
  await toBench(page, 'Weir runner')
  await page.getByRole('button', { name: 'workshop' }).click()
  const water = page.locator('.workshop').getByLabel('Water', { exact: true })
  await water.fill('6')
  await water.press('Enter')
  await page.getByRole('button', { name: 'Make it hang' }).click()
  await expect(page.getByRole('row', { name: /left alone/ })).toContainText('hangs')
  await expect(page.getByRole('row', { name: /hangs at/ })).toContainText('6.0')
  await expect(page.getByLabel('Bill of parts')).toContainText('lead, filed until it hangs level')
  await expect(page.getByLabel('What goes over to it')).toContainText('worked out: put it on the scale')
  await page.getByRole('button', { name: /^Keep (it|one) as changed$/ }).click()
  await expect(page.getByText('Weir runner, changed is in the box')).toBeVisible()
  await page.getByRole('link', { name: 'Box', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Weir runner, changed' })).toBeVisible()
})

test('blades are changed one by one, and the changed lure keeps each with its shape, number, finish and colour', async ({
  page,
}) => {
  await toBench(page, 'Moor blade')
  await page.getByRole('button', { name: 'workshop' }).click()
  const blades = page.getByRole('group', { name: 'Blades' })
  await blades.getByLabel('Shape, front').selectOption('colorado')
  await blades.getByLabel('Finish, front').selectOption('hammered')
  await blades.getByLabel('Colour, front').selectOption('copper')
  await expect(page.getByLabel('Bill of parts')).toContainText(/colorado .* hammered copper/)
  await page.getByRole('button', { name: /^Keep (it|one) as changed$/ }).click()
  await expect(page.getByText('Moor blade, changed is in the box')).toBeVisible()
  await page.reload()
  await pick(page, 'Moor blade, changed')
  await page.getByRole('button', { name: 'workshop' }).click()
  await expect(blades.getByLabel('Shape, front')).toHaveValue('colorado')
  await expect(blades.getByLabel('Finish, front')).toHaveValue('hammered')
  await expect(blades.getByLabel('Colour, front')).toHaveValue('copper')
})

test('a fall is timed on a film, frame by frame', async ({ page }) => {
  await toBench(page, 'Ondil')
  await page.getByRole('button', { name: 'fall', exact: true }).click()
  // Two seconds of a film made in the page, as a phone's camera would hand it over.
  const film = await page.evaluate(async () => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 64, height: 64 })
    const pen = canvas.getContext('2d')!
    const recorder = new MediaRecorder(canvas.captureStream(30), { mimeType: 'video/webm' })
    const parts: Blob[] = []
    recorder.ondataavailable = ({ data }) => parts.push(data)
    const ended = new Promise(done => recorder.addEventListener('stop', done))
    recorder.start()
    const began = performance.now()
    while (performance.now() - began < 2000) {
      pen.fillStyle = `hsl(${performance.now() % 360} 50% 50%)`
      pen.fillRect(0, 0, 64, 64)
      await new Promise(requestAnimationFrame)
    }
    recorder.stop()
    await ended
    return [...new Uint8Array(await new Blob(parts).arrayBuffer())]
  })
  await page
    .getByLabel('Film of a fall')
    .setInputFiles({ name: 'fall.webm', mimeType: 'video/webm', buffer: Buffer.from(film) })
  const timing = page.getByRole('region', { name: 'Time a fall on a film' })
  await expect.poll(() => timing.locator('video').evaluate(v => (v as HTMLVideoElement).readyState)).toBeGreaterThan(1)
  await expect.poll(() => timing.locator('video').evaluate(v => (v as HTMLVideoElement).currentTime)).toBe(0)
  await timing.getByRole('button', { name: /^it goes under/ }).click()
  for (let i = 0; i < 3; i++) {
    await timing.getByRole('button', { name: '10 frames on' }).click()
    await expect.poll(() => timing.locator('video').evaluate(v => (v as HTMLVideoElement).seeking)).toBe(false)
  }
  await timing.getByRole('button', { name: /^it touches/ }).click()
  const take = timing.getByRole('button', { name: /^Take/ })
  const seconds = Number((await take.textContent())!.match(/[\d.]+/)![0])
  expect(seconds).toBeGreaterThan(0.2)
  expect(seconds).toBeLessThan(2.2)
  await take.click()
  await expect(page.getByLabel('Readings').getByRole('listitem')).toHaveCount(1)
  await expect(page.getByLabel('Readings')).toContainText(seconds.toFixed(2))
})

test('bad readings are refused in words and nothing is stored', async ({ page }) => {
  await toBench(page, 'Ondil')
  await page.getByRole('button', { name: 'fall', exact: true }).click()
  await page.getByLabel(/or type a reading, s/).fill('0')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await page.getByRole('button', { name: 'Keep this test' }).click()
  await expect(page.getByRole('alert').filter({ hasText: '0 s is not possible' })).toBeVisible()
  await expect(page.getByRole('alert').filter({ hasText: 'the rig used must be on record' })).toBeVisible()
  await expect(page.getByRole('listitem').filter({ hasText: 'fall' })).toHaveCount(0)
})

test('the simulated scale fills the weigh test once it has settled', async ({ page }) => {
  await toBench(page, 'Tolla')
  await page.getByRole('button', { name: 'Read the scale (simulated)' }).click()
  await page.getByRole('button', { name: 'Take this reading' }).click({ timeout: 20_000 })
  await page.getByRole('button', { name: 'Keep this test' }).click()
  await expect(page.getByRole('listitem').filter({ hasText: /weigh 15\.\d\d\sg, once/ })).toBeVisible()
})

test('the stopwatch times a drop', async ({ page }) => {
  await toBench(page, 'Tern')
  await page.getByRole('button', { name: 'fall', exact: true }).click()
  await page.getByRole('button', { name: /it goes under/ }).click()
  await page.waitForTimeout(600)
  await page.getByRole('button', { name: /it touches/ }).click()
  await expect(page.getByLabel('Readings').getByRole('listitem')).toHaveCount(1)
})

test('the bench is sound for axe, and does not scroll sideways on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await toBench(page, 'Sallow stick')
  for (const view of ['a test', 'workshop', 'compare']) {
    await page.getByRole('button', { name: view, exact: true }).click()
    await page.waitForTimeout(200)
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
    const { violations } = await new AxeBuilder({ page }).analyze()
    expect(
      violations
        .filter(v => v.impact === 'serious' || v.impact === 'critical')
        .map(v => `${v.id}: ${v.nodes.map(n => n.target.join(' ')).join(' | ')}`),
    ).toEqual([])
  }
})
