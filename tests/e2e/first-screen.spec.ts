import { expect, type Page, test } from '@playwright/test'
import { open } from './support'

interface Node {
  readonly nodeValue: string
  readonly attributes?: readonly string[]
  readonly children?: readonly Node[]
  readonly shadowRoots?: readonly Node[]
}
/** What can be read in the kept screen, whose shadow is closed to scripts. */
async function readInKept(page: Page): Promise<string> {
  const client = await page.context().newCDPSession(page)
  const { root } = (await client.send('DOM.getDocument', { depth: -1, pierce: true })) as unknown as { root: Node }
  const textOf = (node: Node): string =>
    node.nodeValue + [...(node.shadowRoots ?? []), ...(node.children ?? [])].map(textOf).join('')
  const find = (node: Node): Node | undefined =>
    node.attributes?.includes('as-it-stood') ? node : node.children?.map(find).find(found => found !== undefined)
  const host = find(root)
  return host ? textOf(host) : ''
}
/** Of the program itself nothing comes. */
const withoutProgram = (page: Page) => page.route('**/_nuxt/*.js', route => route.abort())
const kept = (page: Page) => page.evaluate(() => localStorage.getItem('ygrion-screen'))
const firstName = (page: Page) => page.locator('.setups li .name').first().innerText()

test('the last answer stands on the screen before the program is there, and gives way to it', async ({ page }) => {
  await open(page)
  const name = await firstName(page)
  await expect.poll(() => kept(page)).toContain(name)

  // The program never comes: what was answered can be read all the same.
  await withoutProgram(page)
  await page.reload()
  const text = await readInKept(page)
  expect(text).toContain(name)
  expect(text).toMatch(/As it stood .*, while it is weighed anew/)

  await page.unroute('**/_nuxt/*.js')
  await page.reload()
  await expect(page.locator('.setups li').first()).toBeVisible()
  await expect(page.locator('#as-it-stood')).toHaveCount(0)
})

test('on a first visit the answer of the demo can be read before the program is there, in any window', async ({
  browser,
  page,
}) => {
  await open(page)
  const names = await page.locator('.setups li .name').allInnerTexts()
  const stranger = await browser.newPage({ baseURL: new URL(page.url()).origin })
  await withoutProgram(stranger)
  for (const width of [1280, 390]) {
    await stranger.setViewportSize({ width, height: 800 })
    await stranger.goto('/')
    const text = await readInKept(stranger)
    expect(text).toContain('As it was weighed beforehand, while it is weighed anew')
    // What the program says of the same box, water and day.
    for (const name of names.slice(0, 3)) expect(text).toContain(name)
  }
  await stranger.emulateMedia({ colorScheme: 'dark' })
  await stranger.reload()
  await expect(stranger.locator('#as-it-stood')).toHaveCount(0)
  await stranger.close()
})

test('nothing of the program is fetched before there is something to read', async ({ page }) => {
  await page.addInitScript(() => {
    const seen = new MutationObserver(() => {
      if (!document.getElementById('as-it-stood')) return
      performance.mark('to-read')
      seen.disconnect()
    })
    seen.observe(document, { childList: true, subtree: true })
  })
  await page.goto('/')
  await expect(page.locator('.setups li').first()).toBeVisible()
  const { toRead, fetched } = await page.evaluate(() => ({
    toRead: performance.getEntriesByName('to-read')[0]!.startTime,
    fetched: performance
      .getEntriesByType('resource')
      .filter(({ name }) => name.endsWith('.js'))
      .map(({ startTime }) => startTime),
  }))
  expect(fetched.length).toBeGreaterThan(10)
  expect(Math.min(...fetched)).toBeGreaterThanOrEqual(toRead)
})

test('whoever has opened any page is not shown the screen of a first visit', async ({ page }) => {
  await page.goto('/keep')
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await withoutProgram(page)
  await page.goto('/')
  await expect(page.locator('#as-it-stood')).toHaveCount(0)
})

test('a browser that keeps nothing more here still gets its answer', async ({ page }) => {
  await page.addInitScript(() => {
    Storage.prototype.setItem = () => {
      throw new DOMException('full', 'QuotaExceededError')
    }
  })
  await page.goto('/')
  await expect(page.locator('.setups li').first()).toBeVisible()
})

test('another answer takes the place of the one that was kept; another page, width or look draws none', async ({
  page,
}) => {
  await open(page)
  await expect.poll(() => kept(page)).not.toBeNull()
  const before = await kept(page)
  await page.getByRole('button', { name: 'night', exact: true }).click()
  await expect.poll(() => kept(page)).not.toBe(before)
  await expect.poll(() => kept(page)).toContain('ground-night')

  await withoutProgram(page)
  const drawn = page.locator('#as-it-stood')
  await page.goto('/?lure=l1')
  await expect(drawn).toHaveCount(0)
  await page.goto('/')
  await expect(drawn).toHaveCount(1)
  await page.setViewportSize({ width: 390, height: 844 })
  await page.reload()
  await expect(drawn).toHaveCount(0)
  await page.setViewportSize({ width: 1280, height: 800 })
  await page.emulateMedia({ colorScheme: 'dark' })
  await page.reload()
  await expect(drawn).toHaveCount(0)
})
