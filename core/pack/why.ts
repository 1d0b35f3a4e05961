import { type Catches, takenIn } from './catches'
import { breachesOf } from './limits'
import { leftOut, type Pack, type PackProblem, SHOWN } from './problem'
import { type Counted, countedUnder, readingsOnly, valueOf } from './value'

/** What one thing of the pack is for. */
export interface Purpose {
  readonly id: string
  /** Under which readings it counts, and at which place. */
  readonly counts: readonly {
    readonly reading: number
    readonly place: number
    readonly lureId: string
    readonly outfitId: string
  }[]
  /** Share of the days that may come on which it is what catches most, or is needed for that. */
  readonly days: number
  /** How far the expected catch would fall if it stayed at home and nothing took its place, as a share of it. */
  readonly loss: number
  /** Wishes that only it meets. */
  readonly wishes: readonly string[]
}

/** How well the pack does under one reading against all that the box could do with every rod rigged. */
export interface ReadingCover {
  readonly pack: number
  readonly box: number
  readonly counted: readonly Counted[]
}

export interface Addition {
  readonly lureId: string
  readonly outfitId: string
  readonly gain: number
}

export function purposesOf(problem: PackProblem, catches: Catches, pack: Pack): readonly Purpose[] {
  const whole = valueOf(problem, catches, pack)
  const counted = readingsOnly(problem).map(of => countedUnder(of, takenIn(pack)))
  const best = catches.bestByDay(takenIn(pack))
  const isIn = (id: string, option: Counted['option'] | null) =>
    option !== null && (option.lureId === id || option.outfitId === id || option.needs.includes(id))
  return [...pack.items, ...pack.rods].map(id => {
    const without = valueOf(problem, catches, leftOut(pack, id))
    return {
      id,
      counts: counted.flatMap((list, reading) =>
        list
          .filter(({ option }) => isIn(id, option))
          .map(({ option, place }) => ({ reading, place, lureId: option.lureId, outfitId: option.outfitId })),
      ),
      days: best.reduce((sum, option, d) => sum + (isIn(id, option) ? catches.weights[d]! : 0), 0),
      loss: whole.expected > 0 ? (whole.expected - without.expected) / whole.expected : 0,
      wishes: whole.met.filter(w => !without.met.includes(w)),
    }
  })
}

/** The pack under each reading as it is judged, against the whole box with every rod rigged; 1 is a perfect set-up. */
export function coverOf(problem: PackProblem, pack: Pack): readonly ReadingCover[] {
  return readingsOnly(problem).map(of => {
    const counted = countedUnder(of, takenIn(pack))
    return { counted, pack: counted[0]?.worth ?? 0, box: of.list[0]?.score ?? 0 }
  })
}

/** Which lures would add most if there were room for one more, with what they need, best first; rods stay as they are. */
export function nextToAdd(problem: PackProblem, catches: Catches, pack: Pack, most: number): readonly Addition[] {
  const now = valueOf(problem, catches, pack).total
  const rods = new Set(pack.rods)
  const best = new Map<string, Addition>()
  for (const { lureId, outfitId, needs } of candidatesUnder(
    problem,
    lureId => !pack.items.includes(lureId) && !problem.locks.leave.has(lureId),
  )) {
    if (!rods.has(outfitId)) continue
    const gain = valueOf(problem, catches, { ...pack, items: [...pack.items, lureId, ...needs] }).total - now
    if (gain > (best.get(lureId)?.gain ?? 1e-9)) best.set(lureId, { lureId, outfitId, gain })
  }
  return [...best.values()].sort((a, b) => b.gain - a.gain || (a.lureId < b.lureId ? -1 : 1)).slice(0, most)
}

export interface Swap {
  readonly lureId: string
  readonly pack: Pack
  /** Change of the value, as a share of it; 0 or less for the best pack there is. */ readonly change: number
}

/** What could go in the place of one lure within the limits, the least loss first. */
export function swapsFor(
  problem: PackProblem,
  catches: Catches,
  pack: Pack,
  out: string,
  most: number,
): readonly Swap[] {
  const now = valueOf(problem, catches, pack).total
  const rod = Object.entries(pack.rigged).find(([, lure]) => lure === out)?.[0]
  const left = leftOut(pack, out)
  const best = new Map<string, Swap>()
  for (const { lureId, outfitId, needs } of candidatesUnder(problem, id => !pack.items.includes(id))) {
    if (!pack.rods.includes(outfitId)) continue
    const items = [...new Set([...left.items, lureId, ...needs])]
    const next: Pack = { ...left, items, rigged: rod === outfitId ? { ...left.rigged, [rod]: lureId } : left.rigged }
    if (breachesOf({ ...problem, locks: { take: new Set(), leave: problem.locks.leave } }, next).length > 0) continue
    const change = (valueOf(problem, catches, next).total - now) / now
    if (change > (best.get(lureId)?.change ?? -Infinity)) best.set(lureId, { lureId, pack: next, change })
  }
  return [...best.values()].sort((a, b) => b.change - a.change || (a.lureId < b.lureId ? -1 : 1)).slice(0, most)
}

/** Lures looked at under each reading when something is to be added or exchanged. */
const LOOKED_AT = 30

function candidatesUnder(problem: PackProblem, isOpen: (lureId: string) => boolean) {
  return [
    ...new Map(
      readingsOnly(problem)
        .flatMap(({ list }) => list.filter(o => isOpen(o.lureId)).slice(0, LOOKED_AT * SHOWN))
        .map(o => [`${o.lureId} ${o.outfitId} ${o.needs.join()}`, o]),
    ).values(),
  ]
}
