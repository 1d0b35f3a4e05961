import type { Rule } from '#core/rule'
import { AGGRESSIVE, AUTUMN, BASSES, COLD, DEEP_FISH, HOT, PRE_SPAWN, SUMMER, WINTER } from './conditions'

/** Temperature, activity and season (trade §10). */
export const TEMPERATURE_RULES: readonly Rule[] = [
  {
    id: 'temperature.active.pace',
    weight: 0.8,
    when: [{ feature: 'activity', zeroAt: 0.3, oneAt: 0.8 }],
    source: 'common-practice',
    text: 'At {temperatureC} this fish is active: a lure at walking pace suits.',
    effects: [{ axis: 'speed', about: 0.75, low: 0.3, high: 1.7 }],
  },
  {
    id: 'temperature.cold.slow',
    weight: 1,
    when: [COLD],
    source: 'common-practice',
    text: '{temperatureC} is cold for this fish: slow, hanging or lying still, with long pauses.',
    effects: [
      { axis: 'speed', about: 0.2, low: 0.05, high: 0.5 },
      { axis: 'hang', atLeast: 1, half: 0.4 },
      { axis: 'erratic', atMost: 2, half: 3.5 },
    ],
  },
  {
    id: 'temperature.cold.small',
    weight: 0.5,
    when: [COLD],
    source: 'common-practice',
    text: 'In cold water smaller and subtler baits are taken.',
    effects: [
      { axis: 'presence', atMost: { of: 'usualBulk', times: 0.67 }, half: { of: 'usualBulk', times: 1.17 } },
      { axis: 'vibration', atMost: 1.8, half: 3.5 },
      {
        axis: 'length',
        about: { of: 'forageLengthMm', times: 0.85 },
        low: { of: 'shortestForageMm', times: 0.5 },
        high: { of: 'forageLengthMm', times: 1.4 },
      },
    ],
  },
  {
    id: 'temperature.cold.baits',
    weight: 0.6,
    when: [COLD],
    source: 'common-practice',
    text: 'Hanging plugs, blades hopped slowly and soft baits near the bottom are the cold-water baits.',
    effects: [
      {
        axis: 'suit',
        favours: {
          family: [
            'jerkbait',
            'blade-bait',
            'hair-jig',
            'skirted-jig',
            'minnow-soft',
            'paddle-tail',
            'jighead-soft',
            'grub',
            'stick-worm',
          ],
        },
        lift: 1.28,
      },
    ],
  },
  {
    id: 'temperature.cold.no-surface',
    weight: 0.8,
    when: [COLD],
    source: 'common-practice',
    text: 'Cold fish do not come to the surface.',
    effects: [{ axis: 'suit', against: { way: ['surface'] }, lift: 3.04 }],
  },
  {
    id: 'season.winter.still',
    weight: 0.6,
    when: [WINTER],
    source: 'common-practice',
    text: 'Winter fish want it in one place: known spots, long pauses.',
    effects: [
      { axis: 'hang', atLeast: 0.9, half: 0.4 },
      { axis: 'fall', about: 0.3, low: 0.1, high: 0.7 },
    ],
  },
  {
    id: 'season.pre-spawn.thump',
    weight: 0.7,
    when: [PRE_SPAWN],
    source: 'common-practice',
    text: 'Before spawning, in warming water, vibration and rattles draw fish.',
    effects: [
      { axis: 'vibration', atLeast: 4, half: 2.5 },
      { axis: 'sound', atLeast: 2, half: 0.3 },
    ],
  },
  {
    id: 'season.pre-spawn.crayfish',
    weight: 0.5,
    when: [PRE_SPAWN, { feature: 'forage', any: ['crayfish'] }],
    source: 'common-practice',
    text: 'Orange and red early in the year, where crayfish are eaten.',
    effects: [{ axis: 'colour', favours: { pattern: ['hot'] }, lift: 0.2 }],
  },
  {
    id: 'season.hot.fall',
    weight: 1.4,
    when: [HOT, SUMMER, DEEP_FISH],
    source: 'common-practice',
    text: 'Spawned out and hot, schooled deep: an erratic fall in their face beats baits that follow horizontally.',
    effects: [
      {
        axis: 'suit',
        favours: {
          family: ['flutter-spoon', 'slow-jig', 'blade-bait', 'dense-spoon', 'skirted-jig', 'worm', 'minnow-soft'],
        },
        lift: 1.47,
      },
      { axis: 'erratic', atLeast: 4.5, half: 3 },
      { axis: 'fall', about: 0.5, low: 0.25, high: 1.5 },
    ],
  },
  {
    id: 'season.summer.crank',
    weight: 0.3,
    when: [SUMMER, BASSES, { feature: 'fishFromM', zeroAt: 3, oneAt: 1.8 }],
    source: 'common-practice',
    text: 'Early summer on main-lake structure: cranks of the right depth, one natural and one hot.',
    effects: [{ axis: 'suit', favours: { family: ['crankbait', 'lipless-crank'] }, lift: 0.36 }],
  },
  {
    id: 'season.autumn.chase',
    weight: 0.5,
    when: [AUTUMN],
    source: 'common-practice',
    text: 'In autumn bait fish move and fish chase: spinnerbaits, cranks and moving baits.',
    effects: [
      {
        axis: 'suit',
        favours: {
          family: [
            'spinnerbait',
            'crankbait',
            'lipless-crank',
            'paddle-tail',
            'swimbait',
            'casting-metal',
            'jerkbait',
            'pencil',
            'casting-spoon',
            'inline-spinner',
          ],
        },
        lift: 0.82,
      },
      {
        axis: 'length',
        about: { of: 'forageLengthMm', times: 1.1 },
        low: { of: 'shortestForageMm', times: 0.6 },
        high: { of: 'longestForageMm', times: 2 },
      },
    ],
  },
  {
    id: 'season.warm.aggressive-fast',
    weight: 0.7,
    when: [AGGRESSIVE],
    source: 'common-practice',
    text: 'Aggressive fish: faster, bigger, louder, horizontal.',
    effects: [
      { axis: 'speed', about: 1.1, low: 0.5, high: 2.4 },
      { axis: 'presence', atLeast: { of: 'usualBulk', times: 1.33 }, half: { of: 'usualBulk', times: 0.83 } },
      { axis: 'sound', atLeast: 2, half: 0 },
      { axis: 'suit', favours: { way: ['moving', 'surface'] }, lift: 0.57 },
    ],
  },
]
