import type { Group } from './pool'

/** What one group gave on one day. Fish of one day are not independent of each other: a school comes past, a front goes through. */
export interface DayOf extends Group {
  readonly group: string | number
  readonly day: string
}

/** Before anything is known bites come in bunches of about so many: schools, good and bad days. Assumed; simulated in docs/evidence.md. */
const USUAL_DISPERSION = 3
/** The usual dispersion counts as much as so many days. Assumed. */
const USUAL_WORTH_DAYS = 8
/** The dispersion is itself estimated, its spread √(2 ÷ days): it is taken so many of these above its mean. Assumed; simulated in docs/evidence.md. */
const UNSURE_SD = 0.6
/** A day on which less than this was to be expected says little of bunches: its share in the chi-square is all noise [contacts]. Assumed. */
const LEAST_EXPECTED = 0.05

/**
 * How bunched the bites of a log are: Pearson's chi-square of the days about each group's own rate, per degree of freedom; never below 1, drawn toward the usual where there are few days.
 * Counts and efforts divided by it weigh as much as independent bites would (quasi-likelihood).
 *
 * Source: McCullagh & Nelder 1989 §4.5, §9.2 (quasi-Poisson, dispersion from Pearson's statistic). From memory.
 */
export function dispersionOf(list: readonly DayOf[]): number {
  const cells = new Map<string, { group: string | number; events: number; effort: number }>()
  const groups = new Map<string | number, { events: number; effort: number; cells: number }>()
  for (const { group, day, events, effort } of list) {
    if (effort <= 0) continue
    const key = `${group}\n${day}`
    const cell = cells.get(key) ?? { group, events: 0, effort: 0 }
    const sum = groups.get(group) ?? { events: 0, effort: 0, cells: 0 }
    if (!cells.has(key)) sum.cells++
    cell.events += events
    cell.effort += effort
    sum.events += events
    sum.effort += effort
    cells.set(key, cell)
    groups.set(group, sum)
  }
  let [chiSquare, freedom] = [0, 0]
  for (const { group, events, effort } of cells.values()) {
    const own = groups.get(group)!
    const expected = (own.events / own.effort) * effort
    if (own.cells < 2 || expected < LEAST_EXPECTED) continue
    chiSquare += (events - expected) ** 2 / expected
    freedom += (own.cells - 1) / own.cells
  }
  const days = freedom + USUAL_WORTH_DAYS
  return Math.max(1, ((chiSquare + USUAL_DISPERSION * USUAL_WORTH_DAYS) / days) * (1 + UNSURE_SD * Math.sqrt(2 / days)))
}
