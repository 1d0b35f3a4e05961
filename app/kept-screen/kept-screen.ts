/** Where the screen is kept: in the store that is read before any script is loaded (`first.js`, which stands in the page and has the word itself). */
export const SCREEN_KEY = 'ygrion-screen'

/** A screen as it stood, and what must be the same for it to be drawn again. */
export interface KeptScreen {
  /** Path of the program's entry, which every build names anew: styles and markup belong together. */
  readonly program: string
  /** Width of the window [CSS px]; `null`: drawn so that it fits any. */
  readonly width: number | null
  readonly looks: Readonly<Record<string, boolean>>
  /** Classes of the document, for the ground behind the page. */
  readonly ground: string
  readonly html: string
}
