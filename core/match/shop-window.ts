import type { Ask } from '#core/ask'
import { FAMILY_TABLE, STYLE_TABLE, USUAL_GRAMS } from '#core/knowledge'
import { type LureProfile, prepareOutfit, type PreparedOutfit, profileOf } from '#core/lure'
import type { Lure, Outfit, Part } from '#core/tackle'
import { FAMILIES, type Metal, type Pattern } from '#core/terms'
import type { Candidate } from './candidate'
import { NO_LOG } from './log'
import { judgingOf, type PreparedBox } from './rank'

/** Colourings that are tried on each kind. Paints are the drawing's stand-ins, invented. */
const DRESS: readonly {
  readonly pattern: Pattern
  readonly metal: Metal
  readonly side: string
  readonly back: string
  readonly belly: string
}[] = [
  { pattern: 'natural', metal: 'none', back: '#49583a', side: '#b3ad86', belly: '#ece3c4' },
  { pattern: 'hot', metal: 'none', back: '#2f7a3a', side: '#c8d020', belly: '#e8702a' },
  { pattern: 'dark', metal: 'none', back: '#141414', side: '#26202e', belly: '#33264a' },
  { pattern: 'plain', metal: 'silver', back: '#8c979c', side: '#c8d0d2', belly: '#e6ecec' },
  { pattern: 'plain', metal: 'gold', back: '#8a6a24', side: '#c89a3a', belly: '#e2c070' },
]
/** Sizes that are tried, as a share of the family's usual length. Assumed. */
const SIZES = [0.65, 1, 1.4] as const

/** Typical lures of every family, style, size and colouring: the shop's window, made from the tables. */
export function typicalLures(): Lure[] {
  return FAMILIES.flatMap(family =>
    [null, ...Object.keys(STYLE_TABLE[family] ?? {})].flatMap(style =>
      SIZES.flatMap(size =>
        DRESS.map(({ pattern, metal, ...paint }): Lure => {
          const lengthMm = Math.round(
            size * (STYLE_TABLE[family]?.[style ?? '']?.lengthMm ?? FAMILY_TABLE[family].lengthMm),
          )
          return {
            id: [family, style ?? 'any', lengthMm, pattern, metal].join('/'),
            name: '',
            family,
            style,
            lengthMm,
            role: 'lure',
            quantity: 1,
            colours: { ...paint, pattern, metal, finish: 'gloss', accent: null, fluorescent: pattern === 'hot' },
          }
        }),
      ),
    ),
  )
}

/** Worked out when it is first asked for. */
let typicalProfiles: readonly LureProfile[] | null = null

/** The shop's window, to be fished with the rods, trailers and parts of a box. */
export function windowFor(box: PreparedBox): PreparedBox {
  typicalProfiles ??= typicalLures().map(lure => profileOf(lure, []))
  return { ...box, lures: typicalProfiles, log: NO_LOG }
}

/** So many of the window are looked at for what is missing, at most: a kind stands in it in many sizes and colours. Assumed. */
const LOOKED_AT = 48

/** Kinds of lure that would come first under one ask and win more than `over` [log-odds], best first: the best of each family. */
export function kindsOver(box: PreparedBox, ask: Ask, over: number, top = 3): readonly Candidate[] {
  const judging = judgingOf(windowFor(box), ask)
  const found = new Map<Lure['family'], Candidate>()
  let asked = 1
  let seen = 0
  while (asked <= LOOKED_AT) {
    const first = judging.first(asked)
    for (const candidate of first.slice(seen)) {
      if (candidate.odds <= over || found.size === top) return [...found.values()]
      const { family } = candidate.profile.lure
      if (!found.has(family)) found.set(family, candidate)
    }
    if (first.length < asked) break
    seen = asked
    asked *= 2
  }
  return [...found.values()]
}

type RodOnOffer = Pick<Outfit['rod'], 'kind' | 'power' | 'action' | 'lengthM'> & {
  readonly window: readonly [leastG: number, mostG: number]
}
/** Rods of every job, as shops have them: windows [g] and lengths [m] from memory, common practice, no source. */
const RODS: readonly RodOnOffer[] = [
  { kind: 'spinning', power: 'ultralight', action: 'fast', lengthM: 1.9, window: [0.8, 7] },
  { kind: 'spinning', power: 'light', action: 'fast', lengthM: 2, window: [2, 10] },
  { kind: 'spinning', power: 'medium-light', action: 'fast', lengthM: 2.1, window: [4, 15] },
  { kind: 'spinning', power: 'medium', action: 'fast', lengthM: 2.1, window: [7, 24] },
  { kind: 'spinning', power: 'medium-heavy', action: 'fast', lengthM: 2.6, window: [15, 45] },
  { kind: 'casting', power: 'medium', action: 'moderate', lengthM: 2.1, window: [7, 21] },
  { kind: 'casting', power: 'medium-heavy', action: 'fast', lengthM: 2.1, window: [10, 30] },
  { kind: 'casting', power: 'heavy', action: 'fast', lengthM: 2.2, window: [14, 45] },
  { kind: 'casting', power: 'extra-heavy', action: 'fast', lengthM: 2.4, window: [40, 200] },
  { kind: 'surf', power: 'heavy', action: 'fast', lengthM: 3, window: [40, 120] },
  { kind: 'jigging', power: 'medium', action: 'slow', lengthM: 1.9, window: [60, 300] },
]

let rodsOnOffer: readonly PreparedOutfit[] | null = null

function rodsInWindow(): readonly PreparedOutfit[] {
  rodsOnOffer ??= RODS.map(({ window: [lureMinG, lureMaxG], ...rod }, i) =>
    prepareOutfit({ id: `rod ${i}`, name: '', rod: { ...rod, lureMinG, lureMaxG }, line: { material: 'braid' } }),
  )
  return rodsOnOffer
}

/** The lure that no rod of a box throws and that would come first on one from the shop, if it wins more than `over` [log-odds]; `heldBack`: ids of the lures that the rods are too weak or too stiff for. */
export function rodOver(box: PreparedBox, ask: Ask, over: number, heldBack: ReadonlySet<string>): Candidate | null {
  if (heldBack.size === 0) return null
  const lures = box.lures.filter(({ lure }) => heldBack.has(lure.id))
  const [first] = judgingOf({ ...box, lures, outfits: rodsInWindow() }, ask).first(1)
  return first && first.odds > over ? first : null
}

/** Heads, sinkers and weighted hooks of every weight that shops have. */
const HARDWARE: readonly Pick<Part, 'kind' | 'shape' | 'hookKind'>[] = [
  { kind: 'jig-head', shape: 'round', hookKind: 'jig' },
  { kind: 'jig-head', shape: 'mushroom', hookKind: 'jig' },
  { kind: 'sinker', shape: 'bullet' },
  { kind: 'sinker', shape: 'drop' },
  { kind: 'hook', hookKind: 'belly-weighted' },
]

/** What is in the window has no name: it is told by its kind. */
const PARTS_IN_WINDOW: readonly Part[] = HARDWARE.flatMap(hardware =>
  USUAL_GRAMS.map((weightG): Part => ({
    ...hardware,
    weightG,
    id: [...Object.values(hardware), weightG].join(),
    name: '',
  })),
)

/** The set-up that would come first with hardware from the shop, if it takes some and wins more than `over` [log-odds]. Who has no hardware written down is taken to have it. */
export function partOver(box: PreparedBox, ask: Ask, over: number): Candidate | null {
  const { parts } = box.box
  if (parts.length === 0) return null
  const [first] = judgingOf({ ...box, box: { ...box.box, parts: [...parts, ...PARTS_IN_WINDOW] } }, ask).first(1)
  return first?.added.part && PARTS_IN_WINDOW.includes(first.added.part) && first.odds > over ? first : null
}
