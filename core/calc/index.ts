import type { Calc } from './calc'
import { desirability } from './desirability'
import { colour, pigment, waterLight } from './light'
import * as motion from './motion'
import { lineDiameterCalc, pickUpCalc } from './reel-and-line'
import { rate } from './rate'
import { phase } from './season'
import { sun } from './sun'
import { density, viscosity } from './water'

/** Every calculator by its contract name; a newcomer adds a file and a place in this list. */
export const CALCS: readonly Calc[] = [
  density,
  viscosity,
  motion.sphere,
  motion.fallSpeed,
  motion.fitFallCalc,
  motion.hang,
  motion.hangSpeeds,
  motion.diveTow,
  motion.towLineCalc,
  motion.diveCast,
  motion.sinkRetrieve,
  motion.holdSpeedCalc,
  motion.bottomWeightCalc,
  motion.dropShot,
  motion.downriggerCalc,
  pickUpCalc,
  lineDiameterCalc,
  sun,
  pigment,
  waterLight,
  colour,
  phase,
  desirability,
  rate,
]

export type { Calc } from './calc'
export { CALC_ABOUT, CALC_TASKS, type CalcAbout, type CalcTask } from './about'
