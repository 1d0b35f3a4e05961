/** One axis of the ask (contract §3). `scale` axes carry a curve over a unit; `taste` axes score how well a thing suits, 0–1. */
export interface Axis {
  readonly label: string
  readonly unit: 'm' | 'm/s' | 'mm' | '1–5' | '0–2' | '0–1' | '0–3'
  readonly kind: 'scale' | 'taste'
  readonly min: number
  readonly max: number
  /** Spacing of the curve's grid. */
  readonly spacing: 'linear' | 'log'
  /** Log-odds of an effect on it at weight 1 (A2). Assumed. */
  readonly weight: number
}

const scale = (
  label: string,
  unit: Axis['unit'],
  min: number,
  max: number,
  weight: number,
  spacing: Axis['spacing'] = 'linear',
): Axis => ({ label, unit, kind: 'scale', min, max, spacing, weight })
const taste = (label: string, weight: number): Axis => ({
  label,
  unit: '0–1',
  kind: 'taste',
  min: 0,
  max: 1,
  spacing: 'linear',
  weight,
})

export const AXES = {
  depth: scale('depth', 'm', 0, 40, 1.4),
  speed: scale('speed', 'm/s', 0.02, 3, 1, 'log'),
  length: scale('length', 'mm', 15, 400, 1, 'log'),
  presence: scale('presence', '1–5', 1, 5, 0.8),
  vibration: scale('thump', '1–5', 1, 5, 1),
  flash: scale('flash', '1–5', 1, 5, 0.7),
  sound: scale('sound', '0–2', 0, 2, 0.5),
  conspicuousness: scale('stands out', '0–1', 0, 1, 0.7),
  naturalness: scale('looks like prey', '0–1', 0, 1, 0.7),
  colour: taste('colour habit', 0.7),
  profile: taste('shape', 0.5),
  fall: scale('fall', 'm/s', 0.02, 3, 0.5, 'log'),
  hang: scale('holds still', '0–1', 0, 1, 0.7),
  erratic: scale('erratic', '1–5', 1, 5, 0.5),
  snagGuard: scale('sheds snags', '0–3', 0, 3, 1.1),
  scent: scale('scent', '0–1', 0, 1, 0.25),
  tactic: taste('the tactic here', 2),
  suit: taste('suits the place', 2),
  kind: taste('right one of its kind', 0.9),
  rod: taste('suits the rod', 0.8),
} as const satisfies Record<string, Axis>

export type AxisId = keyof typeof AXES
export type TasteAxisId = 'colour' | 'profile' | 'tactic' | 'suit' | 'kind' | 'rod'
export type ScaleAxisId = Exclude<AxisId, TasteAxisId>

export const AXIS_IDS = Object.keys(AXES) as AxisId[]
