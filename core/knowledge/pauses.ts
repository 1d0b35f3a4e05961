import type { Mood } from '#core/terms'

/**
 * Pauses and pace by the warmth of the water as the fish feels it (`warmthC`), handbook §23.2: middle values, straight between the middles of the handbook's bands.
 * Source: common practice, no source; the middles of the open bands (below 6 and above 22 °C) are assumed.
 */
export const WARMTH_C = [4, 8, 12.5, 18.5, 24] as const

export type PauseId = 'hung' | 'touch' | 'bottom' | 'lying' | 'falling' | 'shake' | 'lift' | 'vertical' | 'walk' | 'pop'

export interface PauseRow {
  readonly label: string
  /** Seconds at each warmth. */
  readonly seconds: readonly [number, number, number, number, number]
  /** What the mood does to it. */
  readonly mood: Readonly<Record<Mood, number>>
  /** Fish held at one spot: it may wait longer. */
  readonly oneSpot: number
  readonly most: number
}

const EVEN = { aggressive: 0.65, neutral: 1, lethargic: 1.6 } as const

export const PAUSES: Readonly<Record<PauseId, PauseRow>> = {
  hung: {
    label: 'a plug that hangs',
    seconds: [34, 20, 7, 3, 1.5],
    mood: { aggressive: 0.4, neutral: 1, lethargic: 2 },
    oneSpot: 1.5,
    most: 45,
  },
  touch: { label: 'a plug or bait after it touched', seconds: [3, 2, 1.5, 1, 0.7], mood: EVEN, oneSpot: 1, most: 8 },
  bottom: { label: 'a jig or soft bait on the bottom', seconds: [20, 12, 7, 4, 3], mood: EVEN, oneSpot: 1.2, most: 30 },
  lying: {
    label: 'a bait left lying',
    seconds: [28, 20, 15, 10, 10],
    mood: { aggressive: 0.8, neutral: 1, lethargic: 1.3 },
    oneSpot: 1.2,
    most: 40,
  },
  falling: { label: 'a soft stick on slack line', seconds: [20, 15, 12, 10, 8], mood: EVEN, oneSpot: 1.2, most: 40 },
  shake: { label: 'a drop shot held still', seconds: [20, 15, 10, 6, 5], mood: EVEN, oneSpot: 1.2, most: 40 },
  lift: { label: 'between lifts', seconds: [5, 4, 3, 2, 1.5], mood: EVEN, oneSpot: 1, most: 10 },
  vertical: { label: 'metal left to flutter', seconds: [3, 3, 2, 1.5, 1], mood: EVEN, oneSpot: 1, most: 6 },
  walk: { label: 'a surface bait beside something', seconds: [4, 4, 3, 1.5, 1], mood: EVEN, oneSpot: 1.5, most: 10 },
  pop: { label: 'a popper after its rings', seconds: [8, 7, 5, 4, 3], mood: EVEN, oneSpot: 1.5, most: 20 },
}

/** Pace of a wound bait at each warmth [m/s], and what mood, mud and darkness do to it (handbook §23.2, §10). */
export const PACE = {
  metresPerS: [0.3, 0.4, 0.55, 0.75, 0.95],
  mood: { aggressive: 1.3, neutral: 1, lethargic: 0.6 },
  /** Where a lure vanishes within this distance it is wound slower, so that it can be found [m]. */
  mudBelowM: 0.6,
  inMud: 0.75,
  atNight: 0.85,
} as const
