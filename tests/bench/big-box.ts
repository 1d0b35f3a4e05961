import type { Box, Lure } from '#core/tackle'
import demo from '../../demo/box.json'

/** The demo box, repeated with small changes until it holds `count` lures, on six outfits. */
export function bigBox(count: number): Box {
  const base = demo as unknown as { lures: Lure[] } & Box
  const lures = Array.from({ length: count }, (_, i) => {
    const lure = base.lures[i % base.lures.length]!
    const step = 1 + ((i * 7919) % 101) / 400
    return {
      ...lure,
      id: `b${i}`,
      lengthMm: (lure.lengthMm ?? 80) * step,
      weightG: (lure.weightG ?? 10) * step,
      role: i % 10 === 0 ? ('both' as const) : lure.role,
    }
  })
  const outfits = [...base.outfits, ...base.outfits.map((o, i) => ({ ...o, id: `x${i}` }))].slice(0, 6)
  return { lures, parts: base.parts, outfits, tests: base.tests, trips: [] } as unknown as Box
}
