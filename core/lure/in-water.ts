import { MATERIAL_DENSITY, PLAIN_HOOK_KG, type TechniqueRow } from '#core/knowledge'
import { netWeight, sinkSpeedOfWeight, STANDARD_GRAVITY } from '#core/motion'
import { isSoftBody } from '#core/terms'
import { waterDensity } from '#core/water'
import type { AddedWeight } from './addition'
import { bodyInWater } from './in-motion'
import { computed, COMPUTED_FROM_TEST, type Known } from './known'
import type { LureProfile } from './profile'

/** What hangs on the line. */
export interface Assembled {
  readonly profile: LureProfile
  readonly trailer: LureProfile | null
  readonly technique: TechniqueRow
  readonly added: AddedWeight
}

/** Weight in water of the whole bait [N]. */
export function sinkingNewton({ profile, trailer, technique, added }: Assembled, density: number): number {
  return (
    bodyNewton(profile, density) +
    (trailer ? bodyNewton(trailer, density) : 0) +
    leadNewton(added.grams, density) +
    hookNewton(profile, technique, density)
  )
}

function bodyNewton(lure: LureProfile, density: number): number {
  const mass = lure.weightG.value / 1000
  return netWeight(mass, mass / bodyDensity(lure, density), density)
}

/** A soft body's plain hook; heads and weighted hooks bring their own in their weight. */
function hookNewton({ lure }: LureProfile, { adds, hook }: TechniqueRow, density: number): number {
  if (!isSoftBody(lure.family) || hook === 'own' || adds === 'head' || adds === 'weighted-hook') return 0
  return netWeight(PLAIN_HOOK_KG, PLAIN_HOOK_KG / MATERIAL_DENSITY.steel, density)
}

function leadNewton(grams: number, density: number): number {
  return netWeight(grams / 1000, grams / 1000 / MATERIAL_DENSITY.lead, density)
}

/** Density of fresh water, in round figures [kg/m³]. */
const FRESH = 1000
/** A floating minnow rises slowly: about 1 g of lift on 17 g [kg/m³]. Assumed. */
const SLIM_FLOATER = 950

/**
 * Mean density [kg/m³]: a hang test outranks the owner's word on floating and sinking, and that the family's.
 * A plug only said to hang hangs in the water it is fished in, of the density given (fresh where none is): plugs for salt water are made for it.
 */
export function bodyDensity(
  { lure, typical, buoyancy, hang, weightG, fallAreaCm2 }: LureProfile,
  hangsIn = FRESH,
): number {
  if (hang) {
    // Surplus from the rise: b = ρ CdA U|U| / 2g; the volume is (m + b)/ρ.
    const rho = waterDensity(hang.temperatureC, hang.salinityPsu)
    const mass = weightG.value / 1000
    const surplus = (rho * fallAreaCm2 * 1e-4 * hang.riseMs * Math.abs(hang.riseMs)) / (2 * STANDARD_GRAVITY)
    return (mass * rho) / (mass + surplus)
  }
  if (buoyancy.known === 'typical') return typical.densityKgM3
  const byWord = {
    'floats': lure.family === 'jerkbait' ? SLIM_FLOATER : 900,
    'hangs': hangsIn,
    'sinks-slowly': 1050,
    'sinks': Math.max(1200, typical.densityKgM3),
  } // [kg/m³] assumed
  return byWord[buoyancy.value]
}

/** Drag coefficient × area of the whole bait on the fall, as this technique lets it fall [m²]. */
export function fallAreaM2({ profile, trailer, technique }: Assembled): number {
  return bodyInWater(profile, trailer).fallAreaCm2 * 1e-4 * (technique.fallArea ?? 1)
}

/** Speed of the fall with this rig: the owner's timed drop of the same rig and weight, else his figure, else computed. Never negative. */
export function fallSpeed(tackle: Assembled, density: number): Known<number> {
  const { profile, technique, added } = tackle
  const same = profile.fallTests.find(
    t => (t.rig === null || t.rig === technique.rig) && Math.abs(t.addedG - added.grams) < 0.3,
  )
  if (same) return { value: same.speedMs, known: 'tested', trust: 1 }
  if (profile.fallStatedMs && added.grams === 0) return profile.fallStatedMs
  const weight = sinkingNewton(tackle, density)
  // The same rig timed with another weight gives the drag area, and that this weight's speed.
  const timed = profile.fallTests.find(t => t.rig === technique.rig)
  const timedWeight = timed
    ? bodyNewton(profile, density) + leadNewton(timed.addedG, density) + hookNewton(profile, technique, density)
    : 0
  const area = fallAreaM2(tackle)
  if (timed && timedWeight > 0 && weight > 0) {
    const bareArea = fallAreaM2({ ...tackle, trailer: null })
    return {
      value: timed.speedMs * Math.sqrt(((weight / timedWeight) * bareArea) / area),
      known: 'computed',
      trust: COMPUTED_FROM_TEST,
    }
  }
  if (weight <= 0) return computed(0, profile.weightG)
  return computed(sinkSpeedOfWeight(weight, area, density), profile.weightG)
}
