import { askOf, type AskOptions } from '#core/ask'
import { READING_ERRORS } from '#core/knowledge'
import type { LureProfile } from '#core/lure'
import {
  doubtsOf,
  type DrawnWaters,
  drawnWaters,
  judgingOf,
  NO_LOG,
  type PreparedBox,
  rank,
  type Ranking,
} from '#core/match'
import { message, type Said } from '#core/message'
import { finished, normalShare, seededRandom, shuffled } from '#core/numeric'
import type { Reading } from '#core/reading'
import type { FirstSomewhere, HowSureOut, MeasureOut } from './output'
import { isSister } from './standing'

/** Baits that come first in this share of the waters between them are level, as far as the reading goes. Assumed. */
const LEVEL_SHARE = 0.8
/** Told where it makes the choice this much likelier to be right. Assumed. */
const WORTH_FROM = 0.05
/** Lures that could come first: the others are not asked about their own figures. Assumed. */
const IN_QUESTION = 12
/** Standard error from which a figure of a lure is worth a test, as a share of it: what is stated is taken at its word. */
const DOUBTED_FROM = 0.2
/** Orders by chance that tell how much waters seem to decide that do not. Assumed. */
const BY_CHANCE = 20
/** They are the same each time. */
const SEED = 7
/** Waters for the answer as a file, each step this often: only what one measurement decides is asked of them. Assumed. */
const TIMES_FOR_ANSWER = 5
/** Waters that are told from others by their step, where there are fewer steps are taken together. Assumed. */
const TOGETHER = 10

/**
 * How sure the order is: what comes first in the waters that this one may be, and which one measurement would decide most.
 * Steps, so that a caller can show progress or stop.
 */
export function* howSure(
  prepared: PreparedBox,
  reading: Reading,
  options: AskOptions = {},
): Generator<{ readonly done: number }, HowSureOut<Said>> {
  const drawn = yield* drawnWaters(prepared, reading, options)
  const first = firstSomewhere(drawn)
  const judging = judgingOf(prepared, askOf(reading, options))
  judging.first(IN_QUESTION)
  return { first, level: levelOf(first), measure: measured(drawn, first, judging.soFar, prepared) }
}

/** An order, as far down as lures could come first. */
type Order = Pick<Ranking, 'ask' | 'scene' | 'candidates'>

/** What one measurement would decide most, among the lures that could come first. */
export function worthMeasuring(
  prepared: PreparedBox,
  order: Order,
  reading: Reading,
  options: AskOptions = {},
): MeasureOut<Said>[] {
  const inQuestion = order.candidates.slice(0, IN_QUESTION).map(c => c.profile)
  if (inQuestion.length < 2) return []
  const drawn = finished(drawnWaters({ ...prepared, lures: inQuestion }, reading, options, TIMES_FOR_ANSWER))
  return measured(drawn, firstSomewhere(drawn), order, prepared)
}

/** The baits that come first somewhere, the dresses of each together. */
function firstSomewhere({ waters }: DrawnWaters): FirstSomewhere[] {
  const counts = new Map<LureProfile, number>()
  for (const { first } of waters) if (first) counts.set(first, (counts.get(first) ?? 0) + 1)
  const fished = [...counts.values()].reduce((a, b) => a + b, 0)
  const byCount = ([a, n]: readonly [LureProfile, number], [b, m]: readonly [LureProfile, number]) =>
    m - n || (a.lure.id < b.lure.id ? -1 : 1)
  const baits: { readonly dresses: LureProfile[]; count: number }[] = []
  for (const [profile, count] of [...counts].sort(byCount)) {
    const bait = baits.find(({ dresses }) => isSister({ profile: dresses[0]! }, { profile }))
    if (bait) {
      bait.dresses.push(profile)
      bait.count += count
    } else baits.push({ dresses: [profile], count })
  }
  return baits
    .sort((a, b) => b.count - a.count)
    .map(({ dresses, count }) => ({ lureIds: dresses.map(p => p.lure.id), share: count / fished }))
}

/** The fewest that come first in eight of ten waters between them. */
function levelOf(first: readonly FirstSomewhere[]): number {
  let held = 0
  const last = first.findIndex(({ share }) => (held += share) >= LEVEL_SHARE)
  return last + 1
}

function measured(
  drawn: DrawnWaters,
  first: readonly FirstSomewhere[],
  order: Order,
  prepared: PreparedBox,
): MeasureOut<Said>[] {
  return [...fieldsDecide(drawn, first, order.ask.reading.noted), ...figuresDecide(order, prepared)]
    .filter(({ gain }) => gain >= WORTH_FROM)
    .map(one => ({ ...one, gain: Number(one.gain.toPrecision(2)) }))
    .sort((a, b) => b.gain - a.gain)
}

/**
 * How much likelier what is tied on first would be the right one, were one part of the reading known: its expected value of partial perfect information
 * (Strong, Oakley & Brennan 2014), by the steps of its error. What waters put in any order seem to decide is taken off. What is noted as measured is left out.
 */
function fieldsDecide(
  { fields, steps, waters }: DrawnWaters,
  first: readonly FirstSomewhere[],
  noted: readonly string[],
): MeasureOut<Said>[] {
  const baitOf = new Map(first.flatMap(({ lureIds }, bait) => lureIds.map(id => [id, bait] as const)))
  const fished = waters.filter(water => water.first !== null)
  const winners = fished.map(water => baitOf.get(water.first!.lure.id)!)
  const groups = Math.max(1, Math.min(steps, Math.floor(fished.length / TOGETHER)))
  const random = seededRandom(SEED)
  return fields.flatMap(part => {
    const { field, text } = READING_ERRORS[part]
    if (noted.includes(field)) return []
    const groupOf = fished.map(water => Math.floor((water.step[part]! * groups) / steps))
    const byChance = Array.from({ length: BY_CHANCE }, () => rightIn(winners, shuffled(groupOf, random)))
    const seeming = byChance.reduce((sum, right) => sum + right, 0) / BY_CHANCE
    const gain = Math.max(0, rightIn(winners, groupOf) - seeming)
    return [{ field, why: message('measure.field', { errand: text }), gain }]
  })
}

/** Share of the waters in which the bait that comes first most often in their group does. */
function rightIn(winners: readonly number[], groupOf: readonly number[]): number {
  const counts = new Map<number, Map<number, number>>()
  winners.forEach((bait, w) => {
    const group = counts.get(groupOf[w]!) ?? new Map<number, number>()
    counts.set(groupOf[w]!, group.set(bait, (group.get(bait) ?? 0) + 1))
  })
  const right = [...counts.values()].reduce((sum, group) => sum + Math.max(...group.values()), 0)
  return winners.length > 0 ? right / winners.length : 0
}

/** Figures of a lure that a test on the bench would settle, with what a standard error more of it makes of the lure. */
const FIGURES = {
  weight: {
    why: message('measure.weigh'),
    off: (profile, error) => ({ weightG: { ...profile.weightG, value: profile.weightG.value * (1 + error) } }),
  },
  fall: {
    why: message('measure.drop'),
    // The speed of a fall goes by the root of the drag.
    off: (profile, error) => ({ fallAreaCm2: profile.fallAreaCm2 / (1 + error) ** 2 }),
  },
} as const satisfies Record<
  'weight' | 'fall',
  { readonly why: Said; readonly off: (profile: LureProfile, error: number) => Partial<LureProfile> }
>

/** How likely it is that a figure of a lure, once tested, puts another bait first: what it moves the lure by against what it is ahead or behind by. */
function figuresDecide({ ask, scene, candidates }: Order, prepared: PreparedBox): MeasureOut<Said>[] {
  const oddsIf = (profile: LureProfile, change: Partial<LureProfile>): number | null =>
    rank({ ...prepared, lures: [{ ...profile, mould: {}, ...change }], log: NO_LOG }, ask).candidates[0]?.odds ?? null
  return candidates.slice(0, IN_QUESTION).flatMap(candidate => {
    const { profile } = candidate
    const rival = candidates.find(other => other !== candidate && !isSister(other, candidate))
    if (!rival) return []
    const doubts = doubtsOf(candidate, scene.waterDensity)
    return (['weight', 'fall'] as const).flatMap(figure => {
      const error = doubts[figure]
      if (error < DOUBTED_FROM) return []
      const { why, off } = FIGURES[figure]
      const [more, less] = [oddsIf(profile, off(profile, error)), oddsIf(profile, off(profile, -error))]
      if (more === null || less === null) return []
      const moves = Math.abs(more - less) / 2
      const apart = Math.abs(candidate.odds - rival.odds)
      return [{ lureId: profile.lure.id, why, gain: moves > 0 ? normalShare(-apart / moves) : 0 }]
    })
  })
}
