import { clamp } from '#core/numeric'
import type { LureSurface, ZoneName } from './lure-surface'
import { meanByZone } from './radiance'
import { reflectanceOf } from './reflectance'
import type { LightScene } from './scene'
import { daylightSpectrum, MATCH_X, MATCH_Z, PHOTOPIC, WAVELENGTHS } from './spectrum'

/** XYZ to linear sRGB (IEC 61966-2-1). */
const TO_RGB = [
  [3.2406, -1.5372, -0.4986],
  [-0.9689, 1.8758, 0.0415],
  [0.0557, -0.204, 1.057],
] as const
/** Linear RGB of an energy spectrum, so scaled that this model's own D65 is white. */
function rgbOf(energy: readonly number[]): [number, number, number] {
  let [X, Y, Z] = [0, 0, 0]
  for (let i = 0; i < energy.length; i++) {
    X += energy[i]! * MATCH_X[i]!
    Y += energy[i]! * PHOTOPIC[i]!
    Z += energy[i]! * MATCH_Z[i]!
  }
  return TO_RGB.map(([x, y, z]) => x * X + y * Y + z * Z) as [number, number, number]
}
const D65_KELVIN = 6504
const WHITE = rgbOf(daylightSpectrum(D65_KELVIN))

/** Linear RGB of an energy spectrum against a perfect white under D65. */
export function linearRgbOf(energy: readonly number[]): [number, number, number] {
  return rgbOf(energy).map((c, i) => c / WHITE[i]!) as [number, number, number]
}

const luminance = ([r, g, b]: readonly [number, number, number]) => 0.2126 * r + 0.7152 * g + 0.0722 * b

/** Colours out of gamut: negatives are clipped, keeping the luminance. */
function inGamut(rgb: readonly [number, number, number]): [number, number, number] {
  const clipped = rgb.map(c => Math.max(0, c)) as [number, number, number]
  const [before, after] = [luminance(rgb), luminance(clipped)]
  return after > 0 && before > 0 ? (clipped.map(c => (c * before) / after) as [number, number, number]) : clipped
}

/** Reflectance of the white that the eye takes for white, and its place on the screen. */
const WHITE_REFLECTANCE = 0.9
/** How far the eye adapts to the water's tint, channel by channel; and to its darkness. Assumed. */
const ADAPTED = 0.35
const LEAST_CHANNEL = 0.25
const FULL_LUX = 5e4
const DIMMING = 0.2
const DIMMEST = 0.2
/** Below this a swatch means nothing [lx]. */
export const PRACTICALLY_DARK_LUX = 0.01

export interface Swatch {
  readonly hex: string
  readonly isDark: boolean
}

/** Hex of linear RGB in 0..1. */
export function hexOf(rgb: readonly number[]): string {
  return `#${rgb
    .map(c => {
      const v = clamp(c, 0, 1)
      return Math.round(255 * (v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055))
        .toString(16)
        .padStart(2, '0')
    })
    .join('')}`
}

/** Swatches of what a human eye, partly used to the water, would see from close by: each zone of a lure, and the water level beside it. */
export function previewOf(
  surface: LureSurface,
  scene: LightScene,
): { readonly zones: ReadonlyMap<ZoneName, Swatch>; readonly water: Swatch } {
  const paint = painter(scene)
  return {
    zones: new Map([...meanByZone(surface, scene, 'level')].map(([zone, { radiance }]) => [zone, paint(radiance)])),
    water: paint(scene.behind.level),
  }
}

function painter(scene: LightScene): (photons: readonly number[]) => Swatch {
  const energy = (photons: readonly number[]) => photons.map((p, i) => p / WAVELENGTHS[i]!)
  const white = inGamut(linearRgbOf(energy(scene.onFacet.side.map(E => (WHITE_REFLECTANCE * E) / Math.PI))))
  const scale = WHITE_REFLECTANCE / Math.max(luminance(white), 1e-30)
  const adapted = white.map(c => Math.max(c * scale, LEAST_CHANNEL) ** ADAPTED)
  const dim = clamp((scene.lux / FULL_LUX) ** DIMMING, DIMMEST, 1)
  return photons => {
    const rgb = inGamut(linearRgbOf(energy(photons)))
    return {
      hex: hexOf(rgb.map((c, i) => ((c * scale) / adapted[i]!) * dim)),
      isDark: scene.lux < PRACTICALLY_DARK_LUX,
    }
  }
}

/** The paint itself under D65, for checks: an sRGB colour comes back within a few steps. */
export function paintUnderD65(hex: string): string {
  const light = daylightSpectrum(D65_KELVIN)
  return hexOf(linearRgbOf(light.map((e, i) => e * reflectanceOf(hex, 'skin')[i]!)))
}
