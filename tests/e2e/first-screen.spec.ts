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
const kept = (page: Page) => page.evaluate(() => localStorage.getItem('ygrion-screen'))
const firstName = (page: Page) => page.locator('.setups li .name').first().innerText()

test('the last answer stands on the screen before the program is there, and gives way to it', async ({ page }) => {
  await open(page)
  const name = await firstName(page)
  await expect.poll(() => kept(page)).toContain(name)

  // The program never comes: what was answered can be read all the same.
  await page.route('**/_nuxt/*.js', route => route.abort())
  await page.reload()
  const text = await readInKept(page)
  expect(text).toContain(name)
  expect(text).toMatch(/As it stood .*, while it is weighed anew/)

  await page.unroute('**/_nuxt/*.js')
  await page.reload()
  await expect(page.locator('.setups li').first()).toBeVisible()
  await expect(page.locator('#as-it-stood')).toHaveCount(0)
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

  await page.route('**/_nuxt/*.js', route => route.abort())
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
