import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bottomWeight } from './bottom-weight'
import { deepestOnCast } from './dive-cast'
import { downrigger } from './downrigger'
import { dropShotHeight } from './drop-shot'
import { holdDepth, holdSpeed } from './hold-depth'
import { calibrateCast } from './plug'
import { retrieve } from './retrieve'
import { netWeight } from './sink'
import { calibrateTow, towDepth } from './tow'
import { towLine } from './tow-line'
import { castRatingOf, towedOn, towedPlug } from './towed'

const FRESH = 999.1
const STILL = { density: FRESH, current: 0 }
const NYLON = { diameter: 0.0003, density: 1140 }
const DEGREES = 180 / Math.PI
const figure = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const within = (value: number, expected: number, share: number) =>
  expect(Math.abs(value / expected - 1), `${value} against ${expected}`).toBeLessThan(share)

describe('towDepth: the closed form', () => {
  const standard = { lineOut: 30, lineDiameter: 0.0003, tip: 0.5 }
  // Handbook §4a table: φ₀, a, and depths at 15 and 60 m of line for plugs rated at 30 m.
  it.each([
    [1.2, 13.7, 0.62, 0.82, 1.6],
    [1.8, 16.8, 0.94, 1.23, 2.41],
    [3, 22.5, 1.62, 2.05, 4.03],
    [6, 33.9, 3.62, 4.02, 8.21],
  ])('rated %d m: φ₀ %d°, a %d m, %d and %d m', (rated, angle, a, short, long) => {
    const shape = calibrateTow(rated, standard)!
    within(shape.lureAngle * DEGREES, angle, 0.005)
    within(shape.tensionOverDrag / 0.0003, a, 0.01)
    within(towDepth(shape, { ...standard, lineOut: 15 })!.depth, short, 0.01)
    within(towDepth(shape, { ...standard, lineOut: 60 })!.depth, long, 0.01)
  })
  it('braid of 0.165 mm takes the 3 m plug to 4.29 m; a tip raised from 0.3 to 2.3 m costs 1.16 m (handbook)', () => {
    const shape = calibrateTow(3, standard)!
    const at = (change: object) => towDepth(shape, { ...standard, ...change })!.depth
    within(at({ lineDiameter: 0.000165 }), 4.29, 0.005)
    within(at({ tip: 0.3 }) - at({ tip: 2.3 }), 1.16, 0.01)
  })
  it('says there is none when the line is too short', () =>
    expect(towDepth(calibrateTow(3, standard)!, { ...standard, lineOut: 2, tip: 2 })).toBeNull())
})

describe('towLine: the solver', () => {
  const bare = { diameter: 0.0003, density: FRESH, normalCoefficient: 1.2, tangentialCoefficient: 0 }
  it('agrees with the closed form when skin drag and weight are off', () => {
    const shape = calibrateTow(3, { lineOut: 30, lineDiameter: 0.0003, tip: 0.02 })!
    const dragArea = 5.4e-4
    const body = { dragArea, liftArea: dragArea * Math.tan(shape.lureAngle), netWeight: 0 }
    for (const lineOut of [15, 30, 60]) {
      const closed = towDepth(shape, { lineOut, lineDiameter: 0.0003, tip: 0.02 })!
      const solved = towLine(body, bare, 2, lineOut, 0.02, FRESH)
      if ('surface' in solved) throw new Error('rides at the surface')
      within(solved.depth, closed.depth, 0.003)
      within(solved.distance, closed.distance, 0.003)
    }
  })
  it('without line drag the line is straight at the lure’s own angle', () => {
    const solved = towLine(
      { dragArea: 1e-2, liftArea: 1e-2, netWeight: 0 },
      { ...bare, diameter: 1e-6 },
      1,
      20,
      0.01,
      FRESH,
    )
    if ('surface' in solved) throw new Error('rides at the surface')
    within(solved.depth, (20 * Math.SQRT2) / 2, 0.01)
  })
  // Handbook §6: sinker + lure CdA 5e-4, 0.35 mm nylon, tip 1 m. 5 %: the table does not state the sinker's density.
  it.each([
    [28, 0.5, 20, 8.5],
    [57, 1, 30, 6.5],
    [113, 0.8, 50, 17.5],
    [113, 1.8, 50, 6.0],
  ])('%d g at %d m/s on %d m runs at %d m', (grams, speed, lineOut, depth) => {
    const solved = towLine(
      { dragArea: 5e-4, liftArea: 0, netWeight: netWeight(grams / 1000, grams / 1000 / 11340, FRESH) },
      { diameter: 0.00035, density: 1140, normalCoefficient: 1.2, tangentialCoefficient: 0.006 },
      speed,
      lineOut,
      1,
      FRESH,
    )
    within('surface' in solved ? 0 : solved.depth, depth, 0.05)
  })
  it('what floats without lift rides at the surface', () =>
    expect(towLine({ dragArea: 5e-4, liftArea: 0, netWeight: -0.1 }, bare, 1, 20, 1, FRESH)).toEqual({ surface: true }))
})

describe('retrieve: the cast', () => {
  const plug = calibrateCast({ depth: 3, cast: 30, tip: 0.8, speed: 0.8, line: NYLON }, 0, STILL)!
  const run = (change: Partial<{ cast: number; tip: number; speed: number; diameter: number }>) =>
    retrieve(plug, { ...NYLON, diameter: change.diameter ?? NYLON.diameter }, STILL, {
      cast: 30,
      tip: 0.8,
      speed: 0.8,
      startDepth: 0,
      ...change,
    })
  // Handbook §4b table for the 3 m diver.
  it.each([
    [15, 1.61],
    [20, 2.12],
    [30, 3.0],
    [40, 3.78],
    [50, 4.47],
  ])('a cast of %d m takes it to %d m', (cast, depth) => within(run({ cast }).deepest.depth, depth, 0.01))
  it('a tip raised from 0.3 to 2.3 m costs 1.04 m, 0.28 → 0.35 mm line 0.21 m (handbook)', () => {
    within(run({ tip: 0.3 }).deepest.depth - run({ tip: 2.3 }).deepest.depth, 1.04, 0.02)
    expect(run({ diameter: 0.00028 }).deepest.depth - run({ diameter: 0.00035 }).deepest.depth).toBeCloseTo(0.21, 1)
  })
  it('runs deepest a third of the cast from the rod, on the handbook’s path (±0.1 m)', () => {
    const { path, deepest } = run({})
    within(deepest.distance, 10, 0.05)
    for (const [x, z] of [
      [29, 0.33],
      [25, 1.24],
      [20, 2.14],
      [15, 2.77],
      [7, 2.85],
    ] as const) {
      const near = path.reduce((a, b) => (Math.abs(b.distance - x) < Math.abs(a.distance - x) ? b : a))
      expect(Math.abs(near.depth - z)).toBeLessThan(0.1)
    }
  })
  it('speed hardly matters for a neutral plug (handbook: 3.04 … 2.98 m from 0.5 to 1.8 m/s)', () => {
    for (const speed of [0.5, 1.2, 1.8]) within(run({ speed }).deepest.depth, 3, 0.02)
  })
  it('without line drag it follows the logarithmic spiral z = r sin(θ₀ + tan φ₀ ln(r₀/r)) − h', () => {
    const ratio = 0.3
    const { path } = retrieve(
      { dragArea: 1e-3, liftArea: ratio * 1e-3, netWeight: 0 },
      { diameter: 1e-7, density: FRESH },
      STILL,
      { cast: 30, tip: 0.8, speed: 0.8, startDepth: 0 },
    )
    const r0 = Math.hypot(30, 0.8)
    for (const { distance, depth } of path.slice(5, -20)) {
      const r = Math.hypot(distance, depth + 0.8)
      expect(depth).toBeCloseTo(r * Math.sin(Math.asin(0.8 / r0) + ratio * Math.log(r0 / r)) - 0.8, 1)
    }
  })
  it('the ranking’s quick table agrees with the solver within 6 %', () => {
    for (const [depth, castM, mm, tipM] of [
      [3, 22, 0.3, 0.8],
      [3, 45, 0.2, 0.5],
      [1.6, 30, 0.25, 1],
      [4.6, 35, 0.3, 0.5],
    ] as const) {
      const lure = calibrateCast({ depth, cast: 30, tip: 0.8, speed: 0.8, line: NYLON }, 0, STILL)!
      const solved = retrieve(lure, { ...NYLON, diameter: mm / 1000 }, STILL, {
        cast: castM,
        tip: tipM,
        speed: 0.8,
        startDepth: 0,
      }).deepest.depth
      within(deepestOnCast({ depthM: depth }, { castM, lineDiameterMm: mm, tipM }), solved, 0.06)
    }
  })
})

describe('a rating behind the boat', () => {
  // Handbook of models §4b, last row of the table: the same lure on the rating cast and 30 m behind the boat.
  it.each([
    [1.93, 1.5],
    [4.26, 3],
    [7.62, 5],
  ])('what tows at %d m with 30 m out is a plug of %d m on a cast', (depthM, castDepth) =>
    within(castRatingOf({ depthM }).depthM, castDepth, 0.02),
  )
  it('more line out for the same depth: a shallower plug; brought to the tow again it is where it was', () => {
    expect(castRatingOf({ depthM: 4, castM: 50 }).depthM).toBeLessThan(castRatingOf({ depthM: 4, castM: 30 }).depthM)
    within(
      towedOn(towedPlug(castRatingOf({ depthM: 3.2, castM: 45 }))!, { ...nylonTow, lineOut: 45 })!.depth,
      3.2,
      0.06,
    )
  })
  it('dense line at a crawl takes a light spoon far below what weightless line does; thin fast nylon hardly (science: fluorocarbon at 0.7 m/s)', () => {
    const body = { dragArea: 2e-4, liftArea: 0, netWeight: 0.05 }
    const closed = (speed: number) => {
      const q = (FRESH * speed ** 2) / 2
      const drag = q * body.dragArea
      return towDepth(
        { lureAngle: Math.atan2(0.05, drag), tensionOverDrag: Math.hypot(drag, 0.05) / (q * 1.2) },
        { lineOut: 30, lineDiameter: 0.0003, tip: 0.8 },
      )!.depth
    }
    const whole = (speed: number, lineDensity: number) => towedOn(body, { ...nylonTow, speed, lineDensity })!.depth
    expect(whole(0.7, 1780) / closed(0.7)).toBeGreaterThan(1.3)
    expect(whole(0.7, 1780)).toBeGreaterThan(whole(0.7, 1140))
    expect(whole(1.5, 1140) / closed(1.5)).toBeLessThan(whole(0.7, 1780) / closed(0.7))
  })
  it('a plug that floats comes up when it is towed slowly, one that sinks goes down; at its rating both run as rated', () => {
    const rating = { depthM: 3 }
    const depth = (netWeight: number, speed: number) =>
      towedOn(towedPlug(rating, netWeight)!, { ...nylonTow, speed })?.depth ?? 0
    within(depth(-0.03, 1), depth(0, 1), 0.01)
    within(depth(0.03, 1), depth(0, 1), 0.01)
    expect(depth(-0.03, 0.45)).toBeLessThan(0.85 * depth(0, 0.45))
    expect(depth(0.03, 0.45)).toBeGreaterThan(1.1 * depth(0, 0.45))
  })
  it('the coarse line is the fine one within 2 %', () => {
    const line = { diameter: 0.0003, density: 1780, normalCoefficient: 1.2, tangentialCoefficient: 0.01 }
    for (const speed of [0.5, 1, 2])
      for (const out of [15, 40, 65]) {
        const fine = towLine({ dragArea: 2e-4, liftArea: 0, netWeight: 0.05 }, line, speed, out, 0.8, FRESH)
        if ('surface' in fine) throw new Error('rides at the surface')
        const tow = { ...nylonTow, speed, lineOut: out, lineDensity: 1780, waterDensity: FRESH }
        within(towedOn({ dragArea: 2e-4, liftArea: 0, netWeight: 0.05 }, tow)!.depth, fine.depth, 0.02)
      }
  })
})

const nylonTow = { lineOut: 30, lineDiameter: 0.0003, lineDensity: 1140, tip: 0.8, speed: 1, waterDensity: 1000 }

describe('sinking lures', () => {
  const BAIT_KG = 0.00055 // hook and 3-in bait in water, handbook's fall table
  const jig = (grams: number, dragArea: number) => ({
    dragArea,
    liftArea: 0,
    netWeight: netWeight(grams / 1000, grams / 1000 / 11000, FRESH) + BAIT_KG * 9.80665,
  })
  const PE = { diameter: 0.0002, density: 970 }
  // Handbook §5: jig + 3-in bait from 3 m on a 25 m cast, tip 1.5 m: depth at 15 m, and the speed that holds 3 m at 15 m.
  it.each([
    [3.5, 2.5e-4, 3.9, 2.4, 0.62],
    [7, 2.5e-4, 5.0, 2.9, 0.85],
    [14, 3e-4, 6.2, 3.6, 1.13],
  ])('%d g: %d m² → %d m at 0.5 m/s, %d m at 1 m/s; held at 3 m by %d m/s', (grams, dragArea, slow, fast, hold) => {
    const at15 = (speed: number) =>
      retrieve(jig(grams, dragArea), PE, STILL, { cast: 25, tip: 1.5, speed, startDepth: 3 }).path.reduce((a, b) =>
        Math.abs(b.distance - 15) < Math.abs(a.distance - 15) ? b : a,
      ).depth
    within(at15(0.5), slow, 0.05)
    within(at15(1), fast, 0.05)
    within(holdSpeed(jig(grams, dragArea), PE, STILL, { depth: 3, distance: 15, tip: 1.5 })!, hold, 0.03)
  })
  it('slow is down, fast is up; heavier is never slower, thicker line never faster; current against it lifts', () => {
    // From 7 g up: under lighter lures the thicker line's sag in the air makes up for its drag.
    fc.assert(
      fc.property(figure(7, 40), figure(1, 8), figure(0.1, 0.3), (grams, depth, mm) => {
        const speed = (g: number, d: number, current = 0) =>
          holdSpeed(
            jig(g, 3e-4),
            { diameter: d / 1000, density: 1140 },
            { density: FRESH, current },
            { depth, distance: 15, tip: 1 },
          )
        expect(speed(grams * 1.3, mm)!).toBeGreaterThan(speed(grams, mm)!)
        expect(speed(grams, mm * 1.3)!).toBeLessThan(speed(grams, mm)!)
        expect(speed(grams, mm, 0.2) ?? 0).toBeLessThan(speed(grams, mm)!)
      }),
      { numRuns: 40 },
    )
  })
  it('holdDepth is the inverse of holdSpeed, and what floats is not held', () => {
    const place = { distance: 15, tip: 1.5 }
    const speed = holdSpeed(jig(7, 2.5e-4), PE, STILL, { ...place, depth: 3 })!
    expect(holdDepth(jig(7, 2.5e-4), PE, STILL, place, speed, 20)).toBeCloseTo(3, 2)
    expect(holdDepth(jig(7, 2.5e-4), PE, STILL, place, 12, 20)).toBe(0)
    expect(holdSpeed({ dragArea: 3e-4, liftArea: 0, netWeight: -0.01 }, PE, STILL, { ...place, depth: 2 })).toBeNull()
  })
})

describe('bottomWeight', () => {
  // Handbook §7: the criterion's own row, and the trade's bands behind it (common practice, no source).
  it.each([
    [1.5, 2.1],
    [3, 3.8],
    [4.5, 5.4],
    [6, 7.1],
    [7.5, 9.8],
    [9, 14.5],
  ])('%d m → %d g', (depth, grams) => within(1000 * bottomWeight(depth, 0.25, 0.00023, FRESH)!, grams, 0.03))
  it('rises with depth, drift and thickness', () => {
    fc.assert(
      fc.property(figure(2, 30), figure(0.12, 0.6), figure(0.12, 0.35), (depth, drift, mm) => {
        const weight = bottomWeight(depth, drift, mm / 1000, FRESH)!
        expect(bottomWeight(depth * 1.2, drift, mm / 1000, FRESH)!).toBeGreaterThanOrEqual(weight * 0.999)
        expect(bottomWeight(depth, drift * 1.2, mm / 1000, FRESH)!).toBeGreaterThanOrEqual(weight * 0.999)
        expect(bottomWeight(depth, drift, (mm * 1.2) / 1000, FRESH)!).toBeGreaterThanOrEqual(weight * 0.999)
      }),
      { numRuns: 25 },
    )
  })
})

describe('dropShotHeight', () => {
  // Common practice, no source: 24 in of leader may put the bait 10 in off the bottom on a cast; handbook §8: at 7.6/12.0/16.4/20.7 m for 2/4/6/8 m.
  it.each([
    [2, 7.6],
    [4, 12.0],
    [6, 16.4],
    [8, 20.7],
  ])('a 0.61 m leader stands 0.254 m high in %d m at %d m', (depth, distance) =>
    within(dropShotHeight(0.61, depth, distance, 1.5).height, 0.254, 0.01),
  )
  it('stands nearly its full length below the boat', () =>
    expect(dropShotHeight(0.61, 8, 1, 1.5).height / 0.61).toBeGreaterThan(0.99))
})

describe('downrigger', () => {
  // Handbook §6: cable angle from the vertical at the surface, degrees.
  it.each([
    [2.7, 10, 0.7, 10],
    [2.7, 30, 1.3, 53],
    [4.5, 20, 1.0, 17],
    [4.5, 30, 1.6, 50],
    [5.4, 30, 1.3, 32],
  ])('%d kg at %d m, %d m/s: %d°', (ball, depth, speed, angle) => {
    const shape = downrigger(
      { ball, cableDiameter: 0.0008, cableDensity: 7900, fin: 8e-4, lineForce: 1 },
      depth,
      speed,
      FRESH,
    )!
    expect(Math.abs(shape.surfaceAngle * DEGREES - angle)).toBeLessThan(1.2)
    expect(shape.chordAngle).toBeLessThan(shape.surfaceAngle)
    expect(shape.lineOut).toBeGreaterThan(depth)
  })
})
