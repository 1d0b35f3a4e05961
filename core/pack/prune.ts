import { slotsOf } from './limits'
import type { PackProblem } from './problem'

/**
 * Leaves out lures that no best pack needs: as many others as could go along at most are at least as good under every reading on every rod, need nothing beside
 * themselves, weigh and fill no more, and meet the same wishes. Then one of those is free to take its place, and nothing is lost: the optimum stays the optimum.
 */
export function withoutDominated(problem: PackProblem): PackProblem {
  const { items, options, limits, locks, wishes, weights, outfitIds } = problem
  // Where the fish may want what only the poorer one has, nothing is free to take its place.
  if (problem.days.length > 0) return problem
  const rodIndex = new Map(outfitIds.map((id, i) => [id, i]))
  const cells = weights.length * outfitIds.length
  const lures = items.filter(i => i.kind === 'lure')
  const scores = new Map(lures.map(l => [l.id, { best: new Float64Array(cells), alone: new Float64Array(cells) }]))
  const needed = new Set<string>()
  for (const { lureId, outfitId, reading, score, needs } of options) {
    const of = scores.get(lureId)
    if (!of) continue
    const cell = reading * outfitIds.length + rodIndex.get(outfitId)!
    of.best[cell] = Math.max(of.best[cell]!, score)
    if (needs.length === 0) of.alone[cell] = Math.max(of.alone[cell]!, score)
    for (const id of needs) needed.add(id)
  }
  const met = new Map(lures.map(l => [l.id, wishes.map(w => w.lureIds.includes(l.id))]))
  const most = Math.min(limits.lures, slotsOf(limits))
  const free = lures.filter(l => !locks.take.has(l.id) && !locks.leave.has(l.id))
  const dropped = new Set<string>()
  for (const lure of free) {
    // What others need as their trailer is more than its own set-ups.
    if (needed.has(lure.id)) continue
    const own = scores.get(lure.id)!
    let better = 0
    for (const other of free) {
      if (other.id === lure.id || other.grams > lure.grams || other.slots > lure.slots) continue
      const theirs = scores.get(other.id)!
      let isBetter = other.id < lure.id
      let holds = true
      for (let c = 0; c < cells && holds; c++) {
        holds = theirs.alone[c]! >= own.best[c]!
        isBetter ||= theirs.alone[c]! > own.best[c]!
      }
      if (!holds || !isBetter || met.get(lure.id)!.some((wish, w) => wish && !met.get(other.id)![w])) continue
      better++
      if (better >= most) break
    }
    if (better >= most) dropped.add(lure.id)
  }
  return dropped.size === 0 ? problem : {
    ...problem, items: items.filter(i => !dropped.has(i.id)), options: options.filter(o => !dropped.has(o.lureId)),
    wishes: wishes.map(w => ({ ...w, lureIds: w.lureIds.filter(id => !dropped.has(id)) })),
  }
}
