import { area, curveCatmullRom } from 'd3'
import type { Finish } from '#core/terms'

/** One stroke or surface of a lure, in millimetres: x from the nose (0) to the tail, y down. `part` names what it is. */
export interface Mark {
  readonly part: string
  readonly d: string
  readonly fill: string | null
  readonly stroke: string | null
  /** Stroke width [mm]. */
  readonly width: number
}

export interface Drawing {
  readonly marks: readonly Mark[]
  /** What the marks cover [mm], with a margin for strokes. */
  readonly box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number }
}

/** Everything a family's drawing follows. */
export interface DrawSpec {
  readonly lengthMm: number
  /** Greatest body depth [mm]. */
  readonly bodyMm: number
  readonly style: string | null
  readonly finish: Finish
  readonly back: string
  readonly side: string
  readonly belly: string
  readonly accent: string | null
  /** Paint of blades and bare metal. */
  readonly metal: string
  /** Running depth of a lipped plug [m]: the lip grows with it. */
  readonly divesM: number | null
  readonly blades: readonly { readonly shape: string; readonly size: number; readonly paint: string }[]
  readonly hooks: readonly { readonly kind: string; readonly gapeMm: number }[]
}

export type Draw = (spec: DrawSpec) => Mark[]

const WIRE = '#6d6a60'
const HOOK = '#4a4842'
const EYE = '#1b1a17'
/** Pale bodies need an edge on paper, dark ones on a dark screen. */
const OUTLINE = '#57534aaa'

export function surface(part: string, d: string, fill: string): Mark {
  return { part, d, fill, stroke: null, width: 0 }
}

export function stroke(part: string, d: string, width: number, paint = WIRE): Mark {
  return { part, d, fill: null, stroke: paint, width }
}

/** Half the body's depth along its length, as a share of the greatest: 0 at nose and tail, 1 at `peakAt`. */
export function bulge(peakAt: number, fullness: number): (t: number) => number {
  const power = Math.log(0.5) / Math.log(peakAt)
  return t => Math.sin(Math.PI * Math.min(1, Math.max(0, t)) ** power) ** fullness
}

const STEPS = 24
/** Back above and belly below these shares of the body's half depth. */
const ZONE = 0.36

/** A body in three zones: back, side, belly. */
export function body(
  spec: DrawSpec,
  from: number,
  to: number,
  profile: (t: number) => number,
  depthMm = spec.bodyMm,
): Mark[] {
  const points = Array.from({ length: STEPS + 1 }, (_, i) => i / STEPS)
  const half = depthMm / 2
  const zone = (part: string, low: number, high: number, fill: string) => {
    const path = area<number>()
      .x(t => round(from + t * (to - from)))
      .y0(t => round(profile(t) * half * low))
      .y1(t => round(profile(t) * half * high))
      .curve(curveCatmullRom)(points)!
    return surface(part, path, fill)
  }
  const outline: Mark = { ...zone('outline', -1, 1, ''), fill: null, stroke: OUTLINE, width: spec.lengthMm * 0.006 }
  const paint = (hex: string) => (spec.finish === 'translucent' ? `${hex}${SEE_THROUGH}` : hex)
  return [
    zone('back', -1, -ZONE, paint(spec.back)),
    zone('side', -ZONE, ZONE, paint(spec.side)),
    zone('belly', ZONE, 1, paint(spec.belly)),
    ...(FINISH[spec.finish]?.({ from, to, half, profile }) ?? []),
    outline,
  ]
}

/** Alpha of a translucent body, so that what lies behind shows. */
const SEE_THROUGH = '8c'
interface Skin {
  readonly from: number
  readonly to: number
  readonly half: number
  readonly profile: (t: number) => number
}

/** What the finish adds to the paint; matte, painted and translucent skins add nothing. */
const FINISH: Partial<Record<Finish, (skin: Skin) => Mark[]>> = {
  gloss: skin => [sheen(skin, 0.5, 0.05, '#ffffff99')],
  pearl: skin => [sheen(skin, 0.3, 0.22, '#ffffff66'), sheen(skin, 0.02, 0.12, '#f7d9e455')],
  scale: ({ from, to, half, profile }) =>
    rows(5, 12, (t, across) => {
      const r = half * 0.16
      return stroke(
        'finish',
        `M${round(from + t * (to - from))} ${round(across * half * profile(t) * 0.62 - r)}q${round(r)} ${round(r)} 0 ${round(2 * r)}`,
        half * 0.035,
        '#2222226e',
      )
    }),
  hammered: ({ from, to, half, profile }) =>
    rows(4, 9, (t, across) =>
      surface('finish', circle(from + t * (to - from), across * half * profile(t) * 0.6, half * 0.075), '#00000030'),
    ),
}

/** A streak of light along the body, at a share of its half depth over the middle. */
function sheen({ from, to, half, profile }: Skin, height: number, width: number, paint: string): Mark {
  const at = (t: number) => `${round(from + t * (to - from))} ${round(-height * half * profile(t))}`
  return stroke('finish', `M${at(0.16)}Q${at(0.45)} ${at(0.76)}`, half * width, paint)
}

/** Marks in staggered rows over the flank. */
function rows(across: number, along: number, mark: (t: number, across: number) => Mark): Mark[] {
  return Array.from({ length: across }, (_, i) =>
    Array.from({ length: along }, (_, k) =>
      mark((k + (i % 2 ? 0.9 : 0.4)) / (along + 0.6), (2 * i) / (across - 1) - 1),
    ),
  ).flat()
}

export function eye(x: number, y: number, r: number): Mark[] {
  return [surface('eye-white', circle(x, y, r), '#f4f1e6'), surface('eye', circle(x, y, r * 0.6), EYE)]
}

export function circle(x: number, y: number, r: number): string {
  return `M${round(x - r)} ${round(y)}a${round(r)} ${round(r)} 0 1 0 ${round(2 * r)} 0a${round(r)} ${round(r)} 0 1 0 ${round(-2 * r)} 0Z`
}

export function ellipse(x: number, y: number, rx: number, ry: number): string {
  return `M${round(x - rx)} ${round(y)}a${round(rx)} ${round(ry)} 0 1 0 ${round(2 * rx)} 0a${round(rx)} ${round(ry)} 0 1 0 ${round(-2 * rx)} 0Z`
}

/** A treble hangs from its ring: shank down, two bends. */
export function treble(x: number, y: number, gapeMm: number): Mark {
  const g = gapeMm
  return stroke(
    'hook',
    `M${round(x)} ${round(y)}v${round(g * 1.1)}m${round(-g * 0.55)} ${round(-g * 0.45)}a${round(g * 0.55)} ${round(g * 0.6)} 0 0 0 ${round(g * 1.1)} 0`,
    lineWidth(g),
    HOOK,
  )
}

/** A single hook from its eye to the right, point up. */
export function singleHook(x: number, y: number, shankMm: number, gapeMm: number): Mark {
  const g = gapeMm
  return stroke(
    'hook',
    `M${round(x)} ${round(y)}h${round(shankMm)}a${round(g / 2)} ${round(g / 2)} 0 0 0 0 ${round(-g)}h${round(-g * 0.5)}`,
    lineWidth(g),
    HOOK,
  )
}

function lineWidth(gapeMm: number): number {
  return Math.max(0.7, gapeMm * 0.11)
}

const BLADE_ASPECT: Record<string, number> = {
  willow: 0.3,
  turtleback: 0.45,
  indiana: 0.62,
  colorado: 0.85,
  oval: 0.5,
  fluted: 0.4,
}
/** Blade length [mm] from its number: no. 0 about 14 mm, each number 5 mm more. From memory. */
export function bladeLength(size: number): number {
  return 14 + 5 * size
}

/** A blade from its eye at (x, y), swung by `degrees` below the horizontal. */
export function blade(x: number, y: number, degrees: number, { shape, size, paint }: DrawSpec['blades'][number]): Mark {
  const L = bladeLength(size)
  const w = L * (BLADE_ASPECT[shape] ?? 0.5)
  const angle = (degrees * Math.PI) / 180
  const at = (along: number, across: number) =>
    `${round(x + along * Math.cos(angle) - across * Math.sin(angle))} ${round(y + along * Math.sin(angle) + across * Math.cos(angle))}`
  const far = shape === 'willow' ? 1.02 : 1.08
  return {
    part: 'blade',
    fill: paint,
    stroke: '#00000055',
    width: 0.4,
    d: `M${at(0, 0)}C${at(L * 0.1, w * 0.75)} ${at(L * 0.75, w * 0.75)} ${at(L * far, 0)}C${at(L * 0.75, -w * 0.75)} ${at(L * 0.1, -w * 0.75)} ${at(0, 0)}Z`,
  }
}

/** How much wider the contour under a strand is than the strand. */
const CONTOUR = 1.5

/** Skirt or hair: strands that spread toward the tail, over a contour of their own so that pale ones show on paper. */
export function strands(
  part: string,
  x: number,
  y: number,
  lengthMm: number,
  spreadMm: number,
  count: number,
  paints: readonly string[],
): Mark[] {
  const width = Math.max(0.8, lengthMm * 0.03)
  const all = Array.from({ length: count }, (_, i) => {
    const place = count === 1 ? 0 : (i / (count - 1)) * 2 - 1
    const end = y + place * spreadMm
    return stroke(
      part,
      `M${round(x)} ${round(y + place * spreadMm * 0.25)}Q${round(x + lengthMm * 0.5)} ${round(y + place * spreadMm * 0.9)} ${round(x + lengthMm)} ${round(end)}`,
      width,
      paints[i % paints.length]!,
    )
  })
  return [stroke('contour', all.map(mark => mark.d).join(''), width * CONTOUR, OUTLINE), ...all]
}

export function round(value: number): number {
  return Math.round(value * 100) / 100
}
