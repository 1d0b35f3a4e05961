import { lineDiameter, pickUp } from '#core/motion'
import { ramp } from '#core/numeric'
import type { Outfit } from '#core/tackle'

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

export type WindowVerdict = { readonly fit: number; readonly place: number } | 'overload' | 'underload'

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
  if (totalG < lureMinG)
    return { fit: FIT_AT_HALF_MINIMUM + (1 - FIT_AT_HALF_MINIMUM) * ramp(totalG, lureMinG / 2, lureMinG), place: 0 }
  const place = (totalG - lureMinG) / (lureMaxG - lureMinG)
  const fit =
    place > COMFORT.to
      ? 1 - (1 - COMFORT.edge) * ramp(place, COMFORT.to, 1)
      : 1 - (1 - COMFORT.edge) * ramp(place, COMFORT.from, 0)
  return { fit, place }
}

/** Fluorocarbon this thick withstands teeth [mm] (trade §6). */
const BITE_PROOF_FLUORO_MM = 0.7

export function isBiteProof(leader: Outfit['leader']): boolean {
  return (
    leader?.material === 'wire' ||
    (leader?.material === 'fluorocarbon' && (leader.diameterMm ?? 0) >= BITE_PROOF_FLUORO_MM)
  )
}
