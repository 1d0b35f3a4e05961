import { describe, expect, it } from 'vitest'
import type { Reading } from '#core/reading'
import type { Box } from '#core/tackle'
import { inWords } from '#speech'
import { loadBoxes } from '../../tests/corpus/corpus'
import { match } from './answer'

const boxes = loadBoxes()
const salt = boxes.get('salt')!
const lake = boxes.get('lake')!
const kingfish: Reading = {
  species: 'amberjack',
  temperatureC: 18,
  water: 'sea',
  bottomM: 45,
  fishFromM: 36,
  fishToM: 44,
  mood: 'lethargic',
  signs: ['fish-on-sonar'],
}
const handIn = (reading: Reading, box = salt) => inWords(match(box, reading, { top: 1 })).hand
/** A calm warm evening over weed and stone: fish at the top that hunt. */
const evening: Reading = {
  species: 'smallmouth-bass',
  temperatureC: 23,
  visibilityM: 3.5,
  windMs: 1,
  bottomM: 2.8,
  fishFromM: 0.3,
  fishToM: 2,
  mood: 'aggressive',
  cover: ['rock', 'grass'],
  signs: ['surface-feeding'],
}

describe('what to have tied on the rods at hand (handbook §12, §17; common practice, no source)', () => {
  it('slow fish at 40 m: a flat jig to clean up with, and no needle that is said to search', () => {
    const hand = handIn(kingfish)
    expect(hand.find(h => h.role === 'clean-up')?.lureId).toMatch(/^slj/)
    expect(hand.filter(h => h.role !== 'other').map(h => h.lureId)).not.toContain('pn-75-bone')
    expect(new Set(hand.map(h => h.outfitId)).size).toBe(hand.length)
  })
  it('a night of rolling surf: the needle on the long rod searches and comes first, a head along the bottom on the other for where one was found', () => {
    const hand = handIn({
      species: 'striped-bass',
      temperatureC: 14,
      water: 'surf',
      visibilityM: 1.2,
      sky: 'night',
      windMs: 10,
      waveM: 1.8,
      currentMs: 0.5,
      bottomM: 3.5,
      fishFromM: 1.5,
      fishToM: 3.4,
      cover: ['sand'],
      forage: [{ kind: 'mullet', lengthMm: 150 }],
      from: 'bank',
    })
    expect(hand[0]).toMatchObject({ role: 'search', lureId: expect.stringMatching(/^pn/) })
    expect(hand.find(h => h.role === 'clean-up')).toMatchObject({
      lureId: expect.stringMatching(/^(bk|pt)/),
      outfitId: expect.stringMatching(/^o-(shore|heavy)$/),
    })
  })
  it('fish that hunt at the top: a surface bait searches, and for those that only follow a bait is there that stays', () => {
    const hand = handIn(evening, lake)
    const familyOf = (role: string) => lake.lures.find(l => l.id === hand.find(h => h.role === role)?.lureId)?.family
    expect(hand[0]!.role).toBe('search')
    expect(familyOf('search')).toBe('topwater')
    expect(['tube', 'stick-worm', 'worm', 'minnow-soft', 'skirted-jig', 'craw']).toContain(familyOf('clean-up'))
    const first = inWords(match(lake, evening, { top: 1 })).setups[0]!
    expect(hand[0]).toMatchObject({ lureId: first.lureId, outfitId: first.outfitId })
  })
  it('who has two rods gets both rigged, who has one the first of the order', () => {
    const only = (...ids: string[]): Box => ({ ...lake, outfits: lake.outfits.filter(({ id }) => ids.includes(id)) })
    expect(handIn(evening, only('o-spin', 'o-sb')).map(h => h.role)).toEqual(['search', 'clean-up'])
    expect(handIn(evening, only('o-spin'))).toHaveLength(1)
    expect(handIn(evening, only())).toEqual([])
  })
  it('a rod that is wrong for all that is left stays in the bag, and every rod shows another way', () => {
    const hand = handIn(evening, lake)
    expect(hand.map(h => h.outfitId)).not.toContain('o-troll')
    const ways = hand.filter(h => h.role === 'other').map(h => h.why)
    expect(new Set(ways).size).toBe(ways.length)
  })
})
