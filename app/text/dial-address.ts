import { CADENCE_TABLE } from '#core/knowledge'
import type { Cadence } from '#core/terms'
import type { Dialled } from '~/composables/useCourses'

/** What can be turned, with the least and the most that an address may say [m, m, m, m/s, m, mm, s, g]; wider than the sliders, for what a slider gives depends on the set-up. */
const TURNED = {
  tipM: [0, 6],
  castM: [1, 200],
  lineOutM: [1, 300],
  speedMs: [0.01, 6],
  depthM: [0, 400],
  lineDiameterMm: [0.03, 3],
  pauseS: [0, 120],
  addedG: [-500, 2000],
} as const satisfies Record<string, readonly [number, number]>
type TurnedNumber = keyof typeof TURNED

/** The dial as it stands in an address: `tipM:0.5,cadence:tick`; nothing turned: `undefined`. */
export function dialInAddress(dialled: Dialled): string | undefined {
  const parts = Object.entries(dialled).map(([key, value]) => `${key}:${value ?? 'none'}`)
  return parts.length > 0 ? parts.join(',') : undefined
}

/** The dial of an address; what it does not know, and figures that no rod gives, are left as judged. */
export function dialFromAddress(text: string): Dialled {
  const found: Record<string, number | Cadence | null> = {}
  for (const part of text.split(',')) {
    const [key = '', value = ''] = part.split(':')
    if (key === 'cadence' && Object.hasOwn(CADENCE_TABLE, value)) found.cadence = value as Cadence
    else if (key === 'pauseS' && value === 'none') found.pauseS = null
    else if (Object.hasOwn(TURNED, key) && value !== '') {
      const [least, most] = TURNED[key as TurnedNumber]
      const number = Number(value)
      if (number >= least && number <= most) found[key] = number
    }
  }
  return found as Dialled
}
