import { takenIn } from './catches'
import { breachesOf, slotsOf, usedBy } from './limits'
import { EMPTY_PACK, hungOn, leftOut, NOT_RIGGED, type Pack, type PackItem, type PackProblem } from './problem'
import { countedUnder, type Sorted, valueOf, wishesWorth } from './value'

/** Rounds of exchange after the first pack; each tries to give up one thing for a better one. */
const EXCHANGES = 6
/** Lures that are tried in the place of another: the best few under each reading. */
const TRIED_UNDER_EACH = 8

/**
 * A good pack at once: what is locked, then again and again the lure (with what it needs, on what rod) that adds most for its room, then a few exchanges.
 * The value rises with every item and each adds less than before, so that this never does badly (Nemhauser, Wolsey & Fisher 1978), but nothing is proven of it here.
 */
export function greedyPack(problem: PackProblem, sorted: Sorted): Pack {
  const { locks, items, outfitIds } = problem
  const itemById = new Map(items.map(i => [i.id, i]))
  let pack: Pack = {
    ...EMPTY_PACK,
    items: items.filter(i => locks.take.has(i.id)).map(i => i.id),
    rods: outfitIds.filter(id => locks.take.has(id)),
  }
  const { catches } = sorted
  /** What is caught with the pack as it is, and what its wishes are worth. */
  const standing = () => {
    const taken = takenIn(pack)
    return { taken, byDay: catches.byDay(taken), wishes: wishesWorth(problem, taken.items) }
  }
  /** Gain for the room it takes, as last worked out: it only falls as the pack fills, so that what is not first need not be looked at again (Minoux 1978). */
  const gainOf = (bundle: Bundle): Waiting => {
    const next = withBundle(pack, bundle)
    if (next === null || !fits(problem, next)) return { bundle, next: null, gain: -Infinity }
    const taken = takenIn(next)
    const gain =
      catches.gain(now.byDay, catches.added(now.taken, taken)) + wishesWorth(problem, taken.items) - now.wishes
    return { bundle, next, gain: gain / roomOf(next, pack, itemById, problem) }
  }
  let now = standing()
  let waiting = bundlesOf(problem, sorted).map(gainOf)
  for (;;) {
    waiting.sort((a, b) => b.gain - a.gain)
    const first = waiting[0]
    if (!first || first.gain <= LEAST_GAIN) break
    const again = gainOf(first.bundle)
    if (again.gain < (waiting[1]?.gain ?? -Infinity)) {
      waiting[0] = again
      continue
    }
    waiting.shift()
    if (!again.next || again.gain <= LEAST_GAIN) continue
    const newRod = again.next.rods.length > pack.rods.length ? first.bundle.rod : null
    pack = again.next
    now = standing()
    // With a rod along, everything that is thrown with it takes less room than before.
    if (newRod !== null) waiting = waiting.map(w => (w.bundle.rod === newRod ? gainOf(w.bundle) : w))
  }
  pack = withMoreRods(problem, sorted, rigged(sorted, pack))
  for (let round = 0; round < EXCHANGES; round++) {
    const better = exchanged(problem, sorted, pack)
    if (better === pack) break
    pack = rigged(sorted, better)
  }
  return withoutIdle(problem, sorted, pack)
}

/** Gains below this are rounding. */
const LEAST_GAIN = 1e-9

interface Waiting {
  readonly bundle: Bundle
  readonly next: Pack | null
  readonly gain: number
}

interface Bundle {
  readonly items: readonly string[]
  readonly rod: string
}

/** Best lures under each reading that are thought of at first; as many again as may go along. */
const THOUGHT_OF = 24

/** Lures with what they need and the rod they are thrown with, each way once. */
function bundlesOf({ locks, limits }: PackProblem, { days }: Sorted): readonly Bundle[] {
  const bundles = new Map<string, Bundle>()
  for (const { list } of days) {
    const lures = new Set<string>()
    for (const { lureId, outfitId, needs } of list) {
      const items = [lureId, ...needs]
      if (locks.leave.has(outfitId) || items.some(id => locks.leave.has(id))) continue
      if (!lures.has(lureId) && lures.size >= THOUGHT_OF + limits.lures) continue
      lures.add(lureId)
      bundles.set(`${items.join('+')}@${outfitId}`, { items, rod: outfitId })
    }
  }
  return [...bundles.values()]
}

function withBundle(pack: Pack, { items, rod }: Bundle): Pack | null {
  const missing = items.filter(id => !pack.items.includes(id))
  const hasRod = pack.rods.includes(rod)
  if (missing.length === 0 && hasRod) return null
  return { ...pack, items: [...pack.items, ...missing], rods: hasRod ? pack.rods : [...pack.rods, rod] }
}

function fits(problem: PackProblem, { items, rods }: Pack): boolean {
  const { limits } = problem
  const used = usedBy(problem, new Set(items))
  return (
    rods.length <= limits.rods &&
    used.lures <= limits.lures &&
    used.slots <= slotsOf(limits) &&
    (limits.grams === null || used.grams <= limits.grams)
  )
}

/** How much of the scarcest limit an addition uses up, 0..1. */
function roomOf(next: Pack, before: Pack, itemById: ReadonlyMap<string, PackItem>, { limits }: PackProblem): number {
  const added = next.items.slice(before.items.length).map(id => itemById.get(id)!)
  const lures = added.filter(i => i.kind === 'lure').length / Math.max(1, limits.lures)
  const slots = added.reduce((s, i) => s + i.slots, 0) / Math.max(1, slotsOf(limits))
  const grams = limits.grams === null ? 0 : added.reduce((s, i) => s + i.grams, 0) / Math.max(1, limits.grams)
  const rods = (next.rods.length - before.rods.length) / Math.max(1, limits.rods)
  return Math.max(lures, slots, grams, 0.5 * rods, 1e-3)
}

/** For each rod the lure that is worth most when it hangs there at first light; a lure may move to another rod when something else takes its place. */
function rigged({ catches }: Sorted, pack: Pack): Pack {
  const taken = takenIn({ ...pack, rigged: {} })
  const tiedOn = catches.byDay(taken)
  const luresFor = new Map(pack.rods.map(rod => [rod, catches.bestOn(rod, taken, TRIED_UNDER_EACH)]))
  const worth = ({ rigged: hung }: Pack) => catches.expectedReady(tiedOn, { items: taken.items, rigged: hung })
  const better = (a: Pack, b: Pack) => (worth(b) > worth(a) + LEAST_GAIN ? b : a)
  const free = (at: Pack, rod: string) => [...luresFor.get(rod)!].filter(id => !Object.values(at.rigged).includes(id))
  let best = pack
  for (let round = 0; round < 2; round++) {
    for (const rod of pack.rods) {
      for (const lureId of luresFor.get(rod)!) {
        const from = Object.keys(best.rigged).find(other => best.rigged[other] === lureId)
        if (from === rod) continue
        const moved = hungOn(best, rod, lureId)
        best = better(
          best,
          from === undefined
            ? moved
            : free(moved, from)
                .map(id => hungOn(moved, from, id))
                .reduce(better, moved),
        )
      }
    }
  }
  return best
}

/** Rods that are still allowed, each for what it adds by a lure that hangs on it ready. */
function withMoreRods(problem: PackProblem, sorted: Sorted, pack: Pack): Pack {
  let [best, value] = [pack, valueOf(problem, sorted, pack).total]
  while (best.rods.length < problem.limits.rods) {
    const ways = problem.outfitIds
      .filter(id => !best.rods.includes(id) && !problem.locks.leave.has(id))
      .map(id => rigged(sorted, { ...best, rods: [...best.rods, id] }))
    const [most] = ways
      .map(way => ({ way, total: valueOf(problem, sorted, way).total }))
      .sort((a, b) => b.total - a.total)
    if (!most || most.total <= value + LEAST_GAIN) break
    ;[best, value] = [most.way, most.total]
  }
  return best
}

/**
 * One lure given up for another, or another hung ready on a rod of the pack, whichever raises the worth most.
 * What each would add is first reckoned day by day from what the rest catches; only what comes out better is weighed whole. The reckoning leaves aside that a new trailer may serve another lure too: such a chance can be missed, never misjudged.
 */
function exchanged(problem: PackProblem, sorted: Sorted, pack: Pack): Pack {
  const kind = new Map(problem.items.map(i => [i.id, i.kind]))
  const others = newcomers(problem, sorted, pack)
  const { catches } = sorted
  const bestByDay = (of: Pack) => catches.byDay(takenIn(of))
  let [best, value] = [pack, valueOf(problem, sorted, pack).total]
  const weigh = (next: Pack) => {
    const total = valueOf(problem, sorted, next).total
    if (total > value + LEAST_GAIN) [best, value] = [next, total]
  }
  const lures = pack.items.filter(id => kind.get(id) === 'lure' && !problem.locks.take.has(id))
  for (const out of [null, ...lures]) {
    const left = out === null ? pack : leftOut(pack, out)
    const rest = bestByDay(left)
    const without = new Map(
      left.rods.map(rod => [rod, left.rigged[rod] === undefined ? rest : bestByDay(unhung(left, rod))]),
    )
    for (const other of others) {
      const items = [other.lureId, ...other.needs]
      const wishes = wishesWorth(problem, new Set([...left.items, ...items]))
      const loose = wishes + reckoned(catches.weights, rest, other.scores, NOT_RIGGED)
      const hung = wishes + reckoned(catches.weights, without.get(other.outfitId) ?? rest, other.scores, 1)
      if (Math.max(loose, hung) <= value + LEAST_GAIN) continue
      const next = withBundle(left, { items, rod: other.outfitId })
      if (!next || breachesOf(problem, next).length > 0) continue
      if (loose > value + LEAST_GAIN) weigh(next)
      if (hung > value + LEAST_GAIN) weigh(hungOn(next, other.outfitId, other.lureId))
    }
  }
  return best
}

/** A set-up that is not in the pack, with what it catches on each day. */
interface Newcomer {
  readonly lureId: string
  readonly outfitId: string
  readonly needs: readonly string[]
  readonly scores: Float64Array
}

/** The best few of each day that are not taken, each once. */
function newcomers({ locks }: PackProblem, { days, catches }: Sorted, pack: Pack): readonly Newcomer[] {
  const taken = new Set(pack.items)
  const found = new Map<string, Newcomer>()
  for (const { list } of days) {
    let tried = 0
    for (const { lureId, outfitId, needs } of list) {
      if (
        taken.has(lureId) ||
        locks.leave.has(lureId) ||
        locks.leave.has(outfitId) ||
        needs.some(id => locks.leave.has(id))
      )
        continue
      found.set(
        `${lureId} ${outfitId}`,
        found.get(`${lureId} ${outfitId}`) ?? { lureId, outfitId, needs, scores: catches.of(lureId, outfitId, needs) },
      )
      if (++tried === TRIED_UNDER_EACH) break
    }
  }
  return [...found.values()]
}

/** Catch with a newcomer beside the rest, over all days. */
function reckoned(weights: Float64Array, rest: Float64Array, scores: Float64Array, share: number): number {
  let sum = 0
  for (let d = 0; d < rest.length; d++) sum += weights[d]! * Math.max(rest[d]!, share * scores[d]!)
  return sum
}

function unhung(pack: Pack, rod: string): Pack {
  return { ...pack, rigged: Object.fromEntries(Object.entries(pack.rigged).filter(([other]) => other !== rod)) }
}

/** A pack without what nothing needs: things that raise nothing are left at home, as long as nobody said otherwise. */
export function withoutIdle(problem: PackProblem, sorted: Sorted, pack: Pack): Pack {
  let kept = pack
  const value = valueOf(problem, sorted, pack).total
  const used = new Set(
    sorted.days.flatMap(of =>
      countedUnder(of, takenIn(pack), 1).flatMap(c => [c.option.lureId, ...c.option.needs, c.option.outfitId]),
    ),
  )
  for (const id of [...pack.items, ...pack.rods]) {
    if (used.has(id) || problem.locks.take.has(id)) continue
    const next = leftOut(kept, id)
    if (valueOf(problem, sorted, next).total >= value - 1e-12) kept = next
  }
  return kept
}
