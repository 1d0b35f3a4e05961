import { calibrateCast, type RetrievedLure } from '#core/motion'
import type { Presented } from './presented'

/** The contract's rating cast, for what a known depth does not say. */
const RATED = { castM: 30, lineDiameterMm: 0.3, tipM: 0.8, speedMs: 0.8 }
const NYLON = 1140 // [kg/m³] line of a rating that names none
const REMEMBERED = 60
const plugs = new Map<string, RetrievedLure | null>()

/** Drag and lift of a lipped plug from its known depth. Solving them takes some thirty retrieves, so the last plugs are remembered. */
export function plugOf({ bait, waterDensity }: Presented): RetrievedLure | null {
  if (!bait.rated) return null
  const rated = { ...RATED, ...bait.rated }
  const key = [rated.depthM, rated.castM, rated.lineDiameterMm, rated.tipM, bait.netWeight.toPrecision(4), waterDensity.toFixed(0)].join(' ')
  let plug = plugs.get(key)
  if (plug === undefined) {
    plug = calibrateCast(
      { depth: rated.depthM, cast: rated.castM, tip: rated.tipM, speed: RATED.speedMs, line: { diameter: rated.lineDiameterMm / 1000, density: NYLON } },
      bait.netWeight, { density: waterDensity, current: 0 },
    )
    if (plugs.size >= REMEMBERED) plugs.delete(plugs.keys().next().value!)
    plugs.set(key, plug)
  }
  return plug
}

/** What is wound in: the plug with its lip, or the sinking bait with the lift of its blades. */
export function retrievedOf(presented: Presented): RetrievedLure | null {
  const { bait, control } = presented
  if (control === 'dive') return plugOf(presented)
  return { dragArea: bait.towArea, liftArea: -bait.liftRatio * bait.towArea, netWeight: bait.netWeight }
}
