import type { Rule } from '#core/rule'
import { SALT } from '../conditions'
import { RIVER } from './conditions'

/** Weights and sizes that a water asks of many kinds. */
export const WEIGHTS_SHINE: readonly Rule[] = [
  {
    id: 'shines.small-water',
    weight: 1,
    when: [RIVER, { feature: 'bottomM', zeroAt: 1.2, oneAt: 0.7 }],
    section: '§22',
    source: 'common-practice',
    text: 'A small stream: small lures.',
    effects: [{ axis: 'length', atMost: 42, half: 55, lift: 1 }],
  },
  {
    id: 'shines.heavy-in-current',
    weight: 1,
    when: [{ feature: 'currentMs', zeroAt: 0.6, oneAt: 1.1 }, SALT],
    section: '§5',
    source: 'common-practice',
    text: 'The strongest tides want the heaviest: 85 g and more.',
    effects: [
      {
        axis: 'kind',
        favours: { weightG: [70, 400] },
        lift: 1,
        within: ['pencil', 'hair-jig', 'slow-jig', 'speed-jig'],
      },
    ],
  },
  {
    id: 'shines.hooks-straightened',
    weight: 1,
    when: [{ feature: 'species', any: ['tarpon', 'cobia', 'grouper', 'amberjack', 'muskellunge'] }],
    section: '§23.5',
    source: 'common-practice',
    text: 'They straighten the hooks of small baits.',
    effects: [{ axis: 'kind', against: { lengthMm: [0, 65] }, lift: 1 }],
  },
  {
    id: 'shines.light-in-shallows',
    weight: 1,
    when: [
      { feature: 'bottomM', zeroAt: 4.5, oneAt: 2.5 },
      { feature: 'currentMs', zeroAt: 0.7, oneAt: 0.4 },
      { feature: 'waveM', zeroAt: 0.8, oneAt: 0.4 },
    ],
    section: '§6',
    source: 'common-practice',
    text: 'Shallow water without much stream or swell: jigs of 2 to 10 g; a heavy one only ploughs.',
    effects: [
      {
        axis: 'kind',
        against: { family: ['hair-jig', 'jighead-soft', 'blade-bait', 'slow-jig', 'speed-jig'], weightG: [18, 1000] },
        lift: 1.5,
      },
    ],
  },
  {
    id: 'shines.light-surface-in-shallows',
    weight: 1,
    when: [
      { feature: 'bottomM', zeroAt: 3.5, oneAt: 2 },
      { feature: 'waveM', zeroAt: 0.6, oneAt: 0.3 },
    ],
    section: '§10',
    source: 'common-practice',
    text: 'Shallow water without swell: surface plugs of 30 g and more come down like a stone.',
    effects: [{ axis: 'kind', against: { family: ['topwater'], weightG: [30, 1000] }, lift: 2.5 }],
  },
]
