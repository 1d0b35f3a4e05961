import { askOf, type AskOptions } from '#core/ask'
import { type LureProfile, traitsOf } from '#core/lure'
import type { PreparedBox } from '#core/match'
import type { Reading } from '#core/reading'
import { isSoftBody } from '#core/terms'
import { drawDays, type LureOfDay } from './days'
import { againstTheBest, judgedOnEach } from './judged'
import type { PackItem, PackLimits, PackLocks, PackOption, PackProblem, PackWish, WishId } from './problem'

/** A reading that tomorrow may bring, and how likely it is against the others. */
export interface LikelyReading {
  readonly name: string
  readonly reading: Reading
  readonly weight: number
}

export interface PackRequest {
  readonly readings: readonly LikelyReading[]
  readonly limits: PackLimits
  readonly locks: PackLocks
}

/** Pieces that go along, as far as there are so many: soft bodies tear, what is fished on the bottom or in cover is lost, weights more so. Assumed. */
const PIECES = { soft: 4, snags: 2, part: 3 }
/** Soft bodies by how they tore on the bench: below the first force [kgf] half as many again, above the other half of it. The range of the handbook's sticks is 0.4 to 1.1 (§6); the borders are assumed. */
const TEARS = { soonBelowKg: 0.5, lateAboveKg: 1, soon: 6, late: 2 }

/** Pieces of a lure that go along, as far as there are so many. */
function piecesOf({ lure, tearKg }: LureProfile, isAtRisk: boolean): number {
  if (!isSoftBody(lure.family)) return isAtRisk ? PIECES.snags : 1
  return tearKg === null
    ? PIECES.soft
    : tearKg < TEARS.soonBelowKg
      ? TEARS.soon
      : tearKg > TEARS.lateAboveKg
        ? TEARS.late
        : PIECES.soft
}
/** Lures longer than this fill two slots [mm]. Assumed. */
const LONG_MM = 130
/** Open hooks in such places are lost. */
const SNAGS: readonly string[] = ['wood', 'brush', 'boulders', 'rock', 'kelp', 'mangrove', 'reeds', 'grass']
/** Ways of fishing with which one searches; with the others one cleans up (trade §12). */
const SEARCHING: readonly string[] = ['surface', 'moving']
/** A lure meets a wish only where it does at least this share of the best on that rod. Assumed. */
const MEANT_FROM = 0.75

/**
 * The planner’s problem from a box: the ways of fishing each lure on each rod under each likely reading that a pack may count on, judged as on the water,
 * with what each needs beside itself, and the days that may come of them, drawn with the given randomness. Steps, so that a caller can show progress or stop; yields the share done.
 */
export function* packProblem(
  box: PreparedBox,
  { readings, limits, locks }: PackRequest,
  random: () => number,
  options: AskOptions = {},
  days?: number,
): Generator<number, PackProblem> {
  const total = readings.reduce((sum, r) => sum + r.weight, 0)
  const outfits = box.outfits.filter(o => !locks.leave.has(o.outfit.id))
  const found: PackOption[] = []
  const wishes = new Map<WishId, Set<string>>()
  const wish = (id: WishId, lureId: string) => wishes.set(id, (wishes.get(id) ?? new Set()).add(lureId))
  const atRisk = new Set<string>()
  let step = 0
  for (const [r, { reading }] of readings.entries()) {
    const ask = askOf(reading, options)
    const inSnags = ask.reading.cover.some(c => SNAGS.includes(c))
    for (const { outfit, setups } of judgedOnEach({ ...box, outfits }, ask, locks.take)) {
      const best = setups[0]?.score ?? 0
      for (const { profile, trailer, added, way, placement, cadence, score } of setups) {
        const { lure } = profile
        const needs = [
          ...(trailer ? [trailer.lure.id] : []),
          ...(added.part ? [added.part.id] : []),
          ...(added.spoon ? [added.spoon.lure.id] : []),
        ]
        found.push({
          reading: r,
          lureId: lure.id,
          outfitId: outfit.outfit.id,
          score,
          needs,
          traits: traitsOf(profile, { ...placement, cadence }),
        })
        if (way === 'bottom' || (inSnags && profile.snagGuard.value < 2)) atRisk.add(lure.id)
        if (score < MEANT_FROM * best) continue
        const { pattern } = profile.colours.value
        const zone =
          placement.depthM < ask.reading.fishFromM ? 'above' : placement.depthM > ask.reading.fishToM ? 'under' : 'at'
        if (pattern === 'natural' || pattern === 'hot') wish(`${zone}-${pattern}`, lure.id)
        wish(profile.sound.value > 0 ? 'noisy' : 'silent', lure.id)
        wish(SEARCHING.includes(way) ? 'search' : 'clean-up', lure.id)
      }
    }
    yield ++step / readings.length
  }
  const used = new Set(found.flatMap(o => [o.lureId, ...o.needs]))
  const wanted = (id: string) => used.has(id) || locks.take.has(id)
  const lures = [...box.lures, ...box.trailers.filter(t => t.lure.role === 'trailer')]
    .filter(({ lure }) => wanted(lure.id) && lure.quantity !== 0)
    .map((profile): PackItem => {
      const { lure, weightG, lengthMm } = profile
      const pieces = Math.min(lure.quantity ?? 1, piecesOf(profile, atRisk.has(lure.id)))
      return {
        id: lure.id,
        kind: 'lure',
        pieces,
        grams: pieces * weightG.value,
        slots: lengthMm.value > LONG_MM && !isSoftBody(lure.family) ? 2 : 1,
      }
    })
  const parts = box.box.parts
    .filter(p => wanted(p.id) && p.quantity !== 0)
    .map((part): PackItem => {
      const pieces = Math.min(part.quantity ?? 1, PIECES.part)
      return { id: part.id, kind: 'part', pieces, grams: pieces * (part.weightG ?? 0), slots: 0 }
    })
  const weights = readings.map(r => (total > 0 ? r.weight / total : 0))
  const kinds = new Map(box.lures.map(p => [p.lure.id, p.lure.family]))
  const ofDay = lures.map(({ id, pieces }): LureOfDay => ({
    id,
    kind: kinds.get(id) ?? id,
    pieces,
    isAtRisk: atRisk.has(id),
  }))
  const byReading = weights.map((_, r) => againstTheBest(found.filter(o => o.reading === r)))
  const drawn = weights.flatMap((weight, r) => drawDays(r, weight, byReading[r]!, ofDay, { random, days }))
  return {
    weights,
    days: drawn,
    items: [...lures, ...parts],
    outfitIds: outfits.map(o => o.outfit.id),
    options: byReading.flat(),
    wishes: [...wishes].map(([id, ids]): PackWish => ({ id, lureIds: [...ids] })),
    limits,
    locks,
  }
}
