import type { Calc } from './calc'
import { desirability } from './desirability'
import { phase } from './season'
import { sun } from './sun'
import { density, viscosity } from './water'

/** Every calculator by its contract name; a newcomer adds a file and a place in this list. */
export const CALCS: readonly Calc[] = [density, viscosity, sun, phase, desirability]

export type { Calc } from './calc'
