import {
  blade,
  body,
  bulge,
  circle,
  type Draw,
  type DrawSpec,
  ellipse,
  eye,
  type Mark,
  round,
  singleHook,
  stroke,
  strands,
  surface,
  treble,
} from './drawing'

const RING_MM = 2

function endHook({ hooks }: DrawSpec, x: number): Mark[] {
  const hook = hooks[0]
  if (!hook) return []
  return [
    hook.kind === 'treble' || hook.kind === 'treble-grip'
      ? treble(x, 0, hook.gapeMm)
      : singleHook(x, 0, hook.gapeMm * 1.2, hook.gapeMm),
  ]
}

/** A leaf of metal, widest behind the middle, with a painted stripe if it has an accent. */
const leaf =
  (widestAt: number, fullness: number): Draw =>
  spec => {
    const { lengthMm: L, bodyMm: H } = spec
    return [
      ...endHook(spec, L + RING_MM),
      ...body({ ...spec, side: spec.metal }, 0, L, bulge(widestAt, fullness)),
      stroke(
        'glint',
        `M${round(L * 0.25)} ${round(-H * 0.12)}Q${round(L * 0.5)} ${round(-H * 0.22)} ${round(L * 0.78)} ${round(-H * 0.1)}`,
        Math.max(0.6, H * 0.05),
        '#ffffffaa',
      ),
      stroke('ring', circle(-RING_MM, 0, RING_MM), 0.6),
    ]
  }

export const thinSpoon = leaf(0.62, 0.8)
export const denseSpoon = leaf(0.55, 0.6)
export const flutterSpoon = leaf(0.6, 0.7)
export const castingMetal = leaf(0.48, 0.5)
export const slowJig = leaf(0.5, 0.75)
export const speedJig = leaf(0.6, 0.55)

export const bladeBait: Draw = spec => {
  const { lengthMm: L, bodyMm: H } = spec
  return [
    treble(L * 0.35, H * 0.5, spec.hooks[0]?.gapeMm ?? 8),
    treble(L, H * 0.1, spec.hooks[0]?.gapeMm ?? 8),
    surface(
      'plate',
      `M0 0Q${round(L * 0.25)} ${round(-H)} ${L} 0Q${round(L * 0.4)} ${round(H * 0.5)} 0 0Z`,
      spec.metal,
    ),
    surface(
      'belly',
      `M${round(L * 0.02)} ${round(H * 0.04)}Q${round(L * 0.2)} ${round(H * 0.6)} ${round(L * 0.55)} ${round(H * 0.28)}Q${round(L * 0.3)} ${round(H * 0.1)} ${round(L * 0.02)} ${round(H * 0.04)}Z`,
      spec.side,
    ),
    ...eye(L * 0.14, 0, H * 0.08),
  ]
}

/** Shaft, blade on its clevis, body, hook. */
export const inlineSpinner: Draw = spec => {
  const { lengthMm: L, bodyMm: H } = spec
  const own = spec.blades[0] ?? { shape: 'oval', size: Math.max(0, (L * 0.42 - 14) / 5), paint: spec.metal }
  return [
    ...endHook(spec, L * 0.8),
    stroke('wire', `M0 0H${round(L * 0.8)}`, 0.8),
    ...body(spec, L * 0.34, L * 0.76, bulge(0.5, 0.5), H * 0.7),
    blade(L * 0.14, -1, -22, own),
    stroke('ring', circle(-1.6, 0, 1.6), 0.6),
  ]
}

export const tailSpinner: Draw = spec => {
  const { lengthMm: L, bodyMm: H } = spec
  const own = spec.blades[0] ?? { shape: 'indiana', size: 1, paint: spec.metal }
  return [
    treble(L * 0.32, H * 0.42, spec.hooks[0]?.gapeMm ?? 8),
    ...body(spec, 0, L * 0.62, bulge(0.4, 0.6)),
    stroke('wire', `M${round(L * 0.6)} 0H${round(L * 0.72)}`, 0.8),
    blade(L * 0.72, 0, 12, own),
    ...eye(L * 0.1, -H * 0.1, H * 0.08),
  ]
}

/** Safety-pin wire: head and skirt on the lower arm, blades on the upper; the front blade stands last in the list. */
export const spinnerbait: Draw = spec => {
  const { lengthMm: L, bodyMm: H } = spec
  const armEnd = { x: L * 0.52, y: -L * 0.3 }
  const blades = spec.blades.length > 0 ? spec.blades : [{ shape: 'willow', size: 4, paint: spec.metal }]
  return [
    stroke(
      'wire',
      `M${round(L * 0.18)} 0L${round(L * 0.02)} ${round(-L * 0.1)}L${round(armEnd.x)} ${round(armEnd.y)}`,
      1,
    ),
    ...blades.map((b, i) =>
      i === 0 ? blade(armEnd.x, armEnd.y, 4, b) : blade(armEnd.x * (1 - 0.34 * i), armEnd.y * (1 - 0.26 * i), 10, b),
    ),
    singleHook(L * 0.2, H * 0.05, L * 0.5, spec.hooks[0]?.gapeMm ?? 12),
    ...strands('skirt', L * 0.28, 0, L * 0.6, H * 0.42, 9, [spec.back, spec.side, spec.belly, spec.side]),
    surface('head', ellipse(L * 0.22, 0, L * 0.09, H * 0.2), spec.side),
    ...eye(L * 0.2, -H * 0.04, H * 0.06),
  ]
}

export const bladedJig: Draw = spec => {
  const { lengthMm: L, bodyMm: H } = spec
  return [
    surface(
      'plate',
      `M0 ${round(-H * 0.42)}L${round(L * 0.16)} ${round(-H * 0.2)}V${round(H * 0.34)}L${round(L * 0.02)} ${round(H * 0.2)}Z`,
      spec.metal,
    ),
    singleHook(L * 0.24, 0, L * 0.45, spec.hooks[0]?.gapeMm ?? 14),
    ...strands('skirt', L * 0.3, 0, L * 0.7, H * 0.5, 9, [spec.back, spec.side, spec.belly, spec.side]),
    surface('head', ellipse(L * 0.25, 0, L * 0.09, H * 0.24), spec.side),
    ...eye(L * 0.23, -H * 0.05, H * 0.07),
  ]
}

/** Head, hook with its guard, strands. */
const dressedJig =
  (part: 'skirt' | 'hair', guard: boolean): Draw =>
  spec => {
    const { lengthMm: L, bodyMm: H } = spec
    return [
      singleHook(L * 0.16, -H * 0.08, L * 0.46, spec.hooks[0]?.gapeMm ?? 12),
      ...(guard
        ? [
            stroke(
              'guard',
              `M${round(L * 0.14)} ${round(-H * 0.15)}L${round(L * 0.5)} ${round(-H * 0.62)}`,
              0.9,
              '#3c3a34',
            ),
          ]
        : []),
      ...strands(part, L * 0.2, 0, L * 0.8, part === 'skirt' ? H * 0.5 : H * 0.34, part === 'skirt' ? 11 : 15, [
        spec.back,
        spec.side,
        spec.belly,
        spec.side,
      ]),
      surface('head', circle(L * 0.1, 0, Math.min(L * 0.1, H * 0.3)), spec.side),
      ...eye(L * 0.08, -H * 0.06, H * 0.07),
    ]
  }

export const skirtedJig = dressedJig('skirt', true)
export const hairJig = dressedJig('hair', false)

export const streamer: Draw = spec => {
  const { lengthMm: L, bodyMm: H } = spec
  return [
    singleHook(0, 0, L * 0.42, spec.hooks[0]?.gapeMm ?? 7),
    ...strands('hair', L * 0.06, 0, L * 0.94, H * 0.38, 13, [spec.back, spec.side, spec.belly]),
    surface('head', ellipse(L * 0.04, 0, L * 0.05, H * 0.16), spec.back),
  ]
}

/** Five small fish on spread wires behind one head. */
export const umbrellaRig: Draw = spec => {
  const { lengthMm: L } = spec
  const small = { ...spec, lengthMm: L * 0.42, bodyMm: L * 0.09 }
  return [-0.26, -0.13, 0, 0.13, 0.26]
    .flatMap((share, i) => {
      const y = L * share
      const x = L * (0.5 + (i === 2 ? 0.08 : 0))
      const shift = (mark: Mark): Mark => ({ ...mark, d: translate(mark.d, x, y) })
      return [
        stroke('wire', `M${round(L * 0.08)} 0L${round(x)} ${round(y)}`, 0.8),
        ...body(small, 0, small.lengthMm, bulge(0.35, 0.7)).map(shift),
      ]
    })
    .concat(surface('head', ellipse(L * 0.06, 0, L * 0.06, L * 0.035), spec.side))
}

/** Moves a path of absolute points (moves, lines and curves, as `area` writes them). */
function translate(d: string, dx: number, dy: number): string {
  return d.replace(
    /(-?[\d.]+),(-?[\d.]+)/g,
    (_, x: string, y: string) => `${round(Number(x) + dx)},${round(Number(y) + dy)}`,
  )
}
