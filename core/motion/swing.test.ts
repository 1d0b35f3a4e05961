import { describe, expect, it } from 'vitest'
import { retrieve } from './retrieve'
import { SWUNG_OUT, swungWhenAt } from './swing'

const line = { diameter: 1e-6, density: 1000 }
const water = { density: 1000, current: 0 }
/** Heavy and hardly wet, so that the chord is nearly level and the plan view is all there is. */
const bait = { dragArea: 1e-4, liftArea: 0, netWeight: 1e-6 }
const swung = (stream: number, pace: number, cast = 30) =>
  retrieve(bait, line, water, {
    cast,
    tip: 0,
    speed: pace,
    startDepth: 0.01,
    swing: { stream, until: SWUNG_OUT, slowest: 0.01 },
  })

describe('the swing across a stream', () => {
  it.each([
    [0.8, 0.4],
    [1, 0.5],
    [0.6, 0.5],
  ])(
    'pace %f in a stream of %f: the pursuit curve r/L = sec α (sec α + tan α)^(−pace/stream) (Boole 1859, from memory)',
    (pace, stream) => {
      for (const { distance, swung: angle } of swung(stream, pace).path.filter(p => p.distance > 3)) {
        const share = (1 / Math.cos(angle)) * (1 / Math.cos(angle) + Math.tan(angle)) ** (-pace / stream)
        expect(distance / 30).toBeCloseTo(share, 2)
      }
    },
  )
  it('comes home after L / (pace (1 − (stream/pace)²)) as the swimmer who heads for the bank does (worked example: 1.5 against 1 over 10 is 12)', () => {
    // At α = 80° the rest of the way is straight up the stream: r at pace − stream.
    const { path } = swung(1, 1.5, 10)
    const last = path[path.length - 1]!
    expect(last.seconds + last.distance / (1.5 - 1)).toBeCloseTo(10 / (1.5 * (1 - (1 / 1.5) ** 2)), 0)
  })
  it('held on its line in a faster stream it keeps its distance and swings as gd(stream t / L)', () => {
    const { path } = swung(0.8, 0.05, 20)
    for (const { seconds, swung: angle } of path.filter(p => p.seconds < 20))
      expect(angle).toBeCloseTo(Math.atan(Math.sinh((0.8 * seconds) / 20)), 1)
    expect(path[path.length - 1]!.swung).toBeGreaterThanOrEqual(SWUNG_OUT)
  })
  it('the closed form is what the path does half-way home', () => {
    const half = swung(0.4, 0.8).path.find(p => p.distance <= 15)!
    expect(swungWhenAt(0.5, 0.8, 0.4)).toBeCloseTo(half.swung, 1)
    expect(swungWhenAt(0.5, 0.8, 0)).toBe(0)
    expect(swungWhenAt(0.5, 0.1, 0.8)).toBeLessThanOrEqual(SWUNG_OUT)
  })
  it('refuses what is not positive', () => {
    expect(() => swungWhenAt(0, 0.8, 0.4)).toThrow(/share/)
    expect(() => swungWhenAt(0.5, 0, 0.4)).toThrow(/pace/)
  })
})
