/**
 * What water and its contents do to light, 350 … 700 nm in steps of 10 nm (36 values a row).
 *
 * PURE_WATER: absorption of pure water [1/m]; 350–370 Smith & Baker 1981 (an upper bound), 380–700 Pope & Fry 1997. As listed in the handbook.
 * ALGAE: mean shape of algal absorption, 1 at 440 nm; from memory, ±15 %.
 * DAYLIGHT: CIE daylight components S0, S1, S2 (CIE 15), relative energy.
 */
export const SPECTRUM_START_NM = 350
export const SPECTRUM_STEP_NM = 10

export const PURE_WATER = [
  0.0204, 0.0156, 0.0124, 0.01137, 0.00851, 0.00663, 0.00473, 0.00454, 0.00495, 0.00635, 0.00922, 0.00979, 0.0106,
  0.0127, 0.015, 0.0204, 0.0325, 0.0409, 0.0434, 0.0474, 0.0565, 0.0619, 0.0695, 0.0896, 0.1351, 0.2224, 0.2644, 0.2755,
  0.2916, 0.3108, 0.34, 0.41, 0.439, 0.465, 0.516, 0.624,
] as const

export const ALGAE = [
  0.6, 0.6, 0.61, 0.63, 0.68, 0.74, 0.83, 0.9, 0.96, 1, 0.94, 0.9, 0.87, 0.82, 0.76, 0.66, 0.55, 0.45, 0.38, 0.32, 0.27,
  0.23, 0.22, 0.23, 0.24, 0.24, 0.26, 0.28, 0.29, 0.3, 0.32, 0.38, 0.51, 0.55, 0.32, 0.13,
] as const

export const DAYLIGHT = {
  S0: [
    61.8, 61.5, 68.8, 63.4, 65.8, 94.8, 104.8, 105.9, 96.8, 113.9, 125.6, 125.5, 121.3, 121.3, 113.5, 113.1, 110.8,
    106.5, 108.8, 105.3, 104.4, 100, 96, 95.1, 89.1, 90.5, 90.3, 88.4, 84, 85.1, 81.9, 82.6, 84.9, 81.3, 71.9, 74.3,
  ],
  S1: [
    41.6, 38, 42.4, 38.5, 35, 43.4, 46.3, 43.9, 37.1, 36.7, 35.9, 32.6, 27.9, 24.3, 20.1, 16.2, 13.2, 8.6, 6.1, 4.2,
    1.9, 0, -1.6, -3.5, -3.5, -5.8, -7.2, -8.6, -9.5, -10.9, -10.7, -12, -14, -13.6, -12, -13.3,
  ],
  S2: [
    6.7, 5.3, 6.1, 3, 1.2, -1.1, -0.5, -0.7, -1.2, -2.6, -2.9, -2.8, -2.6, -2.6, -1.8, -1.5, -1.3, -1.2, -1, -0.5, -0.3,
    0, 0.2, 0.5, 2.1, 3.2, 4.1, 4.7, 5.1, 6.7, 7.3, 8.6, 9.8, 10.2, 8.3, 9.6,
  ],
} as const

/**
 * Four waters at scale 1: dissolved colour ag0 [1/m at 440 nm] and its slope, chlorophyll [mg/m³], suspended matter [g/m³] with its
 * absorption and scattering per gram and the slope of the latter. Recipes: assumed, set so that known ratios of light and Secchi depth come out.
 */
export interface WaterRecipe {
  readonly ag0: number
  readonly slope: number
  readonly chl0: number
  readonly tsm0: number
  readonly aNap: number
  readonly bNap: number
  readonly eta: number
}
export const WATER_RECIPES = {
  clear: { ag0: 0.1, slope: 0.016, chl0: 1.2, tsm0: 0.4, aNap: 0.04, bNap: 0.6, eta: 0.8 },
  green: { ag0: 0.6, slope: 0.016, chl0: 15, tsm0: 3, aNap: 0.04, bNap: 0.6, eta: 0.8 },
  brown: { ag0: 5, slope: 0.016, chl0: 4, tsm0: 1.2, aNap: 0.06, bNap: 0.6, eta: 0.8 },
  mud: { ag0: 0.7, slope: 0.016, chl0: 3, tsm0: 20, aNap: 0.08, bNap: 0.6, eta: 0.5 },
} as const satisfies Record<string, WaterRecipe>
