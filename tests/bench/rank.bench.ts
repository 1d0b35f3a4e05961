import { bench, describe } from 'vitest'
import { askOf } from '#core/ask'
import { prepareBox, rank } from '#core/match'
import type { Box, Lure } from '#core/tackle'
import demo from '../../demo/box.json'
import reading from '../../demo/readings/spring-morning.json'

/** The demo box, repeated with small changes until it holds `count` lures, on six outfits. */
function bigBox(count: number): Box {
  const base = demo as unknown as { lures: Lure[] } & Box
  const lures = Array.from({ length: count }, (_, i) => {
    const lure = base.lures[i % base.lures.length]!
    const step = 1 + ((i * 7919) % 101) / 400
    return { ...lure, id: `b${i}`, lengthMm: (lure.lengthMm ?? 80) * step, weightG: (lure.weightG ?? 10) * step, role: i % 10 === 0 ? 'both' as const : lure.role }
  })
  const outfits = [...base.outfits, ...base.outfits.slice(0, 2).map((o, i) => ({ ...o, id: `x${i}` }))]
  return { lures, parts: base.parts, outfits, tests: base.tests, trips: [] } as unknown as Box
}

describe('re-ranking, warm', () => {
  for (const count of [1000, 5000]) {
    const prepared = prepareBox(bigBox(count))
    bench(`${count} lures × 6 outfits`, () => {
      rank(prepared, askOf(reading as Parameters<typeof askOf>[0]))
    }, { time: 2000 })
  }
})
