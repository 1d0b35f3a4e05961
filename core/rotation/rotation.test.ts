import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BITE_SIGNS } from '#core/knowledge'
import type { SetupTraits } from '#core/lure'
import { seededRandom } from '#core/numeric'
import { FAMILIES } from '#core/terms'
import { nextChange } from './adviser'
import { beliefOf, matters } from './belief'
import { clearAt, fairVerdict } from './fair-test'
import { readSigns, saysToStay } from './signs'
import type { Offer, Tried } from './tally'

const traits = (change: Partial<SetupTraits> = {}): SetupTraits => ({
  colour: 'natural',
  size: 1,
  depth: 2,
  speed: 2,
  action: 'kick, steady',
  ...change,
})
const offer = (id: string, change: Partial<SetupTraits> = {}, way: Offer['way'] = 'moving'): Offer => ({
  id,
  lureId: id,
  traits: traits(change),
  score: 0.8,
  way,
})
const OFFERS = [
  offer('now'),
  offer('hot', { colour: 'hot' }),
  offer('small', { size: 0 }),
  offer('deep', { depth: 3 }),
  offer('fast', { speed: 3 }),
  offer('falling', { action: 'flutter, falling' }, 'slow'),
  offer('other', { size: 0, colour: 'dark', depth: 3 }),
]
const event = (kind: Tried['events'][number]['kind'], atMin: number, more: Partial<Tried['events'][number]> = {}) => ({
  kind,
  when: null,
  hookedAt: null,
  atMin,
  ...more,
})
const stretch = (
  minutes: number,
  events: Tried['events'] = [],
  beganMin = 0,
  id = 'now',
  change: Partial<SetupTraits> = {},
): Tried => ({
  offerId: id,
  family: 'jighead-soft',
  traits: traits(change),
  way: 'moving',
  beganMin,
  minutes,
  casts: minutes,
  events,
})
const advise = (tried: readonly Tried[], nowMin: number, more: object = {}) =>
  nextChange({ offers: OFFERS, tried, nowMin, ...more })

describe('the next change', () => {
  it('knows when the evidence is too thin', () =>
    expect(advise([stretch(5)], 5)).toMatchObject({ do: 'stay', reasons: [{ rule: 'thin', values: { minutes: 5 } }] }))
  it('stays round a bite for some minutes (trade §15)', () =>
    expect(advise([stretch(30, [event('hit', 28)])], 30)).toMatchObject({ do: 'stay', reasons: [{ rule: 'area' }] }))
  it('changes one thing, and only one', () => {
    const { traits: changed, offer: to } = advise([stretch(40)], 40)
    expect(changed).toHaveLength(1)
    expect(to!.id).not.toBe('other')
  })
  it('several things only when asked', () => {
    const tried = [
      stretch(30),
      ...['hot', 'small', 'deep', 'fast', 'falling'].map((id, i) =>
        stretch(20, [], 30 + 20 * i, id, OFFERS.find(o => o.id === id)!.traits),
      ),
      stretch(20, [], 130),
    ]
    expect(advise(tried, 150, { several: true }).offer?.id).toBe('other')
  })
  it('never goes back to what was refuted today', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(['hot', 'small', 'deep', 'fast', 'falling'], { minLength: 1 }), ids => {
        const tried = [
          ...ids.map((id, i) => stretch(20, [], 20 * i, id, OFFERS.find(o => o.id === id)!.traits)),
          stretch(20, [], 20 * ids.length),
        ]
        const found = nextChange({ offers: OFFERS, tried, nowMin: 20 * ids.length + 20 }).offer
        expect(ids).not.toContain(found?.id)
      }),
      { numRuns: 40 },
    )
  })
  it('bites that stop after a few: they are conditioned; a slower bait with another action is liked (trade §15)', () => {
    const found = advise(
      [stretch(70, [event('landed', 5), event('hit', 15), event('landed', 22), event('hit', 30)])],
      70,
    )
    expect(found.do).toBe('change')
    expect(found.reasons[0]).toMatchObject({ rule: 'conditioned' })
  })
  it('with nothing on the line there is nothing to say; with nothing else in the box neither', () => {
    expect(advise([], 0).do).toBe('stay')
    expect(nextChange({ offers: [OFFERS[0]!], tried: [stretch(60)], nowMin: 60 }).reasons[0]!.rule).toBe('nothing-left')
  })
  it('two hours without a touch are looked at again at the latest', () => {
    const found = advise([stretch(125)], 125)
    expect(found.do).toBe('change')
    expect(found.reasons.some(r => r.rule === 'review')).toBe(true)
  })
  it('speaks of the place after three different set-ups and 50 min without a touch, and not before', () => {
    const silent = [
      stretch(20),
      stretch(20, [], 20, 'hot', { colour: 'hot' }),
      stretch(20, [], 40, 'deep', { depth: 3 }),
    ]
    expect(advise(silent, 60).place).toMatchObject({ rule: 'place', values: { minutes: 60, setups: 3 } })
    expect(advise(silent.slice(0, 2), 40).place).toBeNull()
    expect(
      advise([silent[0]!, silent[1]!, stretch(20, [event('peck', 45)], 40, 'deep', { depth: 3 })], 60).place,
    ).toBeNull()
  })
  it('the same day has the same advice', () => expect(advise([stretch(40)], 40)).toEqual(advise([stretch(40)], 40)))
})

describe('belief', () => {
  it('adds up to 1, and contacts on a value raise it', () => {
    const tried = [
      stretch(60),
      stretch(40, [event('landed', 65), event('hit', 75), event('landed', 90)], 60, 'small', { size: 0 }),
    ]
    const belief = beliefOf(OFFERS, tried)
    expect(belief.wishes.reduce((sum, h) => sum + h.share, 0)).toBeCloseTo(1, 9)
    const wanting = (value: number) =>
      belief.wishes
        .filter(h => h.wants.length === 1 && h.wants[0]!.trait === 'size' && h.wants[0]!.value === value)
        .reduce((s, h) => s + h.share, 0)
    expect(wanting(0)).toBeGreaterThan(3 * wanting(1))
    expect(matters(belief).size).toBeGreaterThan(matters(beliefOf(OFFERS, [])).size)
  })
  const wanting = (tried: readonly Tried[], trait: 'size' | 'action', value: string | number, hints = {}) =>
    beliefOf(OFFERS, tried, hints)
      .wishes.filter(h => h.wants.some(w => w.trait === trait && w.value === value))
      .reduce((s, h) => s + h.share, 0)
  const caught = (beganMin: number) =>
    stretch(
      60,
      [event('landed', beganMin + 10), event('hit', beganMin + 25), event('landed', beganMin + 45)],
      beganMin,
      'small',
      { size: 0 },
    )
  it('forgets: what was wanted hours ago is believed less than what was wanted just now, and less still when the light has turned since', () => {
    const since = (hints = {}) => wanting([caught(0), stretch(1, [], 400)], 'size', 0, hints)
    const fresh = wanting([caught(0), stretch(1, [], 60)], 'size', 0)
    expect(since()).toBeLessThan(fresh)
    expect(since({ turnsAtMin: [200] })).toBeLessThan(since())
  })
  it('three bites in three minutes of one school say less of the lure than three over half an hour', () => {
    const bunched = stretch(60, [event('landed', 10), event('hit', 11), event('landed', 12)], 0, 'small', { size: 0 })
    expect(wanting([bunched], 'size', 0)).toBeLessThan(wanting([caught(0)], 'size', 0))
  })
  it('followers say less of what they want than fish that took it; signs lean on the same belief', () => {
    const followed = stretch(60, [event('follow', 10), event('follow', 25), event('follow', 45)], 0, 'small', {
      size: 0,
    })
    expect(wanting([followed], 'size', 0)).toBeLessThan(wanting([caught(0)], 'size', 0))
    const lean = () => ({ colour: 0, size: 0, depth: 0, speed: 0, action: 1 })
    expect(wanting([followed], 'action', 'flutter, falling', { lean })).toBeGreaterThan(
      wanting([followed], 'action', 'flutter, falling'),
    )
  })
})

describe('reading bites (trade §15)', () => {
  it.each([
    ['two pecks at a jig: presence', ['peck', 'peck'], 'skirted-jig', 'bite.pecks.jig'],
    ['pecks at a soft bait: thread it', ['peck', 'peck'], 'worm', 'bite.pecks.soft'],
    ['pecks at a plug: action worn out', ['peck', 'peck'], 'crankbait', 'bite.pecks.plug'],
    ['two lost: rod, reel or hooks', ['lost', 'lost'], 'crankbait', 'bite.lost'],
    ['follows: distance or commitment', ['follow', 'follow'], 'jerkbait', 'bite.follows'],
    ['snags: too deep', ['snagged', 'snagged', 'snagged'], 'crankbait', 'bite.snags'],
  ] as const)('%s', (_, kinds, family, id) =>
    expect(
      readSigns(
        { events: kinds.map((kind, i) => event(kind, i)), beganMin: 0, minutes: kinds.length },
        { family, species: null, fishedM: null },
      ).map(r => r.sign.id),
    ).toContain(id),
  )
  it.each([
    ['eaten while winding in: horizontal', event('hit', 1, { when: 'winding-in' }), 'slow-jig', 'bite.winding-in'],
    ['vertical metal taken on the drop', event('hit', 1, { when: 'fall' }), 'slow-jig', 'bite.vertical-fall'],
    ['hooked outside: colour or action', event('landed', 1, { hookedAt: 'outside' }), 'crankbait', 'bite.outside'],
    ['deep inside: keep the colour', event('landed', 1, { hookedAt: 'inside' }), 'crankbait', 'bite.deep'],
  ] as const)('%s', (_, e, family, id) =>
    expect(
      readSigns({ events: [e], beganMin: 0, minutes: 10 }, { family, species: null, fishedM: null }).map(
        r => r.sign.id,
      ),
    ).toContain(id),
  )
  it.each(FAMILIES)('a %s that is pecked at or followed has something that can be changed', family => {
    for (const kind of ['peck', 'follow'] as const) {
      const signs = readSigns(
        { events: [event(kind, 2), event(kind, 6)], beganMin: 0, minutes: 12 },
        { family, species: 'largemouth-bass', fishedM: null },
      )
      expect(
        signs.some(({ sign }) => sign.offers.length > 0),
        kind,
      ).toBe(true)
    }
  })
  it('the newest fish speak twice: as many for staying as for a change hold, fewer do not', () => {
    const said = (...kinds: Tried['events'][number]['kind'][]) => {
      const events = kinds.map((kind, i) => event(kind, 3 * i, kind === 'landed' ? { hookedAt: 'inside' } : {}))
      const signs = readSigns(
        { events, beganMin: 0, minutes: 20 },
        { family: 'crankbait', species: null, fishedM: null },
      )
      return (
        saysToStay(
          signs,
          signs.find(({ sign }) => sign.offers.length > 0),
        )?.sign.id ?? null
      )
    }
    expect(said('peck', 'peck', 'landed', 'landed')).toBe('bite.thump')
    expect(said('landed', 'landed', 'peck', 'peck')).toBeNull()
    expect(said('peck', 'peck', 'peck', 'peck', 'landed')).toBeNull()
  })
  it('what said to stay says it no longer when nothing came for half an hour', () => {
    const events = [event('landed', 2, { hookedAt: 'inside' }), event('landed', 6, { hookedAt: 'inside' })]
    const ids = (minutes: number) =>
      readSigns({ events, beganMin: 0, minutes }, { family: 'crankbait', species: null, fishedM: null }).map(
        r => r.sign.id,
      )
    expect(ids(20)).toContain('bite.thump')
    expect(ids(36)).toEqual([])
  })
  it('one peck says nothing', () =>
    expect(
      readSigns(
        { events: [event('peck', 1)], beganMin: 0, minutes: 10 },
        { family: 'skirted-jig', species: null, fishedM: null },
      ),
    ).toEqual([]))
  it('signs have ids of their own and say what they mean and what to do', () => {
    expect(new Set(BITE_SIGNS.map(s => s.id)).size).toBe(BITE_SIGNS.length)
    expect(BITE_SIGNS.every(s => s.means && s.do)).toBe(true)
  })
})

describe('an honest pair', () => {
  it('equals say no difference yet', () => {
    expect(fairVerdict({ casts: 40, contacts: 3 }, { casts: 40, contacts: 3 })).toMatchObject({
      says: 'no difference yet',
      leads: null,
    })
    expect(fairVerdict({ casts: 60, contacts: 0 }, { casts: 60, contacts: 0 })).toMatchObject({
      says: 'no difference yet',
      evidence: 1,
      same: 0.5,
    })
  })
  it('three bites in twenty casts against none prove nothing (trade §15); twelve against none do', () => {
    expect(fairVerdict({ casts: 20, contacts: 3 }, { casts: 20, contacts: 0 }).says).toBe('no difference yet')
    expect(fairVerdict({ casts: 60, contacts: 12 }, { casts: 60, contacts: 0 })).toMatchObject({
      says: 'clear',
      leads: 'a',
    })
  })
  it('the odds are a fair bet on chance alone: over all ways in which contacts can fall they come to one or less', () => {
    for (const [own, all] of [
      [1, 2],
      [1, 3],
    ] as const) {
      for (const n of [1, 4, 9]) {
        let mean = 0
        for (let k = 0, ways = 1; k <= n; ways = (ways * (n - k)) / (k + 1), k++) {
          mean +=
            ways *
            (own / all) ** k *
            (1 - own / all) ** (n - k) *
            fairVerdict({ casts: 30 * own, contacts: k }, { casts: 30 * (all - own), contacts: n - k }).evidence
        }
        expect(mean).toBeLessThanOrEqual(1 + 1e-9)
      }
    }
  })
  it('looked at after every cast, equals are called clear in at most 5 % (Robbins 1970, Ville), also when missed fish bite again; a lure that draws twice as much is found', () => {
    const random = seededRandom(21)
    const called = (pa: number, pb: number, again: number) => {
      const sides = [
        { casts: 0, contacts: 0 },
        { casts: 0, contacts: 0 },
      ]
      for (let cast = 0; cast < 400; cast++) {
        const side = Math.floor(cast / 5) % 2
        sides[side]!.casts++
        for (let bites = random() < (side === 0 ? pa : pb); bites; bites = random() < again) sides[side]!.contacts++
        if (fairVerdict(sides[0]!, sides[1]!).says === 'clear') return true
      }
      return false
    }
    const share = (pa: number, pb: number, again = 0) =>
      Array.from({ length: 300 }, () => called(pa, pb, again)).filter(Boolean).length / 300
    expect(share(0.1, 0.1)).toBeLessThanOrEqual(0.05)
    expect(share(0.1, 0.1, 0.2)).toBeLessThanOrEqual(0.05)
    expect(share(0.3, 0.1)).toBeGreaterThan(0.8)
  })
  it('the stopping line is where it becomes clear', () => {
    const line = clearAt(20)!
    const at = (own: number) => fairVerdict({ casts: 50, contacts: own }, { casts: 50, contacts: 20 - own }).says
    expect([at(line - 1), at(line)]).toEqual(['leaning', 'clear'])
    expect(clearAt(3)).toBeNull()
  })
  it('they take turns of five casts', () => {
    expect(
      [0, 4, 5, 9, 10].map(
        total =>
          fairVerdict({ casts: Math.min(total, 5), contacts: 0 }, { casts: Math.max(0, total - 5), contacts: 0 }).next,
      ),
    ).toEqual(['a', 'a', 'b', 'b', 'a'])
  })
})
