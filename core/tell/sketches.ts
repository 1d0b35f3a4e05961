import { askOf } from '#core/ask'
import { courseOf, type CoursePoint } from '#core/course'
import { TACTICS, type TacticRow, TECHNIQUES } from '#core/knowledge'
import { judgedWays, prepareBox, presentedOf, type Scene, sceneOf } from '#core/match'
import type { LureProfile } from '#core/lure'
import type { Reading } from '#core/reading'
import type { Schools } from '#core/rule'
import type { Lure } from '#core/tackle'
import type { Family, TacticId } from '#core/terms'

/** How a tactic goes through the water, worked out as a set-up is: a kind's usual bait, in plain water of which it is told. */
export interface Sketch {
  readonly family: Family
  readonly points: readonly Pick<CoursePoint, 'x' | 'depth' | 'stage'>[]
  readonly bottomM: number
  readonly farM: number
  readonly seconds: number
}

/** Waters in which tactics are shown, the plainest first; a tactic stands in the first that it is offered in. Invented. */
const WATERS: readonly Reading[] = (
  [
    { bottomM: 2.5, fishFromM: 1, fishToM: 2.2, cover: ['open'] },
    { bottomM: 2.5, fishFromM: 0.3, fishToM: 2.2, cover: ['grass'], coverTopM: 1 },
    { bottomM: 2.5, fishFromM: 1.5, fishToM: 2.5, cover: ['wood', 'rock'], mood: 'lethargic' },
    { bottomM: 3, fishFromM: 1, fishToM: 3, cover: ['open'], temperatureC: 5, mood: 'lethargic' },
    { bottomM: 8, fishFromM: 6, fishToM: 8, cover: ['rock'] },
    { bottomM: 1.5, fishFromM: 0.3, fishToM: 1.5, cover: ['gravel'], water: 'river', from: 'wading', currentMs: 0.5 },
  ] as const
).map(water => ({
  species: 'largemouth-bass',
  temperatureC: 18,
  visibilityM: 1.5,
  from: 'boat',
  ...water,
  cover: [...water.cover],
}))

/** A usual bait of every kind and make that tactics and rigs name. */
const BAITS: readonly Lure[] = TACTICS.flatMap(({ families, styles, rigs }) =>
  families.flatMap(family => {
    const rigged = TECHNIQUES.filter(t => rigs.includes(t.rig) && t.families.includes(family))
    return [...(styles ?? [null]), ...rigged.flatMap(t => t.styles ?? [])].map(style => ({ family, style }))
  }),
).map((bait, i) => ({ id: `bait ${i}`, name: bait.family, ...bait }))

/** A tactic that only another school than the usual one fishes is shown all the same. */
const SCHOOLS: Partial<Schools> = Object.assign({}, ...TACTICS.map(({ school }) => school ?? {}))

/** Points that a drawing of a thumb's size can show. */
const POINTS = 120

/** Every tactic that can be shown, by its id. */
export function sketches(): Partial<Record<TacticId, Sketch>> {
  const prepared = prepareBox({ lures: [...BAITS], parts: [], outfits: [], tests: [], trips: [] })
  const found: Partial<Record<TacticId, Sketch>> = {}
  for (const ask of WATERS.flatMap(water => [askOf(water), askOf(water, { schools: SCHOOLS })])) {
    const scene = sceneOf(prepared, ask)
    for (const tactic of TACTICS) {
      const sketch = found[tactic.id] ?? sketchOf(tactic, prepared.lures, scene)
      if (sketch) found[tactic.id] = sketch
    }
  }
  return found
}

/** An end, or where a way turns up or down, or becomes another stage: a drawing without it would be another way. */
function isTurn(points: readonly CoursePoint[], i: number): boolean {
  const [before, at, after] = [points[i - 1], points[i]!, points[i + 1]]
  if (!before || !after) return true
  return (at.depth - before.depth) * (after.depth - at.depth) < 0 || after.stage !== at.stage
}

function sketchOf(tactic: TacticRow, lures: readonly LureProfile[], scene: Scene): Sketch | null {
  for (const family of tactic.families) {
    for (const profile of lures) {
      if (profile.lure.family !== family) continue
      const way = judgedWays(profile, scene).ways.find(({ assembly }) => assembly.way.tactic === tactic)
      if (!way) continue
      const { ask, waterDensity } = scene
      const { points, seconds } = courseOf(presentedOf(way.tackle, way.placement, ask, waterDensity))
      const every = Math.ceil(points.length / POINTS)
      return {
        family,
        points: points
          .filter((_, i) => i % every === 0 || isTurn(points, i))
          .map(({ x, depth, stage }) => ({ x, depth, stage })),
        bottomM: ask.features.numbers.bottomM,
        farM: points.reduce((most, { x }) => Math.max(most, x), 0),
        seconds,
      }
    }
  }
  return null
}
