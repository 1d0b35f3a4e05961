import type { Rule } from '#core/rule'
import { BAIT_SHOWN, CLEAR } from '../conditions'
import { BAIT_FISH, BIG_HUNTERS, COOL, LARGE_PREY, OPEN_WATER, SHALLOW_BOTTOM, SUSPENDED, TINY } from './conditions'
import { poor, shines } from './row'

/** Big baits and umbrella rigs. */
export const BIG_BAITS_SHINE: readonly Rule[] = [
  shines(
    'umbrella',
    ['umbrella'],
    [CLEAR, SUSPENDED, OPEN_WATER],
    1.2,
    'Schools of bait in clear open water: the umbrella rig.',
  ),
  shines(
    'umbrella-bait',
    ['umbrella'],
    [CLEAR, OPEN_WATER, BAIT_SHOWN],
    1.5,
    'Bait shows in clear open water: the umbrella rig is a small school of it.',
  ),
  shines(
    'umbrella-cool',
    ['umbrella'],
    [COOL, OPEN_WATER, BAIT_FISH],
    0.7,
    'Cool water and schools of bait: the umbrella rig.',
  ),
  poor(
    'umbrella-cover',
    ['umbrella'],
    [{ feature: 'cover', any: ['grass', 'pads', 'reeds', 'wood', 'brush', 'dock', 'mangrove'] }],
    2,
    'An umbrella rig in weed or wood is lost.',
  ),
  poor('umbrella-shallow', ['umbrella'], [SHALLOW_BOTTOM], 1.2, 'Too shallow for a bunch of lures.'),
  poor(
    'big-pads',
    ['big-bait'],
    [{ feature: 'cover', any: ['pads'] }],
    1.5,
    'Open trebles of big plugs hang up in pads on every cast.',
  ),
  shines('big', ['big-bait'], [LARGE_PREY], 0.9, 'Large prey: a large bait to find large fish.'),
  shines('big-hunters', ['big-bait', 'head-wound'], [BIG_HUNTERS], 0.7, 'Big hunters: big soft and jointed baits.', {
    lengthMm: [140, 400],
  }),
  poor(
    'big-commit',
    ['big-bait'],
    [{ feature: 'signs', any: ['followers-seen'] }],
    1,
    'Big baits draw follows and few bites.',
  ),
  poor('big-small-prey', ['big-bait', 'umbrella'], [TINY], 1.5, 'The prey is tiny.'),
]
