import {
  type Along,
  type Caught,
  type Dress,
  gainOf,
  LEAST_GAIN,
  left,
  lift,
  type OnRods,
  raise,
  withHung,
} from './on-rods'

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
  for (const out of [null, ...outsOf(on, along)]) {
    const rest = out === null ? along : withoutOrphans(on, left(along, out))
    const used = on.usedBy(rest.taken)
    for (const newcomer of newcomers) {
      const { dress, rod } = newcomer
      const more = dress.things.filter(i => rest.taken[i] !== 1)
      if (more.length === 0 || !on.fits(used, more)) continue
      const others = rod < 0 ? loose.less(out, rest) : unhung[rod]!.less(out, unhungAt(rest, rod))
      const total = on.wishesOf(rest.taken, more) + on.ofBoth(others, newcomer)
      if (total <= worth + LEAST_GAIN) continue
      const taken = rest.taken.slice()
      for (const i of more) taken[i] = 1
      ;[best, worth] = [{ taken, hung: rod < 0 ? rest.hung : withHung(rest.hung, rod, dress.lure) }, total]
    }
  }
  return best
}

/** What a pack catches without each of its lures: the best of those before it and of those behind it. */
export class WithoutEach {
  private readonly known = new Map<number | null, Caught>()

  constructor(
    private readonly on: OnRods,
    { taken, hung }: Along,
  ) {
    const days = on.all.catches.weights.length
    const lures = [...taken.keys()].filter(i => taken[i] === 1 && on.byLure[i]!.length > 0)
    const opened = new Map(lures.map(lure => [lure, on.open(lure, taken)]))
    const own = lures.map(lure => {
      const byDay = new Float64Array(days)
      for (const dress of opened.get(lure)!) raise(byDay, dress, hung.indexOf(lure))
      return byDay
    })
    const others = lures.map(() => new Float64Array(days))
    const all = new Float64Array(days)
    const sweep = (places: readonly number[]) => {
      all.fill(0)
      for (const i of places) {
        lift(others[i]!, 0, all)
        lift(all, 0, own[i]!)
      }
    }
    sweep([...lures.keys()])
    sweep([...lures.keys()].reverse())
    this.known.set(null, on.caught(all))
    lures.forEach((out, i) => {
      // What others need of it cannot be read off: they go with it.
      const isNeeded = lures.some(lure => lure !== out && opened.get(lure)!.some(d => d.things.includes(out)))
      if (!isNeeded) this.known.set(out, on.caught(others[i]!))
    })
  }

  /** Without one, or with all; `rest`: what is along then. */
  less(out: number | null, rest: Along): Caught {
    const known = this.known.get(out)
    if (known) return known
    const made = this.on.caught(this.on.byDay(rest))
    this.known.set(out, made)
    return made
  }
}

/** A dressed lure that is not along, tied on or hanging ready on a rod, with what it catches by itself. */
interface Newcomer extends Caught {
  readonly dress: Dress
  /** −1: tied on. */
  readonly rod: number
}

function newcomersTo(on: OnRods, along: Along): readonly Newcomer[] {
  const { catches } = on.all
  const { taken, hung } = along
  const now = on.byDay(along)
  const bases = on.rods.map((_, rod) => {
    const byDay = on.byDay(unhungAt(along, rod))
    return { rod, byDay, lost: catches.expected(now) - catches.expected(byDay) }
  })
  const loose = on.dresses
    .flatMap(dress => {
      const more = dress.things.filter(i => taken[i] !== 1)
      if (more.length === 0) return []
      const wishes = on.wishesOf(taken, more)
      return [{ dress, more, wishes, rod: -1, gain: gainOf(dress, -1, now, catches.weights) + wishes }]
    })
    .sort((a, b) => b.gain - a.gain)
    .slice(0, LOOKED_AT)
  const hanging = loose
    .filter(({ dress }) => !hung.includes(dress.lure))
    .flatMap(({ dress, more, wishes }) =>
      bases
        .filter(({ rod }) => dress.parts.some(p => p.ready[rod]))
        .map(({ rod, byDay, lost }) => {
          const gain = gainOf(dress, rod, byDay, catches.weights) + wishes - lost
          return { dress, more, wishes, rod, gain }
        }),
    )
  return [...loose, ...hanging]
    .sort((a, b) => b.gain - a.gain)
    .slice(0, WEIGHED)
    .map(({ dress, more, rod }) => {
      const byDay = new Float64Array(now.length)
      for (const opened of on.open(dress.lure, taken, more)) raise(byDay, opened, rod)
      return { dress, rod, ...on.caught(byDay) }
    })
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
