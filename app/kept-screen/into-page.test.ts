import { describe, expect, it } from 'vitest'
import { intoPage, withFirstVisit } from './into-page'

const PAGE =
  '<html><head><link rel="stylesheet" href="/_nuxt/a.css" crossorigin><link rel="modulepreload" href="/_nuxt/x.js"><script type="module" src="/_nuxt/x.js" crossorigin></script></head><body><div id="__nuxt"></div><script>window.__NUXT__={}</script></body></html>'

describe('the page written beforehand', () => {
  const page = intoPage(PAGE, 'start()', address => `/* ${address} */ @font-face { src: url(./f.woff2) }`)

  it('holds its styles, with the addresses of their fonts, and loads none', () => {
    expect(page).toContain('<style>/* /_nuxt/a.css */ @font-face { src: url(/_nuxt/f.woff2) }</style>')
    expect(page).toContain('<link rel="stylesheet" disabled href="/_nuxt/a.css" crossorigin>')
  })

  it('starts the program and fetches its parts by the first script alone, after what it stands on', () => {
    expect(page).not.toContain('type="module"')
    expect(page).not.toContain('modulepreload')
    expect(page).toContain('<link rel="program-part" href="/_nuxt/x.js">')
    expect(page.indexOf('window.__NUXT__')).toBeLessThan(
      page.indexOf('<script data-program="/_nuxt/x.js">start()</script>'),
    )
    expect(page.indexOf('start()')).toBeGreaterThan(page.indexOf('id="__nuxt"'))
  })

  it('holds the screen of a first visit as data, whatever its markup, ahead of the script that draws it', () => {
    const screen = { program: '/_nuxt/x.js', width: null, looks: {}, ground: 'ground-day', html: '<i></script>$&</i>' }
    const whole = new DOMParser().parseFromString(
      withFirstVisit('<body><script data-program="/_nuxt/x.js"></script></body>', screen),
      'text/html',
    )
    const data = whole.getElementById('first-visit')!
    expect(JSON.parse(data.textContent!)).toEqual(screen)
    expect(data.getAttribute('type')).toBe('application/json')
    expect(data.compareDocumentPosition(whole.querySelector('[data-program]')!)).toBe(Node.DOCUMENT_POSITION_FOLLOWING)
  })

  it('is refused when it starts nothing', () => {
    expect(() => intoPage('<html></html>', '', () => '')).toThrow('starts no program')
    expect(() =>
      withFirstVisit('<html></html>', { program: '', width: null, looks: {}, ground: '', html: '' }),
    ).toThrow('starts no program')
  })
})
