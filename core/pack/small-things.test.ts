import { describe, expect, it } from 'vitest'
import type { Box } from '#core/tackle'
import { match, type SetupOut } from '#core/tell'
import { smallThings } from './small-things'
import demo from '../../demo/box.json'

const box = demo as unknown as Box
const pike = match(
  box,
  { species: 'northern-pike', temperatureC: 12, visibilityM: 1.2, bottomM: 4, fishFromM: 1, fishToM: 3 },
  { top: 8, useLog: false },
).setups

describe('what goes along beside the lures', () => {
  it('toothy fish: bite-proof leaders, one for each rod in use and three spare', () => {
    const wire = smallThings(pike, box).find(t => t.leader?.material === 'wire')!
    const rods = new Set(pike.filter(s => s.leader?.material === 'wire').map(s => s.outfitId)).size
    expect(wire.pieces).toBe(Math.max(1, rods) + 3)
    expect(wire.lureIds.length).toBeGreaterThan(0)
  })
  it('every snap and swivel that a set-up is tied with is there, as strong as the strongest line on it', () => {
    const small = smallThings(pike, box)
    for (const kind of ['snap', 'swivel'] as const) {
      const users = pike.filter(s => s.connection === kind)
      const thing = small.find(t => t.kind === kind)
      expect(Boolean(thing)).toBe(users.length > 0)
      if (!thing) continue
      expect([...thing.lureIds].sort()).toEqual([...new Set(users.map(s => s.lureId))].sort())
      const tests = users.flatMap(s => box.outfits.find(o => o.id === s.outfitId)?.line.testKg ?? [])
      expect(thing.holdsKg).toBe(Math.max(...tests))
    }
  })
  it('names the angler’s own part where it is strong enough, and none where it is not', () => {
    const setup = { ...pike[0]!, connection: 'snap', leader: null, outfitId: 'o' } as SetupOut
    const with_ = (strengthKg: number, quantity = 5) =>
      smallThings([setup], {
        lures: box.lures,
        outfits: [
          { id: 'o', name: 'o', rod: { kind: 'casting' }, line: { material: 'braid', testKg: 15 } },
        ] as unknown as Box['outfits'],
        parts: [{ id: 'p', name: 'p', kind: 'snap', strengthKg, quantity }],
      }).find(t => t.kind === 'snap')!
    expect(with_(20)).toMatchObject({ partId: 'p', holdsKg: 15, pieces: 3, spares: 2 })
    expect(with_(10).partId).toBeNull()
    expect(with_(20, 0).partId).toBeNull()
  })
  it('trebles go along as spares only, hooks of soft baits with those in use', () => {
    const treble = {
      ...pike[0]!,
      leader: null,
      connection: 'direct',
      hook: { kind: 'treble', size: '4', count: 2, advice: '' },
    } as SetupOut
    expect(smallThings([treble], box)).toMatchObject([{ kind: 'hook', pieces: 2, spares: 2 }])
    const soft = {
      ...treble,
      lureId: box.lures.find(l => l.family === 'stick-worm')!.id,
      headG: null,
      hook: { kind: 'weedless', size: '4/0', count: 1, advice: '' },
    } as SetupOut
    expect(smallThings([soft], box)).toMatchObject([{ kind: 'hook', pieces: 4, spares: 3 }])
  })
  it('nothing for no set-ups', () => expect(smallThings([], box)).toEqual([]))
})
