import { computed, type Known } from './known'
import type { LureProfile } from './profile'
import { scale5 } from './scale'

/** How much a trailer adds to bulk and thump, per step above its least. Assumed. */
const BULK_STEP = 0.35
const LEAST_BULK = 2
const THUMP_STEP = 0.3
const LEAST_THUMP = 1
/** A slim body passes a bladed jig’s action through, a fat one dulls it (trade §6); the figures are assumed. */
const SLIM_BULK = 2
const BLADE_DULLED = 0.5

/** Bulk of a lure with its trailer, 1–5. */
export function presenceOf(host: LureProfile, trailer: LureProfile | null): Known<number> {
  return trailer
    ? computed(scale5(host.bulk.value + BULK_STEP * (trailer.bulk.value - LEAST_BULK)), host.bulk, trailer.bulk)
    : host.bulk
}

/** Thump of a lure with its trailer, 1–5. */
export function vibrationOf(host: LureProfile, trailer: LureProfile | null): Known<number> {
  if (!trailer) return host.vibration
  const dulled = host.lure.family === 'bladed-jig' ? BLADE_DULLED * Math.max(0, trailer.bulk.value - SLIM_BULK) : 0
  return computed(
    scale5(host.vibration.value + THUMP_STEP * (trailer.vibration.value - LEAST_THUMP) - dulled),
    host.vibration,
    trailer.vibration,
  )
}
