import type {
  Bottom,
  Cover,
  Crowd,
  ForageId,
  Grouping,
  Guild,
  Level,
  Mood,
  Phase,
  PhaseShares,
  Pressure,
  Sign,
  Silhouette,
  Sky,
  SpeciesId,
  Stain,
  Stand,
  Tide,
  Toothiness,
  Trend,
  WaterKind,
} from '#core/terms'

/** Numbers of the reading that rules may speak of. */
export interface NumberFeatures {
  temperatureC: number
  /** Degrees by which the water is below the lower end of the species' active range. */
  belowRangeC: number
  /** Degrees by which the water is above the upper end. */
  aboveRangeC: number
  /** 0..1, from temperature. */
  activity: number
  visibilityM: number
  /** 0 dark .. 1 high sun. */
  light: number
  sunAltitudeDeg: number
  windMs: number
  currentMs: number
  waveM: number
  bottomM: number
  fishFromM: number
  fishToM: number
  /** Middle of the band. */
  fishM: number
  /** Where to present: over the middle, because fish look up. */
  presentM: number
  /** Water between the band and the bottom: how far the fish hang over it [m]. */
  suspendedM: number
  /** The water's temperature as a bass would feel it: shifted by where the species' own range begins [°C]. */
  warmthC: number
  /** Depth of the top of grass, brush or timber [m]. */
  coverTopM: number
  /** Of what they mostly eat. */
  forageLengthMm: number
  /** Of all that they eat. */
  shortestForageMm: number
  longestForageMm: number
  forageSlenderness: number
  mouthMm: number
  /** Bulk of a bait that is neither big nor small for this fish, on the trade's 1–5 scale. */
  usualBulk: number
}
export type NumberFeature = keyof NumberFeatures

/** Things the reading names, with the ids that each may have. */
export interface SetIds {
  species: SpeciesId
  guild: Guild
  habit: Level
  water: WaterKind
  stain: Stain
  sky: Sky
  trend: Trend
  tide: Tide
  bottom: Bottom
  cover: Cover
  /** What they eat was seen, or stands in because such fish usually eat it. */
  prey: 'seen' | 'usual'
  forage: ForageId
  silhouette: Silhouette
  forageLevel: Level
  mood: Mood
  pressure: Pressure
  from: Stand
  shortStrikes: 'yes' | 'no'
  grouping: Grouping
  signs: Sign
  crowd: Crowd
  toothy: Toothiness
  stress: 'yes' | 'no'
  phase: Phase
}
/** Membership 0..1 of each id; absent: 0. */
export type SetFeatures = { [K in keyof SetIds]: Partial<Record<SetIds[K], number>> }
export type SetFeature = keyof SetIds

export interface Features {
  readonly numbers: NumberFeatures
  readonly sets: SetFeatures
  readonly phases: PhaseShares
}
