/**
 * How strong (C) and how prey-like (N) six colour classes look to a black bass, worked for five scenes of the light model.
 *
 * Columns: conspicuousness C (0.5 = as strong as a black silhouette), naturalness N (1 = cannot be told from prey).
 * Scenes:  clear 6 m at 2 m depth, green 1.5 m at 1.5 m, brown 1 m at 1 m, mud 0.3 m at 0.4 m, all with the lure in mid-water by day;
 *          starlit: clear 3 m at 1 m.
 * Source:  derived from a numerical light-field model; differences under 0.03 are ties. Other eyes agree in rank by 0.87 or better.
 * Left out: flank and belly seen from below, other species' eyes (sources/assumptions.ts, A8).
 */
export const COLOUR_CLASSES = ['white', 'black', 'chartreuse', 'silver', 'gold', 'dull'] as const
export type ColourClass = typeof COLOUR_CLASSES[number]
export type ColourScene = 'clear' | 'green' | 'brown' | 'mud' | 'night'

type Look = readonly [C: number, N: number]

export const COLOUR_SCENES: Record<ColourScene, Record<ColourClass, Look>> = {
  clear: { white: [0.61, 0.22], black: [0.46, 0.12], chartreuse: [0.55, 0.38], silver: [0.40, 0.94], gold: [0.71, 0.25], dull: [0.41, 0.16] },
  green: { white: [0.43, 0.39], black: [0.48, 0.18], chartreuse: [0.34, 0.67], silver: [0.25, 0.99], gold: [0.47, 0.51], dull: [0.44, 0.23] },
  brown: { white: [0.63, 0.19], black: [0.45, 0.17], chartreuse: [0.58, 0.35], silver: [0.40, 0.92], gold: [0.70, 0.15], dull: [0.39, 0.22] },
  mud: { white: [0.21, 0.99], black: [0.48, 0.99], chartreuse: [0.21, 1.0], silver: [0.20, 1.0], gold: [0.20, 0.97], dull: [0.45, 0.99] },
  night: { white: [0.45, 0.88], black: [0.49, 0.82], chartreuse: [0.41, 0.95], silver: [0.24, 1.0], gold: [0.20, 0.97], dull: [0.46, 0.86] },
}
