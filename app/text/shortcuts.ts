/** Keys that work anywhere but in a field. A letter after `g` goes to a page. */
export const GO_KEYS: Readonly<Record<string, { readonly to: string; readonly name: string }>> = {
  t: { to: '/', name: 'Tie-on' },
  w: { to: '/trip', name: 'Trip (water)' },
  p: { to: '/pack', name: 'Pack' },
  l: { to: '/logbook', name: 'Logbook' },
  b: { to: '/box', name: 'Box' },
  n: { to: '/bench', name: 'Bench' },
  c: { to: '/colours', name: 'Colours' },
  h: { to: '/waters', name: 'Waters (home)' },
  r: { to: '/rules', name: 'Rules' },
  s: { to: '/sums', name: 'Sums' },
  k: { to: '/keep', name: 'Keeping' },
}
export const OTHER_KEYS: readonly { readonly keys: string; readonly does: string }[] = [
  { keys: 'Ctrl K', does: 'find a page, a lure or a deed' },
  { keys: 'Ctrl Z', does: 'take back the last change' },
  { keys: 'Ctrl Shift Z', does: 'do it again' },
  { keys: '?', does: 'this help' },
  { keys: '↑ ↓', does: 'a figure up or down while it is being changed' },
  { keys: 'Enter or Space', does: 'open what is marked: a set-up, a point of a chart' },
  { keys: 'Esc', does: 'close what is open' },
]

/** A field has its own use for the key. */
export const isTyping = (event: KeyboardEvent): boolean =>
  event.target instanceof HTMLElement && event.target.matches('input, textarea, select, [contenteditable]')
