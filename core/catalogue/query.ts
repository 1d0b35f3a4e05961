import { type Meaning, meaningOf } from '#core/knowledge'
import { type Dimension, parseQuantity, type UnitSystem } from '#core/units'
import { attribute, type Attribute } from './attributes'
import { COLOUR_WORDS, type ColourWord } from './colour-word'

export type Comparison = '=' | '<' | '<=' | '>' | '>='

/** One thing that a search asks for; a lure must answer to all of them, or to the contrary of a negated one. */
export type Term = { readonly not: boolean; readonly said: string } & (
  | { readonly kind: 'near'; readonly dimension: Measured; readonly value: number }
  | { readonly kind: 'between'; readonly dimension: Measured; readonly low: number; readonly high: number }
  | {
      readonly kind: 'attribute'
      readonly attribute: Attribute
      readonly op: Comparison
      readonly value: string | number | boolean
    }
  | { readonly kind: 'trade'; readonly meaning: Meaning; readonly words: string }
  | { readonly kind: 'metal'; readonly metal: 'silver' | 'gold' | 'copper' }
  | { readonly kind: 'colour'; readonly colour: ColourWord }
  | { readonly kind: 'hook'; readonly size: string }
  | { readonly kind: 'word'; readonly word: string }
)

/** What a bare figure with a unit is about. */
export type Measured = 'weight' | 'length' | 'depth'

const NUMBER = String.raw`(?:\d+[ -]\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?|[.,]\d+|[½¼¾⅛⅜⅝⅞]|\d+ ?[½¼¾⅛⅜⅝⅞])`
const UNIT: Record<Measured, string> = {
  weight: String.raw`g|gr|grams?|oz|ounces?|kg`,
  length: String.raw`mm|cm|in|inch|inches|"|″`,
  depth: String.raw`m|metres?|meters?|ft|feet|'|′`,
}
const MEASURED = Object.entries(UNIT) as [Measured, string][]
const END = String.raw`(?=\s|$)`
const PATTERNS = MEASURED.map(([dimension, unit]) => ({
  dimension,
  range: new RegExp(String.raw`^(${NUMBER})\s*(?:${unit})?\s*(?:-|–|to)\s*(${NUMBER})\s*(${unit})${END}`, 'i'),
  compared: new RegExp(String.raw`^(<=|>=|<|>|≤|≥|under|below|over|above)\s*(${NUMBER}\s*(?:${unit}))${END}`, 'i'),
  one: new RegExp(String.raw`^${NUMBER}\s*(?:${unit})${END}`, 'i'),
}))
const ATTRIBUTE =
  /^([a-z-]+)\s*(:|<=|>=|=|<|>)\s*("[^"]*"|[^\s"]+(?: ?(?:g|oz|mm|cm|in|m|ft|m\/s|km\/h|mph)(?=\s|$))?)/i
const HOOK = /^#?(\d{1,2}\/0|#\d{1,2})(?=\s|$)/
const METALS = ['silver', 'gold', 'copper'] as const
const LOWER: Record<string, Comparison> = {
  '<': '<',
  '<=': '<=',
  '≤': '<=',
  'under': '<',
  'below': '<',
  '>': '>',
  '>=': '>=',
  '≥': '>=',
  'over': '>',
  'above': '>',
}
/** The longest phrase of the vocabulary. */
const LONGEST_PHRASE = 4

/**
 * Reads a search as an angler writes it: `14g gold spinnerbait river`, `1/2 oz`, `10-20 g`, `>90mm`, `box:Pike`, `thump>=4`, `-jig`.
 * Nothing typed is an error: what has no other meaning is looked for as it stands.
 *
 * @param system in which bare figures of attributes are taken
 */
export function parseQuery(text: string, system: UnitSystem = 'metric'): readonly Term[] {
  const terms: Term[] = []
  let rest = text.trim()
  while (rest !== '') {
    const not = /^-(?=\S)/.test(rest)
    if (not) rest = rest.slice(1)
    const { term, length } = firstTerm(rest, system)
    if (term) terms.push({ ...term, not, said: rest.slice(0, length).trim() } as Term)
    rest = rest.slice(Math.max(1, length)).trim()
  }
  return terms
}

type Bare = Term extends infer T ? (T extends Term ? Omit<T, 'not' | 'said'> : never) : never
interface Found {
  readonly term: Bare | null
  readonly length: number
}

function firstTerm(text: string, system: UnitSystem): Found {
  return quantityTerm(text) ?? attributeTerm(text, system) ?? hookTerm(text) ?? tradeTerm(text) ?? wordTerm(text)
}

function quantityTerm(text: string): Found | null {
  for (const { dimension, range, compared, one } of PATTERNS) {
    const between = range.exec(text)
    if (between) {
      const [low, high] = [
        figure(dimension, `${between[1]} ${between[3]}`),
        figure(dimension, `${between[2]} ${between[3]}`),
      ]
      if (low !== null && high !== null)
        return {
          term: { kind: 'between', dimension, low: Math.min(low, high), high: Math.max(low, high) },
          length: between[0].length,
        }
    }
    const limit = compared.exec(text)
    const bound = limit && figure(dimension, limit[2]!)
    if (limit && bound !== null && bound !== undefined) {
      const above = LOWER[limit[1]!.toLowerCase()]!.startsWith('>')
      return {
        term: { kind: 'between', dimension, low: above ? bound : 0, high: above ? Infinity : bound },
        length: limit[0].length,
      }
    }
    const near = one.exec(text)
    const value = near && figure(dimension, near[0])
    if (near && value !== null && value !== undefined)
      return { term: { kind: 'near', dimension, value }, length: near[0].length }
  }
  return null
}

function figure(dimension: Dimension, text: string): number | null {
  const parsed = parseQuantity(dimension, text)
  return parsed.ok ? parsed.value : null
}

function attributeTerm(text: string, system: UnitSystem): Found | null {
  const match = ATTRIBUTE.exec(text)
  const found = match && attribute(match[1]!.toLowerCase())
  if (!match || !found) return null
  const op = (match[2] === ':' ? '=' : match[2]) as Comparison
  const typed = match[3]!.replace(/^"|"$/g, '')
  return {
    term: { kind: 'attribute', attribute: found, op, value: valueOf(found, typed, system) },
    length: match[0].length,
  }
}

function valueOf({ kind, dimension }: Attribute, typed: string, system: UnitSystem): string | number | boolean {
  if (kind === 'quantity') {
    const parsed = parseQuantity(dimension!, typed, system)
    return parsed.ok ? parsed.value : typed
  }
  if (kind === 'number') return Number.isNaN(Number(typed.replace(',', '.'))) ? typed : Number(typed.replace(',', '.'))
  if (kind === 'flag') return /^(yes|true|1|on)$/i.test(typed)
  return typed.toLowerCase()
}

function hookTerm(text: string): Found | null {
  const match = HOOK.exec(text)
  return match && { term: { kind: 'hook', size: match[1]!.replace('#', '') }, length: match[0].length }
}

function tradeTerm(text: string): Found | null {
  const words = text.split(/\s+/).slice(0, LONGEST_PHRASE)
  for (let count = words.length; count > 0; count--) {
    const phrase = words.slice(0, count).join(' ')
    const meaning = meaningOf(phrase)
    if (meaning) return { term: { kind: 'trade', meaning, words: phrase.toLowerCase() }, length: spanOf(text, count) }
  }
  const word = words[0]!.toLowerCase()
  const metal = METALS.find(m => m === word)
  if (metal) return { term: { kind: 'metal', metal }, length: word.length }
  const colour = COLOUR_WORDS.find(c => c === word)
  return colour ? { term: { kind: 'colour', colour }, length: word.length } : null
}

/** Characters that the first `count` words take up. */
function spanOf(text: string, count: number): number {
  return new RegExp(String.raw`^(?:\S+\s*){${count}}`).exec(text)![0].trimEnd().length
}

function wordTerm(text: string): Found {
  const word = /^(?:"([^"]+)"|(\S+))/.exec(text)!
  return { term: { kind: 'word', word: (word[1] ?? word[2]!).toLowerCase() }, length: word[0].length }
}
