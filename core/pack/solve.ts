import type { Highs } from 'highs'
import { withoutIdle } from './greedy'
import { breachesOf } from './limits'
import type { Pack, PackProblem } from './problem'
import { type Programme, programmeOf } from './programme'
import { sortedOptions, valueOf } from './value'

/** How far the search has come: the best pack known and the proven bound of any. */
export interface Progress {
  readonly value: number
  readonly bound: number
  /** A pack that was just found; `null`: only the proof has come further. */
  readonly pack: Pack | null
}

export interface Plan {
  readonly pack: Pack
  /** Value of the pack, wishes included. */
  readonly value: number
  /** No pack can be worth more. */
  readonly bound: number
  /** (bound − value) ÷ bound, 0..1. */
  readonly gap: number
  /** `time`: the time ran out before the proof. */
  readonly ended: 'proven' | 'time' | 'stopped'
}

export interface SolveOptions {
  /** Time for the whole search [s]. */
  readonly seconds: number
  /** The search ends when the gap is proven to be no more. */
  readonly gap: number
  /** A pack to begin with; one that breaks a limit or a lock is not used. */
  readonly start: Pack
  readonly clock: () => number
  /** Called now and then; `false` stops the search. */
  readonly progress?: (progress: Progress) => boolean
}

/** Lures under each reading that stand in the first programme, and how many more in the next ones. */
const KEPT = 20
const GROWTH = 4
/** Of the gap that is allowed, what each programme may use; the rest is for what it left out. */
const SHARE_OF_GAP = 0.9
/** Below this a gap is none: the solver's own tolerance. */
const PROVEN = 1e-6

/**
 * The best pack by branch and bound, with what is proven of it. Begins with few lures under each reading and widens until what was left out cannot matter.
 *
 * @throws {Error} if the solver fails; the limits must not conflict (see `conflictsOf`)
 */
export function solvePack(
  highs: Highs,
  problem: PackProblem,
  { seconds, gap, start, clock, progress }: SolveOptions,
): Plan {
  const began = clock()
  const left = () => seconds - (clock() - began) / 1000
  const sorted = sortedOptions(problem)
  const worth = (pack: Pack) => valueOf(problem, sorted, pack).total
  let best: Pack = breachesOf(problem, start).length === 0 ? start : onlyLocked(problem)
  let value = worth(best)
  let bound = Infinity
  const most = Math.max(...sorted.days.map(({ byLure }) => byLure.size), 1)
  for (let kept = KEPT; ; kept = Math.ceil(kept * GROWTH)) {
    const programme = programmeOf(problem, sorted, kept)
    const found = run(highs, programme, best, {
      seconds: Math.max(0.2, left()),
      gap: gap * SHARE_OF_GAP,
      progress: p =>
        progress?.({ value: Math.max(value, p.value), bound: Math.min(bound, p.bound), pack: p.pack }) ?? true,
    })
    bound = Math.min(bound, found.bound)
    if (found.values) {
      const pack = withoutIdle(problem, sorted, programme.packOf(found.values))
      const total = worth(pack)
      if (total > value) [best, value] = [pack, total]
    }
    const now = gapOf(value, bound)
    const settled = now <= Math.max(gap, PROVEN)
    if (settled || found.stopped || left() <= 0 || kept >= most) {
      return {
        pack: best,
        value,
        bound: Math.max(bound, value),
        gap: now,
        ended: settled ? 'proven' : found.stopped ? 'stopped' : 'time',
      }
    }
  }
}

/** The least that must go along. */
function onlyLocked({ items, outfitIds, locks }: PackProblem): Pack {
  return {
    items: items.filter(i => locks.take.has(i.id)).map(i => i.id),
    rods: outfitIds.filter(id => locks.take.has(id)),
    rigged: {},
  }
}

function gapOf(value: number, bound: number): number {
  return bound > 0 && Number.isFinite(bound) ? Math.max(0, (bound - value) / bound) : value > 0 ? 1 : 0
}

interface Found {
  readonly values: ArrayLike<number> | null
  readonly bound: number
  readonly stopped: boolean
}

function run(
  highs: Highs,
  programme: Programme,
  start: Pack,
  {
    seconds,
    gap,
    progress,
  }: { readonly seconds: number; readonly gap: number; readonly progress: (p: Progress) => boolean },
): Found {
  const { cost, lower, upper, isInteger, rows } = programme
  const starts = new Int32Array(rows.length + 1)
  rows.forEach((row, i) => {
    starts[i + 1] = starts[i]! + row.columns.length
  })
  let stopped = false
  let bound = Infinity
  return highs.withModel(
    {
      numCols: cost.length,
      numRows: rows.length,
      sense: highs.constants.objectiveSense.maximize,
      colCost: cost,
      colLower: lower,
      colUpper: upper,
      rowLower: rows.map(() => -highs.infinity),
      rowUpper: rows.map(r => r.most),
      matrix: {
        format: 'csr',
        numRows: rows.length,
        numCols: cost.length,
        starts,
        indices: Int32Array.from(rows.flatMap(r => r.columns)),
        values: Float64Array.from(rows.flatMap(r => r.values)),
      },
      integrality: Int32Array.from(isInteger, i => (i ? 1 : 0)),
    },
    model => {
      model.options.set({ output_flag: false, time_limit: seconds, mip_rel_gap: gap })
      model.setSolution(programme.startOf(start))
      model.run({
        [highs.constants.callbackType.mipImprovingSolution](event) {
          const { mip_solution: values, mip_primal_bound: value = 0 } = event.data
          if (values) progress({ value, bound, pack: programme.packOf(values) })
          return undefined
        },
        [highs.constants.callbackType.mipInterrupt](event) {
          const { mip_primal_bound: value = 0, mip_dual_bound: proven = Infinity } = event.data
          if (Number.isFinite(proven)) bound = proven
          if (!progress({ value, bound, pack: null })) {
            stopped = true
            event.interrupt()
          }
          return undefined
        },
      })
      const proven = model.info.get('mip_dual_bound') as number
      const status = model.info.get('primal_solution_status') as number
      return {
        values: status === FEASIBLE ? model.getSolution().colValue : null,
        bound: Number.isFinite(proven) ? proven : bound,
        stopped,
      }
    },
  )
}

/** `primal_solution_status` of a solution that keeps all rows. */
const FEASIBLE = 2
