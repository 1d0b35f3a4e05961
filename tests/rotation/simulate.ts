import { nextChange, type Offer } from '#core/rotation'
import { fishDay, type Kind, KINDS, type Policy, RIVALS } from './fish'

/** The adviser as a policy. */
export const adviser: Policy = (offers, tried, nowMin, random) => nextChange({ offers, tried, nowMin, family: 'jighead-soft' }, random).offer as Offer | null

export interface Row { readonly kind: Kind, readonly days: number, readonly adviser: number, readonly never: number, readonly random: number, readonly rules: number, readonly changes: number, readonly medianToFind: number | null, readonly foundShare: number }

/** Mean catches a day of each policy, and how soon the adviser came upon what was wanted. */
export function simulate(kind: Kind, days: number): Row {
  const totals = { adviser: 0, never: 0, random: 0, rules: 0 }
  let changes = 0
  const toFind: number[] = []
  let sought = 0
  for (let seed = 1; seed <= days; seed++) {
    const own = fishDay(kind, seed, adviser)
    totals.adviser += own.catches
    changes += own.changes
    if (kind !== 'none' && !own.startedRight) {
      sought++
      toFind.push(own.changesToFind ?? Infinity)
    }
    for (const rival of ['never', 'random', 'rules'] as const) totals[rival] += fishDay(kind, seed, RIVALS[rival]).catches
  }
  toFind.sort((a, b) => a - b)
  const median = toFind.length > 0 ? toFind[Math.floor(toFind.length / 2)]! : null
  const mean = (total: number) => total / days
  return {
    kind, days, adviser: mean(totals.adviser), never: mean(totals.never), random: mean(totals.random), rules: mean(totals.rules), changes: mean(changes),
    medianToFind: median === Infinity ? null : median, foundShare: sought ? toFind.filter(Number.isFinite).length / sought : 1,
  }
}

export const simulateAll = (days: number): readonly Row[] => KINDS.map(kind => simulate(kind, days))
