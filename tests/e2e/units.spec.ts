import { expect, type Page, test } from '@playwright/test'
import { EVERY_PAGE, goOn, open } from './support'

/** A figure with a unit of the other system; what an angler wrote himself (names, notes) is his own, and `data-either` marks examples of what may be typed in either system and paper sizes as they are sold. */
const METRIC = /(?<![\w.])\d[\d.,]*[ \u00A0]?(?:g|kg|mm|cm|m|km|°C|m\/s|cm\/s|km\/h|kgf)(?![\w/])/g
const IMPERIAL = /(?<![\w.])\d[\d.,/ ]*[ \u00A0]?(?:oz|lb|lbs|ft|in(?! \d)|°F|mph|ft\/s|in\/s)(?![\w/])/g

/** Everything that is told: text, names for readers, placeholders, values of fields. */
async function told(page: Page): Promise<string> {
  return page.evaluate(() => {
    const own = new Set([...document.querySelectorAll('option, datalist')])
    const texts: string[] = []
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const parent = node.parentElement
      if (!parent || ['SCRIPT', 'STYLE', 'NOSCRIPT'].includes(parent.tagName) || own.has(parent) || parent.closest('[data-either]')) continue
      texts.push(node.textContent ?? '')
    }
    for (const el of document.querySelectorAll<HTMLElement>('[aria-label], [placeholder], [title]')) {
      if (el.closest('[data-either]')) continue
      texts.push(el.getAttribute('aria-label') ?? '', el.getAttribute('placeholder') ?? '', el.getAttribute('title') ?? '')
    }
    for (const input of document.querySelectorAll('input')) if (!input.closest('[data-either]')) texts.push(input.value)
    return texts.join('\n')
  })
}

async function switchTo(page: Page, system: string) {
  await goOn(page, '/keep')
  await page.getByRole('group', { name: 'units' }).getByRole('button', { name: system }).click()
}

/** Names in the demo box carry weights and lengths as a packet does. */
async function ownNames(page: Page): Promise<string[]> {
  return page.evaluate(() => new Promise<string[]>((resolve, reject) => {
    const request = indexedDB.open('ygrion')
    request.onerror = () => reject(request.error!)
    request.onsuccess = () => {
      const db = request.result
      const names: string[] = []
      const transaction = db.transaction([...db.objectStoreNames], 'readonly')
      for (const store of db.objectStoreNames) {
        transaction.objectStore(store).getAll().onsuccess = (event) => {
          for (const row of (event.target as IDBRequest<Record<string, unknown>[]>).result) for (const key of ['name', 'notes', 'note', 'text']) if (typeof row[key] === 'string') names.push(row[key])
        }
      }
      transaction.oncomplete = () => { db.close(); resolve(names) }
    }
  }))
}

for (const [system, foreign] of [['imperial', METRIC], ['metric', IMPERIAL]] as const) {
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
