import { lightScene, lureSurface, previewOf } from '#core/light'
import type { Stain } from '#core/terms'

export interface StainStep {
  readonly water: string
  readonly white: string
}

const STEPS = 12
const SUN_DEG = 45
/** The picture reaches as deep as a white lure is seen. */
const DOWN_TO = 1
const WHITE = {
  colours: { back: '#f4f2ea', side: '#f4f2ea', belly: '#f4f2ea' },
  family: 'crankbait',
  actionStyle: 'none',
} as const

/** Water and a white lure in it, step by step from the surface to where it vanishes: the white fades into the water as the eye sees it through that much water, there and back. */
export function stainPicture(stain: Stain, visibilityM: number): readonly StainStep[] {
  const surface = lureSurface(WHITE)
  return Array.from({ length: STEPS }, (_, i) => {
    const share = ((i + 0.5) / STEPS) * DOWN_TO
    const scene = lightScene({
      visibilityM,
      stain,
      depthM: share * visibilityM,
      sky: 'sun',
      sunAltitudeDeg: SUN_DEG,
      moonFraction: 0,
    })
    const { zones, water } = previewOf(surface, scene)
    return { water: water.hex, white: mix(zones.get('side')!.hex, water.hex, share) }
  })
}

/** Blends two colours channel by channel. */
function mix(a: string, b: string, share: number): string {
  const channel = (hex: string, i: number) => Number.parseInt(hex.slice(1 + 2 * i, 3 + 2 * i), 16)
  return `#${[0, 1, 2]
    .map(i =>
      Math.round(channel(a, i) * (1 - share) + channel(b, i) * share)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`
}
