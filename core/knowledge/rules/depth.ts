import type { Rule } from '#core/rule'
import { AGGRESSIVE, DAY, DUSKY, LETHARGIC, NEUTRAL } from './conditions'

/** Where to present (trade §10 "position of the fish", §5, §13). */
export const DEPTH_RULES: readonly Rule[] = [
  {
    id: 'depth.band',
    weight: 1.5,
    when: [],
    source: 'common-practice',
    text: 'The fish lie between {fishFromM} and {fishToM}: present in their upper half, because fish look up.',
    effects: [
      {
        axis: 'depth',
        about: { of: 'presentM' },
        low: { of: 'fishFromM', plus: -0.8 },
        high: { of: 'fishToM', plus: 0.15 },
      },
    ],
  },
  {
    id: 'depth.inactive-close',
    weight: 0.6,
    when: [LETHARGIC],
    source: 'common-practice',
    text: 'Inactive fish take only what comes within about a metre above them.',
    effects: [
      { axis: 'depth', about: { of: 'fishM' }, low: { of: 'fishM', plus: -1 }, high: { of: 'fishToM', plus: 0.1 } },
    ],
  },
  {
    id: 'depth.neutral-above',
    weight: 0.3,
    when: [NEUTRAL],
    source: 'common-practice',
    text: 'Neutral fish rise a little: run it just over them, not below.',
    effects: [
      { axis: 'depth', about: { of: 'presentM' }, low: { of: 'fishFromM', plus: -1 }, high: { of: 'fishToM' } },
    ],
  },
  {
    id: 'depth.aggressive-rise',
    weight: 0.4,
    when: [AGGRESSIVE],
    source: 'common-practice',
    text: 'Aggressive fish come up for it: above them is better than among them.',
    effects: [
      { axis: 'depth', about: { of: 'fishFromM' }, low: { of: 'fishFromM', plus: -2 }, high: { of: 'fishToM' } },
    ],
  },
  {
    id: 'depth.low-sun-up',
    weight: 0.4,
    when: [DUSKY, DAY, { feature: 'fishFromM', zeroAt: 4, oneAt: 2 }],
    source: 'common-practice',
    text: 'With the sun this low, feeding fish are shallower than by day.',
    effects: [
      {
        axis: 'depth',
        about: { of: 'fishFromM', times: 0.6 },
        low: { of: 'fishFromM', times: 0.6, plus: -1 },
        high: { of: 'fishToM' },
      },
    ],
  },
]
