import { askOf, type AskOptions } from '#core/ask'
import { dispersionOf, probabilityHigher, type RateEstimate, rateOf, rateRatio, standOut } from '#core/evidence'
import { RULES } from '#core/knowledge'
import type { LureProfile } from '#core/lure'
import { type Candidate, concernsLure, matches, NO_LOG, type PreparedBox, rank } from '#core/match'
import type { Reading } from '#core/reading'
import { type Effect, effectPeak, isPush, jointMembership, type Rule } from '#core/rule'
import { dayOf } from '#core/tackle'
import type { Stretch } from './stretch'

/** What the angler's own water says of a rule of the handbook. */
export interface RuleAudit {
  readonly ruleId: string
  /** `leaning`: it looks so, but so many rules were looked at that as much would be found by chance. */
  readonly verdict: 'supported' | 'contradicted' | 'leaning' | 'open' | 'untested'
  /** Effort and contacts while the rule spoke: with what it favours, and against it. */
  readonly followed: Side
  readonly against: Side
  /** Probability that following it draws more contacts an hour. */
  readonly better: number
  /** How many times as many contacts an hour following it draws; `null`: not tested. */
  readonly ratio: RateEstimate | null
}
/** The audit of all rules, and what chance alone would have shown. */
export interface Audit {
  readonly rules: readonly RuleAudit[]
  readonly tested: number
  /** Rules that look borne out or spoken against, and how many would if no rule mattered. */
  readonly apart: number
  readonly byChance: number
}
/** An audit under way. */
export interface AuditSoFar {
  /** Share of the stretches that are read, 0..1. */
  readonly share: number
  /** What they alone say. */
  readonly verdicts: () => Audit
}
export interface Side {
  readonly events: number
  readonly effort: number
  readonly rate: RateEstimate | null
}

/** A rule speaks here when its conditions hold at least by half. */
const SPEAKS_FROM = 0.5
/** Stretches read in one step. */
const STEP = 20
/** Less than this on either side says nothing [h]. Assumed. */
const LEAST_HOURS = 2
/** A chance of either side below this is worth a look: nine in ten for one direction. Assumed. */
const LOOKS_APART = 0.2
/** Of the rules that are called borne out or spoken against no more than this share is chance. Assumed, as usual. */
const FALSE_SHARE = 0.1
/** Prior of a single side: half an event, so that a blank side has bounds (Jeffreys), over a minute of effort. */
const PRIOR = { priorShape: 0.5, priorEffort: 1 / 60 }

/**
 * For every rule: contacts per hour of the stretches that did what it asks against those that did not, among the stretches in which it spoke.
 * Nobody fished these by lot: a lure that was favoured for other reasons too takes its rule with it.
 * A search in steps, the newest stretch first, so that a caller can show what is found so far, or stop.
 */
export function* auditRules(
  prepared: PreparedBox,
  stretches: readonly Stretch[],
  options: AskOptions = {},
): Generator<AuditSoFar, Audit> {
  const sides = new Map<
    string,
    { followed: { events: number; effort: number }; against: { events: number; effort: number } }
  >()
  const asks = new Map<object, ReturnType<typeof askOf>>()
  const verdicts = () => verdictsOn(sides, bunched)
  const bunched = dispersionOf(
    stretches.map(s => ({ group: s.lureId, day: dayOf(s.start), events: s.contacts, effort: s.hours })),
  )
  const blank = () => ({ followed: { events: 0, effort: 0 }, against: { events: 0, effort: 0 } })
  for (const [i, stretch] of [...stretches].reverse().entries()) {
    const { reading, profile, hours, contacts, stint } = stretch
    if (!reading || !profile || hours <= 0) continue
    const ask = asks.get(reading) ?? askOf(reading as Reading, options)
    asks.set(reading, ask)
    const fished = asFished(prepared, stretch, profile)
    // It was thrown with that rod, whatever its window says: then any rod tells how the lure goes.
    const candidate =
      rank(fished, ask).candidates[0] ?? rank({ ...fished, outfits: prepared.outfits }, ask).candidates[0]
    if (!candidate) continue
    const spoken = new Map(
      Object.values(ask.axes).flatMap(axis =>
        axis.reasons.map(({ rule, strength }) => [rule.id, { rule, strength }] as const),
      ),
    )
    for (const { rule } of spoken.values()) {
      if (jointMembership(rule.when, ask.features) < SPEAKS_FROM) continue
      const follows = doesFollow(rule, candidate, { depth: stint.depthM, speed: stint.speedMs }, ask)
      if (follows === null) continue
      const side = (sides.get(rule.id) ?? sides.set(rule.id, blank()).get(rule.id)!)[follows ? 'followed' : 'against']
      side.events += contacts
      side.effort += hours
    }
    if (i % STEP === STEP - 1) yield { share: (i + 1) / stretches.length, verdicts }
  }
  return verdicts()
}

/** The box as it was on the line in a stretch: its lure, with the trailer and on the rod that are written down; any rod where none is, or where it is no longer there. */
function asFished(prepared: PreparedBox, { stint }: Stretch, profile: LureProfile): PreparedBox {
  const rods = prepared.outfits.filter(o => o.outfit.id === stint.outfitId)
  return {
    ...prepared,
    lures: [profile],
    trailers: stint.trailerId ? prepared.trailers.filter(t => t.lure.id === stint.trailerId) : [],
    outfits: rods.length > 0 ? rods : prepared.outfits,
    log: NO_LOG,
  }
}

type Sides = Readonly<Record<'followed' | 'against', { readonly events: number; readonly effort: number }>>

function verdictsOn(sides: ReadonlyMap<string, Sides>, dispersion: number): Audit {
  const blank: Sides = { followed: { events: 0, effort: 0 }, against: { events: 0, effort: 0 } }
  const worth = ({ events, effort }: { readonly events: number; readonly effort: number }) => ({
    events: events / dispersion,
    effort: effort / dispersion,
  })
  const found = RULES.map(rule => {
    const { followed, against } = sides.get(rule.id) ?? blank
    const better = probabilityHigher(worth(followed), worth(against))
    return {
      rule,
      followed,
      against,
      better,
      isTested: Math.min(followed.effort, against.effort) >= LEAST_HOURS,
      chance: 2 * Math.min(better, 1 - better),
    }
  })
  const tested = found.filter(f => f.isTested)
  const told = standOut(
    tested.map(f => f.chance),
    FALSE_SHARE,
  )
  const stands = new Set(tested.filter((_, i) => told[i]).map(f => f.rule.id))
  const withRate = (side: Sides['followed']): Side => ({
    ...side,
    rate: side.effort > 0 ? rateOf({ ...worth(side), ...PRIOR }) : null,
  })
  return {
    tested: tested.length,
    apart: tested.filter(f => f.chance <= LOOKS_APART).length,
    byChance: tested.length * LOOKS_APART,
    rules: found.map(({ rule, followed, against, better, isTested, chance }): RuleAudit => ({
      ruleId: rule.id,
      better,
      followed: withRate(followed),
      against: withRate(against),
      ratio: isTested ? rateRatio(worth(followed), worth(against)) : null,
      verdict: !isTested
        ? 'untested'
        : stands.has(rule.id)
          ? better > 0.5
            ? 'supported'
            : 'contradicted'
          : chance <= LOOKS_APART
            ? 'leaning'
            : 'open',
    })),
  }
}

/** Whether a set-up does what a rule asks, on most of its axes; `null`: the rule says nothing of this lure. */
function doesFollow(
  rule: Rule,
  candidate: Candidate,
  fished: Partial<Record<string, number | null>>,
  ask: ReturnType<typeof askOf>,
): boolean | null {
  const answers = rule.effects.flatMap((effect: Effect) => {
    if (isPush(effect)) {
      const marks = 'favours' in effect ? effect.favours : effect.against
      if (!concernsLure(marks, effect.within, candidate.profile)) return []
      return [matches(marks, candidate.profile, candidate) === 'favours' in effect]
    }
    return [effectPeak(effect, fished[effect.axis] ?? candidate.fits[effect.axis].offers, ask.features) >= SPEAKS_FROM]
  })
  return answers.length === 0 ? null : answers.filter(Boolean).length * 2 > answers.length
}
