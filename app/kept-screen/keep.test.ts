import { beforeEach, describe, expect, it, vi } from 'vitest'
import { dropScreen, isAtRest, keepScreen, liftScreen, noteVisit } from './keep'
import { type KeptScreen, SCREEN_KEY } from './kept-screen'

const PROGRAM = '/_nuxt/entry.js'
const AT = '2026-05-06T06:40:00Z'
/** A page in which every element says where it stands [CSS px]. */
function pageOf(html: string): HTMLElement {
  document.body.innerHTML = `<div id="__nuxt"><div class="desk">${html}</div></div>`
  for (const element of document.querySelectorAll<HTMLElement>('[data-top]'))
    vi.spyOn(element, 'getBoundingClientRect').mockReturnValue({
      top: Number(element.dataset.top),
      height: 50,
    } as DOMRect)
  return document.querySelector<HTMLElement>('.desk')!
}
const kept = () => JSON.parse(localStorage.getItem(SCREEN_KEY)!) as KeptScreen

beforeEach(() => {
  localStorage.clear()
  document.documentElement.className = 'ground-day'
})

describe('the first screen kept for the next start', () => {
  it('holds what lies in the window, and nothing below it', () => {
    const page = pageOf('<ol><li data-top="100">first</li><li data-top="5000">far down</li></ol><svg><path /></svg>')
    keepScreen(page, AT, PROGRAM)
    expect(kept().html).toContain('first')
    expect(kept().html).not.toContain('far down')
    expect(kept().html).toContain('<path')
    expect(page.textContent).toContain('far down')
  })

  it('holds the top of a list that was moved up, as it will be drawn unmoved', () => {
    const page = pageOf(
      '<section data-top="0"><p data-top="-900">first</p><p data-top="100">further down</p></section>',
    )
    page.querySelector('section')!.scrollTop = 1000
    keepScreen(page, AT, PROGRAM)
    expect(kept().html).toContain('first')
    expect(kept().html).not.toContain('further down')
  })

  it('says when it was worked out, and leaves pictures from memory out', () => {
    const page = pageOf('<section class="setups"><p class="lead" data-v-1="">78 lures</p><img src="blob:x"></section>')
    keepScreen(page, AT, PROGRAM)
    expect(kept().html).toMatch(/class="reason from"[^>]*data-v-1|data-v-1[^>]*class="reason from"/)
    expect(kept().html).toMatch(/As it stood .*6.*while it is weighed anew/)
    expect(kept().html).not.toContain('blob:')
  })

  it('holds what is ticked and what is chosen', () => {
    const page = pageOf(
      '<input type="checkbox" id="a"><input type="checkbox" id="b" checked><select><option>x<option>y</select>',
    )
    for (const box of page.querySelectorAll('input')) box.checked = box.id === 'a'
    page.querySelector('select')!.selectedIndex = 1
    keepScreen(page, AT, PROGRAM)
    const copy = document.createElement('div')
    copy.innerHTML = kept().html
    expect([...copy.querySelectorAll('input')].map(box => box.checked)).toEqual([true, false])
    expect(copy.querySelector('select')!.value).toBe('y')
  })

  it('belongs to this width and this look', () => {
    keepScreen(pageOf('here'), AT, PROGRAM)
    expect(kept()).toMatchObject({ program: PROGRAM, width: window.innerWidth, ground: 'ground-day' })
    expect(Object.keys(kept().looks)).toHaveLength(2)
    dropScreen()
    expect(localStorage.getItem(SCREEN_KEY)).toBe('')
  })

  it('leaves a sign that somebody was here, and a visit without a screen does too', () => {
    expect(localStorage.getItem(SCREEN_KEY)).toBeNull()
    noteVisit()
    expect(localStorage.getItem(SCREEN_KEY)).toBe('')
    keepScreen(pageOf('here'), AT, PROGRAM)
    noteVisit()
    expect(kept().html).toContain('here')
  })

  it('is not taken while something is opened or typed into', () => {
    expect(isAtRest(pageOf('<button aria-expanded="false">x</button>'))).toBe(true)
    expect(isAtRest(pageOf('<button aria-expanded="true">x</button>'))).toBe(false)
    const page = pageOf('<input>')
    page.querySelector('input')!.focus()
    expect(isAtRest(page)).toBe(false)
  })

  it('is taken off the page by its name', () => {
    document.body.innerHTML = '<div id="as-it-stood"></div><main></main>'
    liftScreen()
    liftScreen()
    expect(document.body.innerHTML).toBe('<main></main>')
  })
})
