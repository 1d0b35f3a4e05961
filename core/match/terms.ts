import type { Ask, Push } from '#core/ask'
import type { TacticRow, TechniqueRow } from '#core/knowledge'
import type { ColourLook } from '#core/light'
import {
  type Assembled,
  computed,
  fallSpeed,
  intensityWith,
  type Known,
  type LureProfile,
  presenceOf,
  scale5,
  vibrationOf,
} from '#core/lure'
import { peak, recordOf } from '#core/numeric'
import { AXIS_IDS, type AxisId, isPush, type ScaleAxisId, shapeOf, type Way } from '#core/rule'
import type { Family } from '#core/terms'
import {
  addByAxis,
  isOfWay,
  PLACE_OF_AXIS,
  placeOf,
  type Said,
  saidOf,
  saidOfLure,
  silence,
  sumOf,
  verdictOf,
} from './said'

/** A soft axis never shows less than this (contract §3). */
export const SOFT_FLOOR = 0.05

/** A way of fishing a lure: how it is rigged and what is done with it. */
export interface LureWay {
  readonly technique: TechniqueRow
  readonly tactic: TacticRow
  readonly way: Way
}

/** A plug that floats up cannot hang as one that suspends does. Assumed. */
const FLOATER_HANG = 0.4

/** A way of fishing the lures of one mould: what is said of it, and its figures, which no reading changes. */
export class MouldWay implements LureWay {
  readonly said: Said
  readonly figures: Figures
  /** Whether its pace counts. */
  readonly isPaced: boolean
  /** What is counted down is wound as its depth wants it. */
  readonly isWoundAsWanted: boolean
  readonly from: TechniqueRow['from']

  /** `profile`: any of the mould. */
  constructor(
    profile: LureProfile,
    readonly technique: TechniqueRow,
    readonly tactic: TacticRow,
    readonly way: Way,
  ) {
    this.said = saidOf(profile, this)
    this.isPaced = tactic.pace !== null
    this.isWoundAsWanted = technique.control === 'count-down' && technique.mode !== 'troll'
    this.from = technique.from
    this.figures = {
      hang:
        (tactic.hang ?? technique.hang) *
        (profile.buoyancy.value === 'floats' && technique.control === 'dive' ? FLOATER_HANG : 1),
      erratic: scale5(intensityWith(profile, technique).value),
      snagGuard: technique.guard === 'own' ? profile.snagGuard.value : technique.guard,
    }
  }
}

/** What a set-up has on one axis, and what that adds to its log-odds. */
export interface AxisFit {
  /** In the axis' unit. */
  readonly offers: number
  /** Log-odds won (+) or lost (−) on it. */
  readonly gain: number
  /** 1 where nothing is missing, smaller with every log-odds that is. */
  readonly fit: number
  readonly source: Known<unknown>
}
export type AxisFits = Record<AxisId, AxisFit>

/** How good what was won is against what could be won. */
export function fitOf(gain: number, most: number): number {
  return Math.max(SOFT_FLOOR, Math.min(1, Math.exp(gain - most)))
}

/** Axes by what their figure depends on, so that each is worked out once: the lure alone, its paint in this light, the way it is fished, and what hangs on it. */
const LEVELS = ['lure', 'look', 'way', 'hung'] as const
type Level = (typeof LEVELS)[number]
const LEVEL_OF_AXIS: Partial<Record<AxisId, Level>> = {
  length: 'lure',
  flash: 'lure',
  sound: 'lure',
  conspicuousness: 'look',
  naturalness: 'look',
  hang: 'way',
  erratic: 'way',
  snagGuard: 'way',
}
export type Figures = Partial<Record<ScaleAxisId, number>>

/** An effect ready to be asked of thousands of lures. */
export interface Term {
  readonly push: Push
  readonly axis: AxisId
  /** What it asks of a figure, in short: two that ask alike have the same; `null`: it names lures or ways. */
  readonly shape: string | null
  readonly value: (lure: LureProfile, way: LureWay | null, figures: Figures) => number
}
/** The effects of one level: those of the handbook that name set-ups by how loudly they speak, the others as they stand; `all` in the order of the ask. */
export interface LevelTerms {
  readonly all: readonly Term[]
  readonly strengths: Float64Array
  readonly others: readonly Term[]
}
export type Terms = Readonly<Record<Level, LevelTerms>>

/** Families whose flash, thump or rattle is part of what they do; asked for it, all others are silent rather than poor (judgement: "does not concern"). */
const SHINES: readonly Family[] = [
  'inline-spinner',
  'tail-spinner',
  'casting-spoon',
  'dense-spoon',
  'flutter-spoon',
  'casting-metal',
  'slow-jig',
  'speed-jig',
  'blade-bait',
  'crankbait',
  'lipless-crank',
  'jerkbait',
  'spinnerbait',
  'umbrella-rig',
  'swimbait',
  'glide-bait',
  'pencil',
  'bladed-jig',
  'topwater',
]
const THUMPS: readonly Family[] = [
  'inline-spinner',
  'tail-spinner',
  'casting-spoon',
  'blade-bait',
  'crankbait',
  'lipless-crank',
  'spinnerbait',
  'bladed-jig',
  'paddle-tail',
  'swimbait',
  'umbrella-rig',
  'jighead-soft',
  'grub',
  'topwater',
  'skirted-jig',
]
const SOUNDS: readonly Family[] = [
  'crankbait',
  'lipless-crank',
  'jerkbait',
  'topwater',
  'bladed-jig',
  'swimbait',
  'glide-bait',
  'pencil',
  'spinnerbait',
  'tail-spinner',
]
const SMELLS: readonly Family[] = [
  'stick-worm',
  'minnow-soft',
  'craw',
  'creature',
  'grub',
  'worm',
  'tube',
  'shrimp-soft',
  'soft-jerk',
  'paddle-tail',
  'jighead-soft',
  'hair-jig',
  'skirted-jig',
]
/** The length of these is that of the rig, not of the prey they show. */
const RIG_LONG: readonly Family[] = ['umbrella-rig']
const FALLS: readonly Way[] = ['bottom', 'falling', 'vertical']

/** Whether a wish for *more* on an axis concerns this lure fished this way. */
function concerned(axis: ScaleAxisId, family: Family, way: LureWay | null): boolean {
  switch (axis) {
    case 'flash':
      return SHINES.includes(family)
    case 'vibration':
      return THUMPS.includes(family) && !(way && FALLS.includes(way.way) && family !== 'blade-bait')
    case 'sound':
      return SOUNDS.includes(family)
    case 'scent':
      return SMELLS.includes(family)
    case 'fall':
      return way !== null && FALLS.includes(way.way)
    case 'snagGuard':
      return way === null || way.way !== 'vertical'
    default:
      return true
  }
}

/** The effects of an ask, made ready: figures taken from the reading, sorted by what they depend on. */
export function termsOf(ask: Ask): Terms {
  const terms = recordOf(LEVELS, () => ({ all: [] as Term[], strengths: silence(), others: [] as Term[] }))
  for (const push of ask.pushes) {
    const { effect } = push
    if (isPush(effect)) {
      const { all, strengths, others } = terms[isOfWay(effect) ? 'way' : 'lure']
      const value: Term['value'] = (profile, way) => verdictOf(effect, profile, way)
      const term: Term = { push, axis: effect.axis, shape: null, value }
      const place = placeOf(effect)
      all.push(term)
      if (place === undefined) others.push(term)
      else strengths[place] = push.strength
    } else {
      const axis = effect.axis
      const { best, low, high } = shapeOf(effect, ask.features)
      const isWish = 'atLeast' in effect || axis === 'fall'
      const value: Term['value'] = ({ lure }, way, figures) =>
        (isWish && !concerned(axis, lure.family, way)) || (axis === 'length' && RIG_LONG.includes(lure.family))
          ? 0
          : 2 * peak(figures[axis]!, best, low, high) - 1
      const { all, others } = terms[LEVEL_OF_AXIS[axis] ?? 'hung']
      const term: Term = { push, axis, shape: `${axis} ${best} ${low} ${high} ${isWish} ${push.strength > 0}`, value }
      all.push(term)
      others.push(term)
    }
  }
  return terms
}

/** What one level adds together, with the figures it was taken from. */
export interface Gains {
  readonly total: number
  readonly figures: Figures
}

/** What a level says of a lure, or of a way of fishing it; of paint, and of what hangs on the line, figures alone speak. */
const NOTHING_SAID: Said = { places: [], verdicts: [] }

function gainsOf(
  { strengths, others }: LevelTerms,
  said: Said,
  profile: LureProfile,
  way: LureWay | null,
  figures: Figures,
): Gains {
  let total = sumOf(said, strengths)
  for (const { push, value } of others) total += push.strength * value(profile, way, figures)
  return { total, figures }
}

export function lureGains({ lure: terms }: Terms, profile: LureProfile): Gains {
  return gainsOf(terms, saidOfLure(profile), profile, null, figuresOf(profile))
}

/** Figures of a lure by itself. */
export function figuresOf({ lengthMm, flash, sound }: LureProfile): Figures {
  return { length: lengthMm.value, flash: flash.value, sound: sound.value }
}

export function lookGains({ look: terms }: Terms, profile: LureProfile, look: ColourLook): Gains {
  return gainsOf(terms, NOTHING_SAID, profile, null, { ...look })
}

export function wayGains({ way: terms }: Terms, profile: LureProfile, way: MouldWay): Gains {
  return gainsOf(terms, way.said, profile, way, way.figures)
}

/** Log-odds that paint adds at most. */
export function mostOfLook({ look }: Terms): number {
  return look.others.reduce((sum, { push }) => sum + Math.abs(push.strength), 0)
}

export function hungGains({ hung: terms }: Terms, tackle: Assembled, way: LureWay, waterDensity: number): Gains {
  const { profile, trailer, technique } = tackle
  const fall = fallSpeed(tackle, waterDensity).value
  return gainsOf(terms, NOTHING_SAID, profile, way, { ...wornFigures(profile, trailer, technique), fall })
}

/** Figures of a lure with what it trails, whatever weight hangs on the line. */
export function wornFigures(profile: LureProfile, trailer: LureProfile | null, { thump = 0 }: TechniqueRow): Figures {
  return {
    presence: presenceOf(profile, trailer).value,
    vibration: scale5(vibrationOf(profile, trailer).value + thump),
    scent: profile.scented.value || trailer?.scented.value ? 1 : 0,
  }
}

/** Log-odds that what hangs on the line adds at most, whatever its weight. */
export function mostHung(
  { hung: terms }: Terms,
  profile: LureProfile,
  trailer: LureProfile | null,
  way: LureWay,
): number {
  const asked = { profile, way, figures: wornFigures(profile, trailer, way.technique) }
  return terms.others.reduce((sum, term) => sum + term.push.strength * mostOf(term, asked), 0)
}

/** What an effect that asks for a figure says of a lure or a way, −1 to 1; of how fast it falls, which its weight decides, the most that it could. */
export function mostOf(
  { push, axis, value }: Term,
  { profile, way, figures }: { readonly profile: LureProfile; readonly way: LureWay | null; readonly figures: Figures },
): number {
  if (axis !== 'fall') return value(profile, way, figures)
  return concerned(axis, profile.lure.family, way) ? Math.sign(push.strength) : 0
}

/** What a set-up wins or loses on each axis, in the order of the axes; depth, pace and rod stay 0. */
export function gainsByAxis(terms: Terms, profile: LureProfile, way: MouldWay, levels: readonly Gains[]): Float64Array {
  const gains = new Float64Array(AXIS_IDS.length)
  addByAxis(saidOfLure(profile), terms.lure.strengths, gains)
  addByAxis(way.said, terms.way.strengths, gains)
  LEVELS.forEach((level, i) => {
    for (const { push, axis, value } of terms[level].others)
      gains[PLACE_OF_AXIS[axis]]! +=
        push.strength * value(profile, level === 'lure' || level === 'look' ? null : way, levels[i]!.figures)
  })
  return gains
}

/** What each effect that speaks adds to this set-up, in log-odds. */
export interface Contribution {
  readonly push: Push
  readonly gain: number
  readonly figure: number | null
}

export function contributionsOf(
  terms: Terms,
  profile: LureProfile,
  way: LureWay,
  levels: readonly Gains[],
): Contribution[] {
  return LEVELS.flatMap((level, i) =>
    terms[level].all.map(({ push, axis, value }) => {
      const figures = levels[i]!.figures
      return {
        push,
        gain: push.strength * value(profile, level === 'lure' || level === 'look' ? null : way, figures),
        figure: figures[axis as ScaleAxisId] ?? null,
      }
    }),
  )
}

/** What could be won on each axis under an ask, in the order of the axes. */
export function winnable({ pushes }: Ask): Float64Array {
  const sums = new Float64Array(AXIS_IDS.length)
  for (const { effect, strength } of pushes)
    sums[PLACE_OF_AXIS[effect.axis]]! += !isPush(effect)
      ? strength
      : effect.within
        ? strength / 2
        : 'against' in effect
          ? 0
          : strength
  return sums
}

/** Where each figure of a set-up comes from. */
export function sourcesOf(
  { profile, trailer, ...rest }: Assembled,
  waterDensity: number,
): Partial<Record<AxisId, Known<unknown>>> {
  const seen = profile.colours
  return {
    length: profile.lengthMm,
    flash: profile.flash,
    sound: profile.sound,
    conspicuousness: computed(0, seen),
    naturalness: computed(0, seen),
    colour: seen,
    scent: profile.scented,
    hang: profile.buoyancy,
    erratic: intensityWith(profile, rest.technique),
    snagGuard: profile.snagGuard,
    presence: presenceOf(profile, trailer),
    vibration: vibrationOf(profile, trailer),
    fall: fallSpeed({ profile, trailer, ...rest }, waterDensity),
  }
}
