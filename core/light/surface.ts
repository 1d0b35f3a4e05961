import { CLOUD, MOON } from '#core/knowledge'
import type { NightCloud, Sky } from '#core/terms'
import { clearLux } from './clear-sky'
import { daylightSpectrum, PHOTOPIC, WAVELENGTHS } from './spectrum'
import { daylightKelvin, directShare, sunSlant } from './water-optics'

/** What stands over the water. */
export interface SkyLight {
  readonly sky: Sky
  readonly sunAltitudeDeg: number
  readonly moonFraction: number
  /** Height of the moon [°]; absent: half-way up. */
  readonly moonAltitudeDeg?: number | null
  /** Cloud where the sky is only called night; absent: none. */
  readonly nightCloud?: NightCloud
}

/** By night the sun is as far down as it matters [°]. */
const NIGHT_SUN_DEG = -18
/** Maximum luminous efficacy [lm/W], by definition of the candela. */
const LUMENS_PER_WATT = 683
/** Photons of 1 J at 1 nm: λ/(hc) with λ in nm. */
export const PHOTONS_PER_JOULE_NM = 5.034e15
export const STEP_NM = 10
const REFRACTIVE_INDEX = 1.34
/** Loss of diffuse light at the surface; from memory. */
const DIFFUSE_LOSS = 0.066
const MOST_DIRECT_LOSS = 0.3

/** Height of the sun as it counts: by night there is none. */
export function effectiveSun({ sky, sunAltitudeDeg }: SkyLight): number {
  return sky === 'night' ? NIGHT_SUN_DEG : sunAltitudeDeg
}

/** The cloud by night as the sky that it would be by day. */
function cloudBy({ sky, nightCloud }: SkyLight): Sky {
  return sky !== 'night' || nightCloud === undefined ? sky : nightCloud === 'clear' ? 'sun' : nightCloud
}

/** Light on the ground [lx]: sun and sky through cloud, and the moon once the sun is gone. */
export function surfaceLux(light: SkyLight): number {
  return clearLux(effectiveSun(light)) * CLOUD[cloudBy(light)].light + moonLux(light)
}

/** A moonlit sky is a sunlit one, 400,000 times fainter: it fades as the moon sinks just as the sun's does. */
function moonLux(light: SkyLight): number {
  if (effectiveSun(light) >= MOON.belowSunDeg) return 0
  const high = clearLux(light.moonAltitudeDeg ?? MOON.heightDeg) / clearLux(MOON.heightDeg)
  const cloud = light.sky === 'night' ? CLOUD[cloudBy(light)].light : 1
  return MOON.fullLux * light.moonFraction ** MOON.power * high * cloud
}

export interface UnderSurface {
  /** Downwelling light just under the surface [photons/(m² s nm)]. */
  readonly photons: readonly number[]
  /** Part of it that comes straight from the sun, or by night from the moon, 0..1. */
  readonly direct: number
  /** Cosine of the refracted beam. */
  readonly sunMu: number
  /** On the ground [lx]. */
  readonly lux: number
}

/** Daylight, moonlight or starlight just under the surface. Energy scaled to the lux over the water, turned into photons, less what the surface throws back. */
export function underSurface(light: SkyLight): UnderSurface {
  const sun = effectiveSun(light)
  const lux = surfaceLux(light)
  const energy = daylightSpectrum(daylightKelvin(light.sky, sun))
  const photopic = energy.reduce((sum, e, i) => sum + e * PHOTOPIC[i]! * STEP_NM, 0)
  const watts = lux / (LUMENS_PER_WATT * photopic)
  const moon = moonLux(light)
  // The moon's part of the light is as direct as the sun's would be at its height, behind the same cloud.
  const moonHigh = light.moonAltitudeDeg ?? MOON.heightDeg
  const behind = light.sky === 'night' ? cloudBy({ nightCloud: 'clear', ...light }) : 'sun'
  const [source, direct] =
    moon > 0 ? [moonHigh, (moon / lux) * directShare(behind, moonHigh)] : [sun, directShare(light.sky, sun)]
  const kept = direct * (1 - Math.min(MOST_DIRECT_LOSS, fresnel(source))) + (1 - direct) * (1 - DIFFUSE_LOSS)
  return {
    photons: energy.map((e, i) => e * watts * kept * WAVELENGTHS[i]! * PHOTONS_PER_JOULE_NM),
    direct,
    sunMu: sunSlant(source),
    lux,
  }
}

/** Share of unpolarised sunlight that a flat surface throws back (Fresnel). */
function fresnel(altitudeDeg: number): number {
  const above = ((90 - Math.max(0.5, altitudeDeg)) * Math.PI) / 180
  const below = Math.asin(Math.sin(above) / REFRACTIVE_INDEX)
  if (above < 1e-6) return ((REFRACTIVE_INDEX - 1) / (REFRACTIVE_INDEX + 1)) ** 2
  return (
    0.5 *
    ((Math.sin(above - below) / Math.sin(above + below)) ** 2 +
      (Math.tan(above - below) / Math.tan(above + below)) ** 2)
  )
}
