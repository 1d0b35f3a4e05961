/**
 * Deepest point of a lipped plug on a cast, against its rating on a 30 m cast with 0.30 mm line and the tip at 0.8 m.
 *
 * Rows: rated depth [m]. Columns of `byCast`: depth [m] on casts of `CASTS_M`. `tipRaise`: change of depth [m] when the tip goes
 * from 0.3 m to 2.3 m above the water.
 * Source: derived; solutions of the cast-and-retrieve model (dive model §4b), which meets a lumped line simulation within 7 % rms.
 * Left out: diameter, which acts as one power of the ratio at every rating (`DIAMETER_POWER`, from −7 % between 0.28 and 0.35 mm).
 */
export const CASTS_M = [15, 20, 30, 40, 50] as const

export const DIVE_TABLE = [
  { ratedM: 1.2, byCast: [0.59, 0.81, 1.2, 1.55, 1.86], tipRaise: -0.66 },
  { ratedM: 1.5, byCast: [0.75, 1.02, 1.5, 1.92, 2.3], tipRaise: -0.77 },
  { ratedM: 1.8, byCast: [0.92, 1.24, 1.8, 2.29, 2.74], tipRaise: -0.85 },
  { ratedM: 3.0, byCast: [1.61, 2.12, 3.0, 3.78, 4.47], tipRaise: -1.04 },
  { ratedM: 4.0, byCast: [2.19, 2.84, 4.0, 5.01, 5.93], tipRaise: -1.12 },
  { ratedM: 5.0, byCast: [2.76, 3.57, 5.0, 6.25, 7.39], tipRaise: -1.17 },
] as const

/** ln(0.93)/ln(0.35/0.28). */
export const DIAMETER_POWER = -0.325

/** Shape of the path of a 3 m diver on a 30 m cast: distance from the rod as a share of the cast, depth as a share of the deepest. Same source. */
export const DIVE_PATH = {
  distance: [0, 0.1, 0.233, 0.333, 0.5, 0.667, 0.833, 0.967, 1],
  depth: [0.2, 0.687, 0.95, 1, 0.923, 0.713, 0.413, 0.11, 0],
} as const

/** Depth of the same plug behind a boat with 30 m of line out, against its depth on the rating cast [m]. Source: derived (dive model §4b, last row of its table). */
export const TOWED_AT_30_M = {
  cast: [1.2, 1.5, 1.8, 3.0, 4.0, 5.0],
  towed: [1.48, 1.93, 2.38, 4.26, 5.91, 7.62],
} as const
