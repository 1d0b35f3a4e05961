import type { FamilyRow } from '#core/knowledge'
import type { Blade, Lure } from '#core/tackle'
import { computed, type Known, typical } from './known'
import { scale5 } from './scale'

/** What a lure of its kind usually is, as far as its size and its paint say: what stands in where its owner says nothing. */

/** A body twice as long as its kind's usual one is so much bulkier [1–5 scale]. Assumed: the middle of 237 lures catalogued by hand (tests/corpus/boxes). */
const BULK_PER_DOUBLING = 1.5
/** What shines by metal flashes so much less without it, and again where it is painted over or matte [1–5 scale]. Assumed, from the same lures. */
const DULL = { noMetal: 1.7, matte: 0.6 }
/** What does not shine by itself flashes so much more with metal on it [1–5 scale]. Assumed, from the same lures. */
const METAL_ON_PAINT = 0.6
/** Kinds that flash this much and more shine by metal [1–5 scale]. Assumed. */
const SHINES = 3

/** Length of a lure of which only the weight is known [mm]: as its kind, grown evenly. */
export function usualLength(row: FamilyRow, weightG: number | null): Known<number> {
  return weightG === null ? typical(row.lengthMm) : computed(row.lengthMm * Math.cbrt(weightG / row.weightG))
}

/** 1–5, by the length. */
export function usualBulk(row: FamilyRow, length: Known<number>): Known<number> {
  const bulk = scale5(row.bulk + BULK_PER_DOUBLING * Math.log2(length.value / row.lengthMm))
  return length.known === 'typical' ? typical(bulk) : computed(bulk)
}

/** 1–5 in sun, by the metal on its blades or its body; as its kind usually has it where nobody says. */
export function usualFlash(row: FamilyRow, { colours }: Lure, blades: readonly Blade[]): Known<number> {
  const metals = blades.some(b => b.metal != null) ? blades.map(b => b.metal) : [colours?.metal]
  if (metals.every(metal => metal == null)) return typical(row.flash)
  const hasMetal = metals.some(metal => metal != null && metal !== 'none')
  if (row.flash < SHINES) return computed(scale5(row.flash + (hasMetal ? METAL_ON_PAINT : 0)))
  const isMatte = colours?.finish === 'matte' || colours?.finish === 'painted'
  return computed(scale5(row.flash - (hasMetal ? 0 : DULL.noMetal + (isMatte ? DULL.matte : 0))))
}
