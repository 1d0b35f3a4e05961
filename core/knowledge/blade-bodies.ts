import type { BladeShape } from '#core/terms'

/** What a turning blade is to the water. */
export interface BladeBody {
  /** Disc area of the blade over that of a round one of its number. */
  readonly area: number
  /** Drag coefficient on the blade's own area while it turns: a round blade stands out from the wire, a long one lies along it. */
  readonly drag: number
  /** Lift over drag of the blade, up. */
  readonly lift: number
  /** What it is and does, in a sentence. Common practice, no source. */
  readonly text: string
}

/**
 * Blades as bodies. The order by lift and drag is common practice (trade §3: willow least, then turtleback, Indiana, Colorado most);
 * the figures are assumed, so that the usual set of a family gives that family's drag and lift.
 */
export const BLADE_BODIES: Readonly<Record<BladeShape, BladeBody>> = {
  willow: {
    area: 0.85,
    drag: 0.3,
    lift: 0.4,
    text: 'Long and pointed: lies along the wire and turns fast. Most flash, least thump; for clear water, weed and a fast pace.',
  },
  turtleback: {
    area: 0.8,
    drag: 0.45,
    lift: 0.45,
    text: 'A willow with a rounder, deeper back: a little more thump at the same flash.',
  },
  oval: {
    area: 0.8,
    drag: 0.6,
    lift: 0.5,
    text: 'The blade of most inline spinners: starts at a slow pace and keeps turning.',
  },
  fluted: {
    area: 0.8,
    drag: 0.65,
    lift: 0.5,
    text: 'Ribbed like a shell: the light breaks on every rib; thump as of an oval one.',
  },
  indiana: {
    area: 0.9,
    drag: 0.75,
    lift: 0.65,
    text: 'A drop between long and round: thump and flash in equal parts, at a middling pace.',
  },
  colorado: {
    area: 1,
    drag: 1,
    lift: 0.75,
    text: 'Round and cupped: stands out from the wire, lifts most and thumps most. For coloured water, night and a slow pace.',
  },
}

/** Diameter of a round blade by its number: so much at 0, and more for each number [mm]. From memory: about 12 mm at 0, 25 at 3, 46 at 8. */
export const ROUND_BLADE_MM = { atNought: 12, perNumber: 4.2 }
/** Number taken for a blade of unknown size. Assumed. */
export const USUAL_BLADE_NUMBER = 3

/** The blades that a family's typical drag and lift are those of. Assumed. */
export const USUAL_BLADES: Readonly<
  Partial<Record<string, readonly { readonly shape: BladeShape; readonly size: number }[]>>
> = {
  'spinnerbait': [
    { shape: 'colorado', size: 3 },
    { shape: 'willow', size: 4 },
  ],
  'inline-spinner': [{ shape: 'oval', size: 3 }],
  'tail-spinner': [{ shape: 'colorado', size: 1 }],
}

/** A trailer swims in the wake of its host: share of its own drag that it adds on the retrieve and on the fall. Assumed. */
export const TRAILER_DRAG = { tow: 0.5, fall: 0.7 }
/** A trailer's lift over its drag for each step of thump above the least: what kicks lifts (trade §6: a paddle-tail runs higher and slower). Assumed. */
export const TRAILER_LIFT_PER_THUMP = 0.15
