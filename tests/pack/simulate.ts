import { prepareBox } from '#core/match'
import { finished, seededRandom } from '#core/numeric'
import {
  breachesOf,
  Catches,
  type Day,
  drawDays,
  greedyPack,
  type Pack,
  packProblem,
  type PackProblem,
  valueOf,
} from '#core/pack'
import type { Box } from '#core/tackle'
import { SPECIES } from '#core/terms'
import demo from '../../demo/box.json'

/** Packs made in three ways for the same water, and what each catches on days that none of them has seen. */
export interface Caught {
  readonly plan: number
  /** The same planner told the very days it is tried on: no plan can hope for more. */
  readonly told: number
  readonly byScore: number
  readonly random: number
}

const box = prepareBox(demo as unknown as Box)
const LIMITS = { rods: 2, lures: 10, boxes: 1, slotsPerBox: 14, grams: 600 } as const
/** Days on which the packs are tried. */
const TRIED_DAYS = 2000
const RANDOM_PACKS = 8

/** A water drawn by chance, with four likely readings. */
function problemOf(seed: number, days: number): PackProblem {
  const random = seededRandom(seed)
  const pick = <T>(list: readonly T[]) => list[Math.floor(random() * list.length)]!
  const base = {
    species: pick(SPECIES),
    temperatureC: 6 + 16 * random(),
    visibilityM: 0.3 * 12 ** random(),
    bottomM: 2 + 6 * random(),
    from: pick(['boat', 'bank'] as const),
    cover: [pick(['open', 'grass', 'wood', 'rock', 'reeds'] as const)],
  }
  const readings = [
    { sky: 'overcast', mood: 'aggressive' },
    { sky: 'sun', mood: 'neutral' },
    { sky: 'sun', windMs: 9 },
    { sky: 'broken', mood: 'lethargic' },
  ] as const
  return finished(
    packProblem(
      box,
      {
        readings: readings.map((r, i) => ({ name: String(i), reading: { ...base, ...r }, weight: 1 })),
        limits: LIMITS,
        locks: { take: new Set(), leave: new Set() },
      },
      seededRandom(seed + 1),
      {},
      days,
    ),
  )
}

/** The best lures by their mean score, each on the rod it is best on; the rods that most of them want. */
function byScore(problem: PackProblem): Pack {
  const mean = new Map<string, number>()
  for (const { lureId, score, reading } of bestOfEach(problem))
    mean.set(lureId, (mean.get(lureId) ?? 0) + problem.weights[reading]! * score)
  return filled(
    problem,
    [...mean].sort((a, b) => b[1] - a[1]).map(([id]) => id),
  )
}

/** Each lure's best option under each reading. */
function bestOfEach({ options }: PackProblem) {
  const best = new Map<string, PackProblem['options'][number]>()
  for (const option of options) {
    const key = `${option.lureId} ${option.reading}`
    if (option.score > (best.get(key)?.score ?? 0)) best.set(key, option)
  }
  return [...best.values()]
}

/** Takes lures in this order as far as the limits go, with what each needs, and the rods that most are best on. */
function filled(problem: PackProblem, order: readonly string[]): Pack {
  const best = bestOfEach(problem)
  const wanted = new Map<string, number>()
  for (const { lureId, outfitId } of best)
    if (order.slice(0, LIMITS.lures).includes(lureId)) wanted.set(outfitId, (wanted.get(outfitId) ?? 0) + 1)
  const rods = [...wanted]
    .sort((a, b) => b[1] - a[1])
    .slice(0, LIMITS.rods)
    .map(([id]) => id)
  let pack: Pack = { items: [], rods, rigged: {} }
  for (const id of order) {
    const option = problem.options
      .filter(o => o.lureId === id && rods.includes(o.outfitId))
      .sort((a, b) => b.score - a.score)[0]
    if (!option) continue
    const next = { ...pack, items: [...new Set([...pack.items, id, ...option.needs])] }
    if (breachesOf(problem, next).length > 0) continue
    const free = rods.find(rod => rod === option.outfitId && pack.rigged[rod] === undefined)
    pack = free ? { ...next, rigged: { ...next.rigged, [free]: id } } : next
  }
  return pack
}

/** One water: what the three ways of packing catch on days drawn anew, with the judgement as far off as it is. */
function simulate(seed: number, planned: number): Caught {
  const problem = problemOf(seed, planned)
  const pieces = new Map(problem.items.map(i => [i.id, i.pieces]))
  const kinds = new Map(box.lures.map(p => [p.lure.id, p.lure.family]))
  const lures = [...new Set(problem.options.map(o => o.lureId))].map(id => ({
    id,
    kind: kinds.get(id) ?? id,
    pieces: pieces.get(id) ?? 1,
    isAtRisk: (pieces.get(id) ?? 1) > 1,
  }))
  const days: readonly Day[] = problem.weights.flatMap((weight, r) =>
    drawDays(
      r,
      weight,
      problem.options.filter(o => o.reading === r),
      lures,
      { random: seededRandom(seed + 500), days: TRIED_DAYS, spread: 1 },
    ),
  )
  const catches = new Catches({ ...problem, days })
  const caught = (pack: Pack) => valueOf({ wishes: [] }, catches, pack).expected
  const random = seededRandom(seed + 900)
  const shuffled = () =>
    [...lures]
      .map(l => ({ id: l.id, at: random() }))
      .sort((a, b) => a.at - b.at)
      .map(l => l.id)
  return {
    plan: caught(greedyPack(problem, new Catches(problem))),
    told: caught(greedyPack({ ...problem, days }, catches)),
    byScore: caught(byScore(problem)),
    random:
      Array.from({ length: RANDOM_PACKS }, () => caught(filled(problem, shuffled()))).reduce((a, b) => a + b, 0) /
      RANDOM_PACKS,
  }
}

/** Means over so many waters; the plan is made on `planned` days. */
export function simulated(waters: number, planned: number): Caught {
  const all = Array.from({ length: waters }, (_, i) => simulate(100 + 7 * i, planned))
  const mean = (of: (c: Caught) => number) => all.reduce((sum, c) => sum + of(c), 0) / all.length
  return {
    plan: mean(c => c.plan),
    told: mean(c => c.told),
    byScore: mean(c => c.byScore),
    random: mean(c => c.random),
  }
}
