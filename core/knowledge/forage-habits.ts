import type { ForageId } from '#core/terms'

/** Lengths met by season [mm], and how it moves. */
export interface ForageHabit {
  readonly spring: number
  readonly summer: number
  readonly autumn: number
  readonly winter: number
  readonly movement: string
}

const row = (spring: number, summer: number, autumn: number, winter: number, movement: string): ForageHabit => ({
  spring,
  summer,
  autumn,
  winter,
  movement,
})

/**
 * How large the prey is in each season and how it moves (trade §21). Colours stand in `paints.ts`, shape and level in `forage.ts`.
 * Source: common practice, no source; lengths from memory, unconfirmed, for waters of the temperate north.
 */
export const FORAGE_HABITS: Record<ForageId, ForageHabit> = {
  'shad-small': row(50, 60, 75, 80, 'schools in open water, flashes when it turns, flutters when it dies in the cold'),
  'shad-large': row(170, 180, 200, 200, 'schools deep, slow and broad, dies off in cold snaps'),
  'smelt': row(110, 100, 110, 120, 'slim schools, runs up rivers in spring'),
  'herring': row(100, 90, 120, 140, 'dense schools, rise at dusk'),
  'bleak': row(70, 80, 90, 100, 'near the surface, scatters in jumps'),
  'minnow': row(45, 50, 60, 65, 'along edges, short darts'),
  'perch-juvenile': row(50, 60, 80, 90, 'barred, hovers by weed, stops and goes'),
  'sunfish': row(60, 70, 80, 80, 'hangs in cover, turns on the spot'),
  'goby': row(60, 70, 80, 80, 'on the bottom, hops and stops'),
  'crayfish': row(50, 65, 70, 60, 'crawls, flees backward in bursts; soft after moulting in early summer'),
  'shrimp': row(40, 50, 65, 50, 'drifts, flicks backward'),
  'sand-eel': row(100, 120, 150, 150, 'needle-thin schools, dives into sand'),
  'needlefish': row(150, 200, 250, 250, 'at the surface, straight dashes'),
  'sardine': row(90, 110, 130, 140, 'tight balls, flashes'),
  'mullet': row(60, 80, 120, 150, 'shoals in the shallows, wakes and jumps; runs in autumn'),
  'whitebait': row(25, 35, 50, 55, 'tiny, in clouds, hangs in the current'),
  'crab': row(30, 40, 40, 35, 'creeps sideways, drops and freezes'),
  'squid': row(100, 150, 180, 200, 'glides and pulses, by night near lights'),
  'frog': row(50, 55, 50, 50, 'kicks over pads and stops'),
  'worm': row(80, 80, 80, 80, 'drifts and wriggles after rain'),
  'insect': row(10, 12, 12, 8, 'rises or drops on the water, helpless'),
}
