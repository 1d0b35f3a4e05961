import { LIGHT_FIELD, LIGHT_FIELD_RATIO, type LightFieldColumn } from '#core/knowledge'
import type { Stain } from '#core/terms'
import { PHOTOPIC, WAVELENGTHS } from './spectrum'
import { effectiveSun, type SkyLight, STEP_NM, underSurface } from './surface'
import { diffuseAttenuation, type InherentOptics, inherentOptics, lightSlant, waterOf } from './water-optics'

export interface WaterAndSky extends SkyLight {
  readonly visibilityM: number
  readonly stain: Stain
  readonly depthM: number
}

export type View = 'level' | 'up30' | 'down30' | 'below' | 'bed'
export type Facet = 'up' | 'side' | 'down' | 'bottom'

/** Everything about the light at one depth that does not depend on the lure or the eye. Spectra on the grid, photons. */
export interface LightScene {
  readonly attenuation: readonly number[]
  readonly optics: InherentOptics
  /** Water (or bed) seen past the lure, at the lure, by view [photons/(m² s sr nm)]. */
  readonly behind: Readonly<Record<View, readonly number[]>>
  /** Light on a facet [photons/(m² s nm)]. */
  readonly onFacet: Readonly<Record<Facet, readonly number[]>>
  /** What a turning mirror may throw: the bright window, the sun in it, the dark below, and the bottom's light. */
  readonly window: readonly number[]
  readonly sun: readonly number[]
  readonly dark: readonly number[]
  readonly bottom: readonly number[]
  /** Photopic beam attenuation at the lure [1/m]. */
  readonly beam: number
  /** At the lure's depth [lx]. */
  readonly lux: number
}

/** Contents so thin that only the water itself counts. */
const PUREST_SCALE = 1e-4
/** Light that a bed throws back. Assumed: between dark mud (0.05) and pale sand (0.3). */
const BED_REFLECTANCE = 0.15
/** Solid angle in which a mirror's flash of the sun is spread [sr], and the share of scattering that takes it out of the beam. Assumed. */
const SUN_SPREAD_SR = 0.5
const SUN_SCATTER = 0.2

const LN_RATIO = LIGHT_FIELD_RATIO.map(Math.log)
const LN_FIELD = Object.fromEntries(
  Object.entries(LIGHT_FIELD).map(([column, row]) => [column, row.map(Math.log)]),
) as Record<LightFieldColumn, number[]>

/** Interpolates the light-field table log-log; below its first row it runs on as a power, above the last it holds. */
function field(column: LightFieldColumn, ratio: number): number {
  const x = Math.min(Math.log(ratio), LN_RATIO[LN_RATIO.length - 1]!)
  const found = LN_RATIO.findIndex(r => r >= x)
  const i = Math.max(1, found)
  const row = LN_FIELD[column]
  const slope = (row[i]! - row[i - 1]!) / (LN_RATIO[i]! - LN_RATIO[i - 1]!)
  return Math.exp(row[i - 1]! + slope * (x - LN_RATIO[i - 1]!))
}

const PHOTONS_TO_LUX = 683 / 5.034e15 // photons × V / λ → lx; see `surface.ts`

/**
 * The light at a lure: what it is lit by and what it is seen against.
 *
 * Valid:  visibility 0.05..30 m, depth to where it is dark. Error: the absolute reach is uncertain by a factor of 2; comparisons are much better.
 * Source: light-field table, Kirk 1984; homogeneous water, flat surface, no bottom light.
 */
export function lightScene({ visibilityM, stain, depthM, ...sky }: WaterAndSky): LightScene {
  const optics = waterOf(stain, visibilityM) ?? inherentOptics(stain, PUREST_SCALE)
  return sceneIn(optics, depthM, sky)
}

/** The same in a water that is already known. */
export function sceneIn(optics: InherentOptics, depthM: number, sky: SkyLight): LightScene {
  const { photons, direct, sunMu } = underSurface(sky)
  const attenuation = diffuseAttenuation(optics, lightSlant(sky.sky, effectiveSun(sky)))
  const down = photons.map((p, i) => p * Math.exp(-attenuation[i]! * depthM))
  const ratio = optics.absorption.map((a, i) => optics.scattering[i]! / a)
  const columns = (column: LightFieldColumn) => ratio.map(x => field(column, x))
  const radiance = (column: LightFieldColumn) => columns(column).map((g, i) => (down[i]! * g) / Math.PI)
  const facet = (column: LightFieldColumn) => columns(column).map((f, i) => down[i]! * f)
  const sunBeam = photons.map(
    (p, i) => p * direct * Math.exp((-(optics.absorption[i]! + SUN_SCATTER * optics.scattering[i]!) * depthM) / sunMu),
  )
  const windowShare = columns('window')
  const window = down.map((d, i) => (Math.max(0, d - sunBeam[i]! * sunMu) * windowShare[i]!) / Math.PI)
  const down30 = radiance('down30')
  const onFacet = {
    up: facet('facingUp'),
    side: facet('facingSide'),
    down: facet('facingDown'),
    bottom: facet('facingBottom'),
  }
  let weights = 0
  let beam = 0
  let lux = 0
  for (let i = 0; i < WAVELENGTHS.length; i++) {
    const weight = (PHOTOPIC[i]! * down[i]!) / WAVELENGTHS[i]!
    weights += weight
    beam += weight * (optics.absorption[i]! + optics.scattering[i]!)
    lux += weight * STEP_NM * PHOTONS_TO_LUX
  }
  return {
    attenuation,
    optics,
    behind: {
      level: radiance('level'),
      up30: radiance('up30'),
      down30,
      below: radiance('zenith'),
      bed: down.map(d => (d * BED_REFLECTANCE) / Math.PI),
    },
    onFacet,
    window,
    dark: down30,
    sun: window.map((w, i) => w + sunBeam[i]! / SUN_SPREAD_SR),
    bottom: onFacet.bottom.map(e => e / Math.PI),
    beam: weights > 0 ? beam / weights : optics.absorption[20]! + optics.scattering[20]!,
    lux,
  }
}
