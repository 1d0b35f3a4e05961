import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { SPECIES_EYES } from '#core/knowledge'
import type { Colours } from '#core/tackle'
import type { Family, Sky, SpeciesId, Stain } from '#core/terms'
import { colourJudge, DEFAULT_PREY, zoneOfFish } from './colour-look'
import { type Caught, caughtBy, difference, eyeOf, total } from './eye'
import { lureSurface } from './lure-surface'
import { pigmentAbsorbance } from './pigment'
import { linearRgbOf, paintUnderD65, previewOf } from './preview'
import { lightScene } from './scene'
import { type LureZone, reachOfSight } from './sight'
import { daylightSpectrum, WAVELENGTHS } from './spectrum'
import { surfaceLux } from './surface'

interface Place {
  visibilityM: number
  stain: Stain
  depthM: number
  sky?: Sky
  moonFraction?: number
  zone?: LureZone
  species?: SpeciesId
}
const judge = ({ zone = 'mid', species = 'largemouth-bass', sky = 'sun', moonFraction = 0, ...water }: Place) =>
  colourJudge({ ...water, sky, moonFraction, sunAltitudeDeg: 45, zone, species, prey: DEFAULT_PREY })
const look = (place: Place, colours: Colours, family: Family = 'crankbait') =>
  judge(place).look({ colours, family, actionStyle: 'wobble' })
const C = (place: Place, colours: Colours, family?: Family) => look(place, colours, family).conspicuousness

const WHITE: Colours = { side: '#f4f2ea' }
const BLACK: Colours = { side: '#141414' }
const CHARTREUSE: Colours = { side: '#c4cc14', fluorescent: true }
const SILVER_BAIT: Colours = { back: '#46544c', side: '#c4cac8', belly: '#e6e6de', metal: 'silver' }
const GOLD: Colours = { side: '#d0a83c', metal: 'gold' }
const NICKEL: Colours = { side: '#bcbcc0', metal: 'silver' }
const PUMPKIN: Colours = { side: '#4a4a20' }
const RED: Colours = { side: '#b01414' }

const CLEAR: Place = { visibilityM: 6, stain: 'clear', depthM: 2 }
const GREEN: Place = { visibilityM: 1.5, stain: 'green', depthM: 1.5 }
const BROWN: Place = { visibilityM: 1, stain: 'brown', depthM: 1 }
const MUD: Place = { visibilityM: 0.3, stain: 'mud', depthM: 0.4 }
const STARLIT: Place = { visibilityM: 3, stain: 'clear', depthM: 1, sky: 'night' }

describe('the handbook’s worked scenes (derived by an independent prototype of the same equations; black bass, mid-water)', () => {
  it.each([
    ['white, clear', CLEAR, WHITE, 'crankbait', 0.61, 0.22],
    ['black, clear', CLEAR, BLACK, 'crankbait', 0.46, 0.12],
    ['chartreuse, clear', CLEAR, CHARTREUSE, 'crankbait', 0.55, 0.38],
    ['silver bait, clear', CLEAR, SILVER_BAIT, 'crankbait', 0.4, 0.94],
    ['gold blade, clear', CLEAR, GOLD, 'casting-spoon', 0.71, 0.25],
    ['pumpkin, clear', CLEAR, PUMPKIN, 'crankbait', 0.41, 0.16],
    ['silver bait, overcast', { ...CLEAR, sky: 'overcast' }, SILVER_BAIT, 'crankbait', 0.37, 0.94],
    ['gold blade, overcast', { ...CLEAR, sky: 'overcast' }, GOLD, 'casting-spoon', 0.67, 0.26],
    ['white, green', GREEN, WHITE, 'crankbait', 0.43, 0.39],
    ['black, green', GREEN, BLACK, 'crankbait', 0.48, 0.18],
    ['chartreuse, green', GREEN, CHARTREUSE, 'crankbait', 0.34, 0.67],
    ['silver bait, green', GREEN, SILVER_BAIT, 'crankbait', 0.25, 0.99],
    ['gold blade, green', GREEN, GOLD, 'casting-spoon', 0.47, 0.51],
    ['white, brown', BROWN, WHITE, 'crankbait', 0.63, 0.19],
    ['black, brown', BROWN, BLACK, 'crankbait', 0.45, 0.17],
    ['chartreuse, brown', BROWN, CHARTREUSE, 'crankbait', 0.58, 0.35],
    ['silver bait, brown', BROWN, SILVER_BAIT, 'crankbait', 0.4, 0.92],
    ['gold blade, brown', BROWN, GOLD, 'casting-spoon', 0.7, 0.15],
    ['white, mud', MUD, WHITE, 'crankbait', 0.21, 0.99],
    ['black, mud', MUD, BLACK, 'crankbait', 0.48, 0.99],
    ['silver bait, mud', MUD, SILVER_BAIT, 'crankbait', 0.2, 1],
  ] as [string, Place, Colours, Family, number, number][])('%s', (_, place, colours, family, expectedC, expectedN) => {
    const found = look(place, colours, family)
    expect(Math.abs(found.conspicuousness - expectedC)).toBeLessThanOrEqual(0.02)
    expect(Math.abs(found.naturalness - expectedN)).toBeLessThanOrEqual(0.02)
  })
  it('starlight: as by day', () => {
    for (const [colours, expectedC, expectedN] of [
      [WHITE, 0.45, 0.88],
      [BLACK, 0.49, 0.82],
      [CHARTREUSE, 0.41, 0.95],
      [PUMPKIN, 0.46, 0.86],
    ] as const) {
      const found = look(STARLIT, colours)
      expect(Math.abs(found.conspicuousness - expectedC)).toBeLessThanOrEqual(0.02)
      expect(Math.abs(found.naturalness - expectedN)).toBeLessThanOrEqual(0.02)
    }
    const order = [BLACK, PUMPKIN, WHITE, CHARTREUSE].map(c => C(STARLIT, c))
    expect([Math.max(...order), Math.min(...order)]).toEqual([order[0], order[3]])
  })
  it.each([
    ['clear', CLEAR, 2.6, 3.3],
    ['green', GREEN, 0.62, 0.63],
    ['brown', BROWN, 0.57, 0.79],
    ['mud', MUD, 0.12, 0.1],
  ] as const)('how far black and white are seen, %s', (_, place, black, white) => {
    const { scene, eye } = judge(place)
    const reach = (colours: Colours) =>
      reachOfSight(lureSurface({ colours, family: 'crankbait', actionStyle: 'wobble' }), scene, eye)!
    expect(reach(BLACK) / black).toBeCloseTo(1, 1)
    expect(reach(WHITE) / white).toBeCloseTo(1, 1)
  })
  it('a full moon lights as a sun does: light ones stand out before dark ones (handbook of models, part L: 0.52 against 0.46)', () => {
    const moonlit = { ...STARLIT, moonFraction: 1 }
    expect(Math.abs(C(moonlit, WHITE) - 0.52)).toBeLessThanOrEqual(0.05)
    expect(Math.abs(C(moonlit, BLACK) - 0.46)).toBeLessThanOrEqual(0.05)
    expect(C(moonlit, WHITE)).toBeGreaterThan(C(moonlit, BLACK))
  })
  it.each([
    ['white', WHITE, 0.71],
    ['chartreuse', CHARTREUSE, 0.54],
    ['silver bait', SILVER_BAIT, 0.29],
  ] as const)('how far %s is seen by starlight', (_, colours, metres) => {
    const { scene, eye } = judge(STARLIT)
    expect(
      reachOfSight(lureSurface({ colours, family: 'crankbait', actionStyle: 'wobble' }), scene, eye)! / metres,
    ).toBeCloseTo(1, 1)
  })
  it('swatches in clear water of 6 m, 2 m down: white, red and the water', () => {
    const near = (hex: string, expected: string) =>
      Math.max(
        ...[1, 3, 5].map(i =>
          Math.abs(Number.parseInt(hex.slice(i, i + 2), 16) - Number.parseInt(expected.slice(i, i + 2), 16)),
        ),
      )
    const { scene } = judge(CLEAR)
    const seen = (colours: Colours) =>
      previewOf(lureSurface({ colours, family: 'crankbait', actionStyle: 'wobble' }), scene)
    expect(near(seen(WHITE).zones.get('side')!.hex, '#cefdcc')).toBeLessThanOrEqual(6)
    expect(near(seen(RED).zones.get('side')!.hex, '#9b381a')).toBeLessThanOrEqual(6)
    expect(near(seen(WHITE).water.hex, '#71d299')).toBeLessThanOrEqual(6)
  })
})

describe('the trade’s colour rules that the physics carries (handbook, part L §7; those it does not are habits of the ask)', () => {
  const SHALLOW_BROWN: Place = { visibilityM: 0.6, stain: 'brown', depthM: 0.6 }
  it('dirty brown: gold, chartreuse and black beat silver bait', () => {
    for (const [colours, family] of [
      [GOLD, 'casting-spoon'],
      [CHARTREUSE, 'crankbait'],
      [BLACK, 'crankbait'],
    ] as const)
      expect(C(SHALLOW_BROWN, colours, family)).toBeGreaterThan(C(SHALLOW_BROWN, SILVER_BAIT))
  })
  it('mud: only black stands out', () => {
    for (const colours of [WHITE, CHARTREUSE, SILVER_BAIT]) expect(C(MUD, BLACK)).toBeGreaterThan(C(MUD, colours) + 0.2)
  })
  it('gold over nickel in every water by day', () => {
    for (const place of [CLEAR, GREEN, BROWN])
      expect(C(place, GOLD, 'casting-spoon')).toBeGreaterThanOrEqual(C(place, NICKEL, 'casting-spoon') - 0.005)
  })
  it('clear: silver and translucent are near natural, for every fish', () => {
    for (const species of [
      'largemouth-bass',
      'zander',
      'brown-trout',
      'northern-pike',
      'sea-bass',
      'red-drum',
      'flounder',
    ] as const) {
      expect(look({ ...CLEAR, species }, SILVER_BAIT).naturalness).toBeGreaterThan(0.85)
      expect(
        look({ ...CLEAR, species }, { back: '#8a9890', side: '#b8c4c0', belly: '#d0d8d4', finish: 'translucent' })
          .naturalness,
      ).toBeGreaterThan(0.95)
    }
  })
  it('cloud: paint holds, metal drops a little', () => {
    const share = (colours: Colours, family?: Family) =>
      C({ ...CLEAR, sky: 'overcast' }, colours, family) / C(CLEAR, colours, family)
    for (const colours of [WHITE, BLACK, CHARTREUSE]) expect(share(colours)).toBeCloseTo(1, 1)
    expect(share(GOLD, 'casting-spoon')).toBeLessThan(0.98)
  })
  it('red darkens with depth in clear water and keeps in brown (red against white, to the long cone)', () => {
    const ratio = (place: Place) => {
      const { scene, eye } = judge(place)
      const flank = (colours: Colours) =>
        lureSurface({ colours, family: 'crankbait', actionStyle: 'wobble' }).zones[1]!.reflectance.map(
          (r, i) => r * scene.onFacet.side[i]!,
        )
      return caughtBy(eye, flank(RED)).cones[1]! / caughtBy(eye, flank(WHITE)).cones[1]!
    }
    expect(ratio({ ...CLEAR, depthM: 10 })).toBeLessThan(0.6 * ratio({ ...CLEAR, depthM: 0.5 }))
    expect(ratio({ ...BROWN, depthM: 2 })).toBeGreaterThan(ratio({ ...BROWN, depthM: 0.3 }))
  })
  it('from straight below every opaque colour is a silhouette', () => {
    const below = (colours: Colours) => {
      const { lines } = judge(CLEAR)
      return lines.views.find(v => v.view === 'below') && C({ ...CLEAR, zone: 'top' }, colours)
    }
    expect(Math.abs(below(WHITE)! - below(BLACK)!)).toBeLessThan(0.2)
  })
  it('fluorescence pays in clear water, not in mud', () => {
    const orange = { side: '#dc5a10' }
    const gain = (place: Place) => C(place, { ...orange, fluorescent: true }) - C(place, orange)
    expect(gain({ ...CLEAR, depthM: 6 })).toBeGreaterThan(0.05)
    expect(gain(MUD)).toBeLessThan(0.03)
  })
  it('on a bed, in mud, white is seen on dark ground better than from the side', () =>
    expect(C({ ...MUD, zone: 'bottom' }, WHITE)).toBeGreaterThan(C(MUD, WHITE)))
})

describe('eyes', () => {
  const eye = eyeOf('blackBass')
  const catches = (cones: [number, number], rod: number): Caught => ({ cones, rod })
  const anyCatch = fc
    .record({
      a: fc.double({ min: 0.1, max: 1e6, noNaN: true }),
      b: fc.double({ min: 0.1, max: 1e6, noNaN: true }),
      rod: fc.double({ min: 0.1, max: 1e7, noNaN: true }),
    })
    .map(({ a, b, rod }) => catches([a, b], rod))
  it('no difference between equal catches, and it is the same both ways (Vorobyev & Osorio 1998)', () => {
    fc.assert(
      fc.property(anyCatch, anyCatch, (x, y) => {
        expect(total(difference(eye, x, x))).toBe(0)
        expect(total(difference(eye, x, y))).toBeCloseTo(total(difference(eye, y, x)), 6)
      }),
    )
  })
  it('grows with the distance in cone space, and goes to nothing in the dark', () => {
    const apart = (factor: number, level = 1e5) =>
      difference(eye, catches([level * factor, level], 0), catches([level, level], 0)).hue
    expect(apart(1.2)).toBeGreaterThan(apart(1.1))
    expect(apart(1.1, 1e-3)).toBeLessThan(0.01)
  })
  it('two cones: hue is the difference of the two logs over the joint noise (their eq. for dichromats)', () => {
    const [q, f] = [1e9, 0.3]
    const noise = [0.05 * Math.sqrt(2), 0.05]
    expect(difference(eye, catches([q * Math.exp(f), q], 0), catches([q, q], 0)).hue).toBeCloseTo(
      f / Math.hypot(noise[0]!, noise[1]!),
      2,
    )
  })
  it('freshwater pigments are broader than those of the sea, and peak where they say', () => {
    const half = (kind: 'A1' | 'A2') => WAVELENGTHS.filter(l => pigmentAbsorbance(540, l, kind) > 0.5).length
    expect(half('A2')).toBeGreaterThanOrEqual(half('A1'))
    for (const peak of [533, 565, 614]) {
      const best = Array.from({ length: 300 }, (_, i) => 450 + i).reduce((a, l) =>
        pigmentAbsorbance(peak, l, 'A2') > pigmentAbsorbance(peak, a, 'A2') ? l : a,
      )
      expect(Math.abs(best - peak)).toBeLessThanOrEqual(3)
      expect(pigmentAbsorbance(peak, peak, 'A2')).toBeCloseTo(1, 1)
    }
  })
  it('every fish can be asked', () => {
    for (const species of Object.keys(SPECIES_EYES) as SpeciesId[]) {
      const { conspicuousness, naturalness } = look({ ...GREEN, species }, CHARTREUSE)
      for (const share of [conspicuousness, naturalness]) expect(share).toBe(Math.min(1, Math.max(0, share)))
    }
  })
})

describe('light and paint', () => {
  it('D65 white is sRGB white (±1 of 255), and paints come back under D65', () => {
    expect(linearRgbOf(daylightSpectrum(6504)).map(c => Math.round(255 * c))).toEqual([255, 255, 255])
    const near = (a: string, b: string) =>
      Math.max(
        ...[1, 3, 5].map(i =>
          Math.abs(Number.parseInt(a.slice(i, i + 2), 16) - Number.parseInt(b.slice(i, i + 2), 16)),
        ),
      )
    for (const hex of ['#808080', '#b3ad86', '#6a7440', '#c08a40'])
      expect(near(paintUnderD65(hex), hex)).toBeLessThanOrEqual(8)
  })
  it('lux falls with the sun and with cloud; the moon counts by night only', () => {
    const lux = (sunAltitudeDeg: number, sky: Sky = 'sun', moonFraction = 0) =>
      surfaceLux({ sky, sunAltitudeDeg, moonFraction })
    expect(lux(60)).toBeCloseTo(106_000, -3) // daylight tables
    expect(lux(0)).toBeCloseTo(750, 0)
    expect(lux(45, 'overcast') / lux(45)).toBeCloseTo(0.25, 6) // Kasten & Czeplak 1980
    expect(lux(45, 'night', 1)).toBeCloseTo(0.2006, 3)
    expect(lux(45, 'sun', 1)).toBe(lux(45, 'sun', 0))
  })
  it('deeper is darker, and brown water darkest', () => {
    const lux = (stain: Stain, depthM: number) =>
      lightScene({ visibilityM: 1, stain, depthM, sky: 'sun', sunAltitudeDeg: 45, moonFraction: 0 }).lux
    for (const stain of ['green', 'brown', 'mud'] as const) expect(lux(stain, 2)).toBeLessThan(lux(stain, 1))
    expect(lux('brown', 1)).toBeLessThan(lux('mud', 1))
  })
  it('where the fish look from', () =>
    expect([zoneOfFish(1, 6), zoneOfFish(3, 6), zoneOfFish(5.5, 6)]).toEqual(['top', 'mid', 'bottom']))
})
