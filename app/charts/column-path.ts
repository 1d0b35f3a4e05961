import { DIVE_PATH } from '#core/knowledge'
import type { PresentationOut } from '#core/match'

export interface PathPoint { readonly distanceM: number, readonly depthM: number }

/** Where a hop starts and ends on the bottom, as shares of the cast. */
const HOPS = 7
const HOP_M = 0.3

/** The way of a bait through the water, from where it lands (far) to the rod (0 m). */
export function columnPath({ control, depthM, castM, mode }: Pick<PresentationOut, 'control' | 'depthM' | 'castM' | 'mode'>, bottomM: number): PathPoint[] {
  const far = castM ?? 0
  const at = (share: number, depth: number): PathPoint => ({ distanceM: far * share, depthM: Math.min(depth, bottomM) })
  if (mode === 'vertical') return [{ distanceM: 1, depthM: 0 }, { distanceM: 1, depthM }]
  switch (control) {
    case 'surface': return [at(1, 0.02), at(0.05, 0.02)]
    case 'dive': return DIVE_PATH.distance.map((share, i) => at(share, DIVE_PATH.depth[i]! * depthM)).reverse()
    case 'bottom': return [at(1, 0), at(0.97, depthM), ...Array.from({ length: HOPS }, (_, i) => 0.92 - (i / HOPS) * 0.8)
      .flatMap(share => [at(share, depthM), at(share - 0.02, depthM - HOP_M), at(share - 0.04, depthM)]), at(0.06, depthM), at(0.02, 0)]
    default: return [at(1, 0), at(0.95, depthM * 0.75), at(0.9, depthM), at(0.3, depthM), at(0.12, depthM * 0.7), at(0.02, 0)]
  }
}
