/**
 * Light under water against b/a, the ratio of scattering to absorption.
 *
 * Source: a Monte Carlo of the light field (mean of overcast and sun at 45°, at half to two attenuation lengths); noise 2–4 %.
 * Columns: radiance of the water over Ed/π seen level, 30° up, 30° down, through the window and straight up; light on a facet over Ed that
 * faces up (60°), sideways, down (−60°) and straight down.
 * Interpolate log-log; below 0.1 the small figures run on as a power.
 */
export const LIGHT_FIELD_RATIO = [0.1, 0.3, 1, 3, 10, 30, 100] as const
export const LIGHT_FIELD = {
  level: [0.0021, 0.0065, 0.0231, 0.0711, 0.212, 0.411, 0.62],
  up30: [0.0115, 0.0341, 0.103, 0.251, 0.501, 0.719, 0.869],
  down30: [0.0007, 0.0023, 0.0081, 0.0278, 0.101, 0.25, 0.465],
  window: [1.62, 1.61, 1.57, 1.49, 1.34, 1.21, 1.1],
  zenith: [1.53, 1.53, 1.58, 1.63, 1.6, 1.42, 1.22],
  facingUp: [0.866, 0.867, 0.87, 0.877, 0.896, 0.922, 0.95],
  facingSide: [0.184, 0.189, 0.206, 0.25, 0.355, 0.502, 0.668],
  facingDown: [0.0009, 0.0028, 0.0097, 0.0311, 0.104, 0.245, 0.451],
  facingBottom: [0.0007, 0.002, 0.0071, 0.0237, 0.0857, 0.218, 0.424],
} as const satisfies Record<string, readonly number[]>
export type LightFieldColumn = keyof typeof LIGHT_FIELD
