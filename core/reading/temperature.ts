import { interpolate } from '#core/numeric'
import type { CompleteReading } from './reading'

/** Layers measured this near to the surface stand for the surface [m]. */
const SURFACE_M = 0.3

/**
 * Temperature of the water at a depth [°C]: between the measured layers straight, above the first from the temperature of the reading, below the last as there.
 *
 * Valid:  a steep step (a thermocline) is as steep as the layers that were measured.
 */
export function temperatureAt(
  { temperatureC, layers }: Pick<CompleteReading, 'temperatureC' | 'layers'>,
  depthM: number,
): number {
  if (!layers || layers.length === 0) return temperatureC
  const sorted = [...layers].sort((a, b) => a.depthM - b.depthM)
  const measured = sorted[0]!.depthM <= SURFACE_M ? sorted : [{ depthM: 0, temperatureC }, ...sorted]
  return interpolate(
    measured.map(l => l.depthM),
    measured.map(l => l.temperatureC),
    depthM,
  )
}
