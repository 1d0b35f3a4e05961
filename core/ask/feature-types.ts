import type { PhaseShares } from '#core/reading'

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
  forageLengthMm: number
  forageSlenderness: number
  mouthMm: number
}
export type NumberFeature = keyof NumberFeatures

/** Things the reading names; membership 0..1 for each id. */
export interface SetFeatures {
  species: Record<string, number>
  guild: Record<string, number>
  habit: Record<string, number>
  water: Record<string, number>
  stain: Record<string, number>
  sky: Record<string, number>
  trend: Record<string, number>
  tide: Record<string, number>
  bottom: Record<string, number>
  cover: Record<string, number>
  forage: Record<string, number>
  silhouette: Record<string, number>
  forageLevel: Record<string, number>
  mood: Record<string, number>
  pressure: Record<string, number>
  from: Record<string, number>
  shortStrikes: Record<string, number>
  grouping: Record<string, number>
  toothy: Record<string, number>
  stress: Record<string, number>
  phase: Record<string, number>
}
export type SetFeature = keyof SetFeatures

export interface Features { readonly numbers: NumberFeatures, readonly sets: SetFeatures, readonly phases: PhaseShares }
