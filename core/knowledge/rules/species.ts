import type { Rule } from '#core/rule'
import { type Family, SPECIES } from '#core/terms'
import { SPECIES_TABLE } from '../species'
import { SHALLOW_FISH } from './conditions'

/** One row a species, from the families of its table: which baits suit it. */
const SUITED: readonly Rule[] = SPECIES.map(id => ({ id, ...SPECIES_TABLE[id] })).map(
  ({ id, label, families }): Rule => ({
    id: `species.${id}.families`,
    weight: 2,
    when: [{ feature: 'species', any: [id] }],
    source: 'common-practice',
    text: `A bait of the kind that ${label} are usually caught on.`,
    effects: [{ axis: 'suit', favours: { family: families }, lift: 3.39 }],
  }),
)

const VERTICAL_ONLY: readonly Family[] = ['slow-jig', 'speed-jig', 'flutter-spoon']

/** Species and where one stands (trade §20, §12, §22). */
export const SPECIES_RULES: readonly Rule[] = [
  ...SUITED,
  {
    id: 'species.bottom-habit',
    weight: 0.5,
    when: [{ feature: 'habit', any: ['bottom'] }],
    source: 'common-practice',
    text: 'This fish feeds near the bottom.',
    effects: [{ axis: 'suit', favours: { way: ['bottom', 'falling'] }, lift: 0.46 }],
  },
  {
    id: 'species.smell',
    weight: 0.6,
    when: [{ feature: 'species', any: ['black-drum', 'bream', 'sand-whiting', 'flounder'] }],
    source: 'common-practice',
    text: 'They pick their food off the bottom by smell: a scented bait.',
    effects: [{ axis: 'scent', atLeast: 1, half: 0.2 }],
  },
  {
    id: 'species.surface-habit',
    weight: 0.4,
    when: [{ feature: 'habit', any: ['surface'] }, SHALLOW_FISH],
    source: 'common-practice',
    text: 'This fish feeds upward: surface and just below.',
    effects: [{ axis: 'suit', favours: { way: ['surface', 'moving'] }, lift: 0.82 }],
  },
  {
    id: 'species.pike.flash',
    weight: 0.4,
    when: [{ feature: 'species', any: ['northern-pike', 'muskellunge'] }],
    source: 'common-practice',
    text: 'Pike and their kin take a big, moving, flashing meal.',
    effects: [
      { axis: 'length', about: 150, low: 80, high: 280 },
      { axis: 'flash', atLeast: 4, half: 2 },
      { axis: 'presence', atLeast: 3.8, half: 2.4 },
    ],
  },
  {
    id: 'species.mackerel.fast',
    weight: 0.7,
    when: [{ feature: 'species', any: ['mackerel', 'kahawai', 'bluefish', 'amberjack'] }],
    source: 'common-practice',
    text: 'Fast open-water hunters: speed.',
    effects: [{ axis: 'speed', about: 1.5, low: 0.8, high: 3 }],
  },
  {
    id: 'species.trout.gentle',
    weight: 0.4,
    when: [{ feature: 'guild', any: ['cold-water'] }],
    source: 'common-practice',
    text: 'Trout and salmon: a small, lively bait at an even pace.',
    effects: [
      { axis: 'speed', about: 0.6, low: 0.3, high: 1.2 },
      { axis: 'presence', atMost: 2, half: 3.4 },
    ],
  },
  {
    id: 'stand.bank.no-vertical',
    weight: 0.4,
    when: [{ feature: 'from', any: ['bank', 'wading'] }],
    source: 'common-practice',
    text: 'From the bank: what casts and comes back, not what is fished straight below a boat.',
    effects: [{ axis: 'suit', against: { family: VERTICAL_ONLY }, lift: 1.68 }],
  },
  {
    id: 'stand.short-strikes',
    weight: 0.5,
    when: [{ feature: 'shortStrikes', any: ['yes'] }],
    source: 'common-practice',
    text: 'They nip short: slimmer and smaller.',
    effects: [
      { axis: 'presence', atMost: { of: 'usualBulk', times: 0.67 }, half: { of: 'usualBulk', times: 1.07 } },
      {
        axis: 'length',
        about: { of: 'forageLengthMm', times: 0.85 },
        low: { of: 'shortestForageMm', times: 0.5 },
        high: { of: 'forageLengthMm', times: 1.4 },
      },
    ],
  },
]
