import type { Condition } from '#core/rule'
import { AGGRESSIVE, GRASS, MATTED } from './rules/conditions'
import { ASHORE, OPEN_SHORE } from './rules/shines/conditions'

/** Lead for one use by depth: grams at each depth, straight between them (handbook §6, §23.5). */
export interface LeadRow {
  readonly id: string
  readonly use: 'head' | 'drop-sinker' | 'bullet' | 'weighted-hook' | 'clip-blade'
  readonly depthsM: readonly number[]
  readonly grams: readonly number[]
  readonly text: string
}

/** Source: common practice, no source; in light wind and little current. Depths beyond the handbook's are carried on at the same rate (assumed). */
export const LEAD: readonly LeadRow[] = [
  {
    id: 'lead.head',
    use: 'head',
    depthsM: [0.5, 1.2, 2.2, 3, 4.5, 6, 7.5, 9, 15, 25, 45],
    grams: [1.6, 2.4, 3.5, 4.5, 6, 7.5, 11, 14, 22, 40, 85],
    text: 'Heads: under 3 m 1.8–3.5 g, 3–6 m 5–7 g, 6–9 m 10.5–14 g; early in the year lighter, late heavier.',
  },
  {
    id: 'lead.drop-shot',
    use: 'drop-sinker',
    depthsM: [0.5, 3, 4.5, 6, 8, 10, 15, 25],
    grams: [2.5, 3.5, 4.5, 5.5, 7, 10, 15, 28],
    text: 'Drop shot: 3.5 g to 3 m, 5–7 g to 6 m, 10–14 g to 10 m, more with drift: the lightest that keeps contact.',
  },
  {
    id: 'lead.bullet',
    use: 'bullet',
    depthsM: [0.5, 1.5, 3, 5, 8, 12],
    grams: [3.5, 5, 7, 10.5, 14, 21],
    text: 'Bullets: 3.5–7 g in weed edges, 10–21 g for punching and flipping.',
  },
  {
    id: 'lead.weighted-hook',
    use: 'weighted-hook',
    depthsM: [0.5, 1.6, 2.2, 3, 5],
    grams: [1.8, 1.8, 3.5, 3.5, 7],
    text: 'Weighted hooks: 1.8 g under 2 m, 3.5 g to 3 m, 5–7 g to 5 m; deeper a head or a bullet.',
  },
]

/** Metal that works by its own weight: the least and the most for each metre down to the fish, and the most of jigs for deep water along the bottom, in light wind and little current [g/m]. Source: common practice, no source; the least is assumed. */
export const METAL = {
  id: 'lead.metal',
  gPerM: [0.8, 3],
  text: 'Metal under the boat by the depth of the fish: 16–60 g over fish at 20 m, more in a stream; too heavy it drops past them. Jigs for deep water weigh no more along the bottom.',
} as const

/** Ashore swell carries off what holds in still water: the lead is multiplied by 1 + `perM` × height of the waves [1/m]. Assumed. */
export const SWELL = {
  id: 'lead.swell',
  when: [ASHORE] as readonly Condition[],
  perM: 1.2,
  text: 'From the shore in waves of a metre twice the lead: the wash carries off what holds in still water.',
} as const
/** From an open shore of the sea a head must be thrown: at least this much without swell [g]. Assumed. */
export const SEA_SHORE = {
  id: 'lead.sea-shore',
  when: OPEN_SHORE as readonly Condition[],
  leastG: 7,
  text: 'From an open shore of the sea heads of 7 g and more: lighter ones do not fly.',
} as const

/** A head for a body of this length [mm]; longer bodies take more, shorter ones less, as the power of the ratio. Assumed from handbook §6 (3-in from 5 g, 15 cm from 14 g). */
export const HEAD_BY_LENGTH = { atMm: 95, power: 1.1 } as const
/** Large deep bodies of 140 mm and more swim on heads of 14–35 g [g] (handbook §6). */
export const LARGE_BODY = { fromMm: 140, fromBulk: 4, leastG: 14 } as const
/** What a current adds: the lead is multiplied by 1 + this × m/s. Assumed, from the criterion of contact at 5 m. */
export const LEAD_PER_CURRENT = 1.7
/** A boat adrift before the wind: share of the wind's speed that counts as current (handbook: 2–4 %). */
export const DRIFT_OF_WIND = 0.03
/** In thick cover a bullet must go through [times]. Assumed. */
export const LEAD_IN_COVER = 1.6
/** Eager fish seen on sonar take a heavy drop shot on their heads: at least this much [g] (handbook §6). */
export const EAGER: { readonly when: readonly Condition[]; readonly leastG: number; readonly times: number } = {
  when: [AGGRESSIVE],
  leastG: 14,
  times: 1.4,
}
/** A bullet that must break through matted tops: at least this much [g] (handbook §23.5: 10–21 g for punching). */
export const PUNCHED: { readonly when: readonly Condition[]; readonly leastG: number } = {
  when: [GRASS, MATTED],
  leastG: 14,
}
/** Slow fish want the slow fall: lighter [times]. Assumed. */
export const LEAD_LETHARGIC = 0.85
/** Heads, sinkers and weighted hooks as they are sold [g]: 1/32 … 3 oz, rounded. Common practice. */
export const USUAL_GRAMS = [0.9, 1.8, 2.7, 3.5, 5, 7, 10.5, 14, 18, 21, 28, 35, 42, 56, 85] as const
