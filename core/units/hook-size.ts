/**
 * Hook sizes in the usual numbers: …, 10, 8, 6, 4, 2, 1, 1/0, 2/0, …; larger plain number = smaller hook,
 * larger number over nought = larger hook.
 */
const PATTERN = /^#?\s*(\d{1,2})(\/0)?$/

/** `#4` → `4`, `2/0` → `2/0`; `null` when it is not a hook size. */
export function parseHookSize(text: string): string | null {
  const match = PATTERN.exec(text.trim())
  if (!match || Number(match[1]) === 0) return null
  return `${Number(match[1])}${match[2] ?? ''}`
}

/** Rank on one rising scale: 10 → −9, 1 → 0, 1/0 → 1, 5/0 → 5. `null` for what is no hook size. */
export function hookSizeRank(text: string): number | null {
  const size = parseHookSize(text)
  if (size === null) return null
  const number = Number.parseInt(size)
  return size.endsWith('/0') ? number : 1 - number
}

/** As sizes are spoken and printed: `#4`, `2/0`. */
export function formatHookSize(size: string): string {
  return size.endsWith('/0') ? size : `#${size}`
}
