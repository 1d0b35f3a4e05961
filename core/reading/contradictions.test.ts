import { describe, expect, it } from 'vitest'
import { SPECIES } from '#core/terms'
import { contradictionsOf } from './contradictions'
import type { Reading } from './reading'
import { startFrom, USUAL_WATERS } from './usual-waters'

const NOON = '2026-05-10T12:00:00+02:00'
const MIDNIGHT = '2026-05-10T00:30:00+02:00'
const sound: Reading = { species: 'perch', temperatureC: 12, at: NOON, latitude: 52, longitude: 10, water: 'lake' }
const codes = (part: Partial<Reading>) => contradictionsOf({ ...sound, ...part }).map(c => c.code)

describe('contradictions of a reading', () => {
  it('a sound reading has none, nor one without a time', () => {
    expect(codes({})).toEqual([])
    expect(codes({ at: null, sky: 'night' })).toEqual([])
  })
  it.each([
    ['sun-by-night', { at: MIDNIGHT, sky: 'sun' }],
    ['night-by-day', { sky: 'night' }],
    ['tide-inland', { tide: 'rising' }],
    ['fish-not-here', { species: 'mackerel' }],
    ['fish-not-here', { species: 'largemouth-bass', water: 'surf' }],
    ['inland-cover-at-sea', { species: 'sea-bass', water: 'sea', cover: ['pads', 'rock'] }],
    ['kelp-inland', { cover: ['kelp'] }],
    ['stream-in-still-water', { currentMs: 0.8 }],
  ] as const)('%s is found, and its mend puts it right', (code, part) => {
    const given = { ...sound, ...part, ...('cover' in part ? { cover: [...part.cover] } : {}) } as Reading
    const found = contradictionsOf(given)
    expect(found.map(c => c.code)).toContain(code)
    const mended = found.reduce((reading, { mend }) => ({ ...reading, ...mend }), given)
    expect(contradictionsOf(mended)).toEqual([])
  })
  it('cloud by night and a snook up a river are no contradictions', () => {
    for (const sky of ['broken', 'overcast', 'rain'] as const) expect(codes({ at: MIDNIGHT, sky }), sky).toEqual([])
    expect(codes({ species: 'snook', water: 'river', at: null })).toEqual([])
  })
  it('every fish lives somewhere: its mend is its own water', () => {
    for (const species of SPECIES) {
      const [first] = contradictionsOf({ ...sound, species }).filter(c => c.code === 'fish-not-here')
      if (first) expect(codes({ species, ...first.mend }), species).not.toContain('fish-not-here')
    }
  })
})

describe('waters to start from', () => {
  it.each(USUAL_WATERS.map(w => [w.id, w] as const))('%s holds together in both halves of the world', (_, water) => {
    for (const latitude of [52, -37]) {
      const started = startFrom(water, { at: NOON, latitude })
      expect(contradictionsOf({ ...sound, latitude, ...started })).toEqual([])
    }
  })
  it('winter is in January in the north and in July in the south', () => {
    const winter = USUAL_WATERS.find(w => w.id === 'winter-noon')!
    expect(startFrom(winter, { at: NOON, latitude: 52 }).at).toBe('2026-01-15T12:00:00+02:00')
    expect(startFrom(winter, { at: NOON, latitude: -37 }).at).toBe('2026-07-15T12:00:00+02:00')
  })
})
