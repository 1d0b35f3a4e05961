import { askOf } from '#core/ask'
import { courseOf, type CoursePoint } from '#core/course'
import { CADENCE_TABLE, TACTICS, type TacticRow, TECHNIQUES } from '#core/knowledge'
import { fallSpeed, type LureProfile } from '#core/lure'
import { judgedWays, prepareBox, presentedOf, type Scene, sceneOf, type Thrown } from '#core/match'
import type { Reading } from '#core/reading'
import type { Schools } from '#core/rule'
import type { Lure } from '#core/tackle'
import type { Cadence, Family, TacticId } from '#core/terms'
import type { UnitSystem } from '#core/units'
import { countdownOf, howTold } from './tie-on'

/** How a tactic or a cadence goes through the water, worked out as a set-up is: a kind's usual bait, in plain water of which it is told. */
export interface Sketch {
  readonly family: Family
  /** What the hand does, with the figures of this drawing. */
  readonly told: string
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

export interface Sketches {
  readonly tactics: Partial<Record<TacticId, Sketch>>
  readonly cadences: Partial<Record<Cadence, Sketch>>
}

/** Every tactic and every cadence that can be shown, by its id; a cadence as it is worked in the first tactic that uses it. */
export function sketches(system: UnitSystem = 'metric'): Sketches {
  const prepared = prepareBox({ lures: [...BAITS], parts: [], outfits: [], tests: [], trips: [] })
  const tactics: Sketches['tactics'] = {}
  const cadences: Sketches['cadences'] = {}
  for (const ask of WATERS.flatMap(water => [askOf(water), askOf(water, { schools: SCHOOLS })])) {
    const scene = sceneOf(prepared, ask)
    for (const tactic of TACTICS) {
      if (tactics[tactic.id]) continue
      const way = wayOf(tactic, prepared.lures, scene)
      if (!way) continue
      tactics[tactic.id] = sketchOf(way, scene, system)
      for (const { cadence } of tactic.cadences) {
        if (cadences[cadence]) continue
        const pauseS = CADENCE_TABLE[cadence].pauseS?.[USUAL_PAUSE] ?? null
        cadences[cadence] = sketchOf({ ...way, tackle: { ...way.tackle, cadence, pauseS } }, scene, system)
      }
    }
  }
  return { tactics, cadences }
}

/** Of the pauses of a cadence the one in the middle, between those for cold and for warm water. */
const USUAL_PAUSE = 1

/** An end, or where a way turns up or down, or becomes another stage: a drawing without it would be another way. */
function isTurn(points: readonly CoursePoint[], i: number): boolean {
  const [before, at, after] = [points[i - 1], points[i]!, points[i + 1]]
  if (!before || !after) return true
  return (at.depth - before.depth) * (after.depth - at.depth) < 0 || after.stage !== at.stage
}

function wayOf(tactic: TacticRow, lures: readonly LureProfile[], scene: Scene): Thrown | null {
  for (const family of tactic.families) {
    for (const profile of lures) {
      if (profile.lure.family !== family) continue
      const way = judgedWays(profile, scene).find(({ assembly }) => assembly.way.tactic === tactic)
      if (way) return way
    }
  }
  return null
}

function sketchOf(
  { tackle, placement }: Pick<Thrown, 'tackle' | 'placement'>,
  { ask, waterDensity }: Scene,
  system: UnitSystem,
): Sketch {
  const { points, seconds } = courseOf(presentedOf(tackle, placement, ask, waterDensity))
  const every = Math.ceil(points.length / POINTS)
  const { letDownM, speedMs } = placement
  return {
    family: tackle.profile.lure.family,
    told: howTold(
      {
        cadence: tackle.cadence,
        pauseS: tackle.pauseS,
        countdownS: countdownOf(tackle.technique, letDownM, fallSpeed(tackle, waterDensity).value),
        letDownM,
        speedMs,
        turnsPerS: null,
      },
      system,
    ),
    points: points
      .filter((_, i) => i % every === 0 || isTurn(points, i))
      .map(({ x, depth, stage }) => ({ x, depth, stage })),
    bottomM: ask.features.numbers.bottomM,
    farM: points.reduce((most, { x }) => Math.max(most, x), 0),
    seconds,
  }
}
