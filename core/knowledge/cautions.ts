import type { Condition } from '#core/rule'
import { NIGHT } from './rules/conditions'

/** A caution shown with the whole answer when its conditions hold (trade §18). Common practice, no source. */
export interface Caution {
  readonly id: string
  readonly when: readonly Condition[]
  readonly text: string
}

export const LOCAL_RULES =
  'Licence, seasons, size limits, hook numbers, lead and barbs differ by water: check the local rules. This program never says what is legal.'

/** Told once with every answer. */
export const BETWEEN_WATERS = 'Clean, drain and dry the gear between waters.'

export const CAUTIONS: readonly Caution[] = [
  {
    id: 'fish.stress',
    when: [{ feature: 'stress', any: ['yes'] }],
    text: 'At {temperatureC} this fish is under heat stress: leave it alone today.',
  },
  {
    id: 'fish.spawn',
    when: [{ feature: 'phase', any: ['spawn'] }],
    text: 'Fish may be on their beds: do not fight spawning fish where that is not allowed.',
  },
  {
    id: 'cold.water',
    when: [{ feature: 'temperatureC', zeroAt: 12, oneAt: 10 }],
    text: 'Cold water ({temperatureC}): life jacket, clothing for immersion; ice on ramps.',
  },
  {
    id: 'night',
    when: [NIGHT],
    text: 'Night: never alone on rocks; no trebles loose on the ledge; light, life jacket, and know the tide.',
  },
  {
    id: 'wading',
    when: [{ feature: 'from', any: ['wading'] }],
    text: 'Wading: staff, belt, cleats, life jacket; know the tide and rising water.',
  },
  {
    id: 'surf',
    when: [{ feature: 'water', any: ['surf', 'sea'] }],
    text: 'Know tide and swell before you step on rocks or sand bars.',
  },
  { id: 'storm', when: [{ feature: 'sky', any: ['rain'] }], text: 'Thunder: carbon rods conduct; leave the water.' },
  {
    id: 'fish.deep',
    when: [{ feature: 'fishFromM', zeroAt: 8, oneAt: 12 }],
    text: 'Fish from {fishFromM} and deeper are hurt by the pressure on the way up: few, and handle them at once.',
  },
  {
    id: 'trolling',
    when: [
      { feature: 'from', any: ['boat'] },
      { feature: 'waveM', zeroAt: 0.3, oneAt: 0.6 },
    ],
    text: 'Waves: keep a lookout for logs and boats, kill switch on.',
  },
  {
    id: 'trolling.open',
    when: [
      { feature: 'from', any: ['boat'] },
      { feature: 'cover', any: ['open'] },
      { feature: 'bottomM', zeroAt: 7, oneAt: 10 },
    ],
    text: 'Under way in open water: keep a lookout for logs and boats, and wear the kill switch.',
  },
  {
    id: 'slippery',
    when: [
      { feature: 'from', any: ['bank', 'wading'] },
      { feature: 'cover', any: ['rock', 'boulders', 'weir'] },
    ],
    text: 'Rock is slippery near water and below falls: cleats, and never alone.',
  },
  {
    id: 'spate',
    when: [
      { feature: 'water', any: ['river'] },
      { feature: 'from', any: ['bank', 'wading'] },
      { feature: 'visibilityM', zeroAt: 1.5, oneAt: 0.9 },
    ],
    text: 'Coloured water in a river means it is or was rising: know the way out before you wade, and watch for a flood.',
  },
  {
    id: 'wind',
    when: [
      { feature: 'windMs', zeroAt: 8, oneAt: 11 },
      { feature: 'from', any: ['boat', 'kayak'] },
    ],
    text: 'Strong wind on the water: think of the way back first.',
  },
]
