import { type Caught, caughtOn, lift, ofBoth } from './caught'
import { type Along, LEAST_GAIN, type OnRods, withHung } from './on-rods'

/** Stands for no lure. */
const NONE = -1

/** For each rod the lure that is worth most when it hangs there at first light; a lure may move to another rod when something else takes its place. */
export function hung(on: OnRods, along: Along): Along {
  const lures = [...along.taken.keys()].filter(i => along.taken[i] === 1 && on.byLure[i]!.length > 0)
  const rods = new HungRods(on, along, lures)
  for (let last = -Infinity; rods.worth > last + LEAST_GAIN;) {
    last = rods.worth
    for (let rod = 0; rod < on.rods.length; rod++) for (const lure of lures) rods.tryOn(rod, lure)
  }
  return { taken: along.taken, hung: rods.best }
}

/** What hangs ready on the rods, as good as was found so far. */
class HungRods {
  best: Int32Array
  worth: number
  private readonly tied: Float64Array
  /** On each rod, what is caught when nothing but this lure hangs. */
  private readonly ready: readonly ReadonlyMap<number, Caught>[]
  /** What is caught with two of the rods empty, while the best stays what it is. */
  private readonly known = new Map<number, Caught>()

  constructor(
    private readonly on: OnRods,
    { taken, hung }: Along,
    private readonly lures: readonly number[],
  ) {
    this.best = hung
    this.tied = on.byDay({ taken, hung: hung.map(() => NONE) })
    this.ready = on.rods.map((_, rod) => {
      const caughtWith = (lure: number) => {
        const byDay = this.tied.slice()
        const opened = on.open(lure, taken)
        if (opened.length > 0) lift(byDay, on.caughtWith(opened, rod))
        return caughtOn(byDay)
      }
      return new Map([[NONE, caughtOn(this.tied)], ...lures.map(lure => [lure, caughtWith(lure)] as const)])
    })
    this.worth = this.less(NONE, NONE).expected
  }

  /** A lure on a rod; when it hung on another, with nothing or anything else there instead. */
  tryOn(rod: number, lure: number): void {
    const other = this.best.indexOf(lure)
    if (other === rod) return
    const hang = withHung(this.best, rod, lure)
    const here = this.ready[rod]!.get(lure)!
    const rest = this.less(rod, other)
    if (other < 0) {
      this.take(hang, ofBoth(rest, here))
      return
    }
    const byDay = rest.byDay.slice()
    lift(byDay, here.byDay)
    const moved = caughtOn(byDay)
    for (const instead of [NONE, ...this.lures.filter(l => !hang.includes(l))])
      this.take(withHung(hang, other, instead), ofBoth(moved, this.ready[other]!.get(instead)!))
  }

  private take(hang: Int32Array, worth: number): void {
    if (worth <= this.worth + LEAST_GAIN) return
    ;[this.best, this.worth] = [hang, worth]
    this.known.clear()
  }

  private less(a: number, b: number): Caught {
    const key = (a + 1) * (this.on.rods.length + 1) + b + 1
    const known = this.known.get(key)
    if (known) return known
    const byDay = this.tied.slice()
    this.best.forEach((lure, rod) => {
      if (rod !== a && rod !== b) lift(byDay, this.ready[rod]!.get(lure)!.byDay)
    })
    const made = caughtOn(byDay)
    this.known.set(key, made)
    return made
  }
}
