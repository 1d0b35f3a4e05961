import { expect, type Page, test } from '@playwright/test'
import { EVERY_PAGE, goOn, open, told } from './support'

/** A figure with a unit of the other system; what an angler wrote himself (names, notes) is his own, and `data-either` marks examples of what may be typed in either system and paper sizes as they are sold. */
const METRIC = /(?<![\w.])\d(?:[\d.,]*\d)?[ \u00A0]?(?:g|kg|mm|cm|m|km|°C|m\/s|cm\/s|km\/h|kgf)(?![\w/])/g
const IMPERIAL = /(?<![\w.])\d(?:[\d.,/ ]*\d)?[ \u00A0]?(?:oz|lb|lbs|ft|in(?! \d)|°F|mph|ft\/s|in\/s)(?![\w/])/g

async function switchTo(page: Page, system: string) {
  await goOn(page, '/keep')
  await page.getByRole('group', { name: 'units' }).getByRole('button', { name: system }).click()
}

/** Names in the demo box carry weights and lengths as a packet does. */
async function ownNames(page: Page): Promise<string[]> {
  return page.evaluate(
    () =>
      new Promise<string[]>((resolve, reject) => {
        const request = indexedDB.open('ygrion')
        request.onerror = () => reject(request.error!)
        request.onsuccess = () => {
          const db = request.result
          const names: string[] = []
          const transaction = db.transaction([...db.objectStoreNames], 'readonly')
          for (const store of db.objectStoreNames) {
            transaction.objectStore(store).getAll().onsuccess = event => {
              for (const row of (event.target as IDBRequest<Record<string, unknown>[]>).result)
                for (const key of ['name', 'notes', 'note', 'text'])
                  if (typeof row[key] === 'string') names.push(row[key])
            }
          }
          transaction.oncomplete = () => {
            db.close()
            resolve(names)
          }
        }
      }),
  )
}

for (const [system, foreign] of [
  ['imperial', METRIC],
  ['metric', IMPERIAL],
] as const) {
  test(`no page tells a figure in another system than ${system}`, async ({ page }) => {
    test.setTimeout(240_000)
    await open(page)
    await switchTo(page, system)
    const names = await ownNames(page)
    const found: string[] = []
    for (const path of EVERY_PAGE) {
      await goOn(page, path)
      await page.waitForLoadState('networkidle')
      let text = await told(page)
      for (const name of names) text = text.replaceAll(name, '')
      for (const match of text.match(foreign) ?? []) found.push(`${path}: ${match}`)
    }
    expect([...new Set(found)]).toEqual([])
  })
}

test('a figure far off the packet is asked about once before it is believed; a minus is refused', async ({ page }) => {
  await open(page, '/box?lure=l1')
  const editor = page.locator('aside.editor')
  const weight = editor.getByLabel('Weight', { exact: true })
  await weight.fill('2 kg')
  await weight.press('Enter')
  await expect(editor.getByRole('alert')).toContainText('That is unusual')
  await expect(editor).not.toContainText('counts as 2000')
  await weight.fill('-1/2 oz')
  await weight.press('Enter')
  await expect(editor.getByRole('alert')).toContainText('Weight: -1/2 oz is not possible here')
  await weight.fill('1 kg')
  await weight.press('Enter')
  await expect(editor.getByRole('alert')).toContainText('1000.0')
  await weight.press('Enter')
  await expect(editor.getByRole('alert')).toHaveCount(0)
  // What was weighed on the bench still counts; the entered figure is kept beside it.
  await expect(weight).toHaveValue(/^1000/)
  await expect(editor.locator('.weighs')).toContainText('12.6')
})
