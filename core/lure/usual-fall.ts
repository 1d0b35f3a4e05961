import { waterDensity } from '#core/water'
import { NOTHING_ADDED } from './addition'
import { fallSpeed } from './in-water'
import { type Known, tested } from './known'
import type { LureProfile } from './profile'

/** Water of a catalogue's fall rates [°C], fresh. */
const USUAL_WATER_C = 15

/**
 * How fast a lure falls as it stands in the box [m/s]: the owner's latest drop, his own figure, or worked out for its first rig without added lead.
 *
 * @returns `null` when it floats, or cannot be fished without lead and was never timed
 */
export function usualFall(profile: LureProfile): Known<number> | null {
  const drop = profile.fallTests.at(-1)
  if (drop) return tested(drop.speedMs)
  if (profile.fallStatedMs) return profile.fallStatedMs
  const bare = profile.techniques.find(t => t.adds === 'nothing')
  if (!bare) return null
  const fall = fallSpeed(
    { profile, trailer: null, technique: bare, added: NOTHING_ADDED },
    waterDensity(USUAL_WATER_C, 0),
  )
  return fall.value > 0 ? fall : null
}
