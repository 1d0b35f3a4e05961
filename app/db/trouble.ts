const names = (error: unknown): string[] =>
  error instanceof Error || error instanceof DOMException
    ? [error.name, ...names((error as { inner?: unknown }).inner)]
    : []

/** What the names of the browser's and Dexie's errors mean for the angler, the first that fits. */
const WORDS: readonly (readonly [RegExp, string])[] = [
  [
    /^VersionError$/,
    'What is kept here was written by a newer version of Ygrion. Reload to get it; nothing was changed.',
  ],
  [
    /^QuotaExceededError$/,
    'The disk is full: the browser keeps nothing more, and what you did last is not stored. Everything older is. Make room on the device, or take pictures out.',
  ],
  [
    /^DatabaseClosedError$/,
    'Another tab took over what is kept here. Reload this one; nothing that was stored is lost.',
  ],
  [
    /^(MissingAPIError|SecurityError|InvalidStateError|OpenFailedError|UnknownError)$/,
    'This browser keeps nothing here: its storage is switched off, or this is a private window. Everything works until the page is closed; make a backup before that.',
  ],
]

/** What went wrong with the browser's storage, in words; `null`: something else went wrong. */
export function storageTrouble(error: unknown): string | null {
  const found = names(error)
  return WORDS.find(([name]) => found.some(n => name.test(n)))?.[1] ?? null
}
