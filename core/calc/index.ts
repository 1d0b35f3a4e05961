import type { Calc } from './calc.ts'
import { desirability } from './desirability.ts'
import { phase } from './season.ts'
import { sun } from './sun.ts'
import { density, viscosity } from './water.ts'

/** Every calculator by its contract name; a newcomer adds a file and a place in this list. */
export const CALCS: readonly Calc[] = [density, viscosity, sun, phase, desirability]

export type { Calc } from './calc.ts'
