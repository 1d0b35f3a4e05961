import { type Outcome, parseReading } from '#core/files'
import type { Reading } from '#core/reading'

/** A degree is some hundred kilometres: enough for the height of the sun, too little for the spot. */
const roughly = (degrees: number | null | undefined) => (degrees == null ? degrees : Math.round(degrees))

/** A reading as it stands in a link; the spot stays at home. */
export function waterInLink(reading: Reading): string {
  const { latitude, longitude, ...water } = reading
  const text = JSON.stringify({ ...water, latitude: roughly(latitude), longitude: roughly(longitude) })
  return btoa(String.fromCharCode(...new TextEncoder().encode(text)))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replaceAll('=', '')
}

/** The reading of a link, checked as every reading is; `null`: it holds none. */
export function waterFromLink(text: string): Outcome<Reading> | null {
  try {
    const bytes = Uint8Array.from(atob(text.replaceAll('-', '+').replaceAll('_', '/')), c => c.charCodeAt(0))
    return parseReading(JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes)))
  } catch (error) {
    if (error instanceof DOMException || error instanceof SyntaxError || error instanceof TypeError) return null
    throw error
  }
}

/** What is said of a set-up along with the water: at most so long. */
export const LONGEST_WORD = 300
