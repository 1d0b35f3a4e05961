import { type Caught, caughtOn, gained, ofBoth, sumOf } from './caught'
import { type Along, type Dress, LEAST_GAIN, left, type OnRods, withHung } from './on-rods'

/** Of all that is not along, so many are weighed against each thing that is: those that would add most beside it. Assumed. */
const WEIGHED = 60
/** Of all, so many are looked at on every rod: those that add most tied on. Assumed. */
const LOOKED_AT = 120

/** The best pack with one lure given up for another, or with another hung ready on a rod; `null` when none is better. */
export function exchanged(on: OnRods, along: Along): Along | null {
  let worth = on.worth(along)
  let best: Along | null = null
  const newcomers = newcomersTo(on, along)
  const loose = new WithoutEach(on, along)
  const unhung = on.rods.map((_, rod) => (along.hung[rod]! < 0 ? loose : new WithoutEach(on, unhungAt(along, rod))))
  const beside = newcomers.map(newcomer => (newcomer.rod < 0 ? loose : unhung[newcomer.rod]!).beside(newcomer))
  for (const out of [null, ...outsOf(on, along)]) {
    const rest = out === null ? along : withoutOrphans(on, left(along, out))
    const used = on.usedBy(rest.taken)
    const met = on.wishesMetBy(rest.taken)
    newcomers.forEach(({ dress, rod }, n) => {
      const more = dress.things.filter(i => rest.taken[i] !== 1)
      if (more.length === 0 || !on.fits(used, more)) return
      const total = on.wishesWorth(met, more) + beside[n]!(out, rod < 0 ? rest : unhungAt(rest, rod))
      if (total <= worth + LEAST_GAIN) return
      const taken = rest.taken.slice()
      for (const i of more) taken[i] = 1
      ;[best, worth] = [{ taken, hung: rod < 0 ? rest.hung : withHung(rest.hung, rod, dress.lure) }, total]
    })
  }
  return best
}

/** What a pack catches without each of its lures. On a day only the one that catches most is missed, and the next best stands in for it: one look at the days tells of all. */
export class WithoutEach {
  private readonly most: Float64Array
  private readonly next: Float64Array
  /** Place of the lure that catches most, from 1; 0: nothing is caught. */
  private readonly by: Int32Array
  /** Of those whose loss can be read off, from 1; 0: of none. */
  private readonly places = new Map<number | null, number>([[null, 0]])
  private readonly lures: readonly number[]
  private readonly known = new Map<number | null, Caught>()

  constructor(
    private readonly on: OnRods,
    { taken, hung }: Along,
  ) {
    const { days } = on.all
    this.most = new Float64Array(days)
    this.next = new Float64Array(days)
    this.by = new Int32Array(days)
    this.lures = [...taken.keys()].filter(i => taken[i] === 1 && on.byLure[i]!.length > 0)
    const opened = new Map(this.lures.map(lure => [lure, on.open(lure, taken)]))
    this.lures.forEach((lure, i) => {
      const dresses = opened.get(lure)!
      if (dresses.length > 0) this.enter(i + 1, on.caughtWith(dresses, hung.indexOf(lure)))
      // What others need of it cannot be read off: they go with it.
      const isNeeded = this.lures.some(other => other !== lure && opened.get(other)!.some(d => d.things.includes(lure)))
      if (!isNeeded) this.places.set(lure, i + 1)
    })
  }

  /** What is to be expected with something more, of all together or without one of them; `rest`: what is along then. */
  beside(more: Caught): (out: number | null, rest: Along) => number {
    const { most, next, by } = this
    const missed = new Float64Array(this.lures.length + 1)
    let all = 0
    for (let d = 0; d < most.length; d++) {
      const withMore = greater(most[d]!, more.byDay[d]!)
      all += withMore
      missed[by[d]!]! += withMore - greater(next[d]!, more.byDay[d]!)
    }
    return (out, rest) => {
      const place = this.places.get(out)
      return place === undefined ? ofBoth(this.less(out, rest), more) : all - missed[place]!
    }
  }

  private enter(place: number, own: Float64Array): void {
    const { most, next, by } = this
    for (let d = 0; d < own.length; d++) {
      const caught = own[d]!
      if (caught > most[d]!) [next[d], most[d], by[d]] = [most[d]!, caught, place]
      else if (caught > next[d]!) next[d] = caught
    }
  }

  private less(out: number | null, rest: Along): Caught {
    const known = this.known.get(out)
    if (known) return known
    const made = caughtOn(this.on.byDay(rest))
    this.known.set(out, made)
    return made
  }
}

/** The greater of two, with nothing to decide that no day foretells. */
const greater = (a: number, b: number) => (a + b + Math.abs(a - b)) / 2

/** A dressed lure that is not along, tied on or hanging ready on a rod, with what it catches by itself. */
interface Newcomer extends Caught {
  readonly dress: Dress
  /** −1: tied on. */
  readonly rod: number
}

function newcomersTo(on: OnRods, along: Along): readonly Newcomer[] {
  const { taken, hung } = along
  const now = on.byDay(along)
  const met = on.wishesMetBy(taken)
  const bases = on.rods.map((_, rod) => {
    const byDay = on.byDay(unhungAt(along, rod))
    return { rod, byDay, lost: sumOf(now) - sumOf(byDay) }
  })
  const loose = on.dresses
    .flatMap(dress => {
      const more = dress.things.filter(i => taken[i] !== 1)
      if (more.length === 0) return []
      const wishes = on.wishesWorth(met, more)
      return [{ dress, more, wishes, rod: -1, gain: gained(dress.tied, now) + wishes }]
    })
    .sort((a, b) => b.gain - a.gain)
    .slice(0, LOOKED_AT)
  const hanging = loose
    .filter(({ dress }) => !hung.includes(dress.lure))
    .flatMap(({ dress, more, wishes }) =>
      bases
        .filter(({ rod }) => dress.ready[rod])
        .map(({ rod, byDay, lost }) => {
          const gain = gained(on.caughtWith([dress], rod), byDay) + wishes - lost
          return { dress, more, wishes, rod, gain }
        }),
    )
  return [...loose, ...hanging]
    .sort((a, b) => b.gain - a.gain)
    .slice(0, WEIGHED)
    .map(({ dress, more, rod }) => ({ dress, rod, ...caughtOn(on.caughtWith(on.open(dress.lure, taken, more), rod)) }))
}

function unhungAt({ taken, hung }: Along, rod: number): Along {
  return { taken, hung: withHung(hung, rod, -1) }
}

/** Lures that may be given up. */
export function outsOf(on: OnRods, { taken }: Along): readonly number[] {
  return [...taken.keys()].filter(i => taken[i] === 1 && on.all.isLure[i] === 1 && !on.all.mustGo.includes(i))
}

/** Without trailers, heads and sinkers that served only what was given up. */
export function withoutOrphans(on: OnRods, along: Along): Along {
  const serves = new Set(on.all.mustGo)
  for (const i of along.taken.keys())
    if (along.taken[i] === 1) for (const { things } of on.open(i, along.taken)) for (const t of things) serves.add(t)
  return { ...along, taken: along.taken.map((t, i) => (serves.has(i) ? t : 0)) }
}
