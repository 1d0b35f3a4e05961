import type { BenchTest } from '#core/tackle'
import { demoLure } from './lures'

/** Spread of the demo angler's hand: reaction time with a stopwatch, a kitchen scale. Invented. */
const STOPWATCH_S = 0.15
const SCALE_G = 0.06

/** Bench tests with real spread: the same true value, read several times. */
export function benchTests(random: () => number): BenchTest[] {
  const around = (value: number, spread: number, count: number) =>
    Array.from({ length: count }, () => Number((value + spread * (random() + random() - 1)).toFixed(2)))
  const tests: Omit<BenchTest, 'id'>[] = [
    {
      lureId: demoLure('Weir runner').id,
      kind: 'weigh',
      at: '2026-02-11T19:00:00+01:00',
      values: around(12.6, SCALE_G, 3),
    },
    {
      lureId: demoLure('Weir runner').id,
      kind: 'depth',
      at: '2026-05-20T10:30:00+02:00',
      values: [1.75],
      lineDiameterMm: 0.3,
      castM: 29,
      note: 'ticked the rocky bar',
    },
    { lureId: demoLure('Weir runner').id, kind: 'swim', at: '2026-05-20T10:50:00+02:00', values: [0.35, 0.8, 1.9] },
    {
      lureId: demoLure('Sallow stick').id,
      kind: 'weigh',
      at: '2026-02-11T19:10:00+01:00',
      values: around(8.6, SCALE_G, 4),
    },
    {
      lureId: demoLure('Sallow stick').id,
      kind: 'fall',
      at: '2026-03-01T14:00:00+01:00',
      rig: 'wacky',
      addedG: 0,
      values: around(12.4, STOPWATCH_S * 3, 5),
      depthM: 2,
      temperatureC: 14,
      salinityPsu: 0,
    },
    {
      lureId: demoLure('Flatling').id,
      kind: 'fall',
      at: '2026-03-01T14:20:00+01:00',
      rig: 'mushroom-head',
      addedG: 1.8,
      values: around(5.6, STOPWATCH_S, 5),
      depthM: 2,
      temperatureC: 14,
      salinityPsu: 0,
    },
    {
      lureId: demoLure('Bog worm').id,
      kind: 'fall',
      at: '2026-03-01T14:40:00+01:00',
      rig: 'wacky',
      addedG: 0,
      values: around(16.8, STOPWATCH_S * 3, 5),
      depthM: 2,
      temperatureC: 14,
      salinityPsu: 0,
    },
    {
      lureId: demoLure('Sallow stick').id,
      kind: 'tear',
      at: '2026-03-02T18:00:00+01:00',
      rig: 'wacky',
      values: around(0.62, 0.04, 3),
    },
    {
      lureId: demoLure('Sallow stick').id,
      kind: 'action',
      at: '2026-03-01T14:10:00+01:00',
      rig: 'wacky',
      addedG: 0,
      values: [3, 2, 3],
    },
    {
      lureId: demoLure('Skarne needle').id,
      kind: 'weigh',
      at: '2026-02-12T20:00:00+01:00',
      values: around(45.2, SCALE_G, 3),
    },
    {
      lureId: demoLure('Ondil').id,
      kind: 'hang',
      at: '2026-04-02T17:00:00+02:00',
      values: [0.012],
      temperatureC: 7,
      salinityPsu: 0,
    },
    { lureId: demoLure('Grannet').id, kind: 'swim', at: '2026-04-02T17:30:00+02:00', values: [0.45, 0.65, 0.95] },
    {
      lureId: demoLure('Dray blade').id,
      kind: 'fall',
      at: '2026-03-01T15:00:00+01:00',
      rig: 'snap',
      addedG: 0,
      values: around(2.4, STOPWATCH_S, 4),
      depthM: 2,
      temperatureC: 14,
      salinityPsu: 0,
    },
  ]
  return tests.map((test, i) => ({ id: `t${i + 1}`, ...test }))
}
