import type { TestKind } from '#core/terms'
import type { Dimension } from '#core/units'

/** How a bench test is done and what it is measured in (trade §16). Common practice, no source. */
export interface TestGuide {
  readonly label: string
  readonly how: string
  /** Of each value; `null`: a bare rating. */
  readonly dimension: Dimension | null
  readonly unit: string
  /** Names of the values that belong together; absent: one value, repeated. */
  readonly fields?: readonly string[]
  /** The rig changes the answer: it must be on record. */
  readonly needsRig: boolean
  readonly needsDepth: boolean
  /** Possible values [kept unit]. */
  readonly range: readonly [number, number]
}

export const TEST_GUIDES: Record<TestKind, TestGuide> = {
  weigh: {
    label: 'weigh',
    how: 'Dry, with hooks and rings as fished; soft baits without head or hook. Three times, taking it off the scale between.',
    dimension: 'weight',
    unit: 'g',
    needsRig: false,
    needsDepth: false,
    range: [0.01, 5000],
  },
  length: {
    label: 'length',
    how: 'From nose to tail, without lip and hooks; with the dressing if it has one.',
    dimension: 'length',
    unit: 'mm',
    needsRig: false,
    needsDepth: false,
    range: [1, 2000],
  },
  fall: {
    label: 'fall',
    how: 'Clear water deeper than you are tall, slack line, the rig you fish. Press when it goes under and when it touches; five drops.',
    dimension: null,
    unit: 's',
    needsRig: true,
    needsDepth: true,
    range: [0.05, 600],
  },
  swim: {
    label: 'swim',
    how: 'Along a bank of known length: the slowest speed at which it works, the best, and the one at which it rolls.',
    dimension: 'speed',
    unit: 'm/s',
    fields: ['starts at', 'best at', 'rolls at'],
    needsRig: false,
    needsDepth: false,
    range: [0, 20],
  },
  depth: {
    label: 'running depth',
    how: 'Over a bottom whose depth you know: the depth at which it just ticks, with this line and this cast.',
    dimension: 'depth',
    unit: 'm',
    needsRig: false,
    needsDepth: false,
    range: [0.05, 100],
  },
  hang: {
    label: 'hang',
    how: 'In the water to be fished, at its temperature: hold it under, let go, and time how fast it rises (+) or sinks (−).',
    dimension: 'sink',
    unit: 'm/s',
    needsRig: false,
    needsDepth: false,
    range: [-10, 10],
  },
  tear: {
    label: 'tear',
    how: 'Hook through the middle, hang a bucket on it, add water slowly until it tears. The reading is all of it: bucket and water.',
    dimension: 'strength',
    unit: 'kg',
    needsRig: true,
    needsDepth: false,
    range: [0, 100],
  },
  action: {
    label: 'action',
    how: 'On the fall beside the reference lure, same rig: amount, speed and consistency, each 1 (none) to 3 (strong).',
    dimension: null,
    unit: 'of 3',
    fields: ['amount', 'speed', 'consistency'],
    needsRig: true,
    needsDepth: false,
    range: [1, 3],
  },
}

/** Force on a soft bait from a bucket of known weight and the water in it: a litre of fresh water counts as one kilogram (it is 0.998 at 20 °C). */
export function tearForce(bucketKg: number, waterLitres: number): number {
  return bucketKg + waterLitres
}
