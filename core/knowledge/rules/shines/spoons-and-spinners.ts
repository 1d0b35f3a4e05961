import type { Condition, Rule } from '#core/rule'
import { MUDDY, NOT_CLEAR, SALMONIDS, SHALLOW_FISH } from '../conditions'
import { BIG_HUNTERS, NEAR_BOTTOM, PERCHES, RIVER, WARM } from './conditions'
import { poor, shines } from './row'

const PERCH: Condition = { feature: 'species', any: ['perch'] }

/** Spoons and spinners that are wound. */
export const SPOONS_SHINE: readonly Rule[] = [
  shines('spoon-hunters', ['spoon-wound'], [BIG_HUNTERS], 0.6, 'Pike and their like: the spoon.'),
  shines('spinner-river', ['spinner-wound'], [RIVER, SALMONIDS], 0.9, 'A river and trout: the spinner.'),
  shines('spinner-perch', ['spinner-wound'], [PERCH, SHALLOW_FISH], 0.4, 'Perch in the shallows: a spinner.'),
  shines(
    'spinner-stained',
    ['spinner-wound'],
    [NOT_CLEAR, SALMONIDS],
    0.4,
    'Coloured water: what turns and thumps is found.',
  ),
  poor('spoon-mud', ['spoon-wound', 'metal-counted'], [MUDDY], 1, 'Mud: flash alone is not found.'),
  poor(
    'wound-cold-bottom',
    [
      'spinner-wound',
      'spoon-wound',
      'metal-counted',
      'plug-wound',
      'blades-wound',
      'bladed-jig',
      'trolled-plug',
      'trolled-spoon',
      'trolled-spinner',
    ],
    [PERCHES, NEAR_BOTTOM, { feature: 'temperatureC', zeroAt: 12, oneAt: 8 }],
    0.8,
    'Cold perch, walleye and zander lie on the bottom: what is wound or trolled goes by over them.',
  ),
  shines(
    'dressed-spinner',
    ['spinner-wound'],
    [BIG_HUNTERS, WARM, SHALLOW_FISH],
    0.9,
    'Warm shallows and big hunters: a large dressed spinner wound over the weed.',
    { lengthMm: [120, 400] },
  ),
]
