import { scaleLog } from 'd3'
import { fromUnit, shownUnit, type UnitSystem } from '#core/units'

/** Ends of the axis of lure weights, from a micro jig to a big soft bait [g]; heavier and lighter lures stand at the ends. Assumed. */
const ENDS_G = [0.5, 300] as const

/** Round weights along the axis, in the unit that is shown. */
const MARKS: Readonly<Record<string, readonly number[]>> = { g: [1, 3, 10, 30, 100], oz: [1 / 32, 1 / 8, 3 / 8, 1, 3] }

export interface WindowStrip {
  /** The window printed on the rod, in the strip's units; null when either end is not known. */
  readonly band: { readonly from: number; readonly to: number } | null
  /** Where each lure stands by its own weight, in the order given. */
  readonly lures: readonly number[]
  readonly marks: readonly { readonly weightG: number; readonly at: number }[]
}

/** The lures of the box on an axis of weight, with what a rod throws laid over it. Logarithmic: twice the weight is the same step everywhere. `width` in units of the drawing. */
export function windowStrip(
  rod: { readonly lureMinG?: number | null | undefined; readonly lureMaxG?: number | null | undefined },
  weightsG: readonly number[],
  width: number,
  system: UnitSystem = 'metric',
): WindowStrip {
  const x = scaleLog().domain(ENDS_G).range([0, width]).clamp(true)
  const { lureMinG, lureMaxG } = rod
  return {
    band: lureMinG == null || lureMaxG == null || lureMinG <= 0 ? null : { from: x(lureMinG), to: x(lureMaxG) },
    lures: weightsG.map(weightG => x(weightG)),
    marks: MARKS[shownUnit('weight', system).symbol]!.map(weight => fromUnit(weight, shownUnit('weight', system))).map(
      weightG => ({ weightG, at: x(weightG) }),
    ),
  }
}
