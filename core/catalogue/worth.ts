import { askOf } from '#core/ask'
import { judgingOf, type PreparedBox, rank, windowFor } from '#core/match'
import type { Reading } from '#core/reading'
import type { Lure } from '#core/tackle'
import type { CoverageOptions } from './coverage'

/** A kind of lure that is not in the box, and what having it would change. */
export interface Addition {
  readonly lure: Lure
  /** Mean rise of the readings' best score, weighted, 0..1. */
  readonly gain: number
  /** Under each reading: its own score, and how far it would rise above the best that is there. */
  readonly under: readonly { readonly score: number; readonly rise: number }[]
}

export interface WeightedReading {
  readonly reading: Reading
  readonly weight: number
}

/** How much of a set-up's rank below the best still counts: a box is fished from its best few, so a lure that comes second helps a little. Assumed. */
const SECOND_BEST = 0.1
const BEST_FEW = 5

/**
 * Which one lure would add most under these readings, best first: of each family its best style, size and colouring.
 * With an empty list of readings nothing can be said, and nothing is.
 */
export function worthAdding(
  box: PreparedBox,
  readings: readonly WeightedReading[],
  options: CoverageOptions = {},
  top = 6,
): readonly Addition[] {
  const total = readings.reduce((sum, r) => sum + r.weight, 0)
  if (!(total > 0)) return []
  const window = windowFor(box)
  const offered = window.lures.map(({ lure }) => lure)
  const under = new Map<string, { score: number; rise: number }[]>(offered.map(lure => [lure.id, []]))
  for (const { reading } of readings) {
    const ask = askOf(reading, options)
    const best = judgingOf(box, ask)
      .first(BEST_FEW)
      .map(c => c.score)
    const scores = new Map(rank(window, ask).candidates.map(c => [c.profile.lure.id, c.score]))
    for (const { id } of offered) {
      const score = scores.get(id) ?? 0
      under.get(id)!.push({ score, rise: rise(score, best) })
    }
  }
  const additions = offered.map((lure): Addition => {
    const each = under.get(lure.id)!
    return { lure, under: each, gain: each.reduce((sum, { rise: r }, i) => sum + r * readings[i]!.weight, 0) / total }
  })
  additions.sort((a, b) => b.gain - a.gain || (a.lure.id < b.lure.id ? -1 : 1))
  const seen = new Set<string>()
  return additions
    .filter(({ lure, gain }) => {
      if (gain <= 0 || seen.has(lure.family)) return false
      seen.add(lure.family)
      return true
    })
    .slice(0, top)
}

/** What a lure of this score lifts: above the best in full, above the next few a little each. */
function rise(score: number, best: readonly number[]): number {
  const over = (other: number | undefined) => Math.max(0, score - (other ?? 0))
  return (
    over(best[0]) +
    (SECOND_BEST * Array.from({ length: BEST_FEW - 1 }, (_, i) => over(best[i + 1])).reduce((a, b) => a + b, 0)) /
      (BEST_FEW - 1)
  )
}
