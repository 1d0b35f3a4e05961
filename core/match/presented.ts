import type { Ask } from '#core/ask'
import type { Bait, Presented } from '#core/course'
import type { TacticRow } from '#core/knowledge'
import { type Assembled, bodyInWater, fallAreaM2, fallSpeed, sinkingNewton } from '#core/lure'
import { acrossCast, alongCast, heaveOf, slopeOf } from '#core/reading'
import type { Cadence, Mood } from '#core/terms'

/** What hangs on the line, with what throws it and how it is worked. */
export interface Tackle extends Assembled {
  readonly tactic: TacticRow
  readonly cadence: Cadence
  /** Pause of the cadence [s]. */
  readonly pauseS: number | null
  readonly lineMm: number
  /** [kg/m³] */
  readonly lineDensity: number
  /** As far as it is thrown here [m]. */
  readonly castM: number
  /** The rod is one that tows a weight or a downrigger's line. */
  readonly trollsWithGear: boolean
}

/** How far above the band counts as in front of the fish, and below it [m]: they look up and take what comes within about a metre (handbook §10). */
const IN_FRONT_M: Record<Mood, number> = { lethargic: 0.5, neutral: 0.8, aggressive: 1.5 }
const BELOW_BAND_M = 0.3

/** Depths at which a bait is in front of the fish [m]. */
export function frontOf({ reading, features: { numbers } }: Ask): Presented['band'] {
  return { fromM: Math.max(0, numbers.fishFromM - IN_FRONT_M[reading.mood]), toM: numbers.fishToM + BELOW_BAND_M }
}

/** What is chosen for a set-up that is rigged and on its rod. */
export interface Fished {
  /** Depth it is counted or let down to, or held at by its gear [m]. */
  readonly letDownM: number
  readonly speedMs: number
  readonly tipM: number
  readonly castM: number
  readonly lineOutM?: number
  readonly dropLeaderM?: number
  readonly gear?: true
}

/** A set-up as the course models want it: the same for the ranking, the words and the drawing. */
export function presentedOf(tackle: Tackle, fished: Fished, ask: Ask, waterDensity: number): Presented {
  const { technique, lineMm, lineDensity, cadence, pauseS, tactic } = tackle
  return {
    control: technique.control,
    mode: technique.mode,
    cadence,
    pauseS,
    depthM: fished.letDownM,
    bottomM: ask.features.numbers.bottomM,
    castM: fished.castM,
    lineOutM: fished.lineOutM ?? null,
    tipM: fished.tipM,
    speedMs: fished.speedMs,
    lineDiameterMm: lineMm,
    lineDensity,
    waterDensity,
    currentMs: alongCast(ask.reading),
    sideMs: technique.mode === 'cast' ? acrossCast(ask.reading) : 0,
    slope: technique.mode === 'cast' ? slopeOf(ask.reading) : 0,
    heaveM: heaveOf(ask.reading),
    dropLeaderM: fished.dropLeaderM ?? null,
    fallWorks: technique.control === 'count-down' && tactic.pace === null,
    gear: fished.gear ?? false,
    band: frontOf(ask),
    bait: baitOf(tackle, waterDensity),
  }
}

function baitOf(tackle: Tackle, waterDensity: number): Bait {
  const { profile, trailer } = tackle
  const { towAreaCm2, liftAreaCm2 } = bodyInWater(profile, trailer)
  return {
    towArea: towAreaCm2 * 1e-4,
    fallArea: fallAreaM2(tackle),
    liftRatio: liftAreaCm2 / towAreaCm2,
    netWeight: sinkingNewton(tackle, waterDensity),
    fallMs: Math.max(0, fallSpeed(tackle, waterDensity).value),
    rated: profile.runsAt?.value ?? null,
    style: profile.action.value,
    window: profile.speed.value,
  }
}
