import type { Rule } from '#core/rule'
import { BASSES } from '../conditions'
import { AFLOAT, NEAR_BOTTOM, OPEN_WATER, SUSPENDED } from './conditions'
import { poor, shines } from './row'

/** What is drawn behind a boat. */
export const TROLLED_SHINES: readonly Rule[] = [
  shines(
    'trolled',
    ['trolled-plug', 'trolled-spoon', 'trolled-spinner'],
    [AFLOAT, OPEN_WATER, SUSPENDED, { feature: 'bottomM', zeroAt: 6, oneAt: 10 }],
    1.2,
    'Scattered fish in open water: troll.',
  ),
  shines(
    'trolled-scattered',
    ['trolled-plug', 'trolled-spoon', 'trolled-spinner'],
    [{ feature: 'grouping', any: ['scattered'] }, OPEN_WATER],
    0.7,
    'They are scattered: cover water behind the boat.',
  ),
  poor(
    'trolled-cover',
    ['trolled-plug', 'trolled-spoon', 'trolled-spinner'],
    [{ feature: 'cover', any: ['wood', 'brush', 'pads', 'reeds', 'mangrove', 'dock', 'kelp'] }],
    2,
    'No trolling through timber and weed.',
  ),
  poor(
    'trolled-crowd',
    ['trolled-plug', 'trolled-spoon', 'trolled-spinner'],
    [{ feature: 'crowd', any: ['many'] }],
    1.2,
    'No trolling through a crowd.',
  ),
  poor(
    'trolled-shallow',
    ['trolled-plug', 'trolled-spoon', 'trolled-spinner'],
    [{ feature: 'bottomM', zeroAt: 4.5, oneAt: 2.5 }],
    1.2,
    'Too shallow to troll over.',
  ),
  poor(
    'trolled-bass',
    ['trolled-plug', 'trolled-spoon', 'trolled-spinner'],
    [BASSES],
    0.8,
    'Bass on their places are cast to, not trolled for.',
  ),
  poor(
    'trolled-places',
    ['trolled-plug', 'trolled-spoon', 'trolled-spinner'],
    [{ feature: 'cover', any: ['rock', 'gravel', 'shell', 'clay', 'boulders'] }, NEAR_BOTTOM],
    0.8,
    'Fish tight to the bottom at a place are cast to.',
  ),
]
