import { bench, describe } from 'vitest'
import { pooledRates } from '#core/evidence'
import { ratesBy, ratesByTwo, stretchesOf } from '#core/logbook'
import { prepareBox } from '#core/match'
import { seededRandom } from '#core/numeric'
import type { Box, Trip } from '#core/tackle'
import demo from '../../demo/box.json'

/** 20,000 events in 4,000 stretches: the demo's trips many times over. */
const random = seededRandom(5)
const base = demo.trips as unknown as Trip[]
const trips: Trip[] = Array.from({ length: 1000 }, (_, i) => {
  const trip = base[i % base.length]!
  return {
    ...trip,
    id: `${trip.id}-${i}`,
    stints: trip
      .stints!.slice(0, 4)
      .map(s => ({
        ...s,
        id: `${s.id}-${i}`,
        events: Array.from({ length: 5 }, (_, e) => ({
          id: `${s.id}-${i}-${e}`,
          kind: random() < 0.4 ? ('landed' as const) : ('hit' as const),
        })),
      })),
  }
})
const prepared = prepareBox({ ...demo, trips } as unknown as Box)
const stretches = stretchesOf(prepared)

describe('the log of 20,000 events (open ≤ 1 s, charts ≤ 300 ms)', () => {
  bench('opened: every stretch with its classes', () => void stretchesOf(prepared))
  bench('rates by lure', () => void ratesBy(stretches, 'lure', { of: 'contacts', per: 'hour' }))
  bench(
    'rates by light (sun height of each stretch)',
    () => void ratesBy(stretches, 'light', { of: 'contacts', per: 'hour' }),
  )
  bench('colour by visibility', () => void ratesByTwo(stretches, 'colour', 'clarity', 'contacts'))
  bench(
    'pooling 80 groups',
    () => void pooledRates(Array.from({ length: 80 }, (_, i) => ({ events: i % 9, effort: 1 + (i % 13) }))),
  )
})
