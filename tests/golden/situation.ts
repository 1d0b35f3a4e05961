import type { Reading } from '#core/reading'
import type { Box, Lure, Outfit, Part } from '#core/tackle'
import { match } from '#core/tell'

/** A situation whose best choice the handbook states, with its section. All are common practice, no source. */
export interface Situation {
  readonly section: string
  readonly what: string
  readonly lures: Lure[]
  readonly reading: Reading
  readonly best: string
  readonly parts?: Part[]
  readonly schools?: NonNullable<Parameters<typeof match>[2]>['schools']
}

export const universalRod = (id: string, lureMinG: number, lureMaxG: number): Outfit => ({
  id,
  name: id,
  rod: { kind: 'casting', power: 'medium-heavy', action: 'moderate-fast', lureMinG, lureMaxG },
  reel: { ratio: 6.4, spoolDiameterMm: 36 },
  line: { material: 'braid', testKg: 9, diameterMm: 0.2 },
  leader: { material: 'fluorocarbon', testKg: 7, diameterMm: 0.75, lengthM: 1 },
})
const OUTFITS = [universalRod('light', 2, 12), universalRod('middle', 7, 30), universalRod('heavy', 25, 120)]

/** The whole answer for some lures on rods that could throw any of them. */
export function answer(lures: Lure[], reading: Reading, options?: Parameters<typeof match>[2], parts: Part[] = []) {
  const box: Box = { lures, parts, outfits: OUTFITS, tests: [], trips: [] }
  return match(box, reading, options)
}
export const winner = (lures: Lure[], reading: Reading, options?: Parameters<typeof match>[2], parts: Part[] = []) =>
  answer(lures, reading, options, parts).setups[0]?.lureId
export const bass = (part: Partial<Reading>): Reading => ({
  species: 'largemouth-bass',
  temperatureC: 20,
  bottomM: 4,
  fishFromM: 1,
  fishToM: 3,
  ...part,
})
export const paint = (pattern: 'natural' | 'hot' | 'dark' | 'plain') => ({ pattern })
