import { FAMILIES, type Family, isSoftBody, type Role } from '#core/terms'
import { FAMILY_TABLE, STYLE_TABLE } from './families'

/** What a trade word narrows the box to. */
export interface Meaning {
  readonly families?: readonly Family[]
  readonly style?: string
  readonly role?: Role
}

const SPOONS: readonly Family[] = ['casting-spoon', 'dense-spoon', 'flutter-spoon']
const PLUGS: readonly Family[] = ['crankbait', 'lipless-crank', 'jerkbait', 'pencil', 'topwater', 'glide-bait', 'swimbait']
const JIGS: readonly Family[] = ['skirted-jig', 'hair-jig', 'bladed-jig', 'jighead-soft']
const METALS: readonly Family[] = ['casting-metal', 'slow-jig', 'speed-jig', 'blade-bait']

/** Words in use beside the families' own labels. Source: common practice, no source. */
const COLLOQUIAL: Readonly<Record<string, Meaning>> = {
  'spinner bait': { families: ['spinnerbait'] }, 'spinner': { families: ['inline-spinner', 'tail-spinner'] }, 'in-line spinner': { families: ['inline-spinner'] },
  'spoon': { families: SPOONS }, 'casting spoon': { families: ['casting-spoon', 'dense-spoon'] },
  'metal jig': { families: METALS }, 'jigging metal': { families: ['slow-jig', 'speed-jig'] },
  'slow jig': { families: ['slow-jig'] }, 'speed jig': { families: ['speed-jig'] }, 'bottom blade': { families: ['blade-bait'] },
  'plug': { families: PLUGS }, 'hard bait': { families: PLUGS }, 'hard lure': { families: PLUGS },
  'crank': { families: ['crankbait', 'lipless-crank'] }, 'crank bait': { families: ['crankbait'] }, 'diver': { families: ['crankbait', 'jerkbait'] },
  'lipless': { families: ['lipless-crank'] }, 'lipless crank': { families: ['lipless-crank'] },
  'jerk bait': { families: ['jerkbait', 'soft-jerk'] }, 'minnow': { families: ['jerkbait', 'minnow-soft'] },
  'pencil': { families: ['pencil'] }, 'needle': { families: ['pencil'] }, 'topwater': { families: ['topwater'] }, 'surface': { families: ['topwater'] },
  'glide': { families: ['glide-bait'] }, 'swimbait': { families: ['swimbait', 'paddle-tail'] },
  'jig': { families: JIGS }, 'chatter': { families: ['bladed-jig'] }, 'bucktail': { families: ['hair-jig'] }, 'hair': { families: ['hair-jig'] },
  'jig head': { families: ['jighead-soft'] }, 'jighead': { families: ['jighead-soft'] },
  'stick worm': { families: ['stick-worm'] }, 'paddle tail': { families: ['paddle-tail'] }, 'shad tail': { families: ['paddle-tail'] },
  'crayfish': { families: ['craw'] }, 'craw': { families: ['craw'] }, 'creature': { families: ['creature'] }, 'beaver': { families: ['creature'] }, 'shrimp': { families: ['shrimp-soft'] }, 'prawn': { families: ['shrimp-soft'] },
  'fly': { families: ['streamer'] }, 'soft': { families: FAMILIES.filter(isSoftBody) }, 'soft bait': { families: FAMILIES.filter(isSoftBody) }, 'soft plastic': { families: FAMILIES.filter(isSoftBody) },
  'trailer': { role: 'trailer' },
}

/** Every phrase the search and the import understand, lower case, as a word of the trade. */
const VOCABULARY: ReadonlyMap<string, Meaning> = new Map<string, Meaning>([
  ...FAMILIES.flatMap((family): [string, Meaning][] => [[FAMILY_TABLE[family].label, { families: [family] }], [family, { families: [family] }], [family.replaceAll('-', ' '), { families: [family] }]]),
  ...FAMILIES.flatMap(family => Object.keys(STYLE_TABLE[family] ?? {}).map((style): [string, Meaning] => [style.replaceAll('-', ' '), { style }])),
  ...Object.entries(COLLOQUIAL),
])

/** `Spinnerbaits` → the meaning of `spinnerbait`; `null` when the trade has no such word. */
export function meaningOf(phrase: string): Meaning | null {
  const text = phrase.toLowerCase().trim()
  return VOCABULARY.get(text) ?? VOCABULARY.get(text.replace(/s$/, '')) ?? null
}
