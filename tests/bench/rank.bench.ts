import { bench, describe } from 'vitest'
import { askOf } from '#core/ask'
import { prepareBox, rank } from '#core/match'
import reading from '../../demo/readings/spring-morning.json'
import { bigBox } from './big-box'

describe('re-ranking, warm', () => {
  for (const count of [1000, 5000]) {
    const prepared = prepareBox(bigBox(count))
    const asked = reading as Parameters<typeof askOf>[0]
    let changes = 0
    bench(`${count} lures × 6 outfits, asked again`, () => void rank(prepared, askOf(asked)), { time: 2000 })
    bench(
      `${count} lures × 6 outfits, another temperature each time`,
      () => void rank(prepared, askOf({ ...asked, temperatureC: 5 + ((changes++ * 0.618) % 25) })),
      { time: 2000 },
    )
  }
})
