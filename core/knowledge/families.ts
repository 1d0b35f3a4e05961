import type { ActionStyle, Buoyancy, Family, HookKind, Sound } from '#core/terms'

/**
 * What a lure of each family is usually like, until the owner says or tests otherwise.
 *
 * Source: common practice, no source, unless a column says otherwise.
 * Areas:  from memory, ±40 % (sources/assumptions.ts, A7); given at the typical length, they scale with the square of the length.
 * Left out: anything that differs more inside a family than between families (price, durability).
 */
export interface FamilyRow {
  /** Where length, weight and speeds come from: sizes in common use as the trade states them (no source), or from memory. */
  readonly source: 'practice' | 'memory'
  readonly label: string
  /** Total length [mm]. */
  readonly lengthMm: number
  /** Complete hard lure, or soft body alone [g]. */
  readonly weightG: number
  /** Body depth over length, for the drawing and the silhouette match. */
  readonly slenderness: number
  /** 1–5. */
  readonly bulk: number
  /** 1–5, at the best speed. */
  readonly vibration: number
  /** 1–5, in sun. */
  readonly flash: number
  readonly sound: Sound
  readonly action: ActionStyle
  /** How wild the movement is, 1–5. */
  readonly intensity: number
  readonly buoyancy: Buoyancy
  /** Mean density of lure or body [kg/m³]. */
  readonly densityKgM3: number
  /** Drag coefficient × area when falling [cm²]. */
  readonly fallAreaCm2: number
  /** Drag coefficient × area on the retrieve [cm²]. */
  readonly towAreaCm2: number
  /** Running depth on a 30 m cast, 0.30 mm line, tip 0.8 m [m]; `null` for what does not dive by a lip. */
  readonly runsAtM: number | null
  /** [start, best, roll-over] m/s. */
  readonly speedMs: readonly [number, number, number]
  /** 0 open hooks … 3 point hidden. */
  readonly snagGuard: number
  readonly hook: { readonly kind: HookKind, readonly size: string, readonly count: number }
  /** How a cast of it compares with a plain plug; models part N, column g. */
  readonly castFactor: number
  /** Takes a trailer on its hook. */
  readonly takesTrailer: boolean
}

const treble = (size: string, count: number) => ({ kind: 'treble', size, count } as const)
const jig = (size: string) => ({ kind: 'jig', size, count: 1 } as const)
const single = (size: string) => ({ kind: 'single', size, count: 1 } as const)

export const FAMILY_TABLE: Record<Family, FamilyRow> = {
  'inline-spinner': { source: 'memory', label: 'inline spinner', lengthMm: 70, weightG: 8, slenderness: 0.2, bulk: 2, vibration: 3, flash: 4, sound: 'silent', action: 'spin', intensity: 3, buoyancy: 'sinks', densityKgM3: 4500, fallAreaCm2: 5, towAreaCm2: 7, runsAtM: null, speedMs: [0.3, 0.6, 1.4], snagGuard: 1, hook: treble('6', 1), castFactor: 1, takesTrailer: false },
  'tail-spinner': { source: 'memory', label: 'tail spinner', lengthMm: 60, weightG: 14, slenderness: 0.3, bulk: 2, vibration: 3, flash: 4, sound: 'silent', action: 'spin', intensity: 3, buoyancy: 'sinks', densityKgM3: 7000, fallAreaCm2: 6, towAreaCm2: 6, runsAtM: null, speedMs: [0.4, 0.8, 1.8], snagGuard: 1, hook: treble('6', 1), castFactor: 1.3, takesTrailer: false },
  'casting-spoon': { source: 'memory', label: 'thin spoon', lengthMm: 60, weightG: 12, slenderness: 0.4, bulk: 2, vibration: 3, flash: 5, sound: 'silent', action: 'kick', intensity: 3, buoyancy: 'sinks', densityKgM3: 8200, fallAreaCm2: 14, towAreaCm2: 9, runsAtM: null, speedMs: [0.4, 0.6, 0.9], snagGuard: 1, hook: treble('4', 1), castFactor: 1, takesTrailer: false },
  'dense-spoon': { source: 'memory', label: 'dense spoon', lengthMm: 65, weightG: 20, slenderness: 0.3, bulk: 2, vibration: 2, flash: 4, sound: 'silent', action: 'roll', intensity: 3, buoyancy: 'sinks', densityKgM3: 8400, fallAreaCm2: 8, towAreaCm2: 6, runsAtM: null, speedMs: [0.4, 0.8, 1.6], snagGuard: 1, hook: treble('4', 1), castFactor: 1.3, takesTrailer: false },
  'flutter-spoon': { source: 'practice', label: 'flutter spoon', lengthMm: 180, weightG: 85, slenderness: 0.3, bulk: 5, vibration: 2, flash: 5, sound: 'silent', action: 'flutter', intensity: 4, buoyancy: 'sinks', densityKgM3: 7900, fallAreaCm2: 100, towAreaCm2: 45, runsAtM: null, speedMs: [0.2, 0.4, 0.7], snagGuard: 1, hook: single('3/0'), castFactor: 1, takesTrailer: false },
  'casting-metal': { source: 'practice', label: 'casting metal', lengthMm: 80, weightG: 30, slenderness: 0.2, bulk: 2, vibration: 2, flash: 4, sound: 'silent', action: 'tight-wobble', intensity: 3, buoyancy: 'sinks', densityKgM3: 9500, fallAreaCm2: 4, towAreaCm2: 4, runsAtM: null, speedMs: [0.8, 1.5, 3], snagGuard: 1, hook: treble('4', 1), castFactor: 1.3, takesTrailer: false },
  'slow-jig': { source: 'practice', label: 'short flat jig', lengthMm: 75, weightG: 60, slenderness: 0.35, bulk: 3, vibration: 1, flash: 4, sound: 'silent', action: 'flutter', intensity: 3, buoyancy: 'sinks', densityKgM3: 10500, fallAreaCm2: 17, towAreaCm2: 8, runsAtM: null, speedMs: [0.1, 0.5, 1.2], snagGuard: 1, hook: { kind: 'assist', size: '1/0', count: 2 }, castFactor: 1.3, takesTrailer: false },
  'speed-jig': { source: 'practice', label: 'long slim jig', lengthMm: 140, weightG: 80, slenderness: 0.13, bulk: 3, vibration: 1, flash: 4, sound: 'silent', action: 'dart', intensity: 4, buoyancy: 'sinks', densityKgM3: 10500, fallAreaCm2: 6, towAreaCm2: 5, runsAtM: null, speedMs: [0.8, 1.6, 3], snagGuard: 1, hook: { kind: 'assist', size: '3/0', count: 1 }, castFactor: 1.3, takesTrailer: false },
  'blade-bait': { source: 'practice', label: 'blade bait', lengthMm: 55, weightG: 10, slenderness: 0.35, bulk: 2, vibration: 5, flash: 4, sound: 'silent', action: 'tight-wobble', intensity: 3, buoyancy: 'sinks', densityKgM3: 7800, fallAreaCm2: 4, towAreaCm2: 6, runsAtM: null, speedMs: [0.3, 0.6, 1.2], snagGuard: 0, hook: treble('6', 2), castFactor: 1.3, takesTrailer: false },
  'crankbait': { source: 'practice', label: 'crankbait', lengthMm: 55, weightG: 12, slenderness: 0.42, bulk: 3, vibration: 4, flash: 2, sound: 'silent', action: 'wobble', intensity: 3, buoyancy: 'floats', densityKgM3: 900, fallAreaCm2: 17, towAreaCm2: 5, runsAtM: 2, speedMs: [0.4, 0.8, 1.8], snagGuard: 1, hook: treble('6', 2), castFactor: 1, takesTrailer: false },
  'lipless-crank': { source: 'memory', label: 'lipless crankbait', lengthMm: 70, weightG: 15, slenderness: 0.35, bulk: 3, vibration: 4, flash: 3, sound: 'rattle', action: 'tight-wobble', intensity: 3, buoyancy: 'sinks', densityKgM3: 1450, fallAreaCm2: 8, towAreaCm2: 6, runsAtM: null, speedMs: [0.5, 1, 2], snagGuard: 0, hook: treble('4', 2), castFactor: 1.1, takesTrailer: false },
  'jerkbait': { source: 'memory', label: 'jerkbait', lengthMm: 110, weightG: 14.5, slenderness: 0.16, bulk: 3, vibration: 2, flash: 4, sound: 'silent', action: 'dart', intensity: 4, buoyancy: 'hangs', densityKgM3: 1000, fallAreaCm2: 17, towAreaCm2: 5, runsAtM: 1.5, speedMs: [0.2, 0.5, 1.4], snagGuard: 0, hook: treble('6', 3), castFactor: 1.1, takesTrailer: false },
  'pencil': { source: 'practice', label: 'pencil plug', lengthMm: 160, weightG: 60, slenderness: 0.17, bulk: 4, vibration: 1, flash: 2, sound: 'silent', action: 'roll', intensity: 2, buoyancy: 'sinks', densityKgM3: 1250, fallAreaCm2: 30, towAreaCm2: 5, runsAtM: null, speedMs: [0.3, 0.6, 1.4], snagGuard: 0, hook: treble('1/0', 2), castFactor: 1.3, takesTrailer: false },
  'topwater': { source: 'memory', label: 'surface lure', lengthMm: 95, weightG: 14, slenderness: 0.2, bulk: 3, vibration: 2, flash: 2, sound: 'knock', action: 'walk', intensity: 3, buoyancy: 'floats', densityKgM3: 700, fallAreaCm2: 17, towAreaCm2: 8, runsAtM: null, speedMs: [0.2, 0.5, 1.2], snagGuard: 0, hook: treble('4', 2), castFactor: 1, takesTrailer: false },
  'glide-bait': { source: 'memory', label: 'glide bait', lengthMm: 170, weightG: 75, slenderness: 0.25, bulk: 5, vibration: 1, flash: 3, sound: 'silent', action: 'glide', intensity: 2, buoyancy: 'sinks-slowly', densityKgM3: 1040, fallAreaCm2: 60, towAreaCm2: 20, runsAtM: null, speedMs: [0.2, 0.45, 0.8], snagGuard: 0, hook: treble('1', 2), castFactor: 1, takesTrailer: false },
  'swimbait': { source: 'memory', label: 'large swimbait', lengthMm: 160, weightG: 70, slenderness: 0.25, bulk: 5, vibration: 3, flash: 2, sound: 'silent', action: 'kick', intensity: 2, buoyancy: 'sinks-slowly', densityKgM3: 1080, fallAreaCm2: 45, towAreaCm2: 20, runsAtM: null, speedMs: [0.3, 0.6, 1.1], snagGuard: 1, hook: treble('1', 2), castFactor: 1, takesTrailer: false },
  'spinnerbait': { source: 'practice', label: 'spinnerbait', lengthMm: 100, weightG: 14, slenderness: 0.35, bulk: 3, vibration: 4, flash: 4, sound: 'silent', action: 'spin', intensity: 3, buoyancy: 'sinks', densityKgM3: 5000, fallAreaCm2: 16, towAreaCm2: 14, runsAtM: null, speedMs: [0.4, 0.8, 1.8], snagGuard: 2, hook: single('4/0'), castFactor: 1.1, takesTrailer: true },
  'bladed-jig': { source: 'memory', label: 'bladed jig', lengthMm: 90, weightG: 14, slenderness: 0.3, bulk: 3, vibration: 5, flash: 2, sound: 'knock', action: 'chatter', intensity: 4, buoyancy: 'sinks', densityKgM3: 6000, fallAreaCm2: 10, towAreaCm2: 9, runsAtM: null, speedMs: [0.5, 0.9, 1.8], snagGuard: 2, hook: jig('5/0'), castFactor: 1, takesTrailer: true },
  'skirted-jig': { source: 'practice', label: 'skirted jig', lengthMm: 90, weightG: 14, slenderness: 0.35, bulk: 3, vibration: 1, flash: 1, sound: 'silent', action: 'quiver', intensity: 2, buoyancy: 'sinks', densityKgM3: 6000, fallAreaCm2: 9, towAreaCm2: 7, runsAtM: null, speedMs: [0.05, 0.3, 1], snagGuard: 2, hook: jig('4/0'), castFactor: 1, takesTrailer: true },
  'hair-jig': { source: 'memory', label: 'hair jig', lengthMm: 75, weightG: 10, slenderness: 0.25, bulk: 3, vibration: 1, flash: 1, sound: 'silent', action: 'quiver', intensity: 2, buoyancy: 'sinks', densityKgM3: 7000, fallAreaCm2: 7, towAreaCm2: 4, runsAtM: null, speedMs: [0.1, 0.4, 1], snagGuard: 1, hook: jig('2/0'), castFactor: 1, takesTrailer: false },
  'jighead-soft': { source: 'memory', label: 'jig head with soft bait', lengthMm: 85, weightG: 12, slenderness: 0.22, bulk: 2, vibration: 2, flash: 2, sound: 'silent', action: 'kick', intensity: 2, buoyancy: 'sinks', densityKgM3: 2500, fallAreaCm2: 4.5, towAreaCm2: 3, runsAtM: null, speedMs: [0.15, 0.5, 1.3], snagGuard: 1, hook: jig('3/0'), castFactor: 1, takesTrailer: false },
  'stick-worm': { source: 'practice', label: 'soft stick', lengthMm: 130, weightG: 8.5, slenderness: 0.09, bulk: 2, vibration: 1, flash: 1, sound: 'silent', action: 'shimmy', intensity: 2, buoyancy: 'sinks-slowly', densityKgM3: 1150, fallAreaCm2: 12, towAreaCm2: 2.5, runsAtM: null, speedMs: [0.02, 0.15, 0.5], snagGuard: 1, hook: { kind: 'wacky', size: '1/0', count: 1 }, castFactor: 0.75, takesTrailer: false },
  'paddle-tail': { source: 'practice', label: 'paddle-tail', lengthMm: 100, weightG: 8, slenderness: 0.2, bulk: 3, vibration: 3, flash: 2, sound: 'silent', action: 'kick', intensity: 2, buoyancy: 'sinks-slowly', densityKgM3: 1050, fallAreaCm2: 6, towAreaCm2: 3, runsAtM: null, speedMs: [0.25, 0.6, 1.4], snagGuard: 1, hook: jig('4/0'), castFactor: 1, takesTrailer: false },
  'minnow-soft': { source: 'practice', label: 'soft minnow', lengthMm: 95, weightG: 5, slenderness: 0.15, bulk: 2, vibration: 1, flash: 2, sound: 'silent', action: 'quiver', intensity: 1, buoyancy: 'sinks-slowly', densityKgM3: 1050, fallAreaCm2: 4.5, towAreaCm2: 2.5, runsAtM: null, speedMs: [0.02, 0.25, 1], snagGuard: 1, hook: { kind: 'drop-shot', size: '2', count: 1 }, castFactor: 1, takesTrailer: false },
  'craw': { source: 'memory', label: 'soft crayfish', lengthMm: 85, weightG: 9, slenderness: 0.25, bulk: 3, vibration: 2, flash: 1, sound: 'silent', action: 'kick', intensity: 2, buoyancy: 'sinks-slowly', densityKgM3: 1080, fallAreaCm2: 8, towAreaCm2: 4, runsAtM: null, speedMs: [0.02, 0.2, 0.7], snagGuard: 2, hook: { kind: 'weedless', size: '3/0', count: 1 }, castFactor: 1, takesTrailer: false },
  'creature': { source: 'memory', label: 'creature bait', lengthMm: 100, weightG: 11, slenderness: 0.25, bulk: 4, vibration: 2, flash: 1, sound: 'silent', action: 'glide', intensity: 2, buoyancy: 'sinks-slowly', densityKgM3: 1080, fallAreaCm2: 9, towAreaCm2: 4, runsAtM: null, speedMs: [0.02, 0.2, 0.7], snagGuard: 2, hook: { kind: 'weedless', size: '4/0', count: 1 }, castFactor: 1, takesTrailer: false },
  'grub': { source: 'memory', label: 'grub', lengthMm: 75, weightG: 4, slenderness: 0.2, bulk: 2, vibration: 2, flash: 1, sound: 'silent', action: 'flutter', intensity: 2, buoyancy: 'sinks-slowly', densityKgM3: 1050, fallAreaCm2: 4.5, towAreaCm2: 2.5, runsAtM: null, speedMs: [0.1, 0.35, 0.9], snagGuard: 1, hook: jig('1/0'), castFactor: 1, takesTrailer: false },
  'worm': { source: 'memory', label: 'worm', lengthMm: 180, weightG: 9, slenderness: 0.06, bulk: 2, vibration: 1, flash: 1, sound: 'silent', action: 'quiver', intensity: 2, buoyancy: 'sinks-slowly', densityKgM3: 1060, fallAreaCm2: 6, towAreaCm2: 3, runsAtM: null, speedMs: [0.02, 0.15, 0.6], snagGuard: 3, hook: { kind: 'weedless', size: '4/0', count: 1 }, castFactor: 1, takesTrailer: false },
  'tube': { source: 'memory', label: 'tube', lengthMm: 90, weightG: 8, slenderness: 0.2, bulk: 3, vibration: 1, flash: 1, sound: 'silent', action: 'spiral', intensity: 2, buoyancy: 'sinks-slowly', densityKgM3: 1080, fallAreaCm2: 5, towAreaCm2: 3, runsAtM: null, speedMs: [0.02, 0.25, 0.8], snagGuard: 1, hook: jig('3/0'), castFactor: 1, takesTrailer: false },
  'shrimp-soft': { source: 'memory', label: 'soft shrimp', lengthMm: 90, weightG: 7, slenderness: 0.18, bulk: 2, vibration: 1, flash: 1, sound: 'silent', action: 'quiver', intensity: 2, buoyancy: 'sinks-slowly', densityKgM3: 1060, fallAreaCm2: 5, towAreaCm2: 3, runsAtM: null, speedMs: [0.02, 0.25, 0.8], snagGuard: 1, hook: jig('2/0'), castFactor: 1, takesTrailer: false },
  'soft-jerk': { source: 'memory', label: 'soft jerkbait', lengthMm: 130, weightG: 10, slenderness: 0.13, bulk: 3, vibration: 1, flash: 2, sound: 'silent', action: 'dart', intensity: 3, buoyancy: 'sinks-slowly', densityKgM3: 1060, fallAreaCm2: 7, towAreaCm2: 3, runsAtM: null, speedMs: [0.05, 0.4, 1.2], snagGuard: 3, hook: { kind: 'weedless', size: '5/0', count: 1 }, castFactor: 0.75, takesTrailer: false },
  'streamer': { source: 'practice', label: 'streamer', lengthMm: 65, weightG: 0.6, slenderness: 0.2, bulk: 2, vibration: 1, flash: 2, sound: 'silent', action: 'quiver', intensity: 1, buoyancy: 'sinks-slowly', densityKgM3: 1150, fallAreaCm2: 5, towAreaCm2: 2, runsAtM: null, speedMs: [0.05, 0.3, 0.9], snagGuard: 1, hook: single('4'), castFactor: 0.4, takesTrailer: false },
  'umbrella-rig': { source: 'memory', label: 'umbrella rig', lengthMm: 230, weightG: 60, slenderness: 0.6, bulk: 5, vibration: 4, flash: 4, sound: 'silent', action: 'kick', intensity: 3, buoyancy: 'sinks', densityKgM3: 3000, fallAreaCm2: 60, towAreaCm2: 40, runsAtM: null, speedMs: [0.4, 0.7, 1.3], snagGuard: 0, hook: { kind: 'jig', size: '4/0', count: 5 }, castFactor: 0.75, takesTrailer: false },
}

/** What a style changes in its family's typical lure (common practice, no source). */
export const STYLE_TABLE: Partial<Record<Family, Record<string, Partial<FamilyRow>>>> = {
  'crankbait': {
    'square-lip': { runsAtM: 1.5, snagGuard: 2, vibration: 4, castFactor: 0.75 },
    'shallow': { runsAtM: 0.9 },
    'medium-diver': { runsAtM: 3, lengthMm: 60, weightG: 14 },
    'deep-diver': { runsAtM: 5, lengthMm: 70, weightG: 20, bulk: 4 },
  },
  'jerkbait': { 'shallow': { runsAtM: 1.2 }, 'deep-lip': { runsAtM: 2.8 } },
  'topwater': {
    'walker': { action: 'walk' },
    'popper': { action: 'pop', lengthMm: 70, weightG: 10 },
    'prop': { action: 'spin', vibration: 3 },
    'frog': { action: 'walk', lengthMm: 60, snagGuard: 3, sound: 'silent', hook: { kind: 'double', size: '4/0', count: 1 } },
    'buzz': { action: 'spin', vibration: 4, snagGuard: 2, hook: single('4/0'), speedMs: [0.6, 0.9, 1.5] },
    'wake': { action: 'wake', vibration: 3 },
  },
  'skirted-jig': {
    'flipping': { snagGuard: 3 },
    'football': { snagGuard: 1 },
    'swim': { speedMs: [0.3, 0.6, 1.2], vibration: 2 },
    'finesse': { lengthMm: 65, weightG: 7, bulk: 2 },
  },
  'paddle-tail': {
    'fat': { bulk: 4, vibration: 3 },
    'slim': { bulk: 2, vibration: 3, slenderness: 0.15 },
    'slender': { bulk: 1, vibration: 2, lengthMm: 75, weightG: 3.5, slenderness: 0.12, speedMs: [0.08, 0.3, 1.2] },
    'hollow': { bulk: 3, vibration: 3, densityKgM3: 1000, speedMs: [0.35, 0.7, 1.1] },
  },
  'minnow-soft': { 'fork-tail': {}, 'flat-belly': { intensity: 2 } },
  'worm': {
    'ribbon': { action: 'flutter', vibration: 2, lengthMm: 230, weightG: 14, bulk: 3 },
    'straight': { action: 'quiver' },
    'finesse': { lengthMm: 115, weightG: 4, bulk: 1 },
  },
  'flutter-spoon': { 'flat': { action: 'glide', intensity: 5 }, 'cupped': { action: 'flutter' } },
  'casting-spoon': { 'flat': { vibration: 2, intensity: 4 }, 'cupped': { vibration: 4 } },
  'casting-metal': { 'flat': { intensity: 4 }, 'cupped': { vibration: 3 } },
}

/** The typical row of a family, changed by the style when the style is a known one. */
export function typicalOf(family: Family, style?: string | null): FamilyRow {
  const change = style ? STYLE_TABLE[family]?.[style] : undefined
  return change ? { ...FAMILY_TABLE[family], ...change } : FAMILY_TABLE[family]
}
