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
  singleHook,
  stroke,
  surface,
} from './drawing'

/** Even thickness with rounded ends. */
const rod = (fullness: number) => bulge(0.5, fullness)

export const stickWorm: Draw = spec => {
  const { lengthMm: L, bodyMm: H } = spec
  const rings = [0.34, 0.38, 0.42].map(t =>
    stroke('ring', `M${round(L * t)} ${round(-H * 0.48)}V${round(H * 0.48)}`, L * 0.008, '#00000066'),
  )
  return [...body(spec, 0, L, rod(0.28)), ...rings]
}

export const worm: Draw = spec => {
  const { lengthMm: L, bodyMm: H, style } = spec
  const bodyEnd = style === 'ribbon' ? 0.55 : 1
  const ribbon =
    style === 'ribbon'
      ? [
          stroke(
            'tail',
            `M${round(L * 0.53)} 0q${round(L * 0.1)} ${round(-H * 1.6)} ${round(L * 0.19)} 0t${round(L * 0.18)} 0t${round(L * 0.1)} 0`,
            H * 0.5,
            spec.side,
          ),
        ]
      : []
  return [...ribbon, ...body(spec, 0, L * bodyEnd, bulge(0.35, 0.35))]
}

/** Fish-shaped front, a thin wrist, a flat tail that kicks. */
export const paddleTail: Draw = spec => {
  const { lengthMm: L, bodyMm: H, style } = spec
  const wrist = style === 'slender' ? 0.05 : 0.09
  const profile = (t: number) => Math.max(wrist * 2, bulge(0.3, 0.8)(t))
  return [
    surface(
      'tail',
      `M${round(L * 0.84)} ${round(-H * wrist)}L${round(L * 0.93)} ${round(-H * 0.1)}L${round(L * 0.97)} ${round(-H * 0.14)}Q${round(L * 1.01)} ${round(H * 0.3)} ${round(L * 0.96)} ${round(H * 0.52)}Q${round(L * 0.9)} ${round(H * 0.3)} ${round(L * 0.92)} ${round(H * 0.1)}L${round(L * 0.84)} ${round(H * wrist)}Z`,
      spec.side,
    ),
    ...body(spec, 0, L * 0.87, profile),
    ...eye(L * 0.08, -H * 0.1, H * 0.08),
  ]
}

export const minnowSoft: Draw = spec => {
  const { lengthMm: L, bodyMm: H, style } = spec
  const tail =
    style === 'fork-tail'
      ? [
          stroke(
            'tail',
            `M${round(L * 0.78)} 0L${L} ${round(-H * 0.4)}M${round(L * 0.78)} 0L${L} ${round(H * 0.4)}`,
            H * 0.14,
            spec.side,
          ),
        ]
      : [
          surface(
            'tail',
            `M${round(L * 0.74)} ${round(-H * 0.1)}L${L} ${round(-H * 0.05)}L${L} ${round(H * 0.12)}L${round(L * 0.74)} ${round(H * 0.16)}Z`,
            spec.side,
          ),
        ]
  return [...tail, ...body(spec, 0, L * 0.8, bulge(0.3, 0.7)), ...eye(L * 0.07, -H * 0.08, H * 0.08)]
}

/** Segmented body with claws or arms behind. */
const armed =
  (claws: boolean): Draw =>
  spec => {
    const { lengthMm: L, bodyMm: H } = spec
    const arm = (side: 1 | -1): Mark[] =>
      claws
        ? [
            stroke(
              'arm',
              `M${round(L * 0.52)} ${round(side * H * 0.16)}L${round(L * 0.72)} ${round(side * H * 0.42)}`,
              H * 0.13,
              spec.back,
            ),
            surface(
              'claw',
              `M${round(L * 0.69)} ${round(side * H * 0.34)}Q${round(L * 0.84)} ${round(side * H * 0.92)} ${L} ${round(side * H * 0.5)}Q${round(L * 0.86)} ${round(side * H * 0.24)} ${round(L * 0.69)} ${round(side * H * 0.34)}Z`,
              spec.side,
            ),
          ]
        : [
            surface(
              'flap',
              `M${round(L * 0.5)} ${round(side * H * 0.1)}Q${round(L * 0.8)} ${round(side * H * 0.62)} ${L} ${round(side * H * 0.34)}Q${round(L * 0.78)} ${round(side * H * 0.1)} ${round(L * 0.5)} ${round(side * H * 0.1)}Z`,
              spec.side,
            ),
            stroke(
              'arm',
              `M${round(L * 0.3)} ${round(side * H * 0.2)}q${round(L * 0.08)} ${round(side * H * 0.4)} ${round(L * 0.2)} ${round(side * H * 0.5)}`,
              H * 0.09,
              spec.back,
            ),
          ]
    return [...arm(1), ...arm(-1), ...body(spec, 0, L * 0.62, bulge(0.5, 0.35), H * 0.55)]
  }

export const craw = armed(true)
export const creature = armed(false)

export const grub: Draw = spec => {
  const { lengthMm: L, bodyMm: H } = spec
  return [
    surface(
      'tail',
      `M${round(L * 0.5)} ${round(-H * 0.2)}Q${round(L * 0.86)} ${round(-H * 0.75)} ${L} ${round(-H * 0.05)}Q${round(L * 0.98)} ${round(H * 0.65)} ${round(L * 0.8)} ${round(H * 0.42)}Q${round(L * 0.92)} ${round(H * 0.2)} ${round(L * 0.86)} ${round(-H * 0.08)}Q${round(L * 0.72)} ${round(-H * 0.2)} ${round(L * 0.5)} ${round(H * 0.22)}Z`,
      spec.side,
    ),
    ...body(spec, 0, L * 0.58, bulge(0.4, 0.35), H * 0.72),
  ]
}

export const tube: Draw = spec => {
  const { lengthMm: L, bodyMm: H } = spec
  const tentacles = [-0.36, -0.2, -0.05, 0.1, 0.24, 0.38].map((y, i) =>
    stroke(
      'tentacle',
      `M${round(L * 0.6)} ${round(H * y * 0.8)}Q${round(L * 0.8)} ${round(H * y * 1.5)} ${L} ${round(H * y * 1.2)}`,
      H * 0.09,
      [spec.back, spec.side, spec.belly][i % 3]!,
    ),
  )
  return [...tentacles, ...body(spec, 0, L * 0.66, bulge(0.55, 0.3), H * 0.8)]
}

export const shrimp: Draw = spec => {
  const { lengthMm: L, bodyMm: H } = spec
  const segments = [0.45, 0.56, 0.67, 0.77].map(t =>
    stroke(
      'segment',
      `M${round(L * t)} ${round(-H * 0.42)}Q${round(L * (t - 0.02))} 0 ${round(L * (t + 0.01))} ${round(H * 0.3)}`,
      H * 0.05,
      '#00000055',
    ),
  )
  const legs = [0.3, 0.38, 0.46, 0.54].map(t =>
    stroke('leg', `M${round(L * t)} ${round(H * 0.3)}l${round(-L * 0.02)} ${round(H * 0.38)}`, H * 0.05, spec.belly),
  )
  return [
    ...legs,
    stroke(
      'feeler',
      `M${round(L * 0.04)} ${round(-H * 0.1)}q${round(-L * 0.12)} ${round(-H * 0.5)} ${round(L * 0.16)} ${round(-H * 0.75)}`,
      H * 0.04,
      spec.back,
    ),
    surface('tail', `M${round(L * 0.86)} 0L${L} ${round(-H * 0.3)}L${round(L * 0.97)} ${round(H * 0.26)}Z`, spec.side),
    ...body(spec, 0, L * 0.9, bulge(0.33, 0.6)),
    ...segments,
    surface('eye', circle(L * 0.07, -H * 0.22, H * 0.07), '#1b1a17'),
  ]
}

export const softJerk: Draw = spec => {
  const { lengthMm: L, bodyMm: H } = spec
  return [
    surface(
      'tail',
      `M${round(L * 0.72)} ${round(-H * 0.14)}L${L} ${round(-H * 0.3)}L${round(L * 0.92)} ${round(H * 0.04)}L${L} ${round(H * 0.32)}L${round(L * 0.72)} ${round(H * 0.16)}Z`,
      spec.back,
    ),
    ...body(spec, 0, L * 0.78, bulge(0.33, 0.6)),
    ...eye(L * 0.07, -H * 0.1, H * 0.08),
  ]
}

/** A head with a soft fish on it. */
export const jigHeadSoft: Draw = spec => {
  const { lengthMm: L, bodyMm: H } = spec
  const headR = Math.min(L * 0.09, H * 0.36)
  const shifted: DrawSpec = { ...spec, lengthMm: L - headR }
  return [
    singleHook(headR, -H * 0.2, L * 0.42, spec.hooks[0]?.gapeMm ?? 11),
    ...paddleTail(shifted).filter(mark => !mark.part.startsWith('eye')),
    surface('head', ellipse(headR, 0, headR, headR * 0.95), spec.metal),
    ...eye(headR * 0.9, -headR * 0.2, headR * 0.28),
  ]
}
