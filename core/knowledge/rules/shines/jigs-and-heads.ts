import type { Condition, Rule } from '#core/rule'
import {
  AGGRESSIVE,
  BRIGHT,
  CLEAR,
  DEEP_FISH,
  GRASS,
  HARD_BOTTOM,
  MUDDY,
  NIGHT,
  OPEN,
  PRESSURED,
  SALT,
  SANDY,
} from '../conditions'
import { BAIT_FISH, CHILL, HIDES, HOT_WATER, NEAR_BOTTOM, PERCHES, SUSPENDED, WARM } from './conditions'
import { poor, shines } from './row'

const CRAWLERS: Condition = { feature: 'silhouette', any: ['crustacean', 'bottom', 'worm'] }
const FLAT_FEEDERS: Condition = {
  feature: 'species',
  any: ['flounder', 'flathead', 'sand-whiting', 'bream', 'black-drum', 'red-drum'],
}

/** Jigs, and soft baits on heads. */
export const JIGS_SHINE: readonly Rule[] = [
  shines(
    'wound-bridge',
    ['head-wound', 'jig-swum'],
    [NIGHT, SALT, { feature: 'cover', any: ['pier', 'dock'] }],
    1.2,
    'By bridges and piers at night: a body on a strong head, wound through the edge of their light.',
  ),
  shines(
    'swim-jig',
    ['jig-swum'],
    [{ feature: 'cover', any: ['grass', 'reeds', 'pads', 'dock'] }, BAIT_FISH, WARM],
    0.8,
    'Bait fish in grass, reeds or docks: a jig swum.',
  ),
  poor('swim-jig-cold', ['jig-swum'], [CHILL], 0.9, 'Cold water: swim nothing, drag it.'),
  shines(
    'pitched',
    ['jig-pitched', 'weedless-dragged'],
    [HIDES, { feature: 'visibilityM', zeroAt: 2.5, oneAt: 1.2 }],
    0.9,
    'Single targets in cover: pitch to each.',
  ),
  shines('pitched-mud', ['jig-pitched'], [HIDES, MUDDY], 0.7, 'Mud and cover: a bulky jig in front of each fish.'),
  shines(
    'bottom-at-noon',
    ['jig-pitched', 'jig-dragged', 'weedless-dragged', 'stick-falling', 'drop-shot'],
    [
      BRIGHT,
      { feature: 'sunAltitudeDeg', zeroAt: 15, oneAt: 35 },
      HOT_WATER,
      { feature: 'mood', none: ['aggressive'] },
    ],
    0.7,
    'High sun over warm water, fish that are not eager: what feeds high goes off, change to bottom baits.',
  ),
  shines('dragged', ['jig-dragged'], [HARD_BOTTOM, NEAR_BOTTOM], 0.6, 'Hard bottom: a jig dragged or hopped over it.'),
  shines(
    'dragged-crayfish',
    ['jig-dragged', 'head-hopped'],
    [CRAWLERS, NEAR_BOTTOM, HARD_BOTTOM],
    0.5,
    'They eat what crawls: bait on the bottom.',
  ),
  shines(
    'dragged-school',
    ['jig-dragged', 'weedless-dragged', 'drop-shot'],
    [PRESSURED, DEEP_FISH],
    0.7,
    'A school that has seen everything: dragged rigs and worms.',
  ),
  poor(
    'dragged-suspended',
    [
      'jig-dragged',
      'weedless-dragged',
      'head-hopped',
      'bait-lying',
      'blades-hopped',
      'metal-yo-yo',
      'drop-shot',
      'jig-pitched',
    ],
    [SUSPENDED],
    1.4,
    'The fish hang well over the bottom: nothing on it reaches them.',
  ),
  poor(
    'dragged-weed',
    ['jig-dragged', 'head-hopped', 'blades-hopped', 'bait-lying', 'metal-yo-yo'],
    [GRASS],
    0.8,
    'Open hooks on a weedy bottom only gather weed.',
  ),
  shines(
    'wound-head',
    ['head-wound'],
    [BAIT_FISH, OPEN],
    0.7,
    'Bait fish over open ground: a paddle-tail wound on a head.',
    { family: ['paddle-tail', 'jighead-soft', 'grub', 'minnow-soft', 'soft-jerk'] },
  ),
  shines(
    'wound-head-suspended',
    ['head-wound', 'metal-counted', 'spoon-wound'],
    [SUSPENDED],
    0.8,
    'They hang in open water: what can be counted down to them and wound level.',
  ),
  poor(
    'wound-head-cover',
    ['head-wound', 'head-hopped'],
    [{ feature: 'cover', any: ['pads', 'wood', 'brush', 'mangrove'] }],
    1,
    'Open heads in pads and timber hang up.',
  ),
  shines(
    'hopped',
    ['head-hopped'],
    [NEAR_BOTTOM, { feature: 'cover', any: ['sand', 'gravel', 'open', 'clay', 'shell'] }],
    0.7,
    'Sand and gravel: a head hopped, most bites on the fall.',
  ),
  shines(
    'hopped-perches',
    ['head-hopped'],
    [PERCHES, NEAR_BOTTOM],
    0.6,
    'Fish of the bottom: a head hopped past their noses.',
  ),
  shines(
    'hopped-flat',
    ['head-hopped', 'bait-lying', 'drifted'],
    [FLAT_FEEDERS, NEAR_BOTTOM],
    0.8,
    'Bottom feeders: a soft bait on a head, along the sand.',
  ),
  shines(
    'underspin',
    ['head-wound'],
    [{ feature: 'visibilityM', zeroAt: 2, oneAt: 1 }, OPEN],
    0.7,
    'Cloudy water: a small blade under the head.',
    { rig: ['underspin'] },
  ),
  poor('underspin-clear', ['head-wound'], [CLEAR], 0.8, 'Clear water needs no blade under the head.', {
    rig: ['underspin'],
  }),
  shines(
    'heavy-jig-reaction',
    ['jig-dragged', 'jig-pitched'],
    [AGGRESSIVE, { feature: 'fishFromM', zeroAt: 3, oneAt: 4.5 }],
    0.7,
    'Eager deep fish: a heavy jig dropped on them gets a reaction.',
    { weightG: [18, 30] },
  ),
  shines(
    'sand',
    ['head-hopped', 'bait-lying', 'metal-counted'],
    [SANDY, SALT, NEAR_BOTTOM],
    0.4,
    'Sand flats: low and slow.',
  ),
]
