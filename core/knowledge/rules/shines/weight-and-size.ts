import type { Condition, Rule } from '#core/rule'
import { ROUGH_SURF, SALT } from '../conditions'
import { AFLOAT, ASHORE, OPEN_SHORE, RIVER } from './conditions'
import { poor } from './row'

/** Neither stream nor swell that a heavy bait would have to hold against. Assumed. */
const QUIET: readonly Condition[] = [
  { feature: 'currentMs', zeroAt: 0.7, oneAt: 0.4 },
  { feature: 'waveM', zeroAt: 0.8, oneAt: 0.4 },
]

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
    when: [{ feature: 'bottomM', zeroAt: 4.5, oneAt: 2.5 }, ...QUIET],
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
  {
    id: 'shines.light-metal-in-shallows',
    weight: 1,
    when: [AFLOAT, { feature: 'bottomM', zeroAt: 5, oneAt: 3 }, ...QUIET],
    section: '§6',
    source: 'common-practice',
    text: 'From a boat over quiet shallows: metal of 30 g and more lies on the bottom before it is wound.',
    effects: [{ axis: 'kind', against: { family: ['casting-metal', 'dense-spoon'], weightG: [30, 1000] }, lift: 1.5 }],
  },
  poor(
    'light-from-the-sea-shore',
    [
      'belly-over-grass',
      'plug-hung',
      'plug-jerked',
      'plug-swum',
      'plug-wound',
      'spinner-wound',
      'spoon-wound',
      'stick-falling',
      'surface-popped',
      'surface-walked',
      'weedless-jerked',
    ],
    OPEN_SHORE,
    1.2,
    'From an open shore of the sea a lure, or a body with little lead or none, of 7 g or less neither flies nor holds.',
    { weightG: [0, 7] },
  ),
  poor(
    'small-from-the-sea-shore',
    ['bait-lying', 'drop-shot', 'head-hopped', 'head-wound'],
    [...OPEN_SHORE, { feature: 'mouthMm', zeroAt: 70, oneAt: 110 }],
    1.2,
    'From an open shore of the sea a body of 55 mm or less hangs on a head too light to throw.',
    { lengthMm: [0, 55] },
  ),
  poor(
    'light-plug-in-rolling-surf',
    ['plug-hung', 'plug-jerked', 'plug-swum', 'plug-wound'],
    [ROUGH_SURF, ASHORE],
    1.2,
    'Rolling surf: a plug of 20 g or less neither flies against the wind nor holds in the wash.',
    { weightG: [0, 20] },
  ),
]
