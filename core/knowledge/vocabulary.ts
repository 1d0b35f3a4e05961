import { FAMILIES, type Family, isSoftBody, PLUGS, type Role } from '#core/terms'
import { FAMILY_TABLE, STYLE_TABLE } from './families'
import { KIND_WORDS } from './lure-words'

/** What a trade word narrows the box to. */
export interface Meaning {
  readonly families?: readonly Family[]
  readonly style?: string
  readonly role?: Role
}

const JIGS: readonly Family[] = ['skirted-jig', 'hair-jig', 'bladed-jig', 'jighead-soft']
const METALS: readonly Family[] = ['casting-metal', 'slow-jig', 'speed-jig', 'blade-bait']
const SOFT = FAMILIES.filter(isSoftBody)

/** Words that a search takes more widely than a list does, which must decide for one kind (`KIND_WORDS`). Source: common practice, no source. */
const WIDER: Readonly<Record<string, Meaning>> = {
  'metal jig': { families: METALS },
  'plug': { families: PLUGS },
  'hard bait': { families: PLUGS },
  'hard lure': { families: PLUGS },
  'crank': { families: ['crankbait', 'lipless-crank'] },
  'jerk bait': { families: ['jerkbait', 'soft-jerk'] },
  'swimbait': { families: ['swimbait', 'paddle-tail'] },
  'in-line spinner': { families: ['inline-spinner'] },
  'jig': { families: JIGS },
  'spinner': { families: ['inline-spinner', 'tail-spinner'] },
  'soft': { families: SOFT },
  'soft bait': { families: SOFT },
  'soft plastic': { families: SOFT },
  'trailer': { role: 'trailer' },
}

/** Every phrase the search and the import understand, lower case, as a word of the trade. */
const VOCABULARY: ReadonlyMap<string, Meaning> = new Map<string, Meaning>([
  ...FAMILIES.flatMap((family): [string, Meaning][] => [
    [FAMILY_TABLE[family].label, { families: [family] }],
    [family, { families: [family] }],
    [family.replaceAll('-', ' '), { families: [family] }],
  ]),
  ...FAMILIES.flatMap(family =>
    Object.keys(STYLE_TABLE[family] ?? {}).map((style): [string, Meaning] => [style.replaceAll('-', ' '), { style }]),
  ),
  ...KIND_WORDS.map(({ says, family, style, or = [] }): [string, Meaning] => [
    says,
    { families: [family, ...or], ...(style ? { style } : {}) },
  ]),
  ...Object.entries(WIDER),
])

/** `Spinnerbaits` → the meaning of `spinnerbait`; `null` when the trade has no such word. */
export function meaningOf(phrase: string): Meaning | null {
  const text = phrase.toLowerCase().trim()
  return VOCABULARY.get(text) ?? VOCABULARY.get(text.replace(/s$/, '')) ?? null
}
