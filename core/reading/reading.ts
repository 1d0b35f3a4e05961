import type { Bottom, Cover, ForageId, Grouping, Mood, Phase, Pressure, Sky, SpeciesId, Stain, Stand, Tide, Trend, WaterKind } from './ids'

type Maybe<T> = T | null | undefined

export interface ForageSeen { kind: ForageId, lengthMm?: Maybe<number> }
export interface WaterLayer { depthM: number, temperatureC: number }

/** What the water is like now, as the angler gave it: only species and temperature are required. */
export interface Reading {
  species: SpeciesId
  /** ISO 8601 with offset. */
  at?: Maybe<string>
  /** Degrees, north positive. */
  latitude?: Maybe<number>
  /** Degrees, east positive. */
  longitude?: Maybe<number>
  water?: Maybe<WaterKind>
  salinityPsu?: Maybe<number>
  temperatureC: number
  trend?: Maybe<Trend>
  /** Distance at which a lure vanishes [m]. */
  visibilityM?: Maybe<number>
  stain?: Maybe<Stain>
  sky?: Maybe<Sky>
  /** Lit share of the moon's disc, 0..1. */
  moonFraction?: Maybe<number>
  windMs?: Maybe<number>
  currentMs?: Maybe<number>
  waveM?: Maybe<number>
  tide?: Maybe<Tide>
  bottomM?: Maybe<number>
  fishFromM?: Maybe<number>
  fishToM?: Maybe<number>
  bottom?: Maybe<Bottom>
  cover?: Maybe<Cover[]>
  layers?: Maybe<WaterLayer[]>
  forage?: Maybe<ForageSeen[]>
  mood?: Maybe<Mood>
  pressure?: Maybe<Pressure>
  from?: Maybe<Stand>
  shortStrikes?: Maybe<boolean>
  /** An addition of ours to the contract's reading; absent: not known. */
  grouping?: Maybe<Grouping>
  phase?: Maybe<Phase>
}

/** A reading in which every blank has its stated default. */
export interface CompleteReading {
  species: SpeciesId
  at: string | null
  latitude: number
  longitude: number
  water: WaterKind
  salinityPsu: number
  temperatureC: number
  trend: Trend
  visibilityM: number
  stain: Stain
  sky: Sky
  moonFraction: number
  windMs: number
  currentMs: number
  waveM: number
  tide: Tide | null
  bottomM: number
  fishFromM: number
  fishToM: number
  bottom: Bottom | null
  cover: Cover[]
  layers: WaterLayer[] | null
  forage: { kind: ForageId, lengthMm: number }[]
  mood: Mood
  pressure: Pressure
  from: Stand
  shortStrikes: boolean
  grouping: Grouping | null
  phase: Phase | null
}
