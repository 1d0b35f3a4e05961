import { existsSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import { WEIGHED_BEFOREHAND } from '../text/as-it-stood'
import { type KeptScreen, SCREEN_KEY } from './kept-screen'

/** Nothing listens there: every file comes from the build. */
const PLACE = 'http://localhost'
/** High enough for the rows of a tall window, and the usual one, for which the cut is drawn [CSS px]. */
const TALL = { width: 1280, height: 1200 }
const USUAL = { width: 1280, height: 800 }
/** What is drawn to the size that there is. */
const CUT = '.column > svg'
/** A loaded machine takes its time [ms]. */
const PATIENCE_MS = 180_000
/** A page is at rest when nothing has moved on it for so long [ms], assumed. */
const STILL_MS = 3000
const ARGS = ['--no-sandbox', '--disable-gpu']

/**
 * The first screen of whoever was never here, taken from what was just built: the demo box is the same for all, and so is what comes of it.
 * @param folders of the built page and all that it loads
 * @param browser path of the browser that draws it
 * @throws Error when no answer comes to stand there
 */
export async function firstVisitScreen(folders: readonly string[], browser: string): Promise<KeptScreen> {
  const drawn = await chromium.launch({ executablePath: browser, args: ARGS })
  try {
    const context = await drawn.newContext({ viewport: TALL, serviceWorkers: 'block' })
    await context.route(`${PLACE}/**`, async route => {
      const { pathname } = new URL(route.request().url())
      const name = pathname === '/' ? 'index.html' : decodeURIComponent(pathname)
      const path = folders.map(folder => join(folder, name)).find(file => existsSync(file) && statSync(file).isFile())
      if (path) await route.fulfill({ path })
      else await route.fulfill({ status: 404 })
    })
    const page = await context.newPage()
    await page.goto(PLACE)
    await page.waitForFunction(screenAt, SCREEN_KEY, { timeout: PATIENCE_MS })
    await page.evaluate(leaveAtRest, STILL_MS)
    const screen = JSON.parse((await page.evaluate(screenAt, SCREEN_KEY))!) as KeptScreen
    await page.setViewportSize(USUAL)
    await page.evaluate(leaveAtRest, STILL_MS)
    const drawing = await page.locator(CUT).evaluate(svg => svg.outerHTML)
    const html = await page.evaluate(forAnyWindow, { html: screen.html, at: CUT, drawing, note: WEIGHED_BEFOREHAND })
    return { ...screen, width: null, html }
  } finally {
    await drawn.close()
  }
}

/** Runs in the page. */
const screenAt = (key: string) => localStorage.getItem(key)

/** Runs in the page: as if it were left when nothing has moved on it for so long [ms]. The program keeps its screen then, with what was drawn last. */
async function leaveAtRest(stillMs: number): Promise<void> {
  await new Promise<void>(resolve => {
    let timer = setTimeout(resolve, stillMs)
    new MutationObserver(() => {
      clearTimeout(timer)
      timer = setTimeout(resolve, stillMs)
    }).observe(document, { subtree: true, childList: true, attributes: true, characterData: true })
  })
  Object.defineProperty(document, 'visibilityState', { value: 'hidden', configurable: true })
  document.dispatchEvent(new Event('visibilitychange'))
}

interface Taken {
  readonly html: string
  readonly at: string
  readonly drawing: string
  readonly note: string
}

/** Runs in the page. The layout is that of the styles; only the cut is drawn to a size, and stretches from here on. */
function forAnyWindow({ html, at, drawing, note }: Taken): string {
  const copy = document.createElement('template')
  copy.innerHTML = html
  copy.content.querySelector('.setups .from')!.textContent = note
  copy.content.querySelector(at)!.outerHTML = drawing
  for (const size of ['width', 'height']) copy.content.querySelector(at)!.setAttribute(size, '100%')
  return copy.innerHTML
}
