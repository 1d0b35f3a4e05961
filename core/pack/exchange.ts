import { type Along, type Dress, gainOf, LEAST_GAIN, left, type OnRods, raise, withHung } from './on-rods'

/** Of all that is not along, so many are weighed against each thing that is: those that would add most beside it. Assumed. */
const WEIGHED = 60
/** Of all, so many are looked at on every rod: those that add most tied on. Assumed. */
const LOOKED_AT = 240

/** The best pack with one lure given up for another, or with another hung ready on a rod; `null` when none is better. */
export function exchanged(on: OnRods, along: Along): Along | null {
  let worth = on.worth(along)
  let best: Along | null = null
  const newcomers = newcomersTo(on, along)
  for (const out of [null, ...outsOf(on, along)]) {
    const rest = out === null ? along : withoutOrphans(on, left(along, out))
    const used = on.usedBy(rest.taken)
    const loose = on.byDay(rest)
    const unhung = on.rods.map((_, rod) => (rest.hung[rod]! < 0 ? loose : on.byDay(unhungAt(rest, rod))))
    for (const { dress, rod, byDay } of newcomers) {
      const more = dress.things.filter(i => rest.taken[i] !== 1)
      if (more.length === 0 || !on.fits(used, more)) continue
      const total =
        on.wishesOf(rest.taken, more) + beside(on.all.catches.weights, rod < 0 ? loose : unhung[rod]!, byDay)
      if (total <= worth + LEAST_GAIN) continue
      const taken = rest.taken.slice()
      for (const i of more) taken[i] = 1
      ;[best, worth] = [{ taken, hung: rod < 0 ? rest.hung : withHung(rest.hung, rod, dress.lure) }, total]
    }
  }
  return best
}

/** A dressed lure that is not along, tied on or hanging ready on a rod. */
interface Newcomer {
  readonly dress: Dress
  /** −1: tied on. */
  readonly rod: number
  /** What it catches by itself. */
  readonly byDay: Float64Array
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
      return { dress, rod, byDay }
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

/** Catch with a newcomer beside the rest, over all days. */
function beside(weights: Float64Array, rest: Float64Array, scores: Float64Array): number {
  let sum = 0
  for (let d = 0; d < rest.length; d++) sum += weights[d]! * Math.max(rest[d]!, scores[d]!)
  return sum
}
