import type { Ask } from '#core/ask'
import { FAMILY_TABLE, STYLE_TABLE } from '#core/knowledge'
import { type LureProfile, profileOf } from '#core/lure'
import type { Lure } from '#core/tackle'
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
