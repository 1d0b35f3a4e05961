import { type Ask, desirabilityAt } from '#core/ask'
import { FORAGE_PREY, type TechniqueRow } from '#core/knowledge'
import { type ColourJudge, colourJudge, type ColourLook, DEFAULT_PREY, zoneOfFish } from '#core/light'
import { type Assembled, computed, fallSpeed, type Known, type LureProfile, presenceOf, scale5, typical, vibrationOf } from '#core/lure'
import type { AxisId } from '#core/rule'
import type { Placement } from './presentation'
import { tasteValue } from './tastes'

/** A soft axis never falls below this: one poor fit is not a hidden exclusion (contract §3). */
export const SOFT_FLOOR = 0.05
/** Fit where the lure says nothing to the question. Assumed. */
export const NOT_CONCERNED = 0.8

export interface AxisFit {
  /** What the set-up has on this axis, in the axis' unit. */
  readonly offers: number
  readonly fit: number
  readonly source: Known<unknown>
}
export type AxisFits = Record<AxisId, AxisFit>

/**
 * The axes, grouped by what their fit depends on, so that each is worked out once and not for every rod:
 * the lure alone, how it is rigged, what hangs on it, and the rod it is thrown with.
 */
export type LureFits = Pick<AxisFits, 'length' | 'flash' | 'sound' | 'conspicuousness' | 'naturalness' | 'colour' | 'profile' | 'scent'>
export type TechniqueFits = Pick<AxisFits, 'hang' | 'erratic' | 'snagGuard' | 'suit' | 'kind'>
export type AssemblyFits = Pick<AxisFits, 'presence' | 'vibration' | 'fall'>
export type OutfitFits = Pick<AxisFits, 'depth' | 'speed' | 'rod'>

export function softFit(fit: number): number {
  return Math.max(SOFT_FLOOR, fit)
}

function onScale({ axes }: Ask, axis: AxisId, source: Known<unknown>, offers: number): AxisFit {
  return { offers, source, fit: softFit(desirabilityAt(axes[axis], offers)) }
}

function byTaste(source: Known<unknown>, value: number | null): AxisFit {
  const offers = value ?? NOT_CONCERNED
  return { offers, fit: softFit(offers), source }
}

export function lureFits(profile: LureProfile, ask: Ask, colours: ColourJudge): LureFits {
  const look = lookOf(profile, colours)
  const seen = computed(look, profile.colours)
  return {
    length: onScale(ask, 'length', profile.lengthMm, profile.lengthMm.value),
    flash: onScale(ask, 'flash', profile.flash, profile.flash.value),
    sound: onScale(ask, 'sound', profile.sound, profile.sound.value),
    conspicuousness: onScale(ask, 'conspicuousness', seen, look.conspicuousness),
    naturalness: onScale(ask, 'naturalness', seen, look.naturalness),
    scent: onScale(ask, 'scent', profile.scented, profile.scented.value ? 1 : 0),
    colour: byTaste(profile.colours, tasteValue(ask.tastes.colour, profile, null)),
    profile: byTaste(typical(profile.lure.family), tasteValue(ask.tastes.profile, profile, null)),
  }
}

/** The colours of this reading: seen by its fish, at the depth where a lure is presented, against the forage that is eaten. */
export function colourJudgeFor({ reading, features: { numbers } }: Ask): ColourJudge {
  const { species, visibilityM, stain, sky, moonFraction, forage } = reading
  const prey = [...new Set(forage.map(f => FORAGE_PREY[f.kind]))]
  return colourJudge({
    species, visibilityM, stain, sky, moonFraction, depthM: numbers.presentM, sunAltitudeDeg: numbers.sunAltitudeDeg,
    zone: zoneOfFish(numbers.fishM, numbers.bottomM), prey: prey.length > 0 ? prey : DEFAULT_PREY,
  })
}

function lookOf({ lure, colours, blades, action }: LureProfile, judge: ColourJudge): ColourLook {
  const metal = colours.value.metal === 'none' ? blades[0]?.metal ?? 'none' : colours.value.metal
  return judge.look({ colours: { ...colours.value, metal }, family: lure.family, actionStyle: action.value })
}

/** A plug that floats up cannot hang as one that suspends does. Assumed. */
const FLOATER_HANG = 0.5

export function techniqueFits(profile: LureProfile, technique: TechniqueRow, ask: Ask): TechniqueFits {
  const hang = technique.hang * (profile.buoyancy.value === 'floats' && technique.control === 'dive' ? FLOATER_HANG : 1)
  const guard = technique.guard === 'own' ? profile.snagGuard : typical(technique.guard)
  return {
    hang: onScale(ask, 'hang', typical(hang), hang),
    erratic: onScale(ask, 'erratic', profile.intensity, scale5(profile.intensity.value + (technique.livelier ?? 0))),
    snagGuard: onScale(ask, 'snagGuard', guard, guard.value),
    suit: byTaste(typical(technique.rig), tasteValue(ask.tastes.suit, profile, technique)),
    kind: byTaste(typical(technique.rig), tasteValue(ask.tastes.kind, profile, technique)),
  }
}

export function assemblyFits(tackle: Assembled, ask: Ask, waterDensity: number): AssemblyFits {
  const presence = presenceOf(tackle.profile, tackle.trailer)
  const vibration = vibrationOf(tackle.profile, tackle.trailer)
  const fall = fallSpeed(tackle, waterDensity)
  return {
    presence: onScale(ask, 'presence', presence, presence.value),
    vibration: onScale(ask, 'vibration', vibration, scale5(vibration.value + (tackle.technique.thump ?? 0))),
    fall: onScale(ask, 'fall', fall, fall.value),
  }
}

export function rodAxis(rod: number, profile: LureProfile, known: boolean): AxisFit {
  return { offers: rod, fit: softFit(rod), source: known ? computed(rod, profile.weightG) : typical(rod) }
}

export function placementFits({ depthM, depthFit, depthTrust, speedMs, speedFit }: Placement, profile: LureProfile): Pick<OutfitFits, 'depth' | 'speed'> {
  return {
    depth: { offers: depthM, fit: softFit(depthFit), source: depthTrust },
    speed: { offers: speedMs, fit: softFit(speedFit), source: profile.speed },
  }
}

const GROUPS = {
  lure: ['length', 'flash', 'sound', 'conspicuousness', 'naturalness', 'colour', 'profile', 'scent'],
  technique: ['hang', 'erratic', 'snagGuard', 'suit', 'kind'],
  assembly: ['presence', 'vibration', 'fall'],
} as const satisfies Record<string, readonly AxisId[]>

/** Σ weight × ln(fit) over a group of axes: its part of the logarithm of the score, before division by the sum of all weights. */
export function weightedLog<G extends keyof typeof GROUPS>(group: G, fits: Record<(typeof GROUPS)[G][number], AxisFit>, { axes }: Ask): number {
  let sum = 0
  for (const axis of GROUPS[group] as readonly (typeof GROUPS)[G][number][]) sum += axes[axis].weight * Math.log(fits[axis].fit)
  return sum
}
