import { nextChange } from '#core/rotation'
import { fishDay, type Kind, KINDS, type Policy, RIVALS } from './fish'

/** The adviser as a policy, changing several things at once or one at a time. */
const advised =
  (several: boolean): Policy =>
  (offers, tried, nowMin, _, turnsAtMin) =>
    nextChange({ offers, tried, nowMin, turnsAtMin, several }).offer

export interface Row {
  readonly kind: Kind
  readonly days: number
  readonly adviser: number
  readonly oneByOne: number
  readonly never: number
  readonly random: number
  readonly rules: number
  readonly changes: number
  readonly medianToFind: number | null
  readonly foundShare: number
  /** Median, minutes into the day. */
  readonly minutesToFind: number | null
}

/** Mean catches a day of each policy, and how soon the adviser came upon what was wanted. */
export function simulate(kind: Kind, days: number): Row {
  const totals = { adviser: 0, oneByOne: 0, never: 0, random: 0, rules: 0 }
  let changes = 0
  const toFind: number[] = []
  const minutes: number[] = []
  let sought = 0
  for (let seed = 1; seed <= days; seed++) {
    const own = fishDay(kind, seed, advised(true))
    totals.adviser += own.catches
    totals.oneByOne += fishDay(kind, seed, advised(false)).catches
    changes += own.changes
    if (kind !== 'none' && !own.startedRight) {
      sought++
      toFind.push(own.changesToFind ?? Infinity)
      minutes.push(own.minutesToFind ?? Infinity)
    }
    for (const rival of ['never', 'random', 'rules'] as const)
      totals[rival] += fishDay(kind, seed, RIVALS[rival]).catches
  }
  const mean = (total: number) => total / days
  return {
    kind,
    days,
    adviser: mean(totals.adviser),
    oneByOne: mean(totals.oneByOne),
    never: mean(totals.never),
    random: mean(totals.random),
    rules: mean(totals.rules),
    changes: mean(changes),
    medianToFind: medianOf(toFind),
    minutesToFind: medianOf(minutes),
    foundShare: sought ? toFind.filter(Number.isFinite).length / sought : 1,
  }
}

/** `null`: half of them never came to it, or there was nothing to find. */
function medianOf(list: readonly number[]): number | null {
  const median = [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)]
  return median === undefined || median === Infinity ? null : median
}

export const simulateAll = (days: number): readonly Row[] => KINDS.map(kind => simulate(kind, days))
