import { expect, type Page } from '@playwright/test'

/** Opens a page of the demo. */
export async function open(page: Page, path = '/') {
  await page.goto(path)
  await expect(page.getByText('Demo box, all invented')).toBeVisible()
}

/** Every page and every view of a page. */
export const EVERY_PAGE = [
  '/',
  '/trip',
  '/pack',
  '/logbook',
  '/logbook/trip/trip7',
  '/logbook/rates',
  '/logbook/charts',
  '/logbook/like',
  '/logbook/explains',
  '/logbook/audit',
  '/logbook/year',
  '/keep',
  '/rules',
  '/rules?part=drawn',
  '/rules?part=craft',
  '/rules?part=handbook',
  '/rules?part=schools',
  '/rules?part=own',
  '/box?lure=l1',
  '/box/lure/l1',
  '/box/trays',
  '/box/parts',
  '/box/outfits',
  '/box/coverage',
  '/box/compare?ids=l1,l2',
  '/box/labels',
  '/box/exchange',
  '/bench',
  '/colours',
  '/waters',
  '/sums',
]

/** Waits until every write that was begun is on disk: a transaction over all tables waits for those before it. */
export async function stored(page: Page): Promise<void> {
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const request = indexedDB.open('ygrion')
        request.onerror = () => reject(request.error!)
        request.onsuccess = () => {
          const db = request.result
          const names = [...db.objectStoreNames]
          const transaction = db.transaction(names, 'readwrite')
          transaction.objectStore(names[0]!).count()
          transaction.oncomplete = () => {
            db.close()
            resolve()
          }
          transaction.onerror = () => reject(transaction.error!)
        }
      }),
  )
}

/** Goes on to another page by its address, as one who is no quicker than the disk. */
export async function goOn(page: Page, path: string): Promise<void> {
  await stored(page)
  await page.goto(path)
}

/** Loads the page anew, as one who comes back later. */
export async function comeBack(page: Page): Promise<void> {
  await stored(page)
  await page.reload()
}

/** Everything that is told: text, names for readers, placeholders, values of fields. */
export async function told(page: Page): Promise<string> {
  return page.evaluate(() => {
    const own = new Set([...document.querySelectorAll('option, datalist')])
    const texts: string[] = []
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const parent = node.parentElement
      if (
        !parent ||
        ['SCRIPT', 'STYLE', 'NOSCRIPT'].includes(parent.tagName) ||
        own.has(parent) ||
        parent.closest('[data-either]')
      )
        continue
      texts.push(node.textContent ?? '')
    }
    for (const el of document.querySelectorAll<HTMLElement>('[aria-label], [placeholder], [title]')) {
      if (el.closest('[data-either]')) continue
      texts.push(
        el.getAttribute('aria-label') ?? '',
        el.getAttribute('placeholder') ?? '',
        el.getAttribute('title') ?? '',
      )
    }
    for (const input of document.querySelectorAll<HTMLInputElement>('input:not([type=hidden])'))
      if (!input.closest('[data-either]')) texts.push(input.value)
    return texts.join('\n')
  })
}
