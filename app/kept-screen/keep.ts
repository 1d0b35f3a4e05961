import { asItStood } from '~/text/as-it-stood'
import { type KeptScreen, SCREEN_KEY } from './kept-screen'

/** The element in which `first.js` shows it. */
const HOST_ID = 'as-it-stood'
/** What the device asks for decides the look: kept by day, a screen is not drawn by night. */
const LOOKS = ['(prefers-color-scheme: dark)', '(prefers-contrast: more)'] as const

/** Nothing is opened, turned or typed into: only such a screen comes alive as it was left. */
export function isAtRest(page: HTMLElement): boolean {
  const isTyping = document.activeElement?.matches('input, textarea, select') ?? false
  return !isTyping && page.querySelector('[aria-expanded="true"], [role="status"].undo') === null
}

/** What of the page lies in the window when nothing is scrolled, as markup; the list says when it was worked out. */
function inWindow(page: HTMLElement, at: string): string {
  const copy = page.cloneNode(true) as HTMLElement
  markChosen(page, copy)
  trim(page, copy, window.scrollY)
  // Pictures from memory are gone with the page that held them.
  for (const picture of copy.querySelectorAll('[src^="blob:"]')) picture.removeAttribute('src')
  const lead = copy.querySelector('.setups .lead')
  if (lead) {
    const note = lead.cloneNode(false) as HTMLElement
    note.className = 'reason from'
    note.textContent = asItStood(at)
    lead.before(note)
  }
  return copy.outerHTML
}

/** What is ticked or chosen is not in the markup by itself. */
function markChosen(page: HTMLElement, copy: HTMLElement): void {
  const boxes = copy.querySelectorAll('input')
  page.querySelectorAll('input').forEach((box, i) => boxes[i]!.toggleAttribute('checked', box.checked))
  const options = copy.querySelectorAll('option')
  page.querySelectorAll('option').forEach((option, i) => options[i]!.toggleAttribute('selected', option.selected))
}

/** Leaves out of the copy what begins below the window, `scrolled` [CSS px] being how far all around it is moved up. */
function trim(original: Element, copy: Element, scrolled: number): void {
  const copies = [...copy.children]
  ;[...original.children].forEach((child, i) => {
    const { top, height } = child.getBoundingClientRect()
    if (height > 0 && top + scrolled > window.innerHeight) copies[i]!.remove()
    else if (!(child instanceof SVGElement)) trim(child, copies[i]!, scrolled + child.scrollTop)
  })
}

/**
 * Keeps the page for the next start.
 * @param page the program's outermost element
 * @param at when its answer was worked out, ISO 8601
 * @param program path of the entry that draws it
 * @throws DOMException when the browser keeps nothing more
 */
export function keepScreen(page: HTMLElement, at: string, program = programPath()): void {
  const screen: KeptScreen = {
    program,
    width: window.innerWidth,
    looks: Object.fromEntries(LOOKS.map(query => [query, window.matchMedia(query).matches])),
    ground: document.documentElement.className,
    html: inWindow(page, at),
  }
  localStorage.setItem(SCREEN_KEY, JSON.stringify(screen))
}

function programPath(): string {
  return new URL(document.querySelector<HTMLScriptElement>('script[type=module][src]')!.src).pathname
}

/** The kept screen no longer shows what would be answered. That there was one stays: whoever was here before is not shown the screen of a first visit. */
export function dropScreen(): void {
  localStorage.setItem(SCREEN_KEY, '')
}

/** From now on this is no first visit any more. */
export function noteVisit(): void {
  if (localStorage.getItem(SCREEN_KEY) === null) dropScreen()
}

/** Takes the kept screen off the page that has come alive under it. */
export function liftScreen(): void {
  document.getElementById(HOST_ID)?.remove()
}
