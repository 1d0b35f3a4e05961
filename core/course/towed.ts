import { type TowedBody, towedOn, towedPlug } from '#core/motion'
import { RowMemo } from '#core/numeric'
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

/** Depths behind a boat that are remembered: a box asks for five lengths of line a lure. */
const REMEMBERED = 16_000
const DECIDING = 13
const depths = new RowMemo<number>(REMEMBERED, DECIDING)
const ABSENT = -1

/** Depth of a bait behind a moving boat [m]: deeper than the bottom where the line lets it. */
export function towedDepth(presented: Presented): number {
  const { bait, lineOutM, lineDiameterMm, lineDensity, tipM, speedMs, waterDensity } = presented
  return depths.of(
    row => {
      row[0] = lineOutM ?? USUAL_LINE_OUT_M
      row[1] = lineDiameterMm
      row[2] = lineDensity
      row[3] = tipM
      row[4] = speedMs
      row[5] = waterDensity
      row[6] = bait.netWeight
      row[7] = bait.rated ? bait.rated.depthM : bait.towArea
      row[8] = bait.rated ? ABSENT : bait.liftRatio
      row[9] = bait.rated?.castM ?? ABSENT
      row[10] = bait.rated?.lineDiameterMm ?? ABSENT
      row[11] = bait.rated?.tipM ?? ABSENT
      row[12] = bait.rated?.speedMs ?? ABSENT
    },
    () => towed(presented)?.depth ?? 0,
  )
}
