import { lineDiameter, pickUp } from '#core/motion'
import { ramp } from '#core/numeric'
import type { Schools } from '#core/rule'
import type { Outfit } from '#core/tackle'
import type { Family, HookKind, Mode, RodKind, Stand } from '#core/terms'

/** An outfit with what follows from it; `line.diameterMm` typed, else from its test, else a usual one. */
export interface PreparedOutfit {
  readonly outfit: Outfit
  readonly lineMm: number
  readonly pickUpM: number | null
}

const USUAL_LINE_MM = 0.25 // assumed

export function prepareOutfit(outfit: Outfit): PreparedOutfit {
  const { line, reel } = outfit
  const lineMm = line.diameterMm ?? (line.testKg ? lineDiameter(line.material, line.testKg) : null) ?? USUAL_LINE_MM
  const pickUpM = reel?.ratio && reel.spoolDiameterMm ? pickUp(reel.spoolDiameterMm / 1000, reel.ratio) : null
  return { outfit, lineMm, pickUpM }
}

export type WindowVerdict = { readonly fit: number, readonly place: number } | 'overload' | 'underload'

/** Fit at half of the lower limit, where the rod is out (A6). */
const FIT_AT_HALF_MINIMUM = 0.3
/** Below this place in the window a rod loads poorly, above the other it loses accuracy first (trade §22.9). Assumed. */
const COMFORT = { from: 0.1, to: 0.85, edge: 0.85 }
/** Fit and place in the window of a rod whose window is not known. Assumed. */
const UNKNOWN_WINDOW = { fit: 0.75, place: 0.5 }

/** How the complete weight sits in the rod's casting window. */
export function windowVerdict({ rod }: Outfit, totalG: number): WindowVerdict {
  const { lureMinG, lureMaxG } = rod
  if (lureMaxG != null && totalG > lureMaxG) return 'overload'
  if (lureMinG != null && totalG < lureMinG / 2) return 'underload'
  if (lureMinG == null || lureMaxG == null || lureMaxG <= lureMinG) return UNKNOWN_WINDOW
  if (totalG < lureMinG) return { fit: FIT_AT_HALF_MINIMUM + (1 - FIT_AT_HALF_MINIMUM) * ramp(totalG, lureMinG / 2, lureMinG), place: 0 }
  const place = (totalG - lureMinG) / (lureMaxG - lureMinG)
  const fit = place > COMFORT.to ? 1 - (1 - COMFORT.edge) * ramp(place, COMFORT.to, 1) : 1 - (1 - COMFORT.edge) * ramp(place, COMFORT.from, 0)
  return { fit, place }
}

const STIFFNESS = { 'slow': 0, 'moderate': 1, 'moderate-fast': 2, 'fast': 3, 'extra-fast': 4 } as const
const POWER = { 'ultralight': 0, 'light': 1, 'medium-light': 2, 'medium': 3, 'medium-heavy': 4, 'heavy': 5, 'extra-heavy': 6 } as const
/** What each step of the wrong stiffness or power costs. Assumed. */
const STEP_COST = 0.12

/** What the rod has to do in this place. */
export interface RodJob {
  readonly hook: HookKind
  readonly inCover: boolean
  readonly mode: Mode
  readonly family: Family
  readonly from: Stand
  readonly biteProof: boolean
  readonly crankReel: Schools['crankReel']
}

/** A rod made for another job still fishes. Assumed. */
const WRONG_KIND = 0.7
/** A rod whose leader must be changed before it can be used. Assumed. */
const LEADER_TO_CHANGE = 0.85

/** How a rod suits hook, cover and stand (trade §9): soft for trebles, strong for a single hook in cover; its leader fit for toothy fish. */
export function rodFit({ rod, reel, leader }: Outfit, job: RodJob): number {
  const fit = hookFit(rod, job) * (isRightKind(rod.kind, job) ? 1 : WRONG_KIND) * (isRightReel(reel?.ratio ?? null, job) ? 1 : WRONG_REEL)
  return job.biteProof && !isBiteProof(leader) ? fit * LEADER_TO_CHANGE : fit
}

/** Two schools of cranking reels (trade §19): about 5:1, or 6.4:1 and slow down yourself. The border between them is assumed. */
const SLOW_REEL_BELOW = 5.8
/** A reel of the other school still cranks. Assumed. */
const WRONG_REEL = 0.92

function isRightReel(ratio: number | null, { family, crankReel, mode }: RodJob): boolean {
  if (ratio === null || family !== 'crankbait' || mode !== 'cast') return true
  return crankReel === 'slow' ? ratio < SLOW_REEL_BELOW : ratio >= SLOW_REEL_BELOW
}

function hookFit(rod: Outfit['rod'], { hook, inCover, mode }: RodJob): number {
  const stiffness = STIFFNESS[rod.action ?? 'fast']
  const power = POWER[rod.power ?? 'medium']
  let steps = 0
  if (hook === 'treble' || hook === 'treble-grip') steps = Math.max(0, stiffness - STIFFNESS['moderate-fast'])
  else if (mode === 'vertical') steps = Math.max(0, stiffness - STIFFNESS.moderate) / 2
  else if (hook === 'drop-shot') steps = stiffness === STIFFNESS['extra-fast'] ? 1.5 : 0
  else if (inCover) steps = Math.max(0, POWER['medium-heavy'] - power)
  return Math.max(0.4, 1 - STEP_COST * steps)
}

function isRightKind(kind: RodKind, { mode, from, family }: RodJob): boolean {
  switch (kind) {
    case 'surf': return from === 'bank' || from === 'wading'
    case 'jigging': return mode === 'vertical'
    case 'trolling': return mode === 'troll'
    case 'fly': return family === 'streamer'
    default: return true
  }
}

/** Fluorocarbon this thick withstands teeth [mm] (trade §6). */
const BITE_PROOF_FLUORO_MM = 0.7

export function isBiteProof(leader: Outfit['leader']): boolean {
  return leader?.material === 'wire' || (leader?.material === 'fluorocarbon' && (leader.diameterMm ?? 0) >= BITE_PROOF_FLUORO_MM)
}
