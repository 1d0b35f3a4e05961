import { catching, type Caught, caughtBy, difference, type Eye, sharpness, total } from './eye'
import { BLACK, type LureSurface, type ZoneName } from './lure-surface'
import { looksOf, meanByZone, type ZoneLook } from './radiance'
import type { LightScene, View } from './scene'
import { keptInImage } from './water-optics'

/** Half size of a lure [m]. */
const LURE_HALF_M = 0.025
/** Angle of the line of sight from the horizontal, up +: sine. */
const SIGHT_SIN: Record<View, number> = { level: 0, up30: 0.5, down30: -0.5, below: 1, bed: -Math.SQRT1_2 }
/** A line of sight downward cannot gain more than this share of c·d. Assumed. */
const MOST_GAIN = 0.5

/** What an eye catches of a look over a distance of water, and what it catches beside it. */
interface Path {
  readonly beside: Caught
  readonly caught: (radiance: readonly number[]) => Caught
}

function pathOver(scene: LightScene, eye: Eye, view: View, distanceM: number): Path {
  const {
    optics: { absorption, scattering },
    attenuation,
  } = scene
  const image = keptInImage(LURE_HALF_M, distanceM)
  const t = absorption.map((a, i) => Math.exp(-(a + scattering[i]! * (1 - image)) * distanceM))
  const behind = scene.behind[view]
  // What arrives is a straight line of what is sent: the water's own light in between, and a share of the look.
  if (view === 'bed') {
    const caught = catching(
      eye,
      t,
      scene.behind.down30.map((veil, i) => veil * (1 - t[i]!)),
    )
    return { beside: caught(behind), caught }
  }
  const sine = SIGHT_SIN[view]
  const veil = attenuation.map((K, i) =>
    Math.min(Math.exp(-K * distanceM * sine), Math.exp(MOST_GAIN * (absorption[i]! + scattering[i]!) * distanceM)),
  )
  const kept = t.map((share, i) => Math.min(share, veil[i]!))
  return {
    beside: caughtBy(
      eye,
      behind.map((L, i) => L * veil[i]!),
    ),
    caught: catching(
      eye,
      kept,
      behind.map((L, i) => L * (veil[i]! - kept[i]!)),
    ),
  }
}

/** Just-noticeable differences of a whole lure against the water beside it. */
export interface SeenContrast {
  readonly total: number
  readonly hue: number
  readonly brightness: number
  readonly isBright: boolean
}

/**
 * How a lure stands against the water (or bed) over a distance: the root of the zone- and time-weighted mean square.
 *
 * Source: Duntley 1952 for the veil; receptor-noise model of `eye.ts`.
 */
export function contrast(
  surface: LureSurface,
  scene: LightScene,
  eye: Eye,
  view: View,
  distanceM: number,
): SeenContrast {
  return contrastOf(looksOf(surface, scene, view), pathOver(scene, eye, view, distanceM), eye)
}

function contrastOf(looks: readonly ZoneLook[], { beside, caught: arriving }: Path, eye: Eye): SeenContrast {
  const seen = looks.map(({ zone, weight, radiance }) => ({ zone, weight, caught: arriving(radiance) }))
  const rods = new Map<ZoneName, { sum: number; weight: number }>()
  for (const { zone, weight, caught } of seen) {
    const own = rods.get(zone) ?? { sum: 0, weight: 0 }
    rods.set(zone, { sum: own.sum + weight * caught.rod, weight: own.weight + weight })
  }
  let [all, hue, brightness, sign] = [0, 0, 0, 0]
  for (const { zone, weight, caught } of seen) {
    // Rods are slow: of one turning mirror they see the mean of its states, of two parts side by side they do not.
    const own = rods.get(zone)!
    const found = difference(eye, caught, beside, own.sum / own.weight)
    all += weight * total(found) ** 2
    hue += weight * found.hue ** 2
    brightness += weight * (found.brightness ** 2 + found.rod ** 2)
    sign += weight * (bright(eye, caught) - bright(eye, beside))
  }
  return { total: Math.sqrt(all), hue: Math.sqrt(hue), brightness: Math.sqrt(brightness), isBright: sign > 0 }
}

function bright(eye: Eye, caught: Caught): number {
  return eye.brightness.reduce((sum, i) => sum + caught.cones[i]!, 0)
}

/** Where the fish look from: at the lure's level, mostly from below (lure near the top), or over the bed. */
export type LureZone = 'mid' | 'top' | 'bottom'
const PRIORS: Record<LureZone, Partial<Record<View, number>>> = {
  mid: { level: 0.45, up30: 0.3, down30: 0.15, below: 0.1 },
  top: { level: 0.2, up30: 0.4, below: 0.4 },
  bottom: { level: 0.4, up30: 0.1, bed: 0.5 },
}
/** Attenuation lengths at which lures are compared. */
const COMPARED_LENGTHS = 2

export interface Conspicuousness {
  /** 0..1; 0.5 = as strong as a black silhouette. */
  readonly value: number
  readonly byView: Partial<Record<View, SeenContrast & { readonly score: number; readonly weight: number }>>
}

/** What a scene needs to judge many lures: each view's water, black and weight. */
export interface SightLines {
  readonly views: readonly {
    readonly view: View
    readonly path: Path
    readonly weight: number
    readonly black: number
  }[]
  readonly eye: Eye
  readonly scene: LightScene
}

export function sightLines(scene: LightScene, eye: Eye, zone: LureZone): SightLines {
  const distanceM = COMPARED_LENGTHS / scene.beam
  const level = pathOver(scene, eye, 'level', distanceM)
  const views = (Object.entries(PRIORS[zone]) as [View, number][]).map(([view, prior]) => {
    const path = view === 'level' ? level : pathOver(scene, eye, view, distanceM)
    const yardstick = view === 'bed' ? 'level' : view
    return {
      view,
      path,
      weight: prior * sharpness(eye, path.beside),
      black: contrastOf(looksOf(BLACK, scene, yardstick), view === 'bed' ? level : path, eye).total,
    }
  })
  return { views, eye, scene }
}

/** How strongly a lure stands out, over the views from which it may be seen. */
export function conspicuousness(surface: LureSurface, { views, eye, scene }: SightLines): Conspicuousness {
  const byView: Conspicuousness['byView'] = {}
  let [sum, weights] = [0, 0]
  for (const { view, path, weight, black } of views) {
    const seen = contrastOf(looksOf(surface, scene, view), path, eye)
    const score = black === 0 ? 0 : seen.total ** 2 / (seen.total ** 2 + black ** 2)
    byView[view] = { ...seen, score, weight }
    sum += weight * score
    weights += weight
  }
  return { value: weights > 0 ? sum / weights : 0, byView }
}

/** JND at which a likeness is half lost. A convention. */
const HALF_LIKE = 7
const NEAR_M = 0.12
const FAR_M = 0.4
const LIKENESS_LENGTHS = 0.4

/** Distance at which likeness and contrast are judged [m]: 0.4 attenuation lengths, between a hand and an arm. */
export function likenessDistance({ beam }: LightScene): number {
  return Math.min(FAR_M, Math.max(NEAR_M, LIKENESS_LENGTHS / beam))
}

/** What a scene needs to hold many lures against the prey that is eaten there: what is caught of each zone of each prey. */
export interface Likeness {
  readonly scene: LightScene
  readonly eye: Eye
  readonly path: Path
  readonly prey: readonly ReadonlyMap<ZoneName, { readonly caught: Caught }>[]
}

export function likenessTo(prey: readonly LureSurface[], scene: LightScene, eye: Eye): Likeness {
  const path = pathOver(scene, eye, 'level', likenessDistance(scene))
  return { scene, eye, path, prey: prey.map(surface => caughtByZone(surface, scene, path)) }
}

function caughtByZone(surface: LureSurface, scene: LightScene, { caught }: Path) {
  return new Map(
    [...meanByZone(surface, scene, 'level')].map(([zone, { weight, radiance }]) => [
      zone,
      { weight, caught: caught(radiance) },
    ]),
  )
}

/** How close a lure looks to the prey that it is nearest to, 0..1, zone by zone, level, at arm's length or less. */
export function naturalness(surface: LureSurface, { scene, eye, path, prey }: Likeness): number {
  const zones = [...caughtByZone(surface, scene, path)]
  const apart = Math.min(
    ...prey.map(like =>
      zones.reduce(
        (sum, [zone, { weight, caught }]) =>
          sum + weight * total(difference(eye, caught, like.get(zone === 'blade' ? 'side' : zone)!.caught)),
        0,
      ),
    ),
  )
  return 1 / (1 + (apart / HALF_LIKE) ** 2)
}

/** Reach is looked for between a hand's breadth and this [m]. */
const LEAST_REACH_M = 0.03
const MOST_REACH_M = 30
const REACH_STEPS = 14

/** Farthest level distance at which the lure differs from the water by one JND [m]; `null`: not even close by. */
export function reachOfSight(surface: LureSurface, scene: LightScene, eye: Eye): number | null {
  const isSeen = (d: number) => contrast(surface, scene, eye, 'level', d).total >= 1
  if (!isSeen(LEAST_REACH_M)) return null
  let [low, high] = [Math.log(LEAST_REACH_M), Math.log(MOST_REACH_M)]
  for (let i = 0; i < REACH_STEPS; i++) {
    const middle = (low + high) / 2
    if (isSeen(Math.exp(middle))) low = middle
    else high = middle
  }
  return Math.exp(low)
}
