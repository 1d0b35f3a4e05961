import type { Condition, Rule } from '#core/rule'
import { MUDDY, SALMONIDS } from '../conditions'
import { TINY } from './conditions'
import { poor, shines } from './row'

const INSECTS: Condition = { feature: 'silhouette', any: ['insect'] }

/** Flies on spinning tackle. */
export const FLIES_SHINE: readonly Rule[] = [
  shines(
    'fly-tiny',
    ['fly-behind-spoon', 'fly-on-dropper'],
    [TINY],
    1.2,
    'Prey this small: only a fly is small enough.',
  ),
  shines(
    'fly-insects',
    ['fly-on-dropper', 'fly-behind-spoon'],
    [INSECTS, SALMONIDS],
    0.8,
    'They take insects: the fly.',
  ),
  shines(
    'fly-smelt',
    ['fly-behind-spoon'],
    [SALMONIDS, { feature: 'forage', any: ['smelt', 'minnow', 'whitebait'] }],
    0.5,
    'Smelt and small fry: a streamer behind a spoon.',
  ),
  poor(
    'fly-cover',
    ['fly-behind-spoon', 'fly-on-dropper'],
    [{ feature: 'cover', any: ['wood', 'brush', 'pads', 'mangrove', 'grass'] }],
    0.8,
    'Cover: the dropper hangs up.',
  ),
  poor('fly-mud', ['fly-behind-spoon', 'fly-on-dropper'], [MUDDY], 1.2, 'Mud: nobody finds a fly.'),
]
