import { AXIS_IDS, desirabilityAt, type Ask, type AxisId } from '#core/ask'
import { FORAGE_TABLE, TECHNIQUES, type TechniqueRow } from '#core/knowledge'
import { colourLook, type ColourLook } from '#core/light'
import { castLength } from '#core/motion'
import type { Part } from '#core/tackle'
import { addedWeights } from './addition.ts'
import { computed, type Known, typical } from './known.ts'
import { hookFit, type PreparedOutfit, windowVerdict } from './outfit.ts'
import { fallSpeed, place, type Placement, type Tackle } from './presentation.ts'
import type { LureProfile } from './profile.ts'
import { tasteValue } from './tastes.ts'
import { trailersFor } from './trailer.ts'
import { presenceOf, scale5, vibrationOf } from './with-trailer.ts'

/** A soft axis never falls below this: one poor fit is not a hidden exclusion (contract §3). */
export const SOFT_FLOOR = 0.05
/** Fit where the lure says nothing to the question. Assumed. */
const NOT_CONCERNED = 0.8

export interface AxisFit {
  /** What the set-up has on this axis, in the axis' unit. */
  readonly offers: number
  readonly fit: number
  readonly source: Known<unknown>
}
export type AxisFits = Record<AxisId, AxisFit>

/** One complete way to fish a lure. */
export interface Candidate extends Tackle {
  readonly outfit: PreparedOutfit | null
  readonly totalG: number
  readonly placement: Placement
  readonly fits: AxisFits
  readonly score: number
}

export type RejectionCode = 'cannot-reach' | 'overload' | 'underload' | 'none-left' | 'switched-off'
export interface Rejection { readonly lureId: string, readonly code: RejectionCode, readonly why: string }

export interface Scene {
  readonly ask: Ask
  readonly waterDensity: number
  readonly parts: readonly Part[]
  readonly trailers: readonly LureProfile[]
  readonly outfits: readonly PreparedOutfit[]
  readonly inCover: boolean
}

/** The best set-up of one lure under this reading, or why there is none. */
export function bestCandidate(profile: LureProfile, scene: Scene): Candidate | Rejection {
  const { lure } = profile
  if (lure.quantity === 0) return { lureId: lure.id, code: 'none-left', why: 'none left in the box' }
  const ownFits = lureFits(profile, scene)
  let best: Candidate | null = null
  let refusal: Refusal | null = null
  for (const technique of techniquesOf(profile, scene.ask)) {
    for (const trailer of trailersFor(profile, scene)) {
      for (const added of addedWeights(technique, profile, scene.parts, scene.ask)) {
        const totalG = profile.weightG.value + (trailer?.weightG.value ?? 0) + added.grams
        for (const outfit of scene.outfits.length > 0 ? scene.outfits : [null]) {
          const found = setUp({ profile, technique, trailer, added, totalG, outfit }, ownFits, scene)
          if ('code' in found) refusal = nearerMiss(refusal, found)
          else if (!best || found.score > best.score) best = found
        }
      }
    }
  }
  if (best) return best
  const { code, why } = refusal ?? { code: 'switched-off' as const, why: 'cannot be fished from where you stand' }
  return { lureId: lure.id, code, why }
}

interface Refusal { readonly code: RejectionCode, readonly why: string, readonly nearness: number }

/** The refusal that tells the angler most: reaching trouble before rod trouble, the nearest miss of each. */
function nearerMiss(a: Refusal | null, b: Refusal): Refusal {
  if (!a) return b
  const rank = (r: Refusal) => (r.code === 'cannot-reach' ? 1000 : 0) + r.nearness
  return rank(b) > rank(a) ? b : a
}

function techniquesOf({ lure }: LureProfile, { reading }: Ask): TechniqueRow[] {
  return TECHNIQUES.filter(t =>
    t.families.includes(lure.family)
    && (!t.styles || (lure.style != null && t.styles.includes(lure.style)))
    && (!t.notStyles || lure.style == null || !t.notStyles.includes(lure.style))
    && (!t.from || t.from.includes(reading.from)))
}

type Choice = Pick<Candidate, 'profile' | 'technique' | 'trailer' | 'added' | 'totalG' | 'outfit'>

/** Cast of an angler whose rod is not known [m]: the contract's 30 m rating cast. */
const CAST_WITHOUT_ROD_M = 30
const LINE_WITHOUT_ROD_MM = 0.25
/** Wading and kayak casts are shorter (models part N). */
const LOW_STAND_CAST = 0.9

function setUp(choice: Choice, ownFits: OwnFits, scene: Scene): Candidate | Refusal {
  const { profile, technique, totalG, outfit } = choice
  const verdict = outfit ? windowVerdict(outfit.outfit, totalG) : { fit: 1, place: 0.7 }
  if (verdict === 'overload') {
    const most = outfit!.outfit.rod.lureMaxG!
    return { code: 'overload', nearness: -totalG / most, why: `${totalG.toFixed(1)} g complete is over every rod that could throw it: at most ${most} g` }
  }
  if (verdict === 'underload') {
    const least = outfit!.outfit.rod.lureMinG!
    return { code: 'underload', nearness: -least / totalG, why: `${totalG.toFixed(1)} g complete is too light for your rods: the lightest asks for ${least} g` }
  }
  const castM = castOf(choice, verdict.place, scene.ask)
  const tackle: Tackle = { ...choice, castM, lineMm: outfit?.lineMm ?? LINE_WITHOUT_ROD_MM }
  const placement = place(tackle, scene.ask, scene.waterDensity)
  if ('why' in placement) return { code: 'cannot-reach', nearness: placement.deepestM, why: placement.why }
  const hook = technique.hook === 'own' ? profile.hooks.value[0]!.kind : technique.hook
  const rodFit = outfit ? verdict.fit * hookFit(outfit.outfit, hook, scene.inCover, technique.control === 'vertical') : NOT_CONCERNED
  const fits = setUpFits(tackle, placement, rodFit, outfit !== null, ownFits, scene)
  return { ...choice, ...tackle, placement, fits, score: scoreOf(fits, scene.ask) }
}

function castOf({ profile, technique, outfit }: Choice, loadPlace: number, { reading }: Ask): number {
  if (technique.mode === 'vertical') return Math.max(1, reading.bottomM)
  if (!outfit) return CAST_WITHOUT_ROD_M
  const { rod, castM } = outfit.outfit
  const length = castM ?? castLength({ rod: rod.kind, power: rod.power ?? null, loadPlace, family: profile.lure.family })
  return length * (reading.from === 'wading' || reading.from === 'kayak' ? LOW_STAND_CAST : 1)
}

/** Fits that do not depend on rig or rod. */
interface OwnFits { readonly flash: AxisFit, readonly sound: AxisFit, readonly conspicuousness: AxisFit, readonly naturalness: AxisFit, readonly colour: AxisFit, readonly profile: AxisFit, readonly scent: AxisFit, readonly length: AxisFit }

function lureFits(profile: LureProfile, { ask }: Scene): OwnFits {
  const look = lookOf(profile, ask)
  const { axes, tastes } = ask
  const on = (axis: AxisId, source: Known<unknown>, offers: number): AxisFit => ({ offers, source, fit: floor(desirabilityAt(axes[axis], offers)) })
  const taste = (axis: 'colour' | 'profile', source: Known<unknown>): AxisFit => {
    const value = tasteValue(tastes[axis], profile, null) ?? NOT_CONCERNED
    return { offers: value, fit: floor(value), source }
  }
  return {
    length: on('length', profile.lengthMm, profile.lengthMm.value),
    flash: on('flash', profile.flash, profile.flash.value),
    sound: on('sound', profile.sound, profile.sound.value),
    conspicuousness: on('conspicuousness', computed(0, profile.colours), look.conspicuousness),
    naturalness: on('naturalness', computed(0, profile.colours), look.naturalness),
    scent: on('scent', profile.scented, profile.scented.value ? 1 : 0),
    colour: taste('colour', profile.colours),
    profile: taste('profile', typical(profile.lure.family)),
  }
}

const DULL_PREY: readonly string[] = ['bottom', 'crustacean', 'worm', 'frog', 'insect']

function lookOf({ colours }: LureProfile, { reading }: Ask): ColourLook {
  return colourLook(colours.value, {
    visibilityM: reading.visibilityM, stain: reading.stain, sky: reading.sky,
    preyIsDull: DULL_PREY.includes(FORAGE_TABLE[reading.forage[0]!.kind].silhouette),
  })
}

/** A plug that floats up cannot hang as one that suspends does. Assumed. */
const FLOATER_HANG = 0.5

function setUpFits(tackle: Tackle, placement: Placement, rodFit: number, rodKnown: boolean, own: OwnFits, { ask, waterDensity }: Scene): AxisFits {
  const { profile, trailer, technique } = tackle
  const { axes } = ask
  const on = (axis: AxisId, source: Known<unknown>, offers: number): AxisFit => ({ offers, source, fit: floor(desirabilityAt(axes[axis], offers)) })
  const presence = presenceOf(profile, trailer)
  const vibration = vibrationOf(profile, trailer)
  const fall = fallSpeed(tackle, waterDensity)
  const hang = technique.hang * (profile.buoyancy.value === 'floats' && technique.control === 'dive' ? FLOATER_HANG : 1)
  const suit = tasteValue(ask.tastes.suit, profile, technique) ?? NOT_CONCERNED
  const guard = technique.guard === 'own' ? profile.snagGuard : typical(technique.guard)
  return {
    depth: { offers: placement.depthM, fit: floor(placement.depthFit), source: placement.depthTrust },
    speed: { offers: placement.speedMs, fit: floor(placement.speedFit), source: profile.speed },
    length: own.length,
    presence: on('presence', presence, presence.value),
    vibration: on('vibration', vibration, vibration.value),
    flash: own.flash,
    sound: own.sound,
    conspicuousness: own.conspicuousness,
    naturalness: own.naturalness,
    colour: own.colour,
    profile: own.profile,
    fall: on('fall', fall, fall.value),
    hang: on('hang', typical(hang), hang),
    erratic: on('erratic', profile.intensity, scale5(profile.intensity.value + (technique.livelier ?? 0))),
    snagGuard: on('snagGuard', guard, guard.value),
    scent: own.scent,
    suit: { offers: suit, fit: floor(suit), source: typical(technique.rig) },
    rod: { offers: rodFit, fit: floor(rodFit), source: rodKnown ? computed(rodFit, profile.weightG) : typical(rodFit) },
  }
}

/** Weighted geometric mean of the fits; `overallDesirability` written out for speed, kept equal by a test. */
export function scoreOf(fits: AxisFits, { axes }: Ask): number {
  let sum = 0
  let logSum = 0
  for (const axis of AXIS_IDS) {
    const { weight } = axes[axis]
    if (weight === 0) continue
    sum += weight
    logSum += weight * Math.log(fits[axis].fit)
  }
  return sum === 0 ? 0 : Math.exp(logSum / sum)
}

function floor(fit: number): number {
  return Math.max(SOFT_FLOOR, fit)
}
