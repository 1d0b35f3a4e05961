import type { Ask } from '#core/ask'
import type { Presented } from '#core/course'
import { fallSpeed, LIFT_RATIO, sinkingNewton } from '#core/lure'
import type { Candidate } from '#core/match'
import type { PresentationOut } from './output'

/** A judged set-up as the course models want it. */
export function presentedOf(candidate: Candidate, out: PresentationOut, { reading }: Ask, waterDensity: number): Presented {
  const { profile, technique, castM, lineMm, lineDensity, placement } = candidate
  return {
    control: technique.control, mode: technique.mode, cadence: out.cadence, pauseS: out.pauseS, depthM: placement.depthM, bottomM: reading.bottomM, castM, lineOutM: out.lineOutM,
    tipM: placement.tipM, speedMs: out.speedMs, lineDiameterMm: lineMm, lineDensity, waterDensity, currentMs: 0, dropLeaderM: out.dropLeaderM,
    bait: {
      towArea: profile.towAreaCm2 * 1e-4, fallArea: profile.fallAreaCm2 * 1e-4 * (technique.fallArea ?? 1), liftRatio: LIFT_RATIO[profile.lure.family] ?? 0,
      netWeight: sinkingNewton(candidate, waterDensity), fallMs: fallSpeed(candidate, waterDensity).value, rated: profile.runsAt?.value ?? null, style: profile.action.value, window: profile.speed.value,
    },
  }
}
