import { chanceAlike, dispersionOf, pooledRates, type RateEstimate, standOut } from '#core/evidence'
import { dayOf } from '#core/tackle'
import { type CutId, CUTS } from './cuts'
import { groupBy } from './rates'
import type { Stretch } from './stretch'

/** What the angler met: conditions that may explain the bites. */
export const CONDITION_CUTS = [
  'temperature',
  'light',
  'hour',
  'wind',
  'clarity',
  'tide',
  'season',
  'place',
] as const satisfies readonly CutId[]
/** What the angler chose. */
export const TACKLE_CUTS = ['family', 'colour', 'depth', 'size', 'speed'] as const satisfies readonly CutId[]

/** One value of a condition: how many times the contacts it drew that were to be expected without it. */
export interface ExplainRow {
  readonly value: string | number
  readonly times: RateEstimate
  readonly contacts: number
  readonly hours: number
  readonly days: number
}

/** What one condition says of the log. */
export interface Explained {
  readonly cut: CutId
  /** `stands`: would still be told if all of them were looked at; `leaning`: looks so; `open`: no difference yet; `untested`: met in one kind only, or hardly. */
  readonly verdict: 'stands' | 'leaning' | 'open' | 'untested'
  /** Chance that the values differ as much by luck alone, 0..1; 1 where nothing could be tested. */
  readonly chance: number
  /** Classes in their order, names with the most contacts first. */
  readonly rows: readonly ExplainRow[]
}

/** Of those told no more than this share is chance, and a chance below the other is worth a look. Assumed, as in the audit of rules. */
const FALSE_SHARE = 0.1
const LOOKS_APART = 0.2
/** A value fished for less says nothing [h], and one met on a single day is that day. Assumed. */
const LEAST_HOURS = 1
const LEAST_DAYS = 2

interface Weighed {
  readonly stretch: Stretch
  /** Contacts to be expected before this condition is looked at. */
  readonly expected: number
}

/**
 * What explains the bites of a log beyond what was fished: each condition's values against the contacts that the same effort with the same kinds of tackle would have drawn, and what was chosen
 * against the contacts that the same conditions would have drawn. Bites that come in bunches count as fewer (`dispersionOf`), and of many conditions looked at only those are told that would stand.
 *
 * Model:  contacts ~ quasi-Poisson(expected × times), times pooled (`pooledRates`); whether the values differ by `chanceAlike`, which of them are told by `standOut`.
 * Valid:  nobody fished these by lot; what goes together (night and summer) cannot be told apart.
 */
export function explain(stretches: readonly Stretch[]): readonly Explained[] {
  const fished = stretches.filter(s => s.hours > 0)
  // Each half is held against what says most in the other, so that a lure of the evening does not take the evening for its own, nor the evening the lure's.
  const [beyondTackle, beyondConditions] = [beyond(fished, TACKLE_CUTS), beyond(fished, CONDITION_CUTS)]
  const found = [
    ...CONDITION_CUTS.map(cut => ({ cut, ...tested(beyondTackle, cut) })),
    ...TACKLE_CUTS.map(cut => ({ cut, ...tested(beyondConditions, cut) })),
  ]
  const looked = found.filter(f => f.isTested)
  const told = standOut(
    looked.map(f => f.chance),
    FALSE_SHARE,
  )
  const stands = new Set(looked.filter((_, i) => told[i]).map(f => f.cut))
  return found
    .map(({ cut, rows, chance, isTested }): Explained => ({
      cut,
      rows,
      chance,
      verdict: !isTested ? 'untested' : stands.has(cut) ? 'stands' : chance <= LOOKS_APART ? 'leaning' : 'open',
    }))
    .sort((a, b) => VERDICT_ORDER.indexOf(a.verdict) - VERDICT_ORDER.indexOf(b.verdict) || a.chance - b.chance)
}
const VERDICT_ORDER: readonly Explained['verdict'][] = ['stands', 'leaning', 'open', 'untested']

/** The usual rate for every hour. */
function flat(fished: readonly Stretch[]): readonly Weighed[] {
  const hours = fished.reduce((sum, s) => sum + s.hours, 0)
  const contacts = fished.reduce((sum, s) => sum + s.contacts, 0)
  return fished.map(stretch => ({ stretch, expected: hours > 0 ? (contacts / hours) * stretch.hours : 0 }))
}

/** Contacts to be expected by whichever of these says most by itself. */
function beyond(fished: readonly Stretch[], cuts: readonly CutId[]): readonly Weighed[] {
  const usual = flat(fished)
  const [first] = cuts
    .map(cut => ({ cut, ...tested(usual, cut) }))
    .filter(found => found.isTested)
    .sort((a, b) => a.chance - b.chance)
  return first ? expectedBy(fished, first.cut) : usual
}

/** The pooled rate of its value of a cut for every hour; the usual one where that is not known. */
function expectedBy(fished: readonly Stretch[], cut: CutId): readonly Weighed[] {
  const usual = flat(fished)
  const groups = [...groupBy(usual, w => CUTS[cut].of(w.stretch))]
  const pooled = pooledRates(
    groups.map(([, list]) => sumsOf(list)),
    bunched(usual, cut),
  )
  if (!pooled) return usual
  const times = new Map(groups.map(([value], i) => [value, value === null ? 1 : pooled.groups[i]!.mean]))
  return usual.map(({ stretch, expected }) => ({ stretch, expected: expected * times.get(CUTS[cut].of(stretch))! }))
}

function sumsOf(list: readonly Weighed[]): { events: number; effort: number } {
  return list.reduce(
    ({ events, effort }, { stretch, expected }) => ({ events: events + stretch.contacts, effort: effort + expected }),
    { events: 0, effort: 0 },
  )
}

function bunched(list: readonly Weighed[], cut: CutId): number {
  return dispersionOf(
    list.flatMap(({ stretch, expected }) => {
      const value = CUTS[cut].of(stretch)
      return value === null
        ? []
        : [{ group: value, day: dayOf(stretch.start), events: stretch.contacts, effort: expected }]
    }),
  )
}

function tested(
  weighed: readonly Weighed[],
  cut: CutId,
): { readonly rows: readonly ExplainRow[]; readonly chance: number; readonly isTested: boolean } {
  const groups = groupBy(weighed, w => CUTS[cut].of(w.stretch))
  groups.delete(null)
  const met = [...groups].map(([value, list]) => ({
    value: value!,
    ...sumsOf(list),
    hours: list.reduce((sum, w) => sum + w.stretch.hours, 0),
    days: new Set(list.map(w => dayOf(w.stretch.start))).size,
  }))
  const dispersion = bunched(weighed, cut)
  const pooled = pooledRates(met, dispersion)
  if (!pooled) return { rows: [], chance: 1, isTested: false }
  const rows = met
    .map(({ value, events, hours, days }, i): ExplainRow => {
      const { mean, low, high } = pooled.groups[i]!
      return { value, times: { mean, low, high }, contacts: events, hours, days }
    })
    .sort((a, b) =>
      typeof a.value === 'number' && typeof b.value === 'number' ? a.value - b.value : b.times.mean - a.times.mean,
    )
  const sound = met.filter(m => m.hours >= LEAST_HOURS && m.days >= LEAST_DAYS)
  const chance = chanceAlike(sound, dispersion)
  return { rows, chance: chance ?? 1, isTested: chance !== null }
}
