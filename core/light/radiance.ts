import type { LureSurface, SurfaceZone, ZoneName } from './lure-surface'
import type { Facet, LightScene, View } from './scene'
import { STEP_NM } from './surface'

/** How a zone may be seen for a share of the time. */
export interface State {
  readonly weight: number
  readonly radiance: readonly number[]
}
export interface ZoneLook extends State {
  readonly zone: ZoneName
}

/** Which way each zone faces, by view. */
const FACET: Record<View, Record<ZoneName, Facet>> = {
  level: { back: 'up', side: 'side', belly: 'down', blade: 'side' },
  up30: { back: 'side', side: 'side', belly: 'down', blade: 'side' },
  down30: { back: 'up', side: 'side', belly: 'down', blade: 'side' },
  bed: { back: 'up', side: 'side', belly: 'down', blade: 'side' },
  below: { back: 'down', side: 'down', belly: 'bottom', blade: 'down' },
}
/** How much of each zone is seen. */
const SEEN: Record<View, Record<Exclude<ZoneName, 'blade'>, number>> = {
  level: { back: 0.25, side: 0.5, belly: 0.25 },
  up30: { back: 0.07, side: 0.43, belly: 0.5 },
  down30: { back: 0.5, side: 0.43, belly: 0.07 },
  below: { back: 0, side: 0.13, belly: 0.87 },
  bed: { back: 0.6, side: 0.37, belly: 0.03 },
}
/** A turning mirror shows the window, the sun and the dark below for these shares of the time. Assumed, energy conserving. */
const TURNING = { window: 0.17, sun: 0.04, dark: 0.4 } as const
/** Loss of what passes through a see-through body. Assumed. */
const THROUGH_KEPT = 0.85

/** What a lure sends toward a fish at its side, zone by zone and state by state; weights add up to 1. */
export function looksOf(surface: LureSurface, scene: LightScene, view: View): readonly ZoneLook[] {
  return surface.zones.flatMap(zone => {
    const seen = zone.zone === 'blade' ? surface.bladeShare : SEEN[view][zone.zone] * (1 - surface.bladeShare)
    return seen > 0
      ? statesOf(zone, scene, view).map(({ weight, radiance }) => ({
          zone: zone.zone,
          weight: weight * seen,
          radiance,
        }))
      : []
  })
}

function statesOf(zone: SurfaceZone, scene: LightScene, view: View): State[] {
  const light = scene.onFacet[FACET[view][zone.zone]]
  const behind = scene.behind[view]
  const diffuse = 1 - zone.mirror - zone.through
  const taken = zone.glow
    ? zone.glow.taken.reduce((sum, t, i) => sum + t * light[i]! * STEP_NM, 0) * (zone.glow.yield / Math.PI)
    : 0
  const still = light.map(
    (E, i) =>
      diffuse * ((zone.reflectance[i]! * E) / Math.PI + (zone.glow ? taken * zone.glow.given[i]! : 0)) +
      zone.through * THROUGH_KEPT * behind[i]!,
  )
  if (zone.mirror === 0) return [{ weight: 1, radiance: still }]
  const showing = (source: readonly number[]) => still.map((L, i) => L + zone.mirror * zone.metal[i]! * source[i]!)
  const steady = showing(view === 'below' ? scene.bottom : view === 'bed' ? scene.dark : behind)
  if (zone.turn === 0) return [{ weight: 1, radiance: steady }]
  const turning = zone.turn * (TURNING.window + TURNING.sun + TURNING.dark)
  return [
    { weight: 1 - turning, radiance: steady },
    { weight: zone.turn * TURNING.window, radiance: showing(scene.window) },
    { weight: zone.turn * TURNING.sun, radiance: showing(scene.sun) },
    { weight: zone.turn * TURNING.dark, radiance: showing(scene.dark) },
  ]
}

/** Mean over the states of each zone: what slow receptors and a glance see. */
export function meanByZone(
  surface: LureSurface,
  scene: LightScene,
  view: View,
): ReadonlyMap<ZoneName, { readonly weight: number; readonly radiance: readonly number[] }> {
  return new Map(
    surface.zones.map(zone => {
      const weight = zone.zone === 'blade' ? surface.bladeShare : SEEN[view][zone.zone] * (1 - surface.bladeShare)
      return [zone.zone, { weight, radiance: meanOf(statesOf(zone, scene, view)) }]
    }),
  )
}

/** Weighted mean of several looks. */
export function meanOf(looks: readonly State[]): number[] {
  const total = looks.reduce((sum, l) => sum + l.weight, 0)
  return looks[0]!.radiance.map((_, i) => looks.reduce((sum, l) => sum + l.weight * l.radiance[i]!, 0) / total)
}
