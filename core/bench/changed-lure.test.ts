import { describe, expect, it } from 'vitest'
import { type LureProfile, profileOf } from '#core/lure'
import { type BenchTest, type Lure, statedAnew } from '#core/tackle'
import { inWords } from '#speech'
import { type ChangedFigures, changedLure as saidChangedLure } from './changed-lure'
import { bladeChange, bladePlaces, type Change, cutTo, hookPlaces, hookSwap, loadTo } from './workshop'

const changedLure = (profile: LureProfile, changes: readonly Change[], figures: ChangedFigures, id: string) =>
  saidChangedLure(
    profile,
    changes.map(change => ({ ...change, text: inWords(change.text) })),
    figures,
    id,
  )

const crank: Lure = {
  id: 'c',
  name: 'Crank',
  family: 'crankbait',
  weightG: 12,
  labelWeightG: 12,
  lengthMm: 60,
  buoyancy: 'floats',
  quantity: 1,
  pinned: true,
  fishCount: 9,
  confidence: 5,
  box: 'A',
  slot: '3',
  hooks: [{ kind: 'treble', size: '6', count: 2 }],
  runsAt: { depthM: 2, lineDiameterMm: 0.3, castM: 30 },
  speed: { minMs: 0.4, bestMs: 0.8, maxMs: 1.3 },
}
const swim: BenchTest = { id: 's', lureId: 'c', kind: 'swim', at: '2026-05-01T10:00:00Z', values: [0.35, 0.8, 1.2] }
const after = (part: Partial<ChangedFigures> = {}): ChangedFigures => ({
  weightG: 12.4,
  lengthMm: 60,
  bulk: 3,
  driftMs: -0.02,
  runsTo: { depthM: 2.14 },
  ...part,
})
const swap = (index: number, size: string, from = '6') =>
  hookSwap({ kind: 'treble', size: from }, { kind: 'treble', size }, hookPlaces(2)[index]!, index)!

describe('a changed lure', () => {
  const { lure, original } = changedLure(profileOf(crank, [swim]), [swap(1, '4')], after(), 'n')
  it('has the hooks that hang on it now, place by place', () => {
    expect(lure.hooks).toEqual([
      { kind: 'treble', size: '6', count: 1 },
      { kind: 'treble', size: '4', count: 1 },
    ])
    const both = changedLure(profileOf(crank, []), [swap(0, '4'), swap(1, '4')], after(), 'n').lure.hooks
    expect(both).toEqual([{ kind: 'treble', size: '4', count: 2 }])
    const again = changedLure(profileOf(crank, []), [swap(1, '4'), swap(1, '2', '4')], after(), 'n').lure.hooks
    expect(again).toEqual([
      { kind: 'treble', size: '6', count: 1 },
      { kind: 'treble', size: '2', count: 1 },
    ])
  })
  it('hooks that nobody noted or changed stay assumed', () => {
    const plain = profileOf({ ...crank, hooks: null }, [])
    expect(profileOf(changedLure(plain, [loadTo(12.4, 12)!], after(), 'n').lure, []).hooks.known).toBe('typical')
  })
  it('tells what was worked out, and the judgement trusts it less than what was said', () => {
    expect(lure.workedOut).toEqual(expect.arrayContaining(['weightG', 'runsAt', 'buoyancy', 'speed']))
    const profile = profileOf(lure, [])
    expect([profile.weightG.known, profile.runsAt!.known, profile.buoyancy.known, profile.speed.known]).toEqual([
      'computed',
      'computed',
      'computed',
      'computed',
    ])
    expect(profile.weightG).toMatchObject({ value: 12.4 })
    expect(profile.runsAt!.value).toMatchObject({ depthM: 2.14, castM: 30 })
    expect(profile.weightG.trust).toBeLessThan(profileOf(crank, []).weightG.trust)
  })
  it('once typed or weighed anew it counts as seen', () => {
    const typed = statedAnew(lure, { ...lure, weightG: 12.6 })
    expect(typed.workedOut).not.toContain('weightG')
    expect(profileOf(typed, []).weightG).toMatchObject({ value: 12.6, known: 'stated' })
    expect(profileOf(typed, []).runsAt!.known).toBe('computed')
    expect(profileOf(lure, [{ id: 'w', lureId: 'n', kind: 'weigh', values: [12.7] }]).weightG).toMatchObject({
      value: 12.7,
      known: 'tested',
    })
    expect(statedAnew(lure, { ...lure, name: 'Another name' }).workedOut).toEqual(lure.workedOut)
    expect(statedAnew(undefined, lure)).toBe(lure)
  })
  it('takes the place of the only one there was; of several, one less is left', () => {
    expect(original).toMatchObject({ id: 'c', quantity: 0, pinned: null })
    expect(changedLure(profileOf({ ...crank, quantity: 3 }, []), [swap(1, '4')], after(), 'n').original).toMatchObject({
      quantity: 2,
      pinned: true,
    })
    expect(
      changedLure(profileOf({ ...crank, quantity: null }, []), [swap(1, '4')], after(), 'n').original.quantity,
    ).toBe(0)
    expect(lure).toMatchObject({
      quantity: 1,
      box: 'A',
      slot: '3',
      pinned: true,
      fishCount: 0,
      confidence: null,
      parentId: 'c',
    })
  })
  it('keeps the speeds it was tested at through new hooks, and loses them when it is loaded, cut or gets other blades', () => {
    expect(lure.speed).toEqual({ minMs: 0.35, bestMs: 0.8, maxMs: 1.2 })
    const loaded = changedLure(profileOf(crank, [swim]), [loadTo(15, 12)!], after({ weightG: 15 }), 'n')
    expect(loaded.lure.speed).toBeNull()
    expect(loaded.carried).toContainEqual({ field: 'speed', how: 'dropped' })
    const worm = profileOf(
      {
        id: 'w',
        name: 'Worm',
        family: 'worm',
        weightG: 10,
        lengthMm: 180,
        speed: { minMs: 0.1, bestMs: 0.3, maxMs: 0.6 },
      },
      [],
    )
    expect(
      changedLure(worm, [cutTo(180, 176, 10, 9.4)!], after({ weightG: 9.8, lengthMm: 176 }), 'n').lure,
    ).toMatchObject({ speed: null, lengthMm: 176 })
  })
  it('that no longer gets down has no running depth', () => {
    const gone = changedLure(profileOf(crank, []), [swap(1, '4')], after({ runsTo: { depthM: null } }), 'n')
    expect(gone.lure.runsAt).toBeNull()
    expect(gone.carried).toContainEqual({ field: 'runsAt', how: 'dropped' })
  })
})

describe('blades one by one', () => {
  const two = [
    { shape: 'colorado' as const, size: 4, finish: 'smooth' as const, metal: 'silver' as const },
    { shape: 'willow' as const, size: 5, finish: 'smooth' as const, metal: 'gold' as const },
  ]
  it('are named by their place, front blade last', () => {
    expect(bladePlaces(1)).toEqual(['blade'])
    expect(bladePlaces(2)).toEqual(['back', 'front'])
    expect(bladePlaces(3)).toEqual(['back', 'middle', 'front'])
  })
  it('one changed leaves the other; a larger one weighs more, and the same is no change', () => {
    const change = bladeChange(two, [two[0]!, { ...two[1]!, size: 6, finish: 'hammered' }])!
    expect(change.grams).toBeGreaterThan(0)
    expect(inWords(change.text)).toBe('blades: colorado 4 silver, willow 6 hammered gold')
    expect(
      changedLure(
        profileOf({ id: 's', name: 'S', family: 'spinnerbait', blades: [...two] }, []),
        [change],
        after({ runsTo: null }),
        'n',
      ).lure.blades,
    ).toEqual([two[0], { ...two[1], size: 6, finish: 'hammered' }])
    expect(bladeChange(two, [...two])).toBeNull()
    expect(bladeChange(two, [])).toBeNull()
  })
})

describe('a retest', () => {
  const weigh = (id: string, at: string | null, ...values: number[]): BenchTest => ({
    id,
    lureId: 'c',
    kind: 'weigh',
    at,
    values,
  })
  it('takes the place of the test before it, whatever the order in the file; the older one stays as history', () => {
    const [wrong, right] = [
      weigh('a', '2026-05-01T10:00:00Z', 21, 21.2),
      weigh('b', '2026-06-01T10:00:00Z', 12.1, 12.3),
    ]
    for (const tests of [
      [wrong, right],
      [right, wrong],
    ])
      expect(profileOf(crank, tests).weightG).toMatchObject({ value: 12.2, known: 'tested' })
  })
  it('one that found nothing changes nothing', () => {
    const empty: BenchTest = { ...weigh('b', '2026-06-01T10:00:00Z'), values: [] }
    expect(profileOf(crank, [weigh('a', '2026-05-01T10:00:00Z', 12.4), empty]).weightG.value).toBe(12.4)
  })
})
