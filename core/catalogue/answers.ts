import { FAMILY_TABLE, meaningOf } from '#core/knowledge'
import { type LureProfile, roleOf } from '#core/lure'
import type { AttributeValue, Entry } from './attributes'
import { colourWord, type ColourWord } from './colour-word'
import type { Comparison, Measured, Term } from './query'

/** How far a figure may be off and still be the one that was asked for: 14 g and 1/2 oz are the same lure. Assumed: half the step between packet weights. */
const NEAR: Record<Measured, number> = { weight: 0.07, length: 0.05, depth: 0.15 }

const FIGURE: Record<Measured, (p: LureProfile) => readonly (number | null | undefined)[]> = {
  weight: p => [p.weightG.value, p.lure.labelWeightG],
  length: p => [p.lengthMm.value],
  depth: p => [p.runsAt?.value.depthM],
}

/** Whether a lure is what the search asks for. */
export function answers(entry: Entry, terms: readonly Term[]): boolean {
  return terms.every(term => holds(entry, term) !== term.not)
}

function holds(entry: Entry, term: Term): boolean {
  const { profile } = entry
  switch (term.kind) {
    case 'near':
      return FIGURE[term.dimension](profile).some(
        v => v != null && Math.abs(v - term.value) <= NEAR[term.dimension] * term.value,
      )
    case 'between':
      return FIGURE[term.dimension](profile).some(v => v != null && v >= term.low && v <= term.high)
    case 'attribute':
      return compare(term.attribute.of(entry).value, term.op, term.value)
    case 'trade':
      return isMeant(profile, term.meaning) || ofLure(profile).words.has(term.words)
    case 'metal':
      return (
        profile.colours.value.metal === term.metal ||
        profile.blades.some(b => b.metal === term.metal) ||
        ofLure(profile).text.includes(term.metal)
      )
    case 'colour':
      return ofLure(profile).colours.has(term.colour) || ofLure(profile).text.includes(term.colour)
    case 'hook':
      return profile.hooks.value.some(h => h.size === term.size)
    case 'word':
      return ofLure(profile).text.includes(term.word)
  }
}

function isMeant({ lure }: LureProfile, { families, style, role }: NonNullable<ReturnType<typeof meaningOf>>): boolean {
  if (families && !families.includes(lure.family)) return false
  if (style && lure.style !== style) return false
  return !role || roleOf(lure) === role || roleOf(lure) === 'both'
}

function compare(value: AttributeValue, op: Comparison, wanted: string | number | boolean): boolean {
  if (value === null) return op === '=' && (wanted === 'none' || wanted === false)
  if (typeof wanted === 'boolean') return value === wanted
  if (typeof wanted === 'string') {
    const text = String(value).toLowerCase()
    return op === '=' ? text.replaceAll('-', ' ').includes(wanted.replaceAll('-', ' ')) : order(text, wanted, op)
  }
  return (
    typeof value === 'number' &&
    (op === '=' ? Math.abs(value - wanted) <= EQUAL_WITHIN * Math.abs(wanted) : order(value, wanted, op))
  )
}

/** Relative slack of an equality between measured figures. */
const EQUAL_WITHIN = 0.005

function order<T extends string | number>(a: T, b: T, op: Comparison): boolean {
  switch (op) {
    case '<':
      return a < b
    case '<=':
      return a <= b
    case '>':
      return a > b
    case '>=':
      return a >= b
    case '=':
      return a === b
  }
}

interface Searchable {
  readonly text: string
  readonly words: ReadonlySet<string>
  readonly colours: ReadonlySet<ColourWord>
}

/** What a lure can be found by, worked out once a lure. */
const SEARCHABLE = new WeakMap<LureProfile, Searchable>()

function ofLure(profile: LureProfile): Searchable {
  let found = SEARCHABLE.get(profile)
  if (!found) {
    const { lure, colours } = profile
    const text = [
      lure.name,
      FAMILY_TABLE[lure.family].label,
      lure.style?.replaceAll('-', ' '),
      lure.box,
      lure.slot,
      lure.condition,
      lure.notes,
      colours.value.pattern,
      colours.value.finish,
      ...profile.blades.map(b => `${b.shape} ${b.metal ?? ''}`),
    ]
      .filter(Boolean)
      .join(' ')
      .toLowerCase()
    const paints = [lure.colours?.back, lure.colours?.side, lure.colours?.belly, lure.colours?.accent].filter(
      hex => hex != null,
    )
    found = {
      text,
      words: new Set(lure.name.toLowerCase().split(/[^\p{L}\d]+/u)),
      colours: new Set(paints.map(colourWord)),
    }
    SEARCHABLE.set(profile, found)
  }
  return found
}
