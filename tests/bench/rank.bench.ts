import { bench, describe } from 'vitest'
import { askOf } from '#core/ask'
import { prepareBox, rank } from '#core/match'
import reading from '../../demo/readings/spring-morning.json'
import { bigBox } from './big-box'

describe('re-ranking, warm', () => {
  for (const count of [1000, 5000]) {
    const prepared = prepareBox(bigBox(count))
    bench(
      `${count} lures × 6 outfits`,
      () => {
        rank(prepared, askOf(reading as Parameters<typeof askOf>[0]))
      },
      { time: 2000 },
    )
  }
})
