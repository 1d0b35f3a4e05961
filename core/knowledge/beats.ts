import type { ActionStyle, Cadence } from '#core/terms'

/** One beat of a cadence, for drawing its course: what moves the bait, and what it does between. Common practice; the lengths are assumed. */
export interface Beat {
  /** Wound or dragged toward the rod in a beat [m]; `null`: without stopping. */
  readonly pullM: number | null
  /** Lifted by the rod in a beat [m]. */
  readonly liftM: number
  /** Between beats the bait is let go on slack line (falls or rises as it will), or lies where it is. */
  readonly between: 'free' | 'lies'
}

const wound = (pullM: number | null): Beat => ({ pullM, liftM: 0, between: 'free' })
const hopped = (pullM: number, liftM: number): Beat => ({ pullM, liftM, between: 'lies' })
const lifted = (pullM: number, liftM: number): Beat => ({ pullM, liftM, between: 'free' })

export const BEATS: Record<Cadence, Beat> = {
  'steady': wound(null),
  'countdown-steady': wound(null),
  'slow-roll': wound(null),
  'burn': wound(null),
  'tick': wound(null),
  'troll': wound(null),
  'drift': wound(null),
  'stop-and-go': wound(2.5),
  'jerk-pause': wound(1),
  'touch-and-pause': wound(4),
  'sweep-pause': wound(1.6),
  'rip': lifted(1.5, 0.8),
  'hang-still': wound(1.5),
  'walk': wound(2),
  'pop': wound(0.6),
  'yo-yo': lifted(1.2, 1.2),
  'lift-drop': lifted(0.8, 1),
  'dead-stick': lifted(0.8, 0.8),
  'bottom-hop': hopped(0.5, 0.25),
  'drag': hopped(0.7, 0.03),
  'shake': hopped(0.3, 0.08),
  'vertical-fast': lifted(0, 0.9),
  'vertical-slow': lifted(0, 0.5),
  'long-fall': lifted(0, 2.4),
}

/** How a bait sways as it falls, by its style: half-width and period of the swing [m, s]; `null`: straight. Assumed, for the drawing; the speed is computed. */
export const FALL_SWAY: Partial<Record<ActionStyle, { readonly widthM: number; readonly periodS: number }>> = {
  flutter: { widthM: 0.22, periodS: 0.9 },
  spiral: { widthM: 0.16, periodS: 0.6 },
  dart: { widthM: 0.5, periodS: 1.6 },
  glide: { widthM: 0.7, periodS: 2.4 },
  shimmy: { widthM: 0.06, periodS: 0.3 },
  kick: { widthM: 0.1, periodS: 0.5 },
}
