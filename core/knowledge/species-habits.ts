import type { SpeciesId } from '#core/terms'

export type Salt = 'fresh' | 'brackish' | 'salt'
/** Depths in which fish are usually met [m]. */
export type DepthRange = readonly [fromM: number, toM: number]
export interface HabitRow {
  readonly waters: readonly Salt[]
  readonly winter: DepthRange
  readonly spring: DepthRange
  readonly summer: DepthRange
  readonly autumn: DepthRange
  /** How to treat the fish and oneself, beyond wet hands and short air time. */
  readonly handling: string | null
}

const FRESH: readonly Salt[] = ['fresh']
const BOTH: readonly Salt[] = ['fresh', 'brackish']
const SEA: readonly Salt[] = ['salt']
const SHORE: readonly Salt[] = ['brackish', 'salt']
const ANY: readonly Salt[] = ['fresh', 'brackish', 'salt']

const TEETH = 'Teeth: long pliers, cutters, and a bite-proof leader.'
const HEAT = 'Suffers in warm water: leave it alone above its stress temperature.'
const PRESSURE = 'From deep water it may not get down again: fish shallower, or stop.'
const SPINES = 'Sharp spines or gill covers: hold it with care.'

const row = (
  waters: readonly Salt[],
  winter: DepthRange,
  spring: DepthRange,
  summer: DepthRange,
  autumn: DepthRange,
  handling: string | null = null,
): HabitRow => ({ waters, winter, spring, summer, autumn, handling })

/**
 * Where the fishes live and how deep they are usually met, by season of the water (trade §20).
 * Source: depths from memory, unconfirmed, for average waters; handling common practice, no source. What is read outranks it.
 */
export const SPECIES_HABITS: Record<SpeciesId, HabitRow> = {
  'largemouth-bass': row(BOTH, [3, 9], [0.3, 2.5], [0.5, 6], [1, 5]),
  'smallmouth-bass': row(FRESH, [6, 12], [1, 4], [2, 9], [2, 8]),
  'spotted-bass': row(FRESH, [6, 15], [1, 5], [3, 10], [2, 9]),
  'walleye': row(FRESH, [5, 12], [1, 4], [3, 9], [3, 9], PRESSURE),
  'zander': row(BOTH, [5, 14], [1, 4], [2, 8], [4, 10], PRESSURE),
  'northern-pike': row(BOTH, [3, 8], [0.5, 3], [2, 6], [1, 6], TEETH),
  'muskellunge': row(FRESH, [3, 9], [0.5, 3], [1.5, 7], [2, 9], `${TEETH} ${HEAT}`),
  'perch': row(BOTH, [5, 15], [1, 4], [2, 7], [3, 10], PRESSURE),
  'rainbow-trout': row(FRESH, [1, 5], [0.3, 3], [2, 9], [0.5, 4], HEAT),
  'brown-trout': row(BOTH, [1, 6], [0.3, 3], [2, 10], [0.5, 4], HEAT),
  'landlocked-salmon': row(FRESH, [1, 8], [0, 4], [6, 20], [1, 6], HEAT),
  'lake-trout': row(FRESH, [3, 20], [1, 10], [12, 40], [3, 15], `${HEAT} ${PRESSURE}`),
  'striped-bass': row(ANY, [5, 15], [1, 6], [2, 12], [1, 8], HEAT),
  'sea-bass': row(SHORE, [5, 20], [1, 6], [0.3, 5], [0.5, 8], SPINES),
  'sea-trout': row(ANY, [0.5, 3], [0.3, 3], [0.3, 3], [0.3, 3], HEAT),
  'pollack': row(SEA, [10, 40], [3, 15], [3, 20], [5, 25], PRESSURE),
  'mackerel': row(SEA, [20, 60], [2, 20], [0, 15], [2, 20]),
  'red-drum': row(SHORE, [1, 5], [0.4, 3], [0.3, 2.5], [0.5, 4]),
  'spotted-seatrout': row(SHORE, [1.5, 5], [0.5, 2.5], [0.5, 3], [0.5, 3]),
  'snook': row(
    ANY,
    [1, 5],
    [0.5, 4],
    [0.5, 5],
    [0.5, 4],
    'Sharp gill covers. Harmed by water under 13 °C: leave it alone after a cold spell.',
  ),
  'tarpon': row(SHORE, [2, 8], [0.5, 6], [0.5, 8], [1, 8], 'Keep large ones in the water.'),
  'cobia': row(SEA, [5, 25], [0, 10], [0, 15], [2, 20], SPINES),
  'black-drum': row(SHORE, [1, 8], [0.5, 6], [0.5, 5], [0.5, 6]),
  'flounder': row(SHORE, [5, 20], [0.5, 5], [0.5, 6], [1, 8]),
  'grouper': row(SEA, [5, 40], [5, 30], [10, 40], [5, 35], PRESSURE),
  'bluefish': row(SHORE, [5, 30], [1, 10], [0, 8], [0, 10], TEETH),
  'kahawai': row(SHORE, [0, 8], [0, 6], [0, 6], [0, 6]),
  'bream': row(SHORE, [1, 8], [0.5, 4], [0.3, 4], [0.5, 5], SPINES),
  'flathead': row(SHORE, [2, 10], [0.5, 5], [0.5, 6], [1, 8], SPINES),
  'sand-whiting': row(SHORE, [1, 5], [0.5, 3], [0.3, 2], [0.5, 3]),
  'amberjack': row(SEA, [10, 50], [5, 40], [0, 40], [5, 40], PRESSURE),
}
