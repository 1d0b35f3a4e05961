import type {
  Bottom,
  CastTo,
  Cover,
  Crowd,
  ForageId,
  Grouping,
  Hold,
  Mood,
  NightCloud,
  Phase,
  Pressure,
  Sign,
  Sky,
  SpeciesId,
  Stain,
  Stand,
  Tide,
  Trend,
  WaterKind,
  WindTo,
} from '#core/terms'

type Maybe<T> = T | null | undefined

export interface ForageSeen {
  kind: ForageId
  lengthMm?: Maybe<number>
}
export interface WaterLayer {
  depthM: number
  temperatureC: number
}

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
  grouping?: Maybe<Grouping>
  /** Depth of the top of grass, brush or timber [m]. */
  coverTopM?: Maybe<number>
  /** Slope of the bottom [°]: 0 flat, + deeper away from the rod. */
  slopeDeg?: Maybe<number>
  signs?: Maybe<Sign[]>
  crowd?: Maybe<Crowd>
  /** Fields that were measured rather than guessed, by name. */
  noted?: Maybe<string[]>
  phase?: Maybe<Phase>
  /** How the boat lies; where the cast goes to the current and to the wind. Additions of ours, as what follows. */
  hold?: Maybe<Hold>
  castTo?: Maybe<CastTo>
  windTo?: Maybe<WindTo>
  /** Since the last turn of the tide [h]. */
  tideHours?: Maybe<number>
  /** Change of the water's temperature over 24 h [°C]. */
  change24C?: Maybe<number>
  /** Below this depth there is too little oxygen for fish [m]. */
  oxygenToM?: Maybe<number>
  /** Cloud by night, when the sky is only called night. */
  nightCloud?: Maybe<NightCloud>
  /** Height of the moon [°]; where none is given the almanac has it, if there is a time. */
  moonAltitudeDeg?: Maybe<number>
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
  forage: { kind: ForageId; lengthMm: number }[]
  mood: Mood
  pressure: Pressure
  from: Stand
  shortStrikes: boolean
  grouping: Grouping | null
  coverTopM: number | null
  slopeDeg: number
  signs: Sign[]
  crowd: Crowd | null
  noted: string[]
  phase: Phase | null
  hold: Hold
  castTo: CastTo
  windTo: WindTo
  tideHours: number | null
  change24C: number | null
  oxygenToM: number | null
  nightCloud: NightCloud
  moonAltitudeDeg: number | null
}
