import { towedPlug, type TowedShape, towedSinker } from '#core/motion'
import type { Presented } from './presented'

/** The bait behind a moving boat; `null` when nothing holds it under. */
export function towedShape({ bait, speedMs, waterDensity }: Presented): TowedShape | null {
  return bait.rated ? towedPlug(bait.rated) : towedSinker(bait, speedMs, waterDensity)
}
