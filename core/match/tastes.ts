import type { Favour, Taste } from '#core/ask'
import type { TechniqueRow } from '#core/knowledge'
import type { Cadence } from '#core/tackle'
import type { LureProfile } from './profile'

export type Way = 'surface' | 'moving' | 'bottom' | 'falling'

const WAY_OF_CONTROL: Record<TechniqueRow['control'], Way> = {
  'surface': 'surface', 'dive': 'moving', 'count-down': 'moving', 'bottom': 'bottom', 'above-bottom': 'bottom', 'vertical': 'falling',
}
/** Cadences whose fall is the presentation, however the depth is reached. */
const FALLING_CADENCES: readonly string[] = ['lift-drop', 'dead-stick', 'yo-yo']

/** The way a bait is presented, from where it has its depth and how it is worked. */
export function wayOf(control: TechniqueRow['control'], cadence: Cadence): Way {
  return FALLING_CADENCES.includes(cadence) ? 'falling' : WAY_OF_CONTROL[control]
}

/** Whether a rule's favour is about this lure fished this way; without a technique only the lure's own marks can match. */
export function isFavoured(favour: Favour, profile: LureProfile, technique: TechniqueRow | null): boolean {
  const { lure, colours, blades, action } = profile
  const among = <T>(list: readonly T[] | undefined, value: T | null | undefined) => !list || (value != null && list.includes(value))
  return among(favour.family, lure.family)
    && among(favour.style, lure.style)
    && among(favour.pattern, colours.value.pattern)
    && among(favour.metal, colours.value.metal)
    && among(favour.finish, colours.value.finish)
    && among(favour.action, action.value)
    && (!favour.blade || blades.some(b => favour.blade!.includes(b.shape)))
    && (favour.fluorescent === undefined || favour.fluorescent === colours.value.fluorescent)
    && among(favour.rig, technique?.rig)
    && among(favour.way, technique ? wayOf(technique.control, technique.cadences[0]!) : null)
    && among(favour.buoyancy, profile.buoyancy.value)
    && (!favour.bladeFinish || blades.some(b => favour.bladeFinish!.includes(b.finish ?? 'smooth')))
    && (!favour.bladeMetal || blades.some(b => favour.bladeMetal!.includes(b.metal ?? 'silver')))
    && isWithin(favour.bladeCount, blades.length)
    && isWithin(favour.bladeSize, largestBlade(profile))
    && isWithin(favour.weightG, profile.weightG.value)
    && isWithin(favour.lengthMm, profile.lengthMm.value)
}

function isWithin(range: readonly [number, number] | undefined, value: number): boolean {
  return !range || (value >= range[0] && value <= range[1])
}

/** A blade whose size nobody noted. Assumed. */
const USUAL_BLADE = 3

function largestBlade({ blades }: LureProfile): number {
  return blades.reduce((most, { size }) => Math.max(most, size ?? USUAL_BLADE), 0)
}

/** A blade rule says nothing about lures without blades, a metal rule nothing about painted ones, a rule among some families nothing about others. */
function concerns({ favours: favour, within }: Taste, profile: LureProfile): boolean {
  if (within && !within.includes(profile.lure.family)) return false
  const isOfBlades = favour.blade || favour.bladeFinish || favour.bladeMetal || favour.bladeCount || favour.bladeSize
  if (isOfBlades && !favour.family && profile.blades.length === 0) return false
  if (favour.metal && profile.colours.value.metal === 'none') return false
  return true
}

/** Weighted geometric mean of what the tastes of one axis say; `null` when none concerns this lure. */
export function tasteValue(tastes: readonly Taste[], profile: LureProfile, technique: TechniqueRow | null): number | null {
  let strength = 0
  let logSum = 0
  for (const taste of tastes) {
    if (!concerns(taste, profile)) continue
    strength += taste.strength
    logSum += taste.strength * Math.log(isFavoured(taste.favours, profile, technique) ? taste.to : taste.others)
  }
  return strength === 0 ? null : Math.exp(logSum / strength)
}
