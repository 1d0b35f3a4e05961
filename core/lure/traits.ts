import type { Cadence } from '#core/terms'
import type { LureProfile } from './profile'

/** What an angler can change, one at a time (trade §15). */
export const TRAITS = ['colour', 'size', 'depth', 'speed', 'action'] as const
export type Trait = (typeof TRAITS)[number]

/** A set-up in the classes in which anglers speak of "the same" and "another". */
export interface SetupTraits {
  readonly colour: string
  /** Index of the size class, small to large. */
  readonly size: number
  readonly depth: number
  readonly speed: number
  readonly action: string
}

/** Upper borders of the classes. Assumed: steps that an angler would call different. Sizes [mm], depths [m], speeds [m/s]. */
export const SIZE_CLASSES_MM = [55, 80, 110, 150, Infinity] as const
export const DEPTH_CLASSES_M = [0.4, 1.2, 2.5, 4.5, 8, Infinity] as const
export const SPEED_CLASSES_MS = [0.2, 0.45, 0.8, 1.3, Infinity] as const

export function classOf(classes: readonly number[], value: number): number {
  return classes.findIndex(border => value <= border)
}

/** From where to where a class goes; the last one may be endless. */
export function classRange(classes: readonly number[], index: number): readonly [number, number] {
  return [index === 0 ? 0 : classes[index - 1]!, classes[index]!]
}

/** Metal counts before paint: a gold blade is gold, whatever the skirt. */
export function colourClass({ colours, blades }: Pick<LureProfile, 'colours' | 'blades'>): string {
  const metal = colours.value.metal !== 'none' ? colours.value.metal : (blades[0]?.metal ?? 'none')
  return metal === 'none' || metal == null ? colours.value.pattern : metal === 'copper' ? 'gold' : metal
}

/** Cadences that move a bait alike. Assumed grouping. */
const MOVES: Record<Cadence, string> = {
  'steady': 'steady',
  'countdown-steady': 'steady',
  'slow-roll': 'steady',
  'burn': 'steady',
  'troll': 'steady',
  'drift': 'steady',
  'stop-and-go': 'stopped',
  'jerk-pause': 'stopped',
  'touch-and-pause': 'stopped',
  'sweep-pause': 'stopped',
  'hang-still': 'stopped',
  'walk': 'stopped',
  'pop': 'stopped',
  'rip': 'ripped',
  'tick': 'steady',
  'bottom-hop': 'on the bottom',
  'drag': 'on the bottom',
  'shake': 'on the bottom',
  'dead-stick': 'falling',
  'yo-yo': 'falling',
  'lift-drop': 'falling',
  'vertical-fast': 'falling',
  'vertical-slow': 'falling',
  'long-fall': 'falling',
}

/** How a bait moves: its own action and how it is worked. */
export function actionClass(profile: Pick<LureProfile, 'action'>, cadence: Cadence | null): string {
  return cadence === null ? profile.action.value : `${profile.action.value}, ${MOVES[cadence]}`
}

export function traitsOf(
  profile: LureProfile,
  { depthM, speedMs, cadence }: { readonly depthM: number; readonly speedMs: number; readonly cadence: Cadence | null },
): SetupTraits {
  return {
    colour: colourClass(profile),
    size: classOf(SIZE_CLASSES_MM, profile.lengthMm.value),
    depth: classOf(DEPTH_CLASSES_M, depthM),
    speed: classOf(SPEED_CLASSES_MS, speedMs),
    action: actionClass(profile, cadence),
  }
}

/** In which traits two set-ups differ. */
export function differingTraits(a: SetupTraits, b: SetupTraits): Trait[] {
  return TRAITS.filter(trait => a[trait] !== b[trait])
}
