import type { SetupTraits, Trait } from '#core/lure'

/** Something that is taken along: a lure (also as a trailer), a head or a sinker. */
export interface PackItem {
  readonly id: string
  readonly kind: 'lure' | 'part'
  /** Weight of all pieces that go along, spares included [g]. */
  readonly grams: number
  readonly pieces: number
  /** Slots of a box that it fills; parts go in a tin and fill none. */
  readonly slots: number
}

/** One way of fishing one lure on one rod under one reading. */
export interface PackOption {
  readonly reading: number
  readonly lureId: string
  readonly outfitId: string
  /** What it catches in that water: the best of the reading its score, every other less by the ratio of their odds; 0..1. */
  readonly score: number
  /** Other items that it needs: trailer, head, sinker. */
  readonly needs: readonly string[]
  /** What of it the fish may want or not; absent: nothing is known of it. */
  readonly traits?: SetupTraits
}

/**
 * One day that may come: tomorrow’s water is guessed, what the fish want is not known, the judgement is not sure of itself, and things are lost.
 * A pack is worth what its best set-up that is still there catches, over all such days: so two sure things of one kind are worth less than one of each.
 */
export interface Day {
  /** Index of the likely reading, and how likely the day is; all add up to 1. */
  readonly reading: number
  readonly weight: number
  /** Values of traits that the fish want; what is not wanted catches less. */
  readonly wants: readonly Wanted[]
  /** How far the judgement is off for each lure: a factor of its catch, by lure id. */
  readonly off: ReadonlyMap<string, number>
  /** Lures of which every piece is gone by then. */
  readonly lost: ReadonlySet<string>
}

/** A value of a trait that the fish want. */
export interface Wanted {
  readonly trait: Trait
  readonly value: string | number
}

/** A wish of the trade for the whole pack (trade §17): at least one of these along. */
export interface PackWish {
  readonly id: WishId
  readonly lureIds: readonly string[]
}
export type WishId = `${'above' | 'at' | 'under'}-${'natural' | 'hot'}` | 'search' | 'clean-up' | 'noisy' | 'silent'

/** What may go along; an absent limit is none. */
export interface PackLimits {
  /** Rods to rig. */
  readonly rods: number
  readonly lures: number
  readonly boxes: number
  readonly slotsPerBox: number
  /** Weight of everything in the boxes [g]. */
  readonly grams: number | null
}

export interface PackLocks {
  /** Ids of lures, parts and rods that must go along. */
  readonly take: ReadonlySet<string>
  readonly leave: ReadonlySet<string>
}

export interface PackProblem {
  /** Weights of the readings; they add up to 1. */
  readonly weights: readonly number[]
  readonly items: readonly PackItem[]
  readonly outfitIds: readonly string[]
  readonly options: readonly PackOption[]
  /** Days that may come under these readings; empty: each reading as it is judged, once. */
  readonly days: readonly Day[]
  readonly wishes: readonly PackWish[]
  readonly limits: PackLimits
  readonly locks: PackLocks
}

/** What goes along, and what hangs on each rod at first light. */
export interface Pack {
  readonly items: readonly string[]
  readonly rods: readonly string[]
  /** Lure on each rod at first light, by rod. */
  readonly rigged: Readonly<Record<string, string>>
}

/** The pack without one thing, a lure, a part or a rod, and without what hung ready on it. */
export function leftOut(pack: Pack, id: string): Pack {
  return {
    items: pack.items.filter(i => i !== id),
    rods: pack.rods.filter(r => r !== id),
    rigged: Object.fromEntries(Object.entries(pack.rigged).filter(([rod, lure]) => rod !== id && lure !== id)),
  }
}

/** Set-ups told of each reading: the best and what follows. */
export const SHOWN = 3
/** A set-up that must first be tied on (models part N). */
export const NOT_RIGGED = 0.9
/** A wish that is met is worth so much of a perfect fit. Assumed: it decides between packs that are otherwise nearly alike. */
export const WISH_WORTH = 0.004
