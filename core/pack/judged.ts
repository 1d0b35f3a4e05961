import type { Ask } from '#core/ask'
import type { PreparedOutfit } from '#core/lure'
import { type Candidate, judgingsOn, NO_TRAILERS, type PreparedBox, sceneOf } from '#core/match'
import type { PackOption } from './problem'

/**
 * A set-up that catches less than this share of what the best of the box catches in a water is not planned for there, as long as the rod has enough others.
 * Assumed: in 24 waters drawn by chance the packs of one box are worth a thousandth less than with every set-up judged, in a third of the time (docs/decisions.md 262).
 */
const PLANNED_FROM = 0.2
/** So many lures of each rod are planned for, whatever they catch: an only rod may be a poor one. Assumed. */
const FEWEST_OF_ROD = 12

/** What each outfit can do in a water: the best set-up of each lure, best first, then the same lures without trailers where they had one. */
interface OnOutfit {
  readonly outfit: PreparedOutfit
  readonly setups: readonly Candidate[]
}

/** What a pack may count on in one water, outfit by outfit; lures that must go along are judged whatever they catch. */
export function judgedOnEach(box: PreparedBox, ask: Ask, mustGo: ReadonlySet<string>): readonly OnOutfit[] {
  const scene = sceneOf(box, ask)
  const dressedOn = judgingsOn(box, scene)
  const bareOn = judgingsOn(box, { ...scene, trailers: NO_TRAILERS })
  const onEach = box.outfits.map(outfit => ({ outfit, judging: dressedOn([outfit]) }))
  const least = scoreOfShare(PLANNED_FROM, Math.max(0, ...onEach.map(({ judging }) => judging.first(1)[0]?.score ?? 0)))
  return onEach.map(({ outfit, judging }) => {
    const first = judging.downTo(least, FEWEST_OF_ROD)
    const told = new Set(first.map(c => c.profile))
    const others = box.lures.filter(profile => mustGo.has(profile.lure.id) && !told.has(profile))
    const dressed = [...first, ...dressedOn([outfit], others).whole().candidates]
    const undressed = dressed.filter(c => c.trailer).map(c => c.profile)
    return { outfit, setups: [...dressed, ...bareOn([outfit], undressed).whole().candidates] }
  })
}

/**
 * Set-ups of one reading by what they catch against the best of it: by the ratio of the odds that their scores stand for. Near 1 the scores themselves hardly differ
 * between what anglers would tie on and what nobody would, and a pack would be filled with whatever is different.
 */
export function againstTheBest(options: readonly PackOption[]): readonly PackOption[] {
  const best = options.reduce((most, { score }) => Math.max(most, score), 0)
  return options.map(option => ({ ...option, score: ((1 - best) * option.score) / (1 - option.score) }))
}

/** The score of what catches a share of the best of a reading. */
function scoreOfShare(share: number, best: number): number {
  const odds = (share * best) / (1 - best)
  return odds / (1 + odds)
}
