import { calibrateCast, type RetrievedLure } from '#core/motion'
import { RowMemo } from '#core/numeric'
import type { Presented } from './presented'

/** The contract's rating cast, for what a known depth does not say. */
const RATED = { castM: 30, lineDiameterMm: 0.3, tipM: 0.8, speedMs: 0.8 }
const NYLON = 1140 // [kg/m³] line of a rating that names none
/** What is calibrated is rounded so far, so that a lure is solved once whatever the temperature [N, kg/m³]. */
const ROUNDED = { newton: 0.005, density: 15 }
const REMEMBERED = 20_000
const DECIDING = 7
const plugs = new RowMemo<RetrievedLure | null>(REMEMBERED, DECIDING)

/** Drag and lift of a lipped plug from its known depth. Solving them takes some ten retrieves, so they are remembered. */
export function plugOf({ bait, waterDensity }: Presented): RetrievedLure | null {
  if (!bait.rated) return null
  const rated = { ...RATED, ...bait.rated }
  const netWeight = ROUNDED.newton * Math.round(bait.netWeight / ROUNDED.newton)
  const density = ROUNDED.density * Math.round(waterDensity / ROUNDED.density)
  const plug = plugs.of(
    row => row.set([rated.depthM, rated.castM, rated.lineDiameterMm, rated.tipM, rated.speedMs, netWeight, density]),
    () =>
      calibrateCast(
        {
          depth: rated.depthM,
          cast: rated.castM,
          tip: rated.tipM,
          speed: rated.speedMs,
          line: { diameter: rated.lineDiameterMm / 1000, density: NYLON },
        },
        netWeight,
        { density, current: 0 },
      ),
  )
  return plug && { ...plug, netWeight: bait.netWeight }
}

/** What is wound in: the plug with its lip, or the sinking bait with the lift of its blades. */
export function retrievedOf(presented: Presented): RetrievedLure | null {
  const { bait, control } = presented
  if (control === 'dive') return plugOf(presented)
  return { dragArea: bait.towArea, liftArea: -bait.liftRatio * bait.towArea, netWeight: bait.netWeight }
}
