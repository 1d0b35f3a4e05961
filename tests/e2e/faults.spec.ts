import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { comeBack, open, stored } from './support'

/** A page of the same origin without the program, to get at what is kept. */
const BARE = '/icon.svg'
const alert = (page: Page) => page.getByRole('alert')

async function addLure(page: Page, name: string) {
  await page.goto('/box')
  await page.getByLabel('Kind', { exact: true }).first().fill('bladed')
  await page.keyboard.press('Enter')
  await page.getByLabel(/^Weight, g/).fill('14')
  await page.getByLabel('Name (if it has one)').fill(name)
  await page.getByRole('button', { name: 'Put in the box' }).click()
}

for (const [what, block] of [
  [
    'refused',
    () => {
      Object.defineProperty(window, 'localStorage', {
        get: () => {
          throw new DOMException('denied', 'SecurityError')
        },
        configurable: true,
      })
      IDBFactory.prototype.open = () => {
        throw new DOMException('denied', 'SecurityError')
      }
    },
  ],
  [
    'absent',
    () => {
      Object.defineProperty(window, 'indexedDB', { value: undefined })
    },
  ],
] as const) {
  test(`storage that is ${what}: all can be tried, said in words, and saved to a file`, async ({ page }) => {
    await page.addInitScript(block)
    await open(page)
    await expect(alert(page)).toContainText('This browser keeps nothing here')
    await expect(page.locator('.setups li')).toHaveCount(12)
    await page.getByRole('link', { name: 'Trip', exact: true }).click()
    await page.locator('.begin .first').first().click()
    await page
      .getByRole('region', { name: 'What happened' })
      .getByRole('button', { name: 'landed', exact: true })
      .click()
    await expect(page.getByRole('region', { name: 'On the line' })).toContainText('1 landed today')
    await page.getByRole('link', { name: 'Keep', exact: true }).click()
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Make a backup now' }).click(),
    ])
    expect(
      readFileSync(await download.path())
        .subarray(0, 2)
        .toString(),
    ).toBe('PK')
    await page.goto('/logbook')
    await expect(page.getByText('14 trips')).toBeVisible()
  })
}

test('what a newer version wrote is not touched, and said so', async ({ page }) => {
  await page.goto(BARE)
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const request = indexedDB.open('ygrion', 990)
        request.onupgradeneeded = () =>
          request.result.createObjectStore('lures', { keyPath: 'id' }).put({ id: 'future', hologram: true })
        request.onerror = () => reject(request.error!)
        request.onsuccess = () => {
          request.result.close()
          resolve()
        }
      }),
  )
  await page.goto('/')
  await expect(alert(page)).toContainText('written by a newer version of Ygrion')
  await page.goto('/box')
  await expect(alert(page)).toContainText('written by a newer version of Ygrion')
  await page.goto(BARE)
  expect(
    await page.evaluate(
      () =>
        new Promise(resolve => {
          indexedDB.open('ygrion').onsuccess = ({ target }) => {
            ;(target as IDBOpenDBRequest).result.transaction('lures').objectStore('lures').getAll().onsuccess = event =>
              resolve((event.target as IDBRequest).result)
          }
        }),
    ),
  ).toEqual([{ id: 'future', hologram: true }])
})

test('a newer version in another tab gets what is kept at once; the older tab says so and writes no more', async ({
  page,
  context,
}) => {
  await open(page)
  const newer = await context.newPage()
  await newer.goto(BARE)
  expect(
    await newer.evaluate(
      () =>
        new Promise(resolve => {
          const request = indexedDB.open('ygrion', 990)
          request.onblocked = () => resolve('blocked')
          request.onsuccess = () => resolve(request.result.version)
        }),
    ),
  ).toBe(990)
  await expect(alert(page)).toContainText('newer version of Ygrion was opened in another tab')
  await page.getByRole('link', { name: 'Trip', exact: true }).click()
  await page.locator('.begin .first').first().click()
  await expect(alert(page)).toContainText('newer version of Ygrion was opened in another tab')
  expect(
    await newer.evaluate(
      () =>
        new Promise(resolve => {
          indexedDB.open('ygrion').onsuccess = ({ target }) => {
            ;(target as IDBOpenDBRequest).result.transaction('trips').objectStore('trips').count().onsuccess = event =>
              resolve((event.target as IDBRequest).result)
          }
        }),
    ),
  ).toBe(14)
})

/** Fills what room the browser gives, in smaller and smaller pieces. */
async function fill() {
  const db = await new Promise<IDBDatabase>(resolve => {
    const request = indexedDB.open('filler')
    request.onupgradeneeded = () => request.result.createObjectStore('stuff', { autoIncrement: true })
    request.onsuccess = () => resolve(request.result)
  })
  db.onversionchange = () => db.close()
  for (const size of [200_000, 20_000, 2_000, 200]) {
    let isIn = true
    while (isIn) {
      isIn = await new Promise(resolve => {
        const transaction = db.transaction('stuff', 'readwrite')
        transaction.objectStore('stuff').add(
          crypto
            .getRandomValues(new Uint8Array(Math.min(size, 65_536)))
            .toString()
            .slice(0, size),
        )
        transaction.oncomplete = () => resolve(true)
        transaction.onabort = () => resolve(false)
      })
    }
  }
}

test('a full disk is said in words, what was there stays, and with room again all goes on', async ({
  playwright,
  baseURL,
}, info) => {
  // Only a profile on the disk has a quota that can be set.
  const context = await playwright.chromium.launchPersistentContext(info.outputPath('profile'), {
    ...info.project.use.launchOptions,
    baseURL: baseURL!,
    serviceWorkers: 'block',
  })
  const page = context.pages()[0]!
  const browser = await context.newCDPSession(page)
  await browser.send('Storage.overrideQuotaForOrigin', { origin: baseURL!, quotaSize: 4e6 })
  await open(page)
  await stored(page)
  const bare = await context.newPage()
  await bare.goto(BARE)
  await bare.evaluate(fill)
  await addLure(page, 'One too many')
  await expect(alert(page)).toContainText('The disk is full')
  await expect(page.getByRole('row', { name: /One too many/ })).toHaveCount(0)
  await expect(page.getByRole('row', { name: /Moor blade/ }).first()).toBeVisible()
  await bare.evaluate(
    () => new Promise(resolve => Object.assign(indexedDB.deleteDatabase('filler'), { onsuccess: resolve })),
  )
  await page.getByRole('button', { name: 'I have read it' }).click()
  await expect(alert(page)).toHaveCount(0)
  await addLure(page, 'Room again')
  await expect(page.getByRole('row', { name: /Room again/ })).toBeVisible()
  await comeBack(page)
  await expect(page.getByRole('row', { name: /Room again/ })).toBeVisible()
  await expect(page.getByRole('row', { name: /One too many/ })).toHaveCount(0)
  await context.close()
})

test('a page killed while a file is being put in holds the old box or the new one, never half of each', async ({
  context,
}) => {
  const many = 4000
  const lures = Array.from({ length: many }, (_, i) => ({
    id: `n${i}`,
    name: `new ${i}`,
    family: 'crankbait',
    weightG: 10,
    lengthMm: 60,
  }))
  const file = {
    name: 'many.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ format: 'ygrion', version: 1, lures })),
  }
  for (const waitMs of [0, 30, 120]) {
    const page = await context.newPage()
    await page.goto('/keep')
    await page.getByRole('region', { name: 'Restore' }).locator('input[type=file]').setInputFiles(file)
    const put = page.getByRole('button', { name: 'Put it in place of what is here' })
    await expect(put).toBeEnabled()
    await put.evaluate((button: HTMLButtonElement) => button.click())
    await page.waitForTimeout(waitMs)
    await page.close()
    const after = await context.newPage()
    await after.goto(BARE)
    const ids = await after.evaluate(
      () =>
        new Promise<string[]>(resolve => {
          indexedDB.open('ygrion').onsuccess = ({ target }) => {
            ;(target as IDBOpenDBRequest).result.transaction('lures').objectStore('lures').getAllKeys().onsuccess =
              event => resolve((event.target as IDBRequest).result)
          }
        }),
    )
    const fresh = ids.filter(id => /^n\d+$/.test(id)).length
    expect([0, many]).toContain(fresh)
    expect(ids.length - fresh === 0).toBe(fresh === many)
    await after.close()
  }
})
