import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { goOn } from './support'

test('a backup goes out, everything is lost, and it comes back with a preview and a way back', async ({ page }) => {
  await page.goto('/keep')
  await expect(page.getByText('No backup was ever made here')).toBeVisible()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Make a backup now' }).click(),
  ])
  const bytes = readFileSync(await download.path())
  expect(bytes.subarray(0, 2).toString()).toBe('PK')
  await expect(page.getByText('Last backup today')).toBeVisible()
  await page.getByRole('region', { name: 'Demo' }).getByRole('button', { name: 'Start my own' }).click()
  await expect(page.locator('.undo')).toContainText('put away')
  await goOn(page, '/box')
  await expect(page.getByRole('row').filter({ hasText: 'Moor blade' })).toHaveCount(0)
  await goOn(page, '/keep')
  await page
    .getByRole('region', { name: 'Restore' })
    .locator('input[type=file]')
    .setInputFiles({ name: 'half.zip', mimeType: 'application/zip', buffer: bytes.subarray(0, 3000) })
  await expect(page.getByRole('alert')).toContainText('damaged')
  await page
    .getByRole('region', { name: 'Restore' })
    .locator('input[type=file]')
    .setInputFiles({ name: 'ygrion.zip', mimeType: 'application/zip', buffer: bytes })
  await expect(page.getByRole('row', { name: /^lures 8\d 0 0/ })).toBeVisible()
  await page.getByRole('button', { name: 'Put it in place of what is here' }).click()
  await expect(page.locator('.undo')).toContainText('ygrion.zip is put back')
  await goOn(page, '/logbook')
  await expect(page.getByText('14 trips')).toBeVisible()
})

test('the demo can be entered and left without mixing', async ({ page }) => {
  await page.goto('/keep')
  await page.getByRole('region', { name: 'Demo' }).getByRole('button', { name: 'Start my own' }).click()
  await expect(page.getByRole('button', { name: 'Look at the demo' })).toBeVisible()
  await page.getByRole('button', { name: 'Look at the demo' }).click()
  await expect(page.getByRole('region', { name: 'Demo' })).toContainText('You look at the demo')
  await page.locator('.undo .hot').click()
  await expect(page.getByRole('button', { name: 'Look at the demo' })).toBeVisible()
  await goOn(page, '/logbook')
  await expect(page.getByText('No trip yet')).toBeVisible()
})

test('keys: ? lists them, g and a letter goes to a page, Ctrl+K finds a lure', async ({ page }) => {
  await page.goto('/')
  await expect(page.locator('.setups li')).toHaveCount(12)
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Help' })).toContainText('find a page, a lure or a deed')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await page.keyboard.press('g')
  await page.keyboard.press('l')
  await expect(page).toHaveURL(/\/logbook$/)
  await page.keyboard.press('Control+k')
  await page.keyboard.type('weir pale')
  await expect(page.getByRole('listbox', { name: 'Found' }).getByRole('option', { selected: true })).toContainText(
    'Weir runner, pale',
  )
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/box\/lure\/l38/)
  await page.keyboard.press('Control+k')
  await page.keyboard.type('glare')
  await page.keyboard.press('Enter')
  await expect(page.locator('.theme-glare')).toBeVisible()
})

test('names with markup and scripts are text wherever they stand', async ({ page }) => {
  // Every page of the program, one after another.
  test.setTimeout(240_000)
  let ran = false
  await page.exposeFunction('ran', () => {
    ran = true
  })
  const nasty = '<img src=x onerror="ran()"><script>ran()</script>"\'&amp;\u202E\u0007 ' + 'W'.repeat(300)
  const lure = {
    id: 'n"<b>1',
    name: nasty,
    family: 'crankbait',
    weightG: 12,
    lengthMm: 60,
    runsAt: { depthM: 2 },
    box: '<i>box</i>',
    slot: '<u>',
    notes: nasty,
  }
  const file = {
    format: 'ygrion',
    version: 1,
    lures: [lure],
    outfits: [
      {
        id: 'o',
        name: nasty,
        rod: { kind: 'spinning', lureMinG: 5, lureMaxG: 30 },
        line: { material: 'braid', diameterMm: 0.15 },
      },
    ],
    places: [{ id: 'p', name: nasty, latitude: 58.4, longitude: 13.2 }],
    trips: [
      {
        id: 't/<1>',
        placeId: 'p',
        start: '2026-05-01T06:00:00Z',
        end: '2026-05-01T08:00:00Z',
        stints: [
          {
            id: 's',
            start: '2026-05-01T06:00:00Z',
            end: '2026-05-01T08:00:00Z',
            lureId: lure.id,
            events: [{ id: 'e', kind: 'landed', note: nasty }],
          },
        ],
      },
    ],
  }
  await page.goto('/keep')
  await page
    .getByRole('region', { name: 'Restore' })
    .locator('input[type=file]')
    .setInputFiles({ name: 'nasty.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(file)) })
  await page.getByRole('button', { name: 'Put it in place of what is here' }).click()
  await expect(page.locator('.undo')).toContainText('nasty.json')
  for (const path of [
    '/',
    '/trip',
    '/box',
    `/box?lure=${encodeURIComponent(lure.id)}`,
    '/box/trays',
    '/box/labels',
    '/bench',
    '/waters',
    '/logbook',
    `/logbook/trip/${encodeURIComponent('t/<1>')}`,
    '/logbook/rates',
    '/logbook/year',
    '/pack',
  ]) {
    await goOn(page, path)
    await page.waitForTimeout(700)
    expect(await page.locator('img[src="x"], script:has-text("ran()")').count(), path).toBe(0)
    expect.soft(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(1280)
  }
  await goOn(page, '/logbook')
  await expect(page.getByText('<img src=x').first()).toBeVisible()
  expect(ran).toBe(false)
})

test('the server sends its headers, and the stand-in forecast refuses what it cannot answer', async ({ request }) => {
  const headers = (await request.get('/')).headers()
  expect(headers).toMatchObject({
    'x-content-type-options': 'nosniff',
    'x-frame-options': 'DENY',
    'referrer-policy': 'no-referrer',
  })
  expect(await (await request.get('/')).text()).toMatch(
    /Content-Security-Policy" content="default-src 'self';[^"]*script-src 'self' 'wasm-unsafe-eval' 'sha256-/,
  )
  // Every other page by a header, its own inline scripts by their hashes; workers by their own.
  for (const path of ['/box', '/trip', '/logbook/rates', '/nowhere']) {
    expect((await request.get(path)).headers()['content-security-policy'], path).toMatch(
      /^default-src 'self';.*script-src 'self' 'wasm-unsafe-eval' 'sha256-.*frame-ancestors 'none'$/,
    )
  }
  const script = /\/_nuxt\/[^"]+\.js/.exec(await (await request.get('/')).text())![0]
  expect((await request.get(script)).headers()['content-security-policy']).toMatch(
    /script-src 'self' 'wasm-unsafe-eval'$/,
  )
  const bad = await request.get('/api/forecast?date=tomorrow&latitude=99')
  expect(bad.status()).toBe(400)
  expect(await bad.json()).toMatchObject({ data: { path: 'date' } })
  expect(
    (
      (await (await request.get('/api/forecast?date=2026-05-07&latitude=58&longitude=13')).json()) as {
        simulated: boolean
      }
    ).simulated,
  ).toBe(true)
})

test('a box that made room for the demo lies on the disk: after a reload it comes back', async ({ page }) => {
  await page.goto('/keep')
  await page.getByRole('region', { name: 'Demo' }).getByRole('button', { name: 'Start my own' }).click()
  await expect(page.locator('.undo')).toContainText('put away')
  await goOn(page, '/box/exchange')
  await page.getByLabel('Rows or a list').fill('popper 10 g white\n3/8 black jig')
  await page.getByRole('button', { name: 'Read what is pasted' }).click()
  await page.getByRole('button', { name: 'Put 2 in the box' }).click()
  await expect(page.locator('.undo')).toContainText('2 lures came in')
  await page.goto('/keep')
  await page.getByRole('button', { name: 'Look at the demo' }).click()
  await expect(page.getByRole('region', { name: 'Put aside' })).toContainText('2 lures')
  await page.reload()
  await page.getByRole('region', { name: 'Put aside' }).getByRole('button', { name: 'Bring it back' }).click()
  await expect(page.getByText('Demo box, all invented')).toHaveCount(0)
  await page.goto('/box')
  await expect(page.locator('.count')).toHaveText('2 of 2 lures')
})

test('one damaged row does not take the program down: it is set aside, told, and can be mended', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'Tie on', exact: true })).toBeVisible()
  await page.evaluate(
    () =>
      new Promise<void>(resolve => {
        const open = indexedDB.open('ygrion')
        open.onsuccess = () => {
          const put = open.result
            .transaction('lures', 'readwrite')
            .objectStore('lures')
            .put({ id: 'poison', name: 'Poison', family: 'crankbait', hooks: 'two', blades: 7 })
          put.onsuccess = () => {
            open.result.close()
            resolve()
          }
        }
      }),
  )
  await page.goto('/')
  await expect(page.getByText('1 row was damaged and is set aside')).toBeVisible()
  await expect(
    page
      .locator('.setup')
      .first()
      .or(page.getByText(/lures of your box can be fished here/)),
  ).toBeVisible()
  await page.goto('/keep')
  const damaged = page.getByRole('region', { name: 'Damaged rows' })
  await expect(damaged).toContainText('lures poison')
  await damaged.getByRole('button', { name: 'Mend it' }).click()
  await damaged.getByLabel('Row lures poison').fill('{ "id": "poison", "name": "Poison", "family": "crankbait" }')
  await damaged.getByRole('button', { name: 'Read it again' }).click()
  await expect(damaged).toHaveCount(0)
})

test('a backup goes by itself, once a day, to a file that was chosen once', async ({ page }) => {
  // In the place of the system’s own window: a file of the browser’s private disk.
  await page.addInitScript(() => {
    Object.assign(window, {
      showSaveFilePicker: async () =>
        (await navigator.storage.getDirectory()).getFileHandle('elsewhere.zip', { create: true }),
    })
  })
  const written = () =>
    page.evaluate(async () => {
      const file = await (await (await navigator.storage.getDirectory()).getFileHandle('elsewhere.zip')).getFile()
      return { bytes: file.size, at: file.lastModified, begins: await file.slice(0, 2).text() }
    })
  await page.goto('/keep')
  const own = {
    format: 'ygrion',
    version: 1,
    lures: [{ id: 'own', name: 'Own', family: 'casting-spoon', weightG: 18 }],
  }
  await page
    .getByRole('region', { name: 'Restore' })
    .locator('input[type=file]')
    .setInputFiles({ name: 'own.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(own)) })
  await page.getByRole('button', { name: 'Put it in place of what is here' }).click()
  await expect(page.locator('.undo')).toContainText('own.json is put back')
  const backup = page.getByRole('region', { name: 'Backup' })
  await backup.getByRole('button', { name: 'Choose a file for it' }).click()
  await expect(backup).toContainText('elsewhere.zip')
  await expect(backup).toContainText('Last backup today')
  const first = await written()
  expect(first).toMatchObject({ begins: 'PK' })
  expect(first.bytes).toBeGreaterThan(500)
  // Two days on, wherever Ygrion is opened.
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const request = indexedDB.open('ygrion')
        request.onerror = () => reject(request.error!)
        request.onsuccess = () => {
          const change = request.result.transaction('memory', 'readwrite')
          const at = new Date(Date.now() - 2 * 86_400_000).toISOString()
          change.objectStore('memory').put({ key: 'last-backup', value: at })
          change.oncomplete = () => (request.result.close(), resolve())
        }
      }),
  )
  await page.goto('/')
  // While it takes the place of the one before, it cannot be read.
  await expect(async () => expect((await written()).at).toBeGreaterThan(first.at)).toPass({ timeout: 30_000 })
  await goOn(page, '/keep')
  await expect(backup).toContainText('Last backup today')
  await backup.getByRole('button', { name: 'no longer' }).click()
  await expect(backup.getByRole('button', { name: 'Choose a file for it' })).toBeVisible()
})

test('large pictures are made smaller for want of room, and can be had back', async ({ page }) => {
  await page.goto('/keep')
  await expect(page.getByText('No backup was ever made here')).toBeVisible()
  /** The picture of one lure in the store, written first when a side is given. */
  const picture = (side?: number) =>
    page.evaluate(async px => {
      const canvas = Object.assign(document.createElement('canvas'), { width: px ?? 1, height: px ?? 1 })
      const draw = canvas.getContext('2d')!
      for (let x = 0; x < (px ?? 0); x += 7) {
        draw.fillStyle = `hsl(${x % 360} 70% 50%)`
        draw.fillRect(x, x / 3, 5, 400)
      }
      const blob = await new Promise<Blob | null>(resolve => canvas.toBlob(resolve, 'image/jpeg', 0.9))
      return new Promise<{ width: number; bytes: number }>((resolve, reject) => {
        const request = indexedDB.open('ygrion')
        request.onerror = () => reject(request.error!)
        request.onsuccess = () => {
          const change = request.result.transaction('photos', 'readwrite')
          const photos = change.objectStore('photos')
          if (px) photos.put({ lureId: 'l1', blob, width: px, height: px, swatches: [], instead: false })
          const found = photos.get('l1')
          change.oncomplete = () => {
            request.result.close()
            resolve({ width: found.result.width, bytes: found.result.blob.size })
          }
        }
      })
    }, side)
  const large = await picture(1000)
  await page.reload()
  const storage = page.getByRole('region', { name: 'Storage' })
  await storage.getByRole('button', { name: 'Make large pictures smaller' }).click()
  await expect(page.locator('.undo')).toContainText('1 picture made smaller')
  const small = await picture()
  expect(small.width).toBe(500)
  expect(small.bytes).toBeLessThan(large.bytes)
  await page.locator('.undo .hot').click()
  await expect.poll(picture).toEqual(large)
})
