import type { Sky } from '#core/terms'

/**
 * Light on the ground under a clear sky [lx] by height of the sun [°]; interpolate in the logarithm.
 * Source: twilight Seidelmann 1992, day from daylight tables; from memory, ±15 %.
 */
export const CLEAR_SKY_LUX: readonly (readonly [altitudeDeg: number, lux: number])[] = [
  [-18, 6e-4],
  [-15, 0.0012],
  [-12, 0.008],
  [-9, 0.15],
  [-6, 3.4],
  [-4, 35],
  [-2, 170],
  [-0.8, 450],
  [0, 750],
  [2, 2000],
  [5, 5500],
  [10, 13500],
  [15, 24000],
  [20, 35000],
  [30, 57000],
  [45, 85000],
  [60, 106000],
  [75, 119000],
  [90, 124000],
]

/** Share of a clear sky's light, and of the direct sun, that each sky leaves. Overcast 0.25: Kasten & Czeplak 1980; the rest from memory, ±15 %. */
export const CLOUD: Record<Sky, { readonly light: number; readonly sun: number }> = {
  sun: { light: 1, sun: 1 },
  broken: { light: 0.7, sun: 0.45 },
  overcast: { light: 0.25, sun: 0 },
  rain: { light: 0.1, sun: 0 },
  night: { light: 1, sun: 0 },
}

/** Full moon [lx] and how its light falls with the lit share; from memory. It counts once the sun is below civil dusk. Its height is assumed: half-way up. */
export const MOON = { fullLux: 0.2, power: 2.5, belowSunDeg: -6, heightDeg: 45 } as const
