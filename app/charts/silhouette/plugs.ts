import {
  body,
  bulge,
  circle,
  type Draw,
  type DrawSpec,
  ellipse,
  eye,
  type Mark,
  round,
  stroke,
  surface,
  treble,
} from './drawing'

const TAIL_RING_MM = 1.6

function hooksBelow({ lengthMm: L, bodyMm: H, hooks }: DrawSpec, places: readonly number[]): Mark[] {
  return hooks.slice(0, places.length).map(({ gapeMm }, i) => {
    const t = places[i]!
    return t >= 1 ? treble(L + TAIL_RING_MM, 0, gapeMm) : treble(L * t, H * 0.42, gapeMm)
  })
}

function places(count: number): number[] {
  return count <= 1 ? [1] : count === 2 ? [0.42, 1] : [0.28, 0.6, 1]
}

/** The lip grows with the running depth and lies flatter the deeper the plug dives. */
function lip({ lengthMm: L, bodyMm: H, divesM, style }: DrawSpec): Mark[] {
  if (!divesM) return []
  const reach = Math.min(0.5, 0.1 + 0.06 * divesM) * L
  const drop = style === 'square-lip' ? reach * 0.9 : reach * Math.max(0.35, 0.9 - 0.1 * divesM)
  const width = H * (style === 'square-lip' ? 0.3 : 0.22)
  const [x, y] = [L * 0.07, H * 0.16]
  const tip =
    style === 'square-lip'
      ? `L${round(x - reach)} ${round(y + drop)}l${round(width * 0.8)} ${round(width)}`
      : `L${round(x - reach)} ${round(y + drop)}q${round(-width * 0.3)} ${round(width * 0.9)} ${round(width * 0.8)} ${round(width * 0.8)}`
  return [
    {
      part: 'lip',
      d: `M${round(x)} ${round(y)}${tip}L${round(x + width * 1.3)} ${round(y + width * 0.9)}Z`,
      fill: '#dfe6e488',
      stroke: '#5c6b68',
      width: 0.5,
    },
  ]
}

const lured =
  (peakAt: number, fullness: number, withLip: boolean): Draw =>
  spec => {
    const { lengthMm: L, bodyMm: H, accent } = spec
    return [
      ...hooksBelow(spec, places(spec.hooks.length)),
      ...(withLip ? lip(spec) : []),
      ...body(spec, 0, L, bulge(peakAt, fullness)),
      ...(accent ? [surface('accent', ellipse(L * 0.2, H * 0.12, L * 0.035, H * 0.16), accent)] : []),
      ...eye(L * 0.11, -H * 0.1, Math.max(1.2, H * 0.085)),
      stroke('ring', circle(-TAIL_RING_MM, 0, TAIL_RING_MM), 0.6),
    ]
  }

export const crankbait = lured(0.4, 0.62, true)
export const jerkbait = lured(0.38, 0.75, true)
export const lipless = lured(0.36, 0.7, false)
export const pencil = lured(0.5, 0.42, false)

export const topwater: Draw = spec => {
  const { lengthMm: L, bodyMm: H, style } = spec
  if (style === 'frog') {
    return [
      ...body(spec, 0, L * 0.8, bulge(0.45, 0.5), H * 1.3),
      stroke(
        'leg',
        `M${round(L * 0.7)} ${round(H * 0.2)}q${round(L * 0.2)} ${round(H * 0.5)} ${round(L * 0.3)} ${round(H * 0.35)}`,
        1.6,
        spec.side,
      ),
      stroke(
        'leg',
        `M${round(L * 0.7)} ${round(H * 0.1)}q${round(L * 0.2)} ${round(H * 0.2)} ${round(L * 0.3)} 0`,
        1.6,
        spec.back,
      ),
      ...eye(L * 0.14, -H * 0.3, H * 0.12),
    ]
  }
  const cup = style === 'popper' ? [surface('cup', ellipse(0.5, 0, H * 0.12, H * 0.34), '#00000066')] : []
  const prop =
    style === 'prop' || style === 'buzz'
      ? [stroke('prop', `M${round(L + 3)} ${round(-H * 0.5)}L${round(L + 3)} ${round(H * 0.5)}`, 1.4, spec.metal)]
      : []
  return [
    ...hooksBelow(spec, places(spec.hooks.length)),
    ...body(spec, 0, L, bulge(style === 'popper' ? 0.3 : 0.52, 0.55)),
    ...cup,
    ...prop,
    ...eye(L * 0.1, -H * 0.12, H * 0.1),
  ]
}

/** Jointed: two or three segments with a gap, tail fin last. */
const segmented =
  (cuts: readonly number[], tail: 'fin' | 'paddle'): Draw =>
  spec => {
    const { lengthMm: L, bodyMm: H } = spec
    const profile = bulge(0.38, 0.7)
    const end = 0.86
    const gaps = cuts.map(t =>
      stroke(
        'joint',
        `M${round(L * t)} ${round(-H * 0.5 * profile(t / end))}L${round(L * t - L * 0.015)} ${round(H * 0.5 * profile(t / end))}`,
        L * 0.012,
        '#0000008c',
      ),
    )
    const fin =
      tail === 'fin'
        ? surface(
            'tail',
            `M${round(L * 0.82)} 0L${L} ${round(-H * 0.34)}Q${round(L * 0.94)} 0 ${L} ${round(H * 0.34)}Z`,
            spec.back,
          )
        : surface(
            'tail',
            `M${round(L * 0.83)} ${round(-H * 0.07)}L${round(L * 0.95)} ${round(-H * 0.05)}L${round(L * 0.98)} ${round(-H * 0.1)}L${L} ${round(H * 0.42)}L${round(L * 0.93)} ${round(H * 0.1)}L${round(L * 0.83)} ${round(H * 0.08)}Z`,
            spec.side,
          )
    return [
      ...hooksBelow(spec, [0.32, 0.62]),
      fin,
      ...body(spec, 0, L * end, profile),
      ...gaps,
      ...eye(L * 0.09, -H * 0.12, H * 0.08),
    ]
  }

export const glideBait = segmented([0.46], 'fin')
export const swimbait = segmented([0.5, 0.66], 'paddle')
