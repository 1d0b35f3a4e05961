import type { Rule } from '#core/rule'
import { COLD, GRASS, HARD_BOTTOM, SNAGGY, WOOD } from './conditions'

/** Cover and how to bring a lure through it (trade §6, §7, §11). */
export const COVER_RULES: readonly Rule[] = [
  {
    id: 'cover.snags.guard',
    weight: 1,
    when: [SNAGGY],
    source: 'common-practice',
    text: 'Among {cover} the point must be hidden or deflect.',
    effects: [{ axis: 'snagGuard', atLeast: 3, half: 1.3 }],
  },
  {
    id: 'cover.open.exposed',
    weight: 0.6,
    when: [{ feature: 'cover', any: ['open'] }],
    source: 'common-practice',
    text: 'Open water: an exposed hook gives the most action and the surest hook-up.',
    effects: [{ axis: 'snagGuard', atMost: 0.5, half: 2.4 }],
  },
  {
    id: 'cover.wood.square-lip',
    weight: 0.6,
    when: [WOOD],
    source: 'common-practice',
    text: 'Round wood: a square lip deflects, a weedless point comes through.',
    effects: [{ axis: 'suit', favours: { style: ['square-lip', 'flipping'] }, lift: 0.46 }],
  },
  {
    id: 'cover.wood.weedless',
    weight: 0.6,
    when: [WOOD],
    source: 'common-practice',
    text: 'In wood: weedless soft baits, jigs with a guard, single-hook spinnerbaits.',
    effects: [
      {
        axis: 'suit',
        favours: {
          family: ['creature', 'craw', 'worm', 'stick-worm', 'skirted-jig', 'spinnerbait', 'crankbait', 'soft-jerk'],
        },
        lift: 1.11,
      },
    ],
  },
  {
    id: 'cover.wood.hidden',
    weight: 1,
    when: [WOOD],
    source: 'common-practice',
    text: 'Among branches an open point is soon lost: hide it, feel each branch, slow down and let it rise over.',
    effects: [
      { axis: 'snagGuard', atLeast: 3, half: 1.8 },
      { axis: 'speed', about: 0.35, low: 0.1, high: 0.9 },
    ],
  },
  {
    id: 'cover.grass.tick',
    weight: 0.5,
    when: [GRASS, { feature: 'belowRangeC', zeroAt: 8, oneAt: 0 }],
    source: 'common-practice',
    school: { grass: 'tick' },
    text: 'Grass: let it tick the tops and come through with a light pull.',
    effects: [
      {
        axis: 'suit',
        favours: {
          family: [
            'lipless-crank',
            'bladed-jig',
            'crankbait',
            'spinnerbait',
            'paddle-tail',
            'soft-jerk',
            'topwater',
            'jerkbait',
            'casting-spoon',
            'inline-spinner',
          ],
        },
        lift: 0.82,
      },
    ],
  },
  {
    id: 'cover.grass.rip',
    weight: 0.6,
    when: [GRASS],
    source: 'common-practice',
    school: { grass: 'rip' },
    text: 'Grass: let it catch and snatch it free at speed; the snatch makes the bite.',
    effects: [
      { axis: 'suit', favours: { family: ['lipless-crank', 'bladed-jig', 'crankbait'] }, lift: 0.96 },
      { axis: 'speed', about: 1.1, low: 0.6, high: 2 },
    ],
  },
  {
    id: 'cover.grass.cold',
    weight: 0.4,
    when: [GRASS, COLD],
    source: 'common-practice',
    text: 'Grass in cold water: less speed.',
    effects: [{ axis: 'speed', about: 0.35, low: 0.15, high: 0.8 }],
  },
  {
    id: 'cover.pads.frog',
    weight: 0.6,
    when: [{ feature: 'cover', any: ['pads'] }],
    source: 'common-practice',
    text: 'Over pads: frogs and weedless soft baits.',
    effects: [{ axis: 'suit', favours: { style: ['frog', 'buzz'] }, lift: 0.46 }],
  },
  {
    id: 'cover.hard.touch',
    weight: 0.5,
    when: [HARD_BOTTOM],
    source: 'common-practice',
    text: 'Hard bottom: touch, pause, let it rise, go on.',
    effects: [
      {
        axis: 'suit',
        favours: {
          family: [
            'crankbait',
            'skirted-jig',
            'craw',
            'tube',
            'blade-bait',
            'jighead-soft',
            'grub',
            'minnow-soft',
            'paddle-tail',
          ],
        },
        lift: 0.82,
      },
    ],
  },
  {
    id: 'cover.dock.skip',
    weight: 0.4,
    when: [{ feature: 'cover', any: ['dock', 'pier'] }],
    source: 'common-practice',
    text: 'Docks: light compact baits that skip and fall.',
    effects: [
      {
        axis: 'suit',
        favours: {
          family: ['stick-worm', 'skirted-jig', 'tube', 'minnow-soft', 'soft-jerk', 'flutter-spoon', 'jerkbait'],
        },
        lift: 0.57,
      },
    ],
  },
  {
    id: 'cover.dock.no-heavy-blades',
    weight: 0.4,
    when: [{ feature: 'cover', any: ['dock', 'pier'] }],
    source: 'common-practice',
    text: 'Heavy two-blade baits do not skip under docks.',
    effects: [
      { axis: 'suit', against: { family: ['spinnerbait'], weightG: [25, 60], bladeCount: [2, 4] }, lift: 1.11 },
    ],
  },
  {
    id: 'cover.wood.no-open-trebles',
    weight: 0.5,
    when: [WOOD],
    source: 'common-practice',
    text: 'Open trebles among branches are soon lost.',
    effects: [
      {
        axis: 'suit',
        against: {
          family: ['jerkbait', 'lipless-crank', 'glide-bait', 'pencil', 'casting-metal', 'blade-bait', 'tail-spinner'],
        },
        lift: 0.82,
      },
    ],
  },
]
