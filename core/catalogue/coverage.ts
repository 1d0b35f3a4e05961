import { askOf, type OwnRules } from '#core/ask'
import { colourClass, type Depths, type LureProfile, reachOf } from '#core/lure'
import { type PreparedBox, rank } from '#core/match'
import type { Reading } from '#core/reading'
import type { Schools } from '#core/rule'

/** Borders of the bands [m], [m/s]. Assumed: steps that an angler would call different. */
export const DEPTH_BANDS = [
  [0, 0.3],
  [0.3, 1],
  [1, 2],
  [2, 3.5],
  [3.5, 6],
  [6, 10],
  [10, 15],
] as const
export const SPEED_BANDS = [
  [0.05, 0.2],
  [0.2, 0.4],
  [0.4, 0.7],
  [0.7, 1.1],
  [1.1, 1.8],
  [1.8, 3],
] as const

export interface DepthSpeedCell {
  readonly depth: readonly [number, number]
  readonly speed: readonly [number, number]
  readonly lureIds: readonly string[]
}

/** Which lures can be worked in each band of depth and speed: their window holds the middle of the band's speed, and half of the band (or half of their own depths) is shared. */
export function depthBySpeed(profiles: readonly LureProfile[]): readonly DepthSpeedCell[] {
  const tied = profiles.filter(({ lure }) => lure.role !== 'trailer' && lure.quantity !== 0)
  const reaches = tied.map(profile => reachOf(profile))
  const reach = SPEED_BANDS.map(([low, high]) => reaches.map((at): Depths | null => at((low + high) / 2)))
  return DEPTH_BANDS.flatMap(depth =>
    SPEED_BANDS.map((speed, column) => {
      return { depth, speed, lureIds: tied.filter((_, i) => shares(reach[column]![i]!, depth)).map(p => p.lure.id) }
    }),
  )
}

function shares(depths: Depths | null, [top, bottom]: readonly [number, number]): boolean {
  if (depths === null) return false
  const shared = Math.min(depths.toM, bottom) - Math.max(depths.fromM, top)
  return shared > 0 && shared >= Math.min(bottom - top, depths.toM - depths.fromM) / 2
}

/** Water as clear as this, and what colours it then. Assumed pairs: thin water is stained, thick water muddy. */
export const CLARITIES = [
  { label: 'mud', visibilityM: 0.2, stain: 'mud' },
  { label: 'dirty', visibilityM: 0.5, stain: 'brown' },
  { label: 'stained', visibilityM: 1.2, stain: 'brown' },
  { label: 'fair', visibilityM: 2.5, stain: 'green' },
  { label: 'clear', visibilityM: 6, stain: 'clear' },
] as const satisfies readonly { label: string; visibilityM: number; stain: Reading['stain'] }[]

export const PAINTS = ['natural', 'plain', 'hot', 'dark', 'silver', 'gold'] as const
export type Paint = (typeof PAINTS)[number]

export interface ClarityPaintCell {
  readonly clarity: (typeof CLARITIES)[number]
  readonly paint: Paint
  readonly lureIds: readonly string[]
  /** How well the best of them answers the water's three colour axes, 0..1; `null`: there is none. */
  readonly fit: number | null
}

const COLOUR_AXES = ['colour', 'conspicuousness', 'naturalness'] as const

export interface CoverageOptions {
  readonly schools?: Partial<Schools>
  readonly own?: OwnRules
}

/** What each colouring of the box is worth as the water clears or muddies, everything else as it is now. */
export function clarityByPaint(
  box: PreparedBox,
  reading: Reading,
  options: CoverageOptions = {},
): readonly ClarityPaintCell[] {
  return CLARITIES.flatMap(clarity => {
    const { ask, candidates } = rank(
      box,
      askOf({ ...reading, visibilityM: clarity.visibilityM, stain: clarity.stain }, options),
    )
    return PAINTS.map(paint => {
      const wearing = candidates.filter(c => colourClass(c.profile) === paint)
      const weight = COLOUR_AXES.reduce((sum, axis) => sum + ask.axes[axis].weight, 0)
      const fits = wearing.map(
        c => COLOUR_AXES.reduce((sum, axis) => sum + ask.axes[axis].weight * c.fitOn(axis), 0) / (weight || 1),
      )
      return {
        clarity,
        paint,
        lureIds: wearing.map(c => c.profile.lure.id),
        fit: fits.length > 0 && weight > 0 ? Math.max(...fits) : null,
      }
    })
  })
}
