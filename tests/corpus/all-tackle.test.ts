import { describe, expect, it } from 'vitest'
import { askOf } from '#core/ask'
import { HOLDS, SPECIES_TABLE } from '#core/knowledge'
import { type PreparedBox, prepareBox, rank } from '#core/match'
import type { Reading } from '#core/reading'
import type { Box } from '#core/tackle'
import { ROD_POWERS } from '#core/terms'
import { loadBoxes } from './corpus'

/**
 * All the tackle of the three boxes in one, as of an angler who fishes ponds, rivers and the sea: what belongs to one water must not be told in another.
 * Common practice, no source.
 */
const own = (box: Box, name: string): Box => {
  const of = (id: string) => `${name}-${id}`
  return {
    lures: box.lures.map(l => ({ ...l, id: of(l.id), parentId: l.parentId ? of(l.parentId) : null, ...(l.madeOf ? { madeOf: l.madeOf.map(of) } : {}) })),
    parts: box.parts.map(p => ({ ...p, id: of(p.id) })),
    outfits: box.outfits.map(o => ({ ...o, id: of(o.id) })),
    tests: box.tests.map(t => ({ ...t, id: of(t.id), lureId: of(t.lureId) })),
    trips: [],
  }
}
const boxes = [...loadBoxes()].map(([name, box]) => own(box, name))
const all: PreparedBox = prepareBox({
  lures: boxes.flatMap(b => b.lures),
  parts: boxes.flatMap(b => b.parts),
  outfits: boxes.flatMap(b => b.outfits),
  tests: boxes.flatMap(b => b.tests),
  trips: [],
})
const first = (reading: Reading, most: number) => rank(all, askOf(reading)).candidates.slice(0, most)

const SNOOK: Reading = { species: 'snook', at: '2026-06-15T22:30:00+01:00', temperatureC: 28, visibilityM: 1.5, water: 'estuary', currentMs: 0.6, tide: 'falling', bottomM: 4, cover: ['pier'], sky: 'night', from: 'bank', forage: [{ kind: 'shrimp', lengthMm: 60 }] }
const COBIA: Reading = { species: 'cobia', temperatureC: 23, visibilityM: 5, water: 'sea', bottomM: 12, fishFromM: 0, fishToM: 4, cover: ['open'], sky: 'sun', signs: ['followers-seen'], forage: [{ kind: 'crab', lengthMm: 60 }] }
const TARPON: Reading = { species: 'tarpon', temperatureC: 27, visibilityM: 2, water: 'sea', currentMs: 0.7, bottomM: 5, fishFromM: 0.5, fishToM: 4, cover: ['open'], forage: [{ kind: 'crab', lengthMm: 60 }] }
const MUSKELLUNGE: Reading = { species: 'muskellunge', at: '2026-10-20T17:00:00+01:00', temperatureC: 11, trend: 'cooling', visibilityM: 2, water: 'lake', bottomM: 5, cover: ['rock'], fishFromM: 1.5, fishToM: 4 }
const AMBERJACK: Reading = { species: 'amberjack', temperatureC: 24, visibilityM: 15, water: 'sea', bottomM: 60, fishFromM: 35, fishToM: 60, cover: ['boulders'], currentMs: 0.6, mood: 'aggressive' }
const DRUM: Reading = { species: 'red-drum', temperatureC: 27, visibilityM: 0.8, water: 'estuary', bottomM: 0.6, cover: ['grass'], tide: 'high', from: 'wading', sky: 'sun', forage: [{ kind: 'crab', lengthMm: 40 }] }

describe('what is told first hangs on a rod and a line that hold the fish', () => {
  it.each([SNOOK, COBIA, TARPON, MUSKELLUNGE, AMBERJACK, DRUM].map(r => [r.species, r] as const))('%s', (species, reading) => {
    const { power, testKg } = HOLDS[SPECIES_TABLE[species].strength]
    for (const { outfit, profile } of first(reading, 3)) {
      const { rod, line } = outfit!.outfit
      expect(line.testKg, profile.lure.name).toBeGreaterThanOrEqual(testKg)
      if (rod.kind !== 'jigging') expect(ROD_POWERS.indexOf(rod.power!), profile.lure.name).toBeGreaterThanOrEqual(ROD_POWERS.indexOf(power))
    }
  })
})

describe('metal under the boat weighs by the depth of the fish and the stream', () => {
  it.each([
    ['spotted bass at ten metres', { species: 'spotted-bass', at: '2026-08-10T12:00:00+01:00', temperatureC: 28, visibilityM: 4, sky: 'sun', water: 'reservoir', bottomM: 20, fishFromM: 8, fishToM: 12, grouping: 'schooled', signs: ['fish-on-sonar'], forage: [{ kind: 'shad-small', lengthMm: 60 }] }, 60],
    ['sea bass over a reef', { species: 'sea-bass', temperatureC: 17, visibilityM: 5, water: 'sea', currentMs: 0.7, bottomM: 18, fishFromM: 14, fishToM: 18, cover: ['rock'], forage: [{ kind: 'sand-eel', lengthMm: 140 }], signs: ['fish-on-sonar'] }, 200],
    ['striped bass in a rip', { species: 'striped-bass', temperatureC: 14, visibilityM: 3, water: 'sea', currentMs: 1.1, bottomM: 9, fishFromM: 6, fishToM: 9, cover: ['current-seam'], forage: [{ kind: 'squid', lengthMm: 150 }] }, 150],
    ['mackerel over deep water', { species: 'mackerel', temperatureC: 16, visibilityM: 6, water: 'sea', bottomM: 25, fishFromM: 12, fishToM: 20, signs: ['fish-on-sonar'], forage: [{ kind: 'whitebait', lengthMm: 50 }] }, 60],
  ] as const)('%s', (_, reading, mostG) => {
    const [best, ...others] = first(reading as unknown as Reading, 3)
    for (const { totalG, profile } of [best!, ...others]) expect(totalG, profile.lure.name).toBeLessThanOrEqual(mostG)
  })
  it('over a deep wreck in a stream it is heavy', () => {
    expect(first(AMBERJACK, 1)[0]!.totalG).toBeGreaterThanOrEqual(180)
  })
})

describe('what belongs to one water is not told in another', () => {
  it('from a rocky shore of the sea nothing light and unweighted comes first for pollack', () => {
    const dusk: Reading = { species: 'pollack', at: '2026-06-20T21:30:00+01:00', temperatureC: 13, visibilityM: 6, water: 'sea', bottomM: 8, fishFromM: 2, fishToM: 6, cover: ['kelp', 'rock'], from: 'bank', forage: [{ kind: 'sand-eel', lengthMm: 120 }] }
    for (const { totalG, profile } of first(dusk, 3)) expect(totalG, profile.lure.name).toBeGreaterThanOrEqual(7)
  })
  it('cobia beside a ray are not raced with metal', () => {
    const ray: Reading = { species: 'cobia', at: '2026-04-25T13:00:00+01:00', temperatureC: 22, visibilityM: 4, water: 'sea', bottomM: 6, fishFromM: 1, fishToM: 3, cover: ['open'], sky: 'sun', from: 'boat', mood: 'aggressive', forage: [{ kind: 'squid', lengthMm: 120 }] }
    expect(first(ray, 1)[0]!.tactic.id).not.toBe('metal-fast')
  })
  it('the spinner for fast water is behind a round blade in a cold pond, and ahead of it in a fast stream', () => {
    const blades = (reading: Reading) => {
      const spinners = first(reading, 40).filter(c => c.profile.lure.family === 'inline-spinner')
      return spinners[0]!.profile.lure.name
    }
    expect(blades({ species: 'rainbow-trout', at: '2026-03-02T10:00:00+01:00', temperatureC: 6, visibilityM: 1.5, water: 'pond', bottomM: 3, from: 'bank', pressure: 'high' })).not.toMatch(/willow/)
    expect(blades({ species: 'brown-trout', at: '2026-06-20T08:00:00+01:00', temperatureC: 14, visibilityM: 3, water: 'river', currentMs: 0.8, bottomM: 1.2, from: 'wading', cover: ['boulders'] })).toMatch(/willow/)
  })
})

describe('what a tactic is poor at', () => {
  const places = (reading: Reading, most: number) => first(reading, most).map(c => ({ name: c.profile.lure.name, tactic: c.tactic.id, way: c.way, headG: c.added.grams, totalG: c.totalG }))

  it('cold pike: no blades that are made to be burned among the first fifteen', () => {
    const bay: Reading = { species: 'northern-pike', at: '2026-02-20T11:00:00+01:00', temperatureC: 5, visibilityM: 1.5, water: 'lake', bottomM: 3, fishFromM: 1, fishToM: 2.8, cover: ['reeds'], mood: 'lethargic', from: 'boat', forage: [{ kind: 'bleak', lengthMm: 120 }] }
    expect(places(bay, 15).map(p => p.name)).not.toContainEqual(expect.stringMatching(/small willows/))
  })
  it('balls of bait in clear open cooling water: the umbrella rig among the first three, nothing hung where the school has gone by', () => {
    const open: Reading = { species: 'spotted-bass', at: '2026-12-05T11:00:00+01:00', temperatureC: 11, visibilityM: 5, water: 'reservoir', bottomM: 14, fishFromM: 3, fishToM: 6, cover: ['open'], grouping: 'schooled', signs: ['bait-showing'], from: 'boat', forage: [{ kind: 'shad-small', lengthMm: 80 }] }
    const tactics = places(open, 3).map(p => p.tactic)
    expect(tactics).toContain('umbrella')
    expect(tactics).not.toContain('plug-hung')
  })
  it('a hot noon in the grass, fish that are not eager: three of the first five are fished on the bottom', () => {
    const noon: Reading = { species: 'largemouth-bass', at: '2026-07-20T13:00:00-05:00', latitude: 33, longitude: -90, temperatureC: 28, visibilityM: 2, water: 'lake', bottomM: 3, fishFromM: 1.8, fishToM: 3, cover: ['grass'], sky: 'sun', windMs: 1, from: 'boat', forage: [{ kind: 'sunfish', lengthMm: 70 }] }
    expect(places(noon, 5).filter(p => p.way === 'bottom').length).toBeGreaterThanOrEqual(3)
  })
  it('walleye on sand at eight metres: slender bodies on heads that get down, not drop shots', () => {
    const sand: Reading = { species: 'walleye', at: '2026-06-12T11:00:00-05:00', temperatureC: 15, visibilityM: 2.5, water: 'lake', bottomM: 8, fishFromM: 7, fishToM: 8, cover: ['sand', 'gravel'], from: 'boat', forage: [{ kind: 'minnow', lengthMm: 70 }] }
    for (const { tactic, headG, name } of places(sand, 5)) {
      expect(tactic, name).toBe('head-hopped')
      expect(headG, name).toBeGreaterThanOrEqual(7)
    }
  })
  it('a shallow surf: metal of 30 to 40 g stands before metal that must be raced', () => {
    const surf: Reading = { species: 'sea-bass', at: '2026-09-20T11:00:00+01:00', temperatureC: 16, visibilityM: 1.5, water: 'surf', bottomM: 2, fishFromM: 0.3, fishToM: 1.8, waveM: 0.8, windMs: 6, cover: ['sand'], mood: 'aggressive', from: 'bank', forage: [{ kind: 'sand-eel', lengthMm: 110 }] }
    const metal = first(surf, 60).filter(c => c.profile.lure.family === 'casting-metal')
    expect(metal[0]!.totalG).toBeLessThanOrEqual(45)
  })
  it('trout of the sea over a shallow flat at first light: the surface, and plugs of 30 g behind every walker and popper of 7 to 25 g', () => {
    const flat: Reading = { species: 'spotted-seatrout', at: '2026-06-02T06:30:00-05:00', latitude: 29, longitude: -95, temperatureC: 26, visibilityM: 1.2, water: 'estuary', salinityPsu: 25, bottomM: 1.3, fishFromM: 0, fishToM: 1.2, cover: ['grass'], sky: 'overcast', windMs: 1, mood: 'aggressive', from: 'wading', forage: [{ kind: 'mullet', lengthMm: 90 }] }
    const surface = first(flat, 30).filter(c => c.tactic.id === 'surface-walked' || c.tactic.id === 'surface-popped').map(c => c.totalG)
    const usual = surface.filter(g => g >= 7 && g <= 25)
    expect(usual.length).toBeGreaterThanOrEqual(5)
    expect(surface.filter(g => g >= 7).slice(0, usual.length)).toEqual(usual)
  })
  it('smallmouth up in calm clear water: what is burned has small willow blades', () => {
    const calm: Reading = { species: 'smallmouth-bass', at: '2026-06-28T19:30:00-05:00', latitude: 45, longitude: -93, temperatureC: 21, visibilityM: 4, water: 'lake', bottomM: 3, fishFromM: 0.2, fishToM: 2, cover: ['rock'], sky: 'broken', windMs: 1, mood: 'aggressive', from: 'boat', forage: [{ kind: 'minnow', lengthMm: 80 }] }
    const burned = first(calm, 15).filter(c => c.tactic.id === 'blades-burned')
    expect(burned.length).toBeGreaterThan(0)
    for (const { profile: { lure } } of burned)
      for (const blade of lure.blades ?? []) {
        expect(blade.shape, lure.name).toBe('willow')
        expect(blade.size, lure.name).toBeLessThan(5)
      }
  })
  it('pike among pads: no big plug with open trebles among the first ten', () => {
    const pads: Reading = { species: 'northern-pike', at: '2026-07-05T09:00:00+02:00', latitude: 56, longitude: 14, temperatureC: 20, visibilityM: 1.8, water: 'lake', bottomM: 1.5, fishFromM: 0.2, fishToM: 1.3, cover: ['pads'], sky: 'broken', windMs: 2, from: 'kayak', forage: [{ kind: 'frog', lengthMm: 60 }] }
    expect(places(pads, 10).map(p => p.tactic)).not.toContain('big-bait')
  })
  it('rolling surf from the beach: no light plug among the first ten, a loaded needle among the first five, no blade under a head', () => {
    const storm: Reading = { species: 'sea-bass', at: '2026-10-20T10:00:00+01:00', temperatureC: 14, visibilityM: 0.7, stain: 'brown', water: 'surf', waveM: 1.5, bottomM: 1.8, fishFromM: 0.4, fishToM: 1.8, cover: ['sand', 'rock'], windMs: 8, from: 'bank', forage: [{ kind: 'sand-eel', lengthMm: 120 }] }
    const ten = first(storm, 10)
    for (const { profile: { lure }, totalG, technique } of ten) {
      expect(totalG, lure.name).toBeGreaterThan(15)
      expect(technique.rig, lure.name).not.toBe('underspin')
    }
    expect(ten.slice(0, 5).map(c => c.tactic.id)).toContain('needle-held')
  })
  it('heads in the surf are heavier by the height of the waves, from a boat they are not', () => {
    const surf = (waveM: number, from: 'bank' | 'boat'): Reading => ({ species: 'red-drum', temperatureC: 20, visibilityM: 1, water: 'surf', waveM, bottomM: 2, fishFromM: 1.2, fishToM: 2, cover: ['sand'], from, forage: [{ kind: 'mullet', lengthMm: 120 }] })
    const headG = (reading: Reading) => rank({ ...all, lures: all.lures.filter(p => p.lure.id === 'salt-pt-100-pearl') }, askOf(reading)).candidates[0]!.added.grams
    expect(headG(surf(1, 'bank'))).toBeGreaterThanOrEqual(1.8 * headG(surf(0, 'bank')))
    expect(headG(surf(1, 'boat'))).toBe(headG(surf(0, 'boat')))
  })
  it('a school of bass on a ledge at six metres: no metal that is made for deep water among the first ten', () => {
    const ledge: Reading = { species: 'largemouth-bass', at: '2026-07-15T12:00:00-05:00', temperatureC: 29, visibilityM: 1.5, water: 'reservoir', currentMs: 0.2, bottomM: 6, fishFromM: 4.5, fishToM: 6, cover: ['shell'], grouping: 'schooled', mood: 'aggressive', signs: ['fish-on-sonar'], from: 'boat', forage: [{ kind: 'shad-small', lengthMm: 80 }] }
    for (const { profile: { lure } } of first(ledge, 10)) expect(['slow-jig', 'speed-jig'], lure.name).not.toContain(lure.family)
  })
  it('trout in a low clear stream: spinners and small streamers before anything held over a sinker', () => {
    const stream: Reading = { species: 'brown-trout', at: '2026-07-15T10:00:00+02:00', temperatureC: 14, visibilityM: 4, water: 'river', currentMs: 0.4, bottomM: 0.8, fishFromM: 0.3, fishToM: 0.8, cover: ['rock', 'gravel'], sky: 'sun', pressure: 'high', from: 'wading', forage: [{ kind: 'minnow', lengthMm: 45 }] }
    expect(places(stream, 3).map(p => p.tactic)).not.toContain('drop-shot')
  })
  it('from an open shore of the sea nothing of five grams comes first', () => {
    const shore: Reading = { species: 'sea-trout', at: '2026-02-20T10:00:00+01:00', temperatureC: 4, visibilityM: 4, water: 'sea', bottomM: 2, fishFromM: 0.5, fishToM: 2, cover: ['rock', 'sand'], from: 'wading', forage: [{ kind: 'shrimp', lengthMm: 40 }] }
    expect(places(shore, 1)[0]!.totalG).toBeGreaterThan(5)
    expect(places(shore, 10).map(p => p.tactic)).not.toContain('drop-shot')
  })
  it('black drum by a pier: scent among the first two', () => {
    const pier: Reading = { species: 'black-drum', at: '2026-03-15T10:00:00-05:00', temperatureC: 17, visibilityM: 0.8, water: 'estuary', bottomM: 3, fishFromM: 2.7, fishToM: 3, cover: ['shell', 'pier'], from: 'boat', forage: [{ kind: 'crab', lengthMm: 50 }] }
    expect(first(pier, 2).some(c => c.profile.scented.value)).toBe(true)
  })
  it('bass on their beds among reeds: a soft stick among the first ten', () => {
    const beds: Reading = { species: 'largemouth-bass', at: '2026-04-20T11:00:00-05:00', temperatureC: 19, phase: 'spawn', visibilityM: 2, water: 'lake', bottomM: 1, fishFromM: 0.6, fishToM: 1, cover: ['sand', 'reeds'], sky: 'sun', windMs: 1, from: 'boat', forage: [{ kind: 'sunfish', lengthMm: 70 }] }
    expect(first(beds, 10).map(c => c.profile.lure.family)).toContain('stick-worm')
  })
})
