import type { Condition } from '#core/rule'

/** Named conditions that several rules share. Limits: trade §10 unless a row says otherwise; the soft widths are assumed. */
export const MUDDY: Condition = { feature: 'visibilityM', zeroAt: 1.0, oneAt: 0.5 }
export const NOT_CLEAR: Condition = { feature: 'visibilityM', zeroAt: 3.5, oneAt: 2 }
export const NOT_MUDDY: Condition = { feature: 'visibilityM', zeroAt: 0.5, oneAt: 1.0 }
export const CLEAR: Condition = { feature: 'visibilityM', zeroAt: 1.8, oneAt: 3.2 }
/** Water colder than the species likes: nothing at the edge of its range, fully 8 °C below it (8 °C for a bass that wakes at 18). */
export const COLD: Condition = { feature: 'belowRangeC', zeroAt: 0, oneAt: 8 }
export const WINTER: Condition = { feature: 'phase', any: ['winter'] }
export const PRE_SPAWN: Condition = { feature: 'phase', any: ['pre-spawn'] }
export const SUMMER: Condition = { feature: 'phase', any: ['summer'] }
export const AUTUMN: Condition = { feature: 'phase', any: ['autumn'] }
export const HOT: Condition = { feature: 'temperatureC', zeroAt: 24, oneAt: 28 }
export const BRIGHT: Condition = { feature: 'light', zeroAt: 0.3, oneAt: 0.8 }
export const DULL: Condition = { feature: 'light', zeroAt: 0.45, oneAt: 0.2 }
export const DUSKY: Condition = { feature: 'sunAltitudeDeg', zeroAt: 12, oneAt: 3 }
export const NIGHT: Condition = { feature: 'sky', any: ['night'] }
export const DAY: Condition = { feature: 'sky', none: ['night'] }
export const WINDY: Condition = { feature: 'windMs', zeroAt: 4, oneAt: 8 }
export const CURRENT: Condition = { feature: 'currentMs', zeroAt: 0.2, oneAt: 0.6 }
export const GRASS: Condition = { feature: 'cover', any: ['grass', 'pads', 'reeds', 'kelp'] }
/** Weed grown up to the surface. Depths of its tops assumed. */
export const MATTED: Condition = { feature: 'coverTopM', zeroAt: 0.35, oneAt: 0.1 }
export const WOOD: Condition = { feature: 'cover', any: ['wood', 'brush', 'mangrove'] }
export const HARD_BOTTOM: Condition = { feature: 'cover', any: ['rock', 'boulders', 'gravel', 'shell', 'clay'] }
export const SNAGGY: Condition = {
  feature: 'cover',
  any: ['grass', 'pads', 'reeds', 'kelp', 'wood', 'brush', 'mangrove'],
}
export const AGGRESSIVE: Condition = { feature: 'mood', any: ['aggressive'] }
export const NEUTRAL: Condition = { feature: 'mood', any: ['neutral'] }
export const LETHARGIC: Condition = { feature: 'mood', any: ['lethargic'] }
export const PRESSURED: Condition = { feature: 'pressure', any: ['high'] }
export const BASSES: Condition = { feature: 'species', any: ['largemouth-bass', 'smallmouth-bass', 'spotted-bass'] }
export const SALMONIDS: Condition = {
  feature: 'species',
  any: ['rainbow-trout', 'brown-trout', 'landlocked-salmon', 'sea-trout', 'lake-trout'],
}
export const SHALLOW_FISH: Condition = { feature: 'fishFromM', zeroAt: 2, oneAt: 1 }
export const DEEP_FISH: Condition = { feature: 'fishFromM', zeroAt: 3, oneAt: 5 }
export const DEEP_BAND: Condition = { feature: 'fishM', zeroAt: 2, oneAt: 3.5 }
export const WATCHABLE: Condition = { feature: 'visibilityM', zeroAt: 0.6, oneAt: 1 }
export const ONE_SPOT: Condition = { feature: 'grouping', any: ['one-spot'] }
export const SCHOOLED: Condition = { feature: 'grouping', any: ['schooled'] }
export const NIPPING: Condition = { feature: 'shortStrikes', any: ['yes'] }
export const OPEN: Condition = { feature: 'cover', any: ['open', 'sand', 'gravel'] }
export const WARMING: Condition = { feature: 'trend', any: ['warming'] }
export const SANDY: Condition = { feature: 'cover', any: ['sand'] }
export const SALT: Condition = { feature: 'water', any: ['estuary', 'surf', 'sea'] }
export const WHITE_WATER: Condition = { feature: 'cover', any: ['weir', 'current-seam'] }
export const ROUGH_SURF: Condition = { feature: 'waveM', zeroAt: 0.7, oneAt: 1.5 }
export const MOVING_TIDE: Condition = { feature: 'tide', any: ['rising', 'falling'] }
export const LOW_TIDE: Condition = { feature: 'tide', any: ['high', 'low'] }
/** Bait fish that shoal in the shallows spawn in the warming half, about when the target fish has done so. Assumed. */
export const BAIT_SPAWNS: Condition = { feature: 'phase', any: ['post-spawn'] }
export const ACTIVE: Condition = { feature: 'activity', zeroAt: 0.4, oneAt: 0.7 }
export const TOOTHY: Condition = { feature: 'toothy', any: ['yes'] }
export const BAIT_SHOWN: Condition = { feature: 'signs', any: ['bait-showing'] }
export const SURFACE_FEEDING: Condition = { feature: 'signs', any: ['surface-feeding', 'birds'] }
