import type { Highs } from 'highs'
import { Catches, type Pack, type PackProblem } from '#core/pack'
import { programmeOf } from './programme'

/** A pack that no other within the limits is worth more than, with its value, by a general solver of integer programmes. */
export interface Optimum {
  readonly pack: Pack
  readonly value: number
}

/** `primal_solution_status` of a solution that keeps all rows. */
const FEASIBLE = 2

/**
 * The best pack of a small problem, by branch and bound over the whole programme (HiGHS).
 *
 * @throws {Error} if the solver finds none; the limits must not conflict
 */
export function optimumOf(highs: Highs, problem: PackProblem): Optimum {
  const programme = programmeOf(problem, new Catches(problem))
  const { cost, lower, upper, isInteger, rows } = programme
  const starts = new Int32Array(rows.length + 1)
  rows.forEach((row, i) => {
    starts[i + 1] = starts[i]! + row.columns.length
  })
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
      model.options.set({ output_flag: false, mip_rel_gap: 0, mip_abs_gap: 0 })
      model.run()
      if (model.info.get('primal_solution_status') !== FEASIBLE) throw new Error('optimumOf: no solution')
      const values = model.getSolution().colValue
      return { pack: programme.packOf(values), value: cost.reduce((sum, c, i) => sum + c * values[i]!, 0) }
    },
  )
}
