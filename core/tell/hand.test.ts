import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { boxOf, parseFile } from '#core/files'
import type { Reading } from '#core/reading'
import { inWords } from '#speech'
import { match } from './answer'

const file = parseFile(
  JSON.parse(readFileSync(join(import.meta.dirname, '../../tests/corpus/boxes/salt.json'), 'utf8')),
)
if (!file.ok) throw new Error(inWords(file.issues[0]!.message))
const salt = boxOf(file.value)
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
const handIn = (reading: Reading) => inWords(match(salt, reading, { top: salt.lures.length })).hand

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
      outfitId: 'o-shore',
    })
  })
})
