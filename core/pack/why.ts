import { breachesOf } from './limits'
import { COUNTED, leftOut, NEXT_BEST, type Pack, type PackProblem, PERFECT } from './problem'
import { type Counted, countedUnder, type Sorted, takenIn, valueOf } from './value'

/** What one thing of the pack is for. */
export interface Purpose {
  readonly id: string
  /** Under which readings it counts, and at which place. */
  readonly counts: readonly { readonly reading: number, readonly place: number, readonly lureId: string, readonly outfitId: string }[]
  /** How far the expected best would fall if it stayed at home and nothing took its place, as a share of it. */
  readonly loss: number
  /** Wishes that only it meets. */
  readonly wishes: readonly string[]
}

/** How well the pack does under one reading against all that the box could do with every rod rigged. */
export interface ReadingCover { readonly pack: number, readonly box: number, readonly counted: readonly Counted[] }

export interface Addition { readonly lureId: string, readonly outfitId: string, readonly gain: number }

export function purposesOf(problem: PackProblem, sorted: Sorted, pack: Pack): readonly Purpose[] {
  const whole = valueOf(problem, sorted, pack)
  const counted = sorted.map(of => countedUnder(of, takenIn(pack)))
  return [...pack.items, ...pack.rods].map((id) => {
    const without = valueOf(problem, sorted, leftOut(pack, id))
    return {
      id,
      counts: counted.flatMap((list, reading) => list.filter(({ option }) => option.lureId === id || option.outfitId === id || option.needs.includes(id)).map(({ option, place }) => ({ reading, place, lureId: option.lureId, outfitId: option.outfitId }))),
      loss: whole.expected > 0 ? (whole.expected - without.expected) / whole.expected : 0,
      wishes: whole.met.filter(w => !without.met.includes(w)),
    }
  })
}

/** The pack under each reading, before (an empty bag is 0) and against the whole box; 1 is three perfect set-ups. */
export function coverOf(sorted: Sorted, pack: Pack): readonly ReadingCover[] {
  return sorted.map((of) => {
    const counted = countedUnder(of, takenIn(pack))
    const best = [...new Map([...of.list].reverse().map(o => [o.lureId, o.score])).values()].sort((a, b) => b - a).slice(0, COUNTED)
    return { counted, pack: counted.reduce((s, c) => s + c.worth, 0) / PERFECT, box: best.reduce((s, score, j) => s + NEXT_BEST ** j * score, 0) / PERFECT }
  })
}

/** Which lures would add most if there were room for one more, with what they need, best first; rods stay as they are. */
export function nextToAdd(problem: PackProblem, sorted: Sorted, pack: Pack, most: number): readonly Addition[] {
  const now = valueOf(problem, sorted, pack).total
  const rods = new Set(pack.rods)
  const best = new Map<string, Addition>()
  for (const { lureId, outfitId, needs } of candidatesUnder(sorted, lureId => !pack.items.includes(lureId) && !problem.locks.leave.has(lureId))) {
    if (!rods.has(outfitId)) continue
    const gain = valueOf(problem, sorted, { ...pack, items: [...pack.items, lureId, ...needs] }).total - now
    if (gain > (best.get(lureId)?.gain ?? 1e-9)) best.set(lureId, { lureId, outfitId, gain })
  }
  return [...best.values()].sort((a, b) => b.gain - a.gain || (a.lureId < b.lureId ? -1 : 1)).slice(0, most)
}

export interface Swap { readonly lureId: string, readonly pack: Pack, /** Change of the value, as a share of it; 0 or less for the best pack there is. */ readonly change: number }

/** What could go in the place of one lure within the limits, the least loss first. */
export function swapsFor(problem: PackProblem, sorted: Sorted, pack: Pack, out: string, most: number): readonly Swap[] {
  const now = valueOf(problem, sorted, pack).total
  const rod = Object.entries(pack.rigged).find(([, lure]) => lure === out)?.[0]
  const left = leftOut(pack, out)
  const best = new Map<string, Swap>()
  for (const { lureId, outfitId, needs } of candidatesUnder(sorted, id => !pack.items.includes(id))) {
    if (!pack.rods.includes(outfitId)) continue
    const items = [...new Set([...left.items, lureId, ...needs])]
    const next: Pack = { ...left, items, rigged: rod === outfitId ? { ...left.rigged, [rod]: lureId } : left.rigged }
    if (breachesOf({ ...problem, locks: { take: new Set(), leave: problem.locks.leave } }, next).length > 0) continue
    const change = (valueOf(problem, sorted, next).total - now) / now
    if (change > (best.get(lureId)?.change ?? -Infinity)) best.set(lureId, { lureId, pack: next, change })
  }
  return [...best.values()].sort((a, b) => b.change - a.change || (a.lureId < b.lureId ? -1 : 1)).slice(0, most)
}

/** Lures looked at under each reading when something is to be added or exchanged. */
const LOOKED_AT = 30

function candidatesUnder(sorted: Sorted, isOpen: (lureId: string) => boolean) {
  return [...new Map(sorted.flatMap(({ list }) => list.filter(o => isOpen(o.lureId)).slice(0, LOOKED_AT * COUNTED)).map(o => [`${o.lureId} ${o.outfitId} ${o.needs.join()}`, o])).values()]
}
