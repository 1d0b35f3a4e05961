import { type TowedBody, towedOn, towedPlug } from '#core/motion'
import type { Presented } from './presented'

/** Line behind the boat when none is said [m]. */
export const USUAL_LINE_OUT_M = 30

function towedBody({ bait }: Presented): TowedBody | null {
  return bait.rated
    ? towedPlug(bait.rated, bait.netWeight)
    : { dragArea: bait.towArea, liftArea: -bait.liftRatio * bait.towArea, netWeight: bait.netWeight }
}

/** Where the bait is behind a moving boat, on its whole line: depth, and distance from the rod [m]; `null` when nothing holds it under. */
export function towed(presented: Presented): { readonly depth: number; readonly distance: number } | null {
  const body = towedBody(presented)
  return (
    body &&
    towedOn(body, {
      lineOut: presented.lineOutM ?? USUAL_LINE_OUT_M,
      lineDiameter: presented.lineDiameterMm / 1000,
      lineDensity: presented.lineDensity,
      tip: presented.tipM,
      speed: presented.speedMs,
      waterDensity: presented.waterDensity,
    })
  )
}

/** Depth of a bait behind a moving boat [m]: deeper than the bottom where the line lets it. */
export function towedDepth(presented: Presented): number {
  return towed(presented)?.depth ?? 0
}
