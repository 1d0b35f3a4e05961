/*
 * Stands in the page itself, ahead of the program, and starts it (`into-page.ts`). Where the first screen was kept (`keep.ts`), it is drawn before that, so that the last answer can be read while the program is still on its way;
 * on a first visit it is the one that was taken when the program was built (`first-visit.ts`).
 * In a closed shadow the kept screen can neither be met by mistake nor lend its names to what comes alive under it; the program takes it away when its own list stands (`useKeptScreen`).
 */
;(() => {
  /** The program waits no longer than this for the kept screen to be painted [ms], assumed. */
  const PATIENCE_MS = 500
  const { program } = document.currentScript.dataset

  /** Whether a screen was kept that this window, in its present look, would show again. */
  function drawn() {
    const text = localStorage.getItem('ygrion-screen') ?? document.getElementById('first-visit')?.textContent
    if (!text || location.pathname !== '/' || location.search) return false
    const kept = JSON.parse(text)
    const isOfNow =
      kept.program === program &&
      (kept.width ?? innerWidth) === innerWidth &&
      Object.entries(kept.looks).every(([query, matches]) => matchMedia(query).matches === matches)
    if (!isOfNow) return false
    const host = document.createElement('div')
    host.id = 'as-it-stood'
    host.inert = true
    // Taps go through it to the page, which has the same things in the same places.
    host.style.cssText = 'position:fixed;inset:0;z-index:1000;overflow:hidden;pointer-events:none'
    const root = host.attachShadow({ mode: 'closed' })
    root.innerHTML = kept.html
    root.prepend(...[...document.head.querySelectorAll('style')].map(style => style.cloneNode(true)))
    document.documentElement.className = kept.ground
    document.body.append(host)
    return true
  }

  let isStarted = false
  function start() {
    if (isStarted) return
    isStarted = true
    for (const link of document.querySelectorAll('link[rel="program-part"]')) link.rel = 'modulepreload'
    const script = document.createElement('script')
    script.type = 'module'
    script.crossOrigin = ''
    script.src = program
    document.head.append(script)
  }

  let waits = false
  try {
    waits = drawn() && !document.hidden
  } catch (error) {
    // A screen that cannot be drawn again must not hold up the program, which keeps another.
    console.error(error)
  }
  if (!waits) return start()
  requestAnimationFrame(() => setTimeout(start))
  setTimeout(start, PATIENCE_MS)
})()
