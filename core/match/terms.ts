import type { Ask, Push } from '#core/ask'
import type { TacticRow, TechniqueRow } from '#core/knowledge'
import type { ColourLook } from '#core/light'
import { type Assembled, computed, fallSpeed, type Known, type LureProfile, presenceOf, scale5, typical, vibrationOf } from '#core/lure'
import { peak } from '#core/numeric'
import { AXIS_IDS, type AxisId, type Favour, isPush, type LureMarks, type PushEffect, type ScaleAxisId, shapeOf, type Way } from '#core/rule'
import type { Family } from '#core/terms'
import { matches, matchesLure } from './marks'

/** A soft axis never shows less than this (contract §3). */
export const SOFT_FLOOR = 0.05

/** A way of fishing a lure: how it is rigged and what is done with it. */
export interface LureWay { readonly technique: TechniqueRow, readonly tactic: TacticRow, readonly way: Way }

/** What a set-up has on one axis, and what that adds to its log-odds. */
export interface AxisFit {
  /** In the axis' unit. */
  readonly offers: number
  /** Log-odds won (+) or lost (−) on it. */
  readonly gain: number
  /** Log-odds that could be won. */
  readonly most: number
  /** 1 where nothing is missing, smaller with every log-odds that is. */
  readonly fit: number
  readonly source: Known<unknown>
}
export type AxisFits = Record<AxisId, AxisFit>

export function axisFit(offers: number, gain: number, most: number, source: Known<unknown>): AxisFit {
  return { offers, gain, most, source, fit: Math.max(SOFT_FLOOR, Math.min(1, Math.exp(gain - most))) }
}

/** Axes by what their figure depends on, so that each is worked out once: the lure alone, the way it is fished, and what hangs on it. */
const LURE_AXES = ['length', 'flash', 'sound', 'conspicuousness', 'naturalness'] as const
const WAY_AXES = ['hang', 'erratic', 'snagGuard'] as const
const LEVELS = ['lure', 'way', 'hung'] as const
type Level = typeof LEVELS[number]
type Figures = Partial<Record<ScaleAxisId, number>>

/** An effect ready to be asked of thousands of lures. */
interface Term {
  readonly push: Push
  readonly axis: AxisId
  readonly most: number
  readonly value: (lure: LureProfile, way: LureWay | null, figures: Figures) => number
}
export type Terms = Readonly<Record<Level, readonly Term[]>>

/** Families whose flash, thump or rattle is part of what they do; asked for it, all others are silent rather than poor (judgement: "does not concern"). */
const SHINES: readonly Family[] = ['inline-spinner', 'tail-spinner', 'casting-spoon', 'dense-spoon', 'flutter-spoon', 'casting-metal', 'slow-jig', 'speed-jig', 'blade-bait', 'crankbait', 'lipless-crank', 'jerkbait', 'spinnerbait', 'umbrella-rig', 'swimbait', 'glide-bait', 'pencil', 'bladed-jig', 'topwater']
const THUMPS: readonly Family[] = ['inline-spinner', 'tail-spinner', 'casting-spoon', 'blade-bait', 'crankbait', 'lipless-crank', 'spinnerbait', 'bladed-jig', 'paddle-tail', 'swimbait', 'umbrella-rig', 'jighead-soft', 'grub', 'topwater', 'skirted-jig']
const SOUNDS: readonly Family[] = ['crankbait', 'lipless-crank', 'jerkbait', 'topwater', 'bladed-jig', 'swimbait', 'glide-bait', 'pencil', 'spinnerbait', 'tail-spinner']
const SMELLS: readonly Family[] = ['stick-worm', 'minnow-soft', 'craw', 'creature', 'grub', 'worm', 'tube', 'shrimp-soft', 'soft-jerk', 'paddle-tail', 'jighead-soft', 'hair-jig', 'skirted-jig']
/** The length of these is that of the rig, not of the prey they show. */
const RIG_LONG: readonly Family[] = ['umbrella-rig']
const FALLS: readonly Way[] = ['bottom', 'falling', 'vertical']

/** Whether a wish for *more* on an axis concerns this lure fished this way. */
function concerned(axis: ScaleAxisId, family: Family, way: LureWay | null): boolean {
  switch (axis) {
    case 'flash': return SHINES.includes(family)
    case 'vibration': return THUMPS.includes(family) && !(way && FALLS.includes(way.way) && family !== 'blade-bait')
    case 'sound': return SOUNDS.includes(family)
    case 'scent': return SMELLS.includes(family)
    case 'fall': return way !== null && FALLS.includes(way.way)
    case 'snagGuard': return way === null || way.way !== 'vertical'
    default: return true
  }
}

/** The effects of an ask, made ready: figures taken from the reading, sorted by what they depend on. */
export function termsOf(ask: Ask): Terms {
  const terms: Record<Level, Term[]> = { lure: [], way: [], hung: [] }
  for (const push of ask.pushes) {
    const { effect } = push
    if (isPush(effect)) {
      const term = namedTerm(push, effect)
      terms[isOfWay('favours' in effect ? effect.favours : effect.against) ? 'way' : 'lure'].push(term)
    }
    else {
      const axis = effect.axis
      const { best, low, high } = shapeOf(effect, ask.features)
      const isWish = 'atLeast' in effect || axis === 'fall'
      const value: Term['value'] = ({ lure }, way, figures) => ((isWish && !concerned(axis, lure.family, way)) || (axis === 'length' && RIG_LONG.includes(lure.family)) ? 0 : 2 * peak(figures[axis]!, best, low, high) - 1)
      const level: Level = (LURE_AXES as readonly AxisId[]).includes(axis) ? 'lure' : (WAY_AXES as readonly AxisId[]).includes(axis) ? 'way' : 'hung'
      terms[level].push({ push, axis, most: push.strength, value })
    }
  }
  return terms
}

function isOfWay({ rig, tactic, way }: Favour): boolean {
  return rig !== undefined || tactic !== undefined || way !== undefined
}

/** +1 for what is favoured, −1 for what is spoken against; within a group of families the named gain half and the others lose half. */
function namedTerm(push: Push, effect: PushEffect): Term {
  const marks = 'favours' in effect ? effect.favours : effect.against
  const sign = 'favours' in effect ? 1 : -1
  const { within } = effect
  const speaks = (profile: LureProfile) => concerns(marks, within, profile)
  return {
    push, axis: effect.axis, most: within ? push.strength / 2 : sign > 0 ? push.strength : 0,
    value: (profile, way) => {
      if (!speaks(profile)) return 0
      const named = way ? matches(marks, profile, way) : matchesLure(marks, profile)
      return within ? (named ? sign / 2 : -sign / 2) : named ? sign : 0
    },
  }
}

/** A blade rule says nothing about lures without blades, a metal rule nothing about painted ones, a rule among some families nothing about others. */
export function concerns(marks: LureMarks, within: readonly Family[] | undefined, { lure, blades, colours }: LureProfile): boolean {
  if (within && !within.includes(lure.family)) return false
  if ((marks.blade || marks.bladeFinish || marks.bladeMetal || marks.bladeCount || marks.bladeSize) && !marks.family && blades.length === 0) return false
  return !(marks.metal && !marks.family && colours.value.metal === 'none' && blades.length === 0)
}

/** What one level adds together, with the figures it was taken from. */
export interface Gains { readonly total: number, readonly figures: Figures }
const PLACE = Object.fromEntries(AXIS_IDS.map((axis, i) => [axis, i])) as Record<AxisId, number>

function gainsOf(terms: readonly Term[], profile: LureProfile, way: LureWay | null, figures: Figures): Gains {
  let total = 0
  for (const { push, value } of terms) total += push.strength * value(profile, way, figures)
  return { total, figures }
}

export function lureGains({ lure: terms }: Terms, profile: LureProfile, look: ColourLook): Gains {
  return gainsOf(terms, profile, null, { length: profile.lengthMm.value, flash: profile.flash.value, sound: profile.sound.value, conspicuousness: look.conspicuousness, naturalness: look.naturalness })
}

/** A plug that floats up cannot hang as one that suspends does. Assumed. */
const FLOATER_HANG = 0.4

export function wayGains({ way: terms }: Terms, profile: LureProfile, way: LureWay): Gains {
  const { technique, tactic } = way
  const hang = (tactic.hang ?? technique.hang) * (profile.buoyancy.value === 'floats' && technique.control === 'dive' ? FLOATER_HANG : 1)
  return gainsOf(terms, profile, way, {
    hang, erratic: scale5(profile.intensity.value + (technique.livelier ?? 0)), snagGuard: technique.guard === 'own' ? profile.snagGuard.value : technique.guard,
  })
}

export function hungGains({ hung: terms }: Terms, tackle: Assembled, way: LureWay, waterDensity: number): Gains {
  const { profile, trailer, technique } = tackle
  return gainsOf(terms, profile, way, {
    presence: presenceOf(profile, trailer).value, vibration: scale5(vibrationOf(profile, trailer).value + (technique.thump ?? 0)),
    fall: fallSpeed(tackle, waterDensity).value, scent: profile.scented.value || trailer?.scented.value ? 1 : 0,
  })
}

/** What each effect that speaks adds to this set-up, in log-odds. */
export interface Contribution { readonly push: Push, readonly gain: number, readonly figure: number | null }

export function contributionsOf(terms: Terms, profile: LureProfile, way: LureWay, levels: readonly Gains[]): Contribution[] {
  return LEVELS.flatMap((level, i) => terms[level].map(({ push, axis, value }) => {
    const figures = levels[i]!.figures
    return { push, gain: push.strength * value(profile, level === 'lure' ? null : way, figures), figure: figures[axis as ScaleAxisId] ?? null }
  }))
}

/** What could be won on each axis under an ask, worked out once an ask. */
const most = new WeakMap<Ask, Float64Array>()

function mostOf(ask: Ask): Float64Array {
  const known = most.get(ask)
  if (known) return known
  const sums = new Float64Array(AXIS_IDS.length)
  for (const { effect, strength } of ask.pushes) sums[PLACE[effect.axis]]! += !isPush(effect) ? strength : effect.within ? strength / 2 : 'against' in effect ? 0 : strength
  most.set(ask, sums)
  return sums
}

/** Everything of a set-up by axis, for those who read it; the judgement itself needs only the totals. */
export function fitsOf(terms: Terms, ask: Ask, tackle: Assembled, way: LureWay, levels: readonly Gains[], placed: Pick<AxisFits, 'depth' | 'speed' | 'rod'>, waterDensity: number): AxisFits {
  const { profile, trailer } = tackle
  const mostGains = mostOf(ask)
  const gains = new Float64Array(AXIS_IDS.length)
  for (let i = 0; i < LEVELS.length; i++) {
    const { figures } = levels[i]!
    for (const { push, axis, value } of terms[LEVELS[i]!]) gains[PLACE[axis]]! += push.strength * value(profile, i === 0 ? null : way, figures)
  }
  const seen = profile.colours
  const source: Partial<Record<AxisId, Known<unknown>>> = {
    length: profile.lengthMm, flash: profile.flash, sound: profile.sound, conspicuousness: computed(0, seen), naturalness: computed(0, seen), colour: seen, scent: profile.scented,
    hang: profile.buoyancy, erratic: profile.intensity, snagGuard: profile.snagGuard,
    presence: presenceOf(profile, trailer), vibration: vibrationOf(profile, trailer), fall: fallSpeed(tackle, waterDensity),
  }
  const fits = {} as Record<AxisId, AxisFit>
  AXIS_IDS.forEach((axis, i) => {
    const at = axis as ScaleAxisId
    const figure = levels[0]!.figures[at] ?? levels[1]!.figures[at] ?? levels[2]!.figures[at]
    const fit = axisFit(figure ?? 0, gains[i]!, mostGains[i]!, source[axis] ?? typical(0))
    fits[axis] = figure === undefined ? { ...fit, offers: fit.fit } : fit
  })
  return { ...fits, ...placed }
}
