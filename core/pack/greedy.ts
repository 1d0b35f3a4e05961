import type { Catches } from './catches'
import { exchanged, outsOf, withoutOrphans } from './exchange'
import { hung } from './hang'
import { slotsOf } from './limits'
import { type Along, type Dress, LEAST_GAIN, left, Numbered, OnRods } from './on-rods'
import type { Pack, PackProblem } from './problem'

/** So many choices of rods are all tried; of more, those that are met rod by rod. Assumed. */
const RODS_TRIED = 64
/** Choices of rods are first compared on no more days than this. Assumed: which rods are worth working out shows on a quarter of the days. */
const DAYS_COMPARED = 240
/** So many choices of rods are exchanged out on those days, and weighed on all days. Assumed: the best is among them; rods that are near each other change places between a quarter of the days and all. */
const WORKED_OUT = 4
/** So many of them, the best on all days, are exchanged out on all days too. Assumed. */
const FINISHED = 2
/** An exchange that helps is looked for so often. Assumed: most end sooner. */
const EXCHANGES = 40

interface Tried {
  readonly on: OnRods
  readonly along: Along
  readonly worth: number
}

/**
 * A good pack at once. For each choice of rods: what is locked, then again and again the lure (with what it needs) that adds most for its room; of the best choices on, exchanges until none helps.
 * The value rises with every item and each adds less than before, so that this never does badly (Nemhauser, Wolsey & Fisher 1978), but nothing is proven of it here.
 */
export function greedyPack(problem: PackProblem, catches: Catches): Pack {
  const all = Numbered.of(problem, catches)
  const every = Math.ceil(all.days / DAYS_COMPARED)
  const few = every > 1 ? all.onDays(catches.every(every)) : all
  const tried = new Map<string, Tried>()
  const first = (rods: readonly string[]): Tried => {
    const key = [...rods].sort().join('\n')
    const known = tried.get(key)
    if (known) return known
    const on = new OnRods(few, rods)
    const made = worked(on, filled(on, on.start))
    tried.set(key, made)
    return made
  }
  tryRods(problem, first)
  const onAll = bestOf([...tried.values()], WORKED_OUT)
    .map(exchangedOut)
    .map(({ on, along }) => worked(new OnRods(all, on.rods), along))
  const { on, along } = refilled(bestOf(onAll, FINISHED).map(exchangedOut).reduce(better))
  return on.packOf(withoutIdle(on, along))
}

const bestOf = (tried: readonly Tried[], count: number) => tried.toSorted((a, b) => b.worth - a.worth).slice(0, count)
const better = (a: Tried, b: Tried) => (b.worth > a.worth + LEAST_GAIN ? b : a)
const worked = (on: OnRods, along: Along): Tried => {
  const ready = hung(on, along)
  return { on, along: ready, worth: on.worth(ready) }
}

/** Every choice of as many rods as may go; where that is too many, the best one more each time, and then each against each that stayed. */
function tryRods({ outfitIds, limits, locks }: PackProblem, first: (rods: readonly string[]) => Tried): void {
  const must = outfitIds.filter(id => locks.take.has(id))
  const free = outfitIds.filter(id => !locks.take.has(id) && !locks.leave.has(id))
  const room = Math.max(0, Math.min(limits.rods - must.length, free.length))
  const choices = choicesOf(free, room, RODS_TRIED)
  if (choices) {
    for (const choice of choices) first([...must, ...choice])
    return
  }
  let rods: readonly string[] = must
  const best = (ways: readonly (readonly string[])[]) => ways.map(first).reduce(better).on.rods
  while (rods.length < must.length + room) rods = best(free.filter(id => !rods.includes(id)).map(id => [...rods, id]))
  for (const id of free.filter(id => !rods.includes(id)))
    rods = best([rods, ...rods.filter(r => !must.includes(r)).map(out => [...rods.filter(r => r !== out), id])])
}

/** All choices of `size` out of a list; `null` when they are more than `most`. */
function choicesOf<T>(list: readonly T[], size: number, most: number): readonly (readonly T[])[] | null {
  let found: (readonly T[])[] = [[]]
  for (const [i, one] of list.entries()) {
    const left = list.length - i - 1
    found = found.flatMap(c => [...(c.length < size ? [[...c, one]] : []), ...(c.length + left >= size ? [c] : [])])
    if (found.length > most) return null
  }
  return found
}

/** As much more as there is room for, what adds most for its room first; `without`: one thing that stays. */
function filled(on: OnRods, from: Along, without = -1): Along {
  const along = { taken: from.taken.slice(), hung: from.hung }
  const { taken } = along
  const standing = () => ({ byDay: on.byDay(along), met: on.wishesMetBy(taken), used: on.usedBy(taken) })
  let now = standing()
  const addedBy = (dress: Dress): number => {
    const more = dress.things.filter(i => taken[i] !== 1)
    if (more.length === 0 || more.includes(without) || !on.fits(now.used, more)) return -Infinity
    const wishes = on.wishesWorth(now.met, more) - on.wishesWorth(now.met)
    return (on.gainOfOpened(dress.lure, taken, more, now.byDay) + wishes) / roomFor(on, more)
  }
  // As last worked out, the most first. A gain only falls as the pack fills, so that what is not first need not be looked at again (Minoux 1978).
  const waiting = on.dresses
    .map(dress => ({ dress, gain: addedBy(dress) }))
    .filter(({ gain }) => gain > LEAST_GAIN)
    .sort((a, b) => b.gain - a.gain)
  for (let first = waiting.shift(); first; first = waiting.shift()) {
    const { dress } = first
    const gain = addedBy(dress)
    if (gain <= LEAST_GAIN) continue
    const before = waiting.findLastIndex(other => other.gain > gain)
    if (before >= 0) waiting.splice(before + 1, 0, { dress, gain })
    else {
      for (const i of dress.things) taken[i] = 1
      now = standing()
    }
  }
  return along
}

/** How much of the scarcest limit some things use up, 0..1. */
function roomFor(on: OnRods, things: readonly number[]): number {
  const { limits } = on.all.problem
  const { lures, slots, grams } = on.roomOf(things)
  return Math.max(
    lures / Math.max(1, limits.lures),
    slots / Math.max(1, slotsOf(limits)),
    limits.grams === null ? 0 : grams / Math.max(1, limits.grams),
    LEAST_ROOM,
  )
}
/** What takes no room at all is not infinitely welcome. */
const LEAST_ROOM = 1e-3

/** Exchanges until none helps; what room they leave is filled. */
function exchangedOut(start: Tried): Tried {
  const { on } = start
  let best = start
  for (let i = 0; i < EXCHANGES; i++) {
    const next = exchanged(on, best.along)
    if (!next) break
    const made = worked(on, filled(on, next))
    if (made.worth <= best.worth + LEAST_GAIN) break
    best = made
  }
  return best
}

/** One lure given up for whatever fills its room, with exchanges after it, until that does not help either. */
function refilled(start: Tried): Tried {
  const { on } = start
  let best = start
  for (let i = 0; i < EXCHANGES; i++) {
    const ways = outsOf(on, best.along).map(out => {
      const along = filled(on, withoutOrphans(on, left(best.along, out)), out)
      return { on, along, worth: on.worth(along) }
    })
    if (ways.length === 0) break
    const made = exchangedOut(worked(on, ways.reduce(better).along))
    if (made.worth <= best.worth + LEAST_GAIN) break
    best = made
  }
  return best
}

/** Without what raises nothing, as long as nobody said that it must go. */
function withoutIdle(on: OnRods, along: Along): Along {
  let best = along
  let worth = on.worth(along)
  for (const i of along.taken.keys()) {
    if (best.taken[i] !== 1 || on.all.mustGo.includes(i)) continue
    const next = left(best, i)
    const total = on.worth(next)
    if (total >= worth - LEAST_GAIN / 1000) [best, worth] = [next, total]
  }
  return best
}
