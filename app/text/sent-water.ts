import { FORMAT, LISTS, type Outcome, parseReading, type Settings, VERSION, type YgrionFile } from '#core/files'
import type { Reading } from '#core/reading'

/** A degree is some hundred kilometres: enough for the height of the sun, too little for the spot. */
const roughly = (degrees: number | null | undefined) => (degrees == null ? degrees : Math.round(degrees))

const withoutSpot = (reading: Reading): Reading => ({
  ...reading,
  latitude: roughly(reading.latitude),
  longitude: roughly(reading.longitude),
})

/** A water, and what was tied on there, as an Ygrion file that holds nothing else; the spot stays at home. */
export function waterInFile(reading: Reading, tied: string): YgrionFile {
  return { format: FORMAT, version: VERSION, settings: { reading: withoutSpot(reading) as Settings['reading'], tied } }
}

/** The water that a file holds and nothing else, as it stands in the address of the page that shows it; `null`: it is a box. */
export function waterOfFile(file: YgrionFile): { readonly water: string; readonly tied?: string } | null {
  const { reading, tied } = (file.settings ?? {}) as { readonly reading?: Reading; readonly tied?: unknown }
  if (!reading || LISTS.some(list => (file[list] ?? []).length > 0)) return null
  const said = typeof tied === 'string' ? tied.slice(0, LONGEST_WORD) : ''
  return { water: waterInLink(reading), ...(said ? { tied: said } : {}) }
}

/** A reading as it stands in a link; the spot stays at home. */
export function waterInLink(reading: Reading): string {
  const text = JSON.stringify(withoutSpot(reading))
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
