import type { Condition } from '#core/rule'

/** Conditions that tactics of several kinds share. Warmth is as the fish feels it (handbook §23.2); the soft widths are assumed. */
export const CHILL: Condition = { feature: 'warmthC', zeroAt: 12, oneAt: 8 }
export const COOL: Condition = { feature: 'warmthC', zeroAt: 18, oneAt: 12 }
export const WARM: Condition = { feature: 'warmthC', zeroAt: 13, oneAt: 17 }
export const HOT_WATER: Condition = { feature: 'temperatureC', zeroAt: 23, oneAt: 26 }
export const CALM: Condition = { feature: 'windMs', zeroAt: 7, oneAt: 3 }
export const AFLOAT: Condition = { feature: 'from', any: ['boat', 'kayak'] }
export const ASHORE: Condition = { feature: 'from', any: ['bank', 'wading'] }
/** A beach, rocks or a flat of the sea: no pier to fish beside. */
export const OPEN_SHORE: readonly Condition[] = [
  ASHORE,
  { feature: 'water', any: ['sea', 'surf'] },
  { feature: 'cover', none: ['pier', 'dock'] },
]
export const SHALLOW_BOTTOM: Condition = { feature: 'bottomM', zeroAt: 4, oneAt: 2.5 }
export const NEAR_BOTTOM: Condition = { feature: 'suspendedM', zeroAt: 1.2, oneAt: 0.4 }
export const SUSPENDED: Condition = { feature: 'suspendedM', zeroAt: 1.5, oneAt: 4 }
export const PADS: Condition = { feature: 'cover', any: ['pads', 'reeds'] }
export const HIDES: Condition = { feature: 'cover', any: ['wood', 'brush', 'dock', 'pads', 'reeds', 'mangrove'] }
export const OPEN_WATER: Condition = { feature: 'cover', any: ['open'] }
export const BAIT_FISH: Condition = { feature: 'silhouette', any: ['slim', 'deep', 'needle'] }
export const TINY: Condition = { feature: 'forageLengthMm', zeroAt: 50, oneAt: 28 }
export const LARGE_PREY: Condition = { feature: 'forageLengthMm', zeroAt: 110, oneAt: 160 }
export const BIG_HUNTERS: Condition = { feature: 'species', any: ['northern-pike', 'muskellunge'] }
export const PERCHES: Condition = { feature: 'species', any: ['perch', 'walleye', 'zander'] }
export const RIVER: Condition = { feature: 'water', any: ['river'] }
export const STILL_WATER: Condition = { feature: 'water', any: ['pond', 'lake', 'reservoir'] }
