import type { SourceRef } from '#core/sources'
import type { ChangeWhat } from './bite-signs'

/** A way in which what is fished is not what this water asks of it, read from the figures of a stretch while nothing touches it. */
export interface OtherwiseRow {
  readonly id: string
  /** What is set against what is asked: lead, depth, stops and pace of the bait on the line; or the bait itself against the others. */
  readonly of: 'lead' | 'depth' | 'pause' | 'pace' | 'bait'
  /**
   * From where on it is too far off. `lead`, `pause`, `pace`: what is fished over what is asked; below 1 it is too little, above too much.
   * `depth`: how much a depth is worth at most, 0..1. `bait`: log-odds behind the best. Assumed.
   */
  readonly from: number
  /** A stretch without a touch has to have lasted so long [min]. Assumed. */
  readonly afterMin: number
  readonly what: ChangeWhat
  readonly means: string
  readonly do: string
  readonly source: SourceRef
}

/** A figure of the retrieve costs nothing to change and is told soon; another lure costs more and is told later [min]. Assumed. */
const SOON_MIN = 9
const LATER_MIN = 15

/** The first that holds is told first: what keeps the bait from the fish before how it moves, and that before the bait itself. */
export const FISHED_OTHERWISE: readonly OtherwiseRow[] = [
  {
    id: 'otherwise.too-light',
    of: 'lead',
    from: 0.5,
    afterMin: SOON_MIN,
    what: 'lead',
    means: 'Too light for this depth and drift: the bottom is hardly felt.',
    do: 'Heavier, slower, or on thinner line.',
    source: 'common-practice',
  },
  {
    id: 'otherwise.not-at-their-depth',
    of: 'depth',
    from: 0.2,
    afterMin: SOON_MIN,
    what: 'depth',
    means: 'It does not pass where the fish are.',
    do: 'Bring it to them, within a metre above.',
    source: 'common-practice',
  },
  {
    id: 'otherwise.stops-too-short',
    of: 'pause',
    from: 1 / 3,
    afterMin: SOON_MIN,
    what: 'pause',
    means: 'The stops are far shorter than this water and these fish ask.',
    do: 'Let it hang or lie longer before anything else is changed.',
    source: 'common-practice',
  },
  {
    id: 'otherwise.stops-too-long',
    of: 'pause',
    from: 3,
    afterMin: SOON_MIN,
    what: 'pause',
    means: 'The stops are far longer than these fish need.',
    do: 'Shorter stops: more water in the same time.',
    source: 'common-practice',
  },
  {
    id: 'otherwise.too-fast',
    of: 'pace',
    from: 1.8,
    afterMin: SOON_MIN,
    what: 'pace',
    means: 'Far faster than this water and these fish ask.',
    do: 'Slower.',
    source: 'common-practice',
  },
  {
    id: 'otherwise.too-slow',
    of: 'pace',
    from: 1 / 1.8,
    afterMin: SOON_MIN,
    what: 'pace',
    means: 'Far slower than this water and these fish ask.',
    do: 'Faster.',
    source: 'common-practice',
  },
  {
    id: 'otherwise.unlikely',
    of: 'bait',
    from: 6,
    afterMin: LATER_MIN,
    what: 'tactic',
    means: 'Little speaks for this bait in this water, and much for others.',
    do: 'Another way of fishing.',
    source: 'common-practice',
  },
]
