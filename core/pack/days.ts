import { FISH_CARE, UNWANTED } from '#core/knowledge'
import { type Trait, TRAITS } from '#core/lure'
import { normalSample, randomOf } from '#core/numeric'
import type { Day, PackOption, Wanted } from './problem'

/** What the draws need to know of a lure. */
export interface LureOfDay {
  readonly id: string
  readonly kind: string
  readonly pieces: number
  readonly isAtRisk: boolean
}

/** Days drawn for a whole plan, shared among its readings by their weight, and the fewest of one reading. Assumed: docs/pack.md tells what more of them are worth. */
const DAYS = 960
const LEAST_DAYS = 8
/** The plan’s own draws are made narrower than the judgement is unsure, so that it does not run after the luck of its sample (docs/pack.md). */
const PLANNED_SPREAD = 0.5
/** Spread of the judgement’s error: of one lure, and of all of a kind together, ln of the catch. Assumed: about a third each way. */
const LURE_SD = 0.3
const KIND_SD = 0.25
/** Chance that a piece is gone by the middle of the day: where it snags, and elsewhere. Assumed. */
const LOST = { atRisk: 0.25, else: 0.04 } as const

/** Seeds of 32 bits. */
const SEEDS = 2 ** 32

export interface DayDraws {
  readonly random: () => number
  /** Days of the whole plan; the reading gets its share. */
  readonly days?: number | undefined
  /** Width of the judgement’s error, 1 being what it is. */
  readonly spread?: number
}

/**
 * The days of one reading, by systematic sampling over all wishes (none, every single one, pairs), so that no common wish is forgotten.
 * `options` are that reading’s, for the values that can be wanted at all.
 */
export function drawDays(
  reading: number,
  weight: number,
  options: readonly PackOption[],
  lures: readonly LureOfDay[],
  { random, days = DAYS, spread = PLANNED_SPREAD }: DayDraws,
): readonly Day[] {
  const count = Math.max(LEAST_DAYS, Math.round(days * weight))
  const wishes = wishesOf(options, count, random)
  const start = random()
  const chances = chancesOf(lures, random, spread)
  let [at, reached] = [0, wishes[0]!.share]
  return Array.from({ length: count }, (_, k): Day => {
    while (reached < (start + k) / count && at < wishes.length - 1) reached += wishes[++at]!.share
    return { reading, weight: weight / count, wants: wishes[at]!.wants, ...chances() }
  })
}

/** What the fish may want, with the share of each; all add up to 1. Pairs are drawn anew for every plan, as many as it has days: a few would be planned for as if they were all. */
function wishesOf(
  options: readonly PackOption[],
  pairs: number,
  random: () => number,
): readonly { readonly wants: readonly Wanted[]; readonly share: number }[] {
  const values = TRAITS.map(trait => likelyValues(trait, options)).filter(list => list.length > 0)
  if (values.length === 0) return [{ wants: [], share: 1 }]
  const one = () => {
    const list = values[Math.floor(random() * values.length)]!
    let left = random()
    return list.find(({ share }) => (left -= share) <= 0) ?? list[0]!
  }
  return [
    { wants: [], share: FISH_CARE.nothing },
    ...values.flatMap(list =>
      list.map(wanted => ({ wants: [wanted], share: (FISH_CARE.one * wanted.share) / values.length })),
    ),
    ...Array.from({ length: pairs }, () => ({ wants: [one(), one()], share: FISH_CARE.two / pairs })),
  ]
}

/** How much likelier fish want what the best set-up has than what only a worse one has: the power of the ratio of their catches. Assumed. */
const SENSE = 2.5

/** The values of a trait that fish may want, with the chance of each: none that only set-ups have which nobody would fish there. */
function likelyValues(trait: Trait, options: readonly PackOption[]): readonly (Wanted & { readonly share: number })[] {
  const best = new Map<string | number, number>()
  for (const { traits, score } of options)
    if (traits) best.set(traits[trait], Math.max(best.get(traits[trait]) ?? 0, score))
  const most = Math.max(...best.values())
  const sense = [...best].map(([value, score]) => ({ trait, value, share: (score / most) ** SENSE }))
  const all = sense.reduce((sum, { share }) => sum + share, 0)
  return sense.map(wanted => ({ ...wanted, share: wanted.share / all }))
}

/**
 * How far the judgement is off and what is lost, day after day. Each kind and each lure has its own draws, by its name: what another lure of the box meets changes nothing for it,
 * so that a plan is not turned over because something was bought.
 */
function chancesOf(lures: readonly LureOfDay[], random: () => number, spread: number): () => Pick<Day, 'off' | 'lost'> {
  const seed = Math.floor(random() * SEEDS)
  const kinds = new Map(lures.map(({ kind }) => [kind, randomOf(`kind:${kind}`, seed)]))
  const own = lures.map(lure => ({ ...lure, draws: randomOf(lure.id, seed) }))
  return () => {
    const ofKind = new Map([...kinds].map(([kind, draws]) => [kind, KIND_SD * normalSample(draws)]))
    const off = new Map<string, number>()
    const lost = new Set<string>()
    for (const { id, kind, pieces, isAtRisk, draws } of own) {
      off.set(id, Math.exp(spread * (ofKind.get(kind)! + LURE_SD * normalSample(draws))))
      if (draws() < (isAtRisk ? LOST.atRisk : LOST.else) ** pieces) lost.add(id)
    }
    return { off, lost }
  }
}

/** What the days of one reading make of a set-up, each time against what it is judged to. */
export class DayFactors {
  private readonly byLure = new Map<string, Float64Array>()
  private readonly byTraits = new Map<string, Float64Array>()

  constructor(private readonly days: readonly Pick<Day, 'wants' | 'off' | 'lost'>[]) {}

  /** What a set-up catches day by day; 0 where it is lost. */
  catchesOf({ lureId, traits, score }: Pick<PackOption, 'lureId' | 'traits' | 'score'>): Float64Array {
    const left = this.known(this.byLure, lureId, ({ lost, off }) => (lost.has(lureId) ? 0 : (off.get(lureId) ?? 1)))
    const caught = new Float64Array(left.length)
    if (!traits) {
      for (let k = 0; k < left.length; k++) caught[k] = score * left[k]!
      return caught
    }
    const wanted = this.known(this.byTraits, TRAITS.map(trait => traits[trait]).join('\n'), ({ wants }) =>
      wants.reduce((share, { trait, value }) => (traits[trait] === value ? share : share * UNWANTED), 1),
    )
    for (let k = 0; k < left.length; k++) caught[k] = score * (left[k]! * wanted[k]!)
    return caught
  }

  private known(
    all: Map<string, Float64Array>,
    key: string,
    shareOn: (day: Pick<Day, 'wants' | 'off' | 'lost'>) => number,
  ): Float64Array {
    const known = all.get(key)
    if (known) return known
    const made = new Float64Array(this.days.length)
    for (let k = 0; k < made.length; k++) made[k] = shareOn(this.days[k]!)
    all.set(key, made)
    return made
  }
}
