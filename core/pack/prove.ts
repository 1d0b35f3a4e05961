import { type Catches, takenIn } from './catches'
import { Numbered, OnRods } from './on-rods'
import type { Pack, PackProblem } from './problem'
import { Relaxed, type Settled } from './relaxed'
import { valueOf } from './value'

/** What is proven of a pack. */
export interface Proof {
  /** Value of the pack, wishes included. */
  readonly value: number
  /** No pack can be worth more. */
  readonly bound: number
  /** (bound − value) ÷ bound, 0..1. */
  readonly gap: number
  /** `proven`: the gap is no more than was asked; `time`: no more could be shown in the time. */
  readonly ended: 'proven' | 'time' | 'stopped'
}

export interface ProofOptions {
  /** Time for the whole proof [s]. */
  readonly seconds: number
  /** The proof ends when the gap is no more. */
  readonly gap: number
  readonly clock: () => number
  /** Called now and then with the bound so far; `false` stops the proof. */
  readonly progress?: (bound: number) => boolean
}

/** Rounds between two looks at the clock; for one choice of rods, before it is taken apart; and where the rods are settled, before a lure is. Assumed. */
const ROUNDS = { atOnce: 10, before: 60, last: 120 }
/** Below this a gap is rounding. */
const NONE = 1e-6

/**
 * How much better any other pack could be. First with every rod at hand; where that does not show enough, without each of the rods that are wanted most, and with just these: every other choice of rods lacks one of them.
 * Where the rods are settled and it still does not show enough, with and without the lure that is most in doubt (Land & Doig 1960).
 */
export function prove(problem: PackProblem, catches: Catches, pack: Pack, options: ProofOptions): Proof {
  const { seconds, gap, clock, progress } = options
  const value = valueOf(problem, catches, pack).total
  const goal = Math.max(value / (1 - gap), value + NONE)
  const all = Numbered.of(problem, catches)
  const byDay = catches.byDay(takenIn(pack)).map((caught, d) => catches.weights[d]! * caught)
  const until = clock() + 1000 * seconds
  const most = problem.limits.rods
  const outfitIds = problem.outfitIds.filter(id => !problem.locks.leave.has(id))
  /** Choices of rods whose packs may still be better than was asked; and what is shown of all others. */
  let open: readonly Choice[] = [{ rods: outfitIds, go: [], stay: [], from: null, bound: Infinity }]
  let shown = value
  let ended: Proof['ended'] = 'proven'
  const bound = () => Math.max(shown, ...open.map(o => o.bound))
  while (open.length > 0 && ended === 'proven') {
    const [now, ...others] = open as [Choice, ...Choice[]]
    const relaxed = new Relaxed(new OnRods(all, now.rods), most, byDay, now.from, now)
    const isWhole = now.rods.length <= most
    for (let rounds = isWhole ? ROUNDS.last : ROUNDS.before; rounds > 0; rounds -= ROUNDS.atOnce) {
      const before = relaxed.bound
      const isDown = relaxed.lower(value, goal, ROUNDS.atOnce)
      open = [{ ...now, bound: Math.min(now.bound, relaxed.bound) }, ...others]
      if (isDown) break
      if (progress?.(bound()) === false) ended = 'stopped'
      else if (clock() >= until) ended = 'time'
      // What would not come down to it at this pace is taken apart at once.
      const isTooSlow = ((before - relaxed.bound) * rounds) / ROUNDS.atOnce < relaxed.bound - goal
      if (ended !== 'proven' || isTooSlow) break
    }
    if (ended !== 'proven') break
    const doubtful = isWhole ? relaxed.mostOpen : null
    if (relaxed.bound <= goal || (isWhole && doubtful === null)) {
      shown = Math.max(shown, open[0]!.bound)
      open = others
    } else if (doubtful === null) open = [...takenApart(relaxed, pack.rods, most), ...others]
    else open = [...settled(now, doubtful, relaxed, problem.limits.lures), ...others]
  }
  const proven = bound()
  const left = proven > 0 ? Math.max(0, (proven - value) / proven) : 0
  return { value, bound: proven, gap: left, ended: ended === 'proven' && proven > goal ? 'time' : ended }
}

interface Choice extends Settled {
  readonly rods: readonly string[]
  /** Whence its prices are; `null`: from the pack. */
  readonly from: Relaxed | null
  readonly bound: number
}

function takenApart(relaxed: Relaxed, preferred: readonly string[], most: number): readonly Choice[] {
  const rods = relaxed.rodsByPrice
  const wanted = [...rods.filter(id => preferred.includes(id)), ...rods.filter(id => !preferred.includes(id))].slice(
    0,
    most,
  )
  return [...wanted.map(out => rods.filter(id => id !== out)), wanted].map(some => ({
    rods: some,
    go: [],
    stay: [],
    from: relaxed,
    bound: relaxed.bound,
  }))
}

/** The same with a lure, where there is room for it, and without. */
function settled({ rods, go, stay }: Choice, lure: number, relaxed: Relaxed, mostLures: number): readonly Choice[] {
  const rest = { rods, from: relaxed, bound: relaxed.bound }
  const without: Choice = { ...rest, go, stay: [...stay, lure] }
  return go.length < mostLures ? [{ ...rest, go: [...go, lure], stay }, without] : [without]
}
