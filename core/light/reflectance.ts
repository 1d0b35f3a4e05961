import { METAL_REFLECTANCE, type MirrorMetal } from '#core/knowledge'
import { clamp, interpolate } from '#core/numeric'
import { WAVELENGTHS } from './spectrum'

/** Linear sRGB of a hex colour, 0..1 each (IEC 61966-2-1). */
export function linearRgb(hex: string): [number, number, number] {
  return [1, 3, 5].map(i => {
    const c = Number.parseInt(hex.slice(i, i + 2), 16) / 255
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4
  }) as [number, number, number]
}

const step = (l: number, at: number) => 1 / (1 + Math.exp(-(l - at) / 8))
/** Three overlapping bands that add up to 1; their edges make band weights equal linear sRGB under D65 within 2 %. The idea: Smits 1999. */
const BANDS = WAVELENGTHS.map(l => {
  const red = step(l, 590)
  const blue = 1 - step(l, 490)
  return [red, 1 - red - blue, blue] as const
})
/** Nothing painted is blacker or whiter. Assumed. */
const DARKEST = 0.025
const LIGHTEST = 0.92
/** Paint takes up the ultraviolet; skin of prey does not. Assumed. */
const UV_FLOOR = 0.06
const UV_EDGE_NM = 395

/**
 * Spectral reflectance of a painted or grown surface from its sRGB colour.
 *
 * Error: metamers exist; ±0.05 over the visible. Source: derived.
 *
 * @param kind `skin` keeps what it has of ultraviolet
 */
export function reflectanceOf(hex: string, kind: 'paint' | 'skin' = 'paint'): number[] {
  const [r, g, b] = linearRgb(hex).map(c => clamp(c, DARKEST, LIGHTEST)) as [number, number, number]
  return BANDS.map(([red, green, blue], i) => {
    const rho = r * red + g * green + b * blue
    return kind === 'skin' ? rho : Math.min(rho, UV_FLOOR + (rho - UV_FLOOR) * step(WAVELENGTHS[i]!, UV_EDGE_NM))
  })
}

const METALS = new Map<MirrorMetal, number[]>()

/** Spectral reflectance of a polished metal. */
export function metalReflectance(metal: MirrorMetal): readonly number[] {
  let spectrum = METALS.get(metal)
  if (!spectrum) {
    const nodes = METAL_REFLECTANCE[metal]
    spectrum = WAVELENGTHS.map(l =>
      interpolate(
        nodes.map(n => n[0]),
        nodes.map(n => n[1]),
        l,
      ),
    )
    METALS.set(metal, spectrum)
  }
  return spectrum
}
