import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { EVENT_KINDS, type EventKind } from '#core/terms'
import { fishOf, isContact } from './fish-chain'

const taps = (...list: readonly (EventKind | readonly [EventKind, number])[]) =>
  list.map(tap => (typeof tap === 'string' ? { kind: tap, at: null } : { kind: tap[0], at: tap[1] }))
const kinds = (events: ReturnType<typeof taps>) => fishOf(events, e => e.at).map(f => f.kind)

describe('one fish is one chain', () => {
  it('follow, hit, hooked, landed are one fish, landed', () =>
    expect(kinds(taps('follow', 'hit', 'hooked', 'landed'))).toEqual(['landed']))
  it('the same again is another fish; so is a lower step', () => {
    expect(kinds(taps('follow', 'follow', 'follow'))).toEqual(['follow', 'follow', 'follow'])
    expect(kinds(taps('landed', 'follow', 'peck', 'landed'))).toEqual(['landed', 'landed'])
    expect(kinds(taps('lost', 'landed'))).toEqual(['lost', 'landed'])
  })
  it('a long time between makes two of them; a snag between as well', () => {
    expect(kinds(taps(['follow', 0], ['hit', 40]))).toEqual(['follow', 'hit'])
    expect(kinds(taps(['hit', 0], ['hooked', 0.1], ['landed', 6]))).toEqual(['landed'])
    expect(kinds(taps('hit', 'snagged', 'landed'))).toEqual(['hit', 'landed'])
  })
  it('what was told of any step is known of the fish', () => {
    const [fish] = fishOf(
      [
        { kind: 'hit', when: 'fall' },
        { kind: 'landed', hookedAt: 'lip' },
      ] as const,
      () => null,
    )
    expect(fish).toMatchObject({ kind: 'landed', when: 'fall', hookedAt: 'lip' })
  })
  it('every event of a fish is in one chain, none twice, none lost', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.constantFrom(...EVENT_KINDS), fc.integer({ min: 0, max: 60 }))), list => {
        const events = taps(...list)
        const fish = events.filter(e => e.kind !== 'snagged' && e.kind !== 'lure-lost')
        expect(fishOf(events, e => e.at).flatMap(f => f.events)).toEqual(fish)
      }),
    )
  })
  it('a follow is no contact, a peck is', () =>
    expect((['follow', 'peck', 'landed', 'snagged'] as const).map(kind => isContact({ kind }))).toEqual([
      false,
      true,
      true,
      false,
    ]))
})
