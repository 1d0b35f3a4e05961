import type { Reading } from './reading'

/** A water to start a reading from: what it is like, in which month (of the north) and at which hour. */
export interface UsualWater {
  readonly id: string
  readonly label: string
  readonly month: number
  readonly hour: number
  readonly water: Partial<Reading>
}

/** Waters to start a reading from, where nothing was measured yet. Figures: assumed, to be replaced by what is read. */
export const USUAL_WATERS: readonly UsualWater[] = [
  {
    id: 'spring-morning',
    label: 'spring morning, stained',
    month: 5,
    hour: 7,
    water: {
      temperatureC: 11,
      trend: 'warming',
      visibilityM: 1.2,
      stain: 'brown',
      sky: 'broken',
      windMs: 4,
      mood: 'neutral',
    },
  },
  {
    id: 'hot-afternoon',
    label: 'hot, still afternoon',
    month: 7,
    hour: 15,
    water: {
      temperatureC: 25,
      trend: 'steady',
      visibilityM: 2.5,
      stain: 'green',
      sky: 'sun',
      windMs: 1,
      mood: 'lethargic',
    },
  },
  {
    id: 'muddy-flood',
    label: 'muddy flood',
    month: 4,
    hour: 12,
    water: {
      temperatureC: 9,
      trend: 'cooling',
      visibilityM: 0.3,
      stain: 'mud',
      sky: 'rain',
      windMs: 5,
      mood: 'neutral',
    },
  },
  {
    id: 'winter-noon',
    label: 'cold, clear noon',
    month: 1,
    hour: 12,
    water: {
      temperatureC: 4,
      trend: 'steady',
      visibilityM: 5,
      stain: 'clear',
      sky: 'sun',
      windMs: 2,
      mood: 'lethargic',
    },
  },
  {
    id: 'autumn-dusk',
    label: 'windy autumn dusk',
    month: 10,
    hour: 18,
    water: {
      temperatureC: 12,
      trend: 'cooling',
      visibilityM: 1.8,
      stain: 'green',
      sky: 'overcast',
      windMs: 9,
      mood: 'aggressive',
    },
  },
  {
    id: 'night',
    label: 'clear night',
    month: 9,
    hour: 23,
    water: {
      temperatureC: 14,
      trend: 'steady',
      visibilityM: 2.5,
      stain: 'green',
      sky: 'night',
      windMs: 3,
      mood: 'neutral',
    },
  },
]

const MONTHS = 12
const MIDDLE_OF_MONTH = 15

/**
 * The change that starts a reading from such a water: with its season and hour, so that light and phase belong to it.
 *
 * @param at ISO 8601 with offset, whose year and offset are kept
 * @param latitude south of the line the seasons are turned round [°]
 */
export function startFrom(
  { water, month, hour }: UsualWater,
  { at, latitude }: { readonly at: string; readonly latitude: number },
): Partial<Reading> {
  const turned = latitude < 0 ? ((month - 1 + MONTHS / 2) % MONTHS) + 1 : month
  const two = (n: number) => String(n).padStart(2, '0')
  return {
    ...water,
    at: `${at.slice(0, 'YYYY'.length)}-${two(turned)}-${MIDDLE_OF_MONTH}T${two(hour)}:00:00${/(Z|[+-]\d\d:\d\d)$/.exec(at)?.[0] ?? 'Z'}`,
    phase: null,
  }
}
