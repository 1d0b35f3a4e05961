import { describe, expect, it } from 'vitest'
import type { Reading } from '#core/reading'
import type { Box, Stint, Trip, TripEvent } from '#core/tackle'
import { match } from '#core/tell'
import { loadBoxes } from '../../tests/corpus/corpus'
import { at, happens as event, stretch } from '../../tests/rotation/stretches'
import { nextOf } from './next'

/** The handbook's table of bites (§15) in a whole box: common practice, no source. Each case names the first offer by its kind. */

const boxes = loadBoxes()
const lake = boxes.get('lake')!
const river = boxes.get('river')!
const salt = boxes.get('salt')!
const reading: Reading = {
  species: 'largemouth-bass',
  temperatureC: 21,
  visibilityM: 1.5,
  bottomM: 3,
  fishFromM: 1,
  fishToM: 2.6,
  cover: ['open', 'gravel'],
  mood: 'neutral',
  from: 'boat',
  windMs: 2,
}
const stint = (lureId: string, from: number, to: number, events: TripEvent[] = [], part: Partial<Stint> = {}): Stint =>
  stretch(lureId, from, to, events, reading, part)
const trip = (...stints: Stint[]): Trip => ({ id: 't', start: at(0), stints })
const next = (t: Trip, options = {}) => nextOf(lake, t, options)

describe('the table of bites', () => {
  it.each<[string, string, TripEvent[], Partial<Stint>, string]>([
    [
      'pecks at a jig: the trailer first',
      'jf-brown-14',
      [event('peck', 5), event('peck', 9)],
      { trailerId: 'cw-kick' },
      'trailer',
    ],
    [
      'pecks at a nose-hooked soft bait: thread it',
      'ms-flat',
      [event('peck', 5), event('peck', 9)],
      { rig: 'drop-shot-nose' },
      'hook',
    ],
    ['pecks at a plug: another wobble', 'md-wide-shad', [event('peck', 5), event('peck', 9)], {}, 'action'],
    [
      'pecks at a spinnerbait in open water: the trailer hook',
      'sb-cw',
      [event('peck', 5), event('peck', 9)],
      {},
      'hook',
    ],
    [
      'hooked outside the mouth: the colour',
      'md-wide-shad',
      [event('landed', 5, { hookedAt: 'outside' })],
      {},
      'colour',
    ],
    [
      'hooked and lost twice: hooks and rod, not the lure',
      'sq-shad',
      [event('lost', 5), event('lost', 12)],
      {},
      'hook',
    ],
    ['eaten while winding in: horizontal', 'jfb-18', [event('hit', 5, { when: 'winding-in' })], {}, 'tactic'],
    [
      'follows without a bite on a jerkbait: let it hang',
      'jb-silver',
      [event('follow', 3), event('follow', 6), event('follow', 9)],
      { cadence: 'jerk-pause' },
      'pause',
    ],
    ['snagging: shallower', 'sq-shad', [event('snagged', 3), event('snagged', 6), event('snagged', 9)], {}, 'depth'],
    [
      'slapped and never hooked: the colour',
      'sq-shad',
      [event('hit', 2), event('hit', 5), event('hit', 8), event('hit', 12)],
      {},
      'colour',
    ],
    [
      'missed at the surface: longer stops',
      'tw-walk-bone',
      [event('hit', 3), event('hit', 9)],
      { cadence: 'walk' },
      'pause',
    ],
    [
      'taken on the pause: longer',
      'jb-silver',
      [event('hit', 3, { when: 'pause' }), event('hit', 9, { when: 'pause' })],
      {},
      'pause',
    ],
  ])('%s', (_, lureId, events, part, what) => {
    const out = next(trip(stint(lureId, 0, 15, events, part)))
    expect([out.do, out.change?.what]).toEqual(['change', what])
    expect(out.signs.length).toBeGreaterThan(0)
    expect(out.change!.from).not.toBe('')
  })
  describe('by the fish, and by where it was', () => {
    const pond: Reading = {
      species: 'rainbow-trout',
      temperatureC: 12,
      water: 'pond',
      visibilityM: 3,
      bottomM: 3,
      fishFromM: 0.5,
      fishToM: 2,
      pressure: 'high',
      from: 'bank',
    }
    const pike: Reading = {
      species: 'northern-pike',
      temperatureC: 14,
      visibilityM: 2.5,
      bottomM: 3.5,
      fishFromM: 1,
      fishToM: 3,
      cover: ['grass'],
      coverTopM: 2,
      forage: [{ kind: 'bleak', lengthMm: 140 }],
    }
    const blues: Reading = {
      species: 'bluefish',
      temperatureC: 20,
      water: 'sea',
      visibilityM: 4,
      bottomM: 8,
      fishFromM: 0,
      fishToM: 3,
      mood: 'aggressive',
      signs: ['surface-feeding'],
      forage: [{ kind: 'herring', lengthMm: 90 }],
    }
    const deep: Reading = { ...reading, bottomM: 7, fishFromM: 3, fishToM: 4 }
    const follows = (n: number, part: Partial<TripEvent> = {}) =>
      Array.from({ length: n }, (_, i) => event('follow', 3 + 4 * i, part))
    it.each<[string, Box, Reading, string, TripEvent[], Partial<Stint>, string, string]>([
      [
        'trout behind a spinner: a smaller one, and never a stop',
        river,
        pond,
        'sp-2-gold',
        follows(4),
        {},
        'size',
        'bite.follows-metal',
      ],
      ['pike behind a big swimmer: slower first', lake, pike, 'swb-20', follows(3), {}, 'pace', 'bite.follows-hunters'],
      ['fast hunters behind metal: another size', salt, blues, 'cm-40', follows(3), {}, 'size', 'bite.follows-fast'],
      [
        'followers two metres under it: down to them',
        lake,
        deep,
        'jb-silver',
        follows(2, { depthM: 3.5 }),
        { depthM: 1.2, cadence: 'jerk-pause' },
        'depth',
        'bite.follows-under',
      ],
      [
        'a group behind a spinnerbait: something that falls',
        lake,
        reading,
        'sb-cw',
        follows(1, { groupSize: 5 }),
        {},
        'tactic',
        'bite.follows-group',
      ],
      [
        'swats at a spinnerbait in open water: the trailer hook',
        lake,
        reading,
        'sb-cw',
        [event('hit', 5), event('hit', 12)],
        {},
        'hook',
        'bite.swats',
      ],
      [
        'swats at a bladed jig round wood: the slimmer body',
        lake,
        { ...reading, cover: ['wood'] },
        'bj-white',
        [event('hit', 5), event('hit', 12)],
        { trailerId: 'tr-fat' },
        'trailer',
        'bite.swats',
      ],
      [
        'two snags and a lure lost to one: shallower',
        lake,
        { ...reading, cover: ['wood'] },
        'md-wide-shad',
        [event('snagged', 3), event('snagged', 7), event('lure-lost', 10)],
        {},
        'depth',
        'bite.snags',
      ],
    ])('%s', (_, box, water, lureId, events, part, what, sign) => {
      const out = nextOf(box, trip(stint(lureId, 0, 20, events, { ...part, reading: water })))
      expect([out.do, out.change?.what]).toEqual(['change', what])
      expect(out.signs.map(s => s.sign)).toContain(sign)
      expect(out.signs.map(s => s.sign)).not.toContain(
        ['bite.follows-metal', 'bite.follows-hunters', 'bite.follows-fast'].includes(sign) ? 'bite.follows' : 'none',
      )
    })
    it('fast hunters that stop: another size of metal, then faster', () => {
      const out = nextOf(
        salt,
        trip(stint('cm-40', 0, 45, [event('landed', 3), event('landed', 6), event('hit', 8)], { reading: blues })),
      )
      expect([out.change?.what, out.runnersUp[0]?.what]).toEqual(['size', 'pace'])
    })
    it('a follower a hand below is not under it', () => {
      const out = nextOf(
        lake,
        trip(stint('jb-silver', 0, 20, follows(2, { depthM: 1.5 }), { depthM: 1.2, reading: deep })),
      )
      expect(out.signs.map(s => s.sign)).not.toContain('bite.follows-under')
    })
  })
  it('a change in the hand is told as it is then fished: the same lure with the longer pause, named by its tap', () => {
    const { change } = next(
      trip(
        stint('jb-silver', 0, 15, [event('follow', 3), event('follow', 6)], {
          cadence: 'jerk-pause',
          presentation: { cadence: 'jerk-pause', pauseS: 3, speedMs: 0.4, depthM: 1.2 },
        }),
      ),
    )
    expect(change).toMatchObject({
      what: 'pause',
      hand: 'longer-pause',
      setup: { lureId: 'jb-silver', presentation: { pauseS: 6 } },
    })
  })
  it('one fish that follows, hits and is landed is one fish: nothing is read of a follow', () => {
    const out = next(
      trip(
        stint('sb-cw', 0, 15, [
          event('follow', 3),
          event('hit', 3.2),
          event('hooked', 3.3),
          event('landed', 5),
          event('follow', 9),
          event('hit', 9.1),
          event('landed', 11),
        ]),
      ),
    )
    expect(out.signs.map(s => s.sign)).not.toContain('bite.follows')
  })
  it('hard and well hooked: stay', () => {
    expect(
      next(
        trip(
          stint('sq-shad', 0, 15, [
            event('landed', 5, { hookedAt: 'lip' }),
            event('landed', 12, { hookedAt: 'inside' }),
          ]),
        ),
      ).do,
    ).toBe('stay')
  })
  it('eight follows and no bite never say stay', () => {
    expect(
      next(
        trip(
          stint(
            'sb-cw',
            0,
            40,
            Array.from({ length: 8 }, (_, i) => event('follow', 2 + 4 * i)),
          ),
        ),
      ).do,
    ).toBe('change')
  })
  it('no trailer hook round wood: what is offered instead is slimmer or smaller', () => {
    const inWood = { ...reading, cover: ['wood' as const] }
    expect(
      next(trip(stint('sb-cw', 0, 15, [event('peck', 5), event('peck', 9)], { reading: inWood }))).change!.what,
    ).not.toBe('hook')
  })
  it('the colour was changed already: the action is next', () => {
    const out = next(
      trip(
        stint('md-wide-shad', 0, 15, [event('landed', 5, { hookedAt: 'outside' })]),
        stint('md-wide-hot', 15, 30, [event('landed', 20, { hookedAt: 'outside' })], {}),
      ),
    )
    expect(out.change!.what === 'action' || out.do === 'return').toBe(true)
  })
  it('bites that stop after a few: another action, then slower', () => {
    const bites = [event('hit', 3), event('hit', 6), event('hit', 9)]
    expect(next(trip(stint('sb-cw', 0, 45, bites))).change!.what).toBe('action')
  })
  it('a change that brings a bite at once is confirmed by going back, then settled', () => {
    const first = stint('ll-gold', 0, 30)
    const second = stint('ms-flat', 30, 38, [event('hit', 33)])
    expect(next(trip(first, second)).do).toBe('return')
    const settled = next(trip(first, second, stint('ll-gold', 38, 52)))
    expect([settled.do, settled.change?.setup?.lureId]).toEqual(['return', 'ms-flat'])
  })
  it('tells the set-up as it stands in the whole box, as match does, not as if it were alone', () => {
    const setup = next(trip(stint('sb-cw', 0, 45, [event('hit', 3), event('hit', 6), event('hit', 9)]))).change!.setup!
    const told = match(lake, reading, { top: lake.lures.length }).setups.find(s => s.lureId === setup.lureId)!
    expect([setup.share, setup.standing, setup.sisters]).toEqual([told.share, told.standing, told.sisters])
    expect(setup.share).toBeLessThan(1)
  })
  it('eight hours of large baits: the untried size, and with two changes at once small and deep', () => {
    const large = ['swb-20', 'gl-18', 'pt-big-15', 'fs-cupped-19'].map((id, i) => stint(id, 120 * i, 120 * (i + 1)))
    const out = next(trip(...large))
    expect(out.change!.what).toBe('size')
    expect(out.untried.find(u => u.trait === 'size')!.values.length).toBeGreaterThan(0)
    expect(next(trip(...large), { several: true }).do).toBe('change')
  })
  it('too early to say: a few minutes without a touch', () =>
    expect(next(trip(stint('sq-shad', 0, 6))).do).toBe('stay'))
  it('the same trip has the same answer', () => {
    const t = trip(stint('jb-silver', 0, 15, [event('follow', 3), event('follow', 6)]))
    expect(next(t)).toEqual(next(t))
  })
})
