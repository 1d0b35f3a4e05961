import type { Rule } from '#core/rule'
import { CURRENT, DULL, SALMONIDS, WINDY } from './conditions'

/** Wind, rain, current and surf (trade §10 "wind and current", §5). */
export const WIND_RULES: readonly Rule[] = [
  {
    id: 'wind.blades',
    weight: 0.6,
    when: [WINDY],
    source: 'common-practice',
    text: 'Wind on the bank: spinnerbaits and moving baits.',
    effects: [
      {
        axis: 'suit',
        favours: {
          family: [
            'spinnerbait',
            'bladed-jig',
            'crankbait',
            'lipless-crank',
            'inline-spinner',
            'casting-spoon',
            'dense-spoon',
            'casting-metal',
            'pencil',
            'paddle-tail',
            'jerkbait',
          ],
        },
        lift: 0.82,
      },
    ],
  },
  {
    id: 'wind.chop.thump',
    weight: 0.4,
    when: [WINDY],
    source: 'common-practice',
    text: 'Chop hides a quiet lure: more vibration.',
    effects: [{ axis: 'vibration', atLeast: 3.5, half: 2 }],
  },
  {
    id: 'wind.rain.moving',
    weight: 0.3,
    when: [{ feature: 'sky', any: ['rain'] }],
    source: 'common-practice',
    text: 'Rain and cloud: moving baits.',
    effects: [{ axis: 'suit', favours: { way: ['moving'] }, lift: 0.57 }],
  },
  {
    id: 'wind.rough.no-surface',
    weight: 0.7,
    when: [{ feature: 'windMs', zeroAt: 5, oneAt: 9 }],
    source: 'common-practice',
    text: 'Surface lures want calm water or a light chop.',
    effects: [{ axis: 'suit', against: { way: ['surface'] }, lift: 2.22 }],
  },
  {
    id: 'wind.calm.surface',
    weight: 0.3,
    when: [{ feature: 'windMs', zeroAt: 4, oneAt: 1 }, DULL],
    source: 'common-practice',
    text: 'Calm and dull: surface lures are seen and heard.',
    effects: [{ axis: 'suit', favours: { way: ['surface'] }, lift: 0.26 }],
  },
  {
    id: 'current.heavy',
    weight: 0.7,
    when: [CURRENT],
    source: 'common-practice',
    text: 'Current lifts a bait: heavier, denser, slower.',
    effects: [
      { axis: 'fall', about: 1, low: 0.45, high: 2.5 },
      {
        axis: 'suit',
        favours: {
          family: [
            'inline-spinner',
            'casting-spoon',
            'dense-spoon',
            'hair-jig',
            'pencil',
            'jighead-soft',
            'casting-metal',
            'paddle-tail',
            'blade-bait',
            'tube',
            'grub',
            'jerkbait',
          ],
        },
        lift: 0.69,
      },
    ],
  },
  {
    id: 'current.salmonids',
    weight: 0.4,
    when: [CURRENT, SALMONIDS],
    source: 'common-practice',
    text: 'Fast water holds salmonids: spinners, spoons and small plugs across it.',
    effects: [
      {
        axis: 'suit',
        favours: { family: ['inline-spinner', 'casting-spoon', 'dense-spoon', 'jerkbait', 'hair-jig', 'streamer'] },
        lift: 0.82,
      },
    ],
  },
  {
    id: 'surf.reach',
    weight: 0.6,
    when: [{ feature: 'water', any: ['surf'] }],
    source: 'common-practice',
    text: 'In surf: what flies far and holds in rolling water.',
    effects: [
      {
        axis: 'suit',
        favours: { family: ['pencil', 'casting-metal', 'dense-spoon', 'hair-jig', 'jerkbait', 'soft-jerk'] },
        lift: 1.11,
      },
    ],
  },
  {
    id: 'surf.loaded-pencil',
    weight: 0.6,
    when: [
      { feature: 'water', any: ['surf'] },
      { feature: 'waveM', zeroAt: 0.3, oneAt: 1 },
    ],
    source: 'common-practice',
    text: 'Rolling surf: the loaded pencil flies, holds down and swims slowly a foot or two above the bottom.',
    effects: [{ axis: 'suit', favours: { family: ['pencil', 'casting-metal'] }, lift: 0.57 }],
  },
]
