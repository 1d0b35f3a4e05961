/** A text and how it was written. */
export interface DecodedText {
  readonly text: string
  readonly encoding: string
  readonly isGuess: boolean
}

/**
 * Reads bytes as text: by their mark (UTF-8, UTF-16), else as UTF-8, else as Windows-1252, which older spreadsheets write.
 * The last is a guess and says so: every byte means something in it.
 */
export function decodeText(bytes: Uint8Array): DecodedText {
  const [a, b, c] = bytes
  if (a === 0xff && b === 0xfe)
    return { text: new TextDecoder('utf-16le').decode(bytes), encoding: 'UTF-16', isGuess: false }
  if (a === 0xfe && b === 0xff)
    return { text: new TextDecoder('utf-16be').decode(bytes), encoding: 'UTF-16', isGuess: false }
  if (a === 0xef && b === 0xbb && c === 0xbf)
    return { text: new TextDecoder('utf-8').decode(bytes), encoding: 'UTF-8', isGuess: false }
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), encoding: 'UTF-8', isGuess: false }
  } catch {
    return { text: new TextDecoder('windows-1252').decode(bytes), encoding: 'Windows-1252', isGuess: true }
  }
}

/** A NUL or a run of them: pictures, archives and the like, never a table. */
export function looksBinary(text: string): boolean {
  return text.slice(0, 2000).includes('\0')
}
