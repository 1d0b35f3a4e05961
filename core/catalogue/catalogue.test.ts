import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { meaningOf } from '#core/knowledge'
import { profileOf, reachOf } from '#core/lure'
import { prepareBox } from '#core/match'
import type { Reading } from '#core/reading'
import type { Lure } from '#core/tackle'
import { FAMILIES } from '#core/terms'
import { inWords } from '#speech'
import { answers } from './answers'
import { assemblyWeight as saidAssemblyWeight } from './assembly-weight'
import { attribute, ATTRIBUTES, type Entry } from './attributes'
import { colourWord } from './colour-word'
import { clarityByPaint, depthBySpeed } from './coverage'
import { compareEntries } from './differences'
import { doubled } from './doubles'
import { parseQuery } from './query'
import { worthAdding } from './worth'
import demo from '../../demo/box.json'

const assemblyWeight = (...given: Parameters<typeof saidAssemblyWeight>) => inWords(saidAssemblyWeight(...given))

const lure = (part: Partial<Lure> = {}): Lure => ({ id: 'x', name: 'x', family: 'spinnerbait', ...part })
const entry = (part: Partial<Lure> = {}, more: Partial<Entry> = {}): Entry => ({
  profile: profileOf(lure(part), []),
  fit: null,
  lastUsed: null,
  hasPhoto: false,
  ...more,
})
const finds = (text: string, part: Partial<Lure>, more: Partial<Entry> = {}) =>
  answers(entry(part, more), parseQuery(text))

const RIVER_SPINNERBAIT: Partial<Lure> = {
  name: 'Moor blade',
  weightG: 14.3,
  labelWeightG: 14,
  box: 'River',
  blades: [{ shape: 'willow', size: 4, metal: 'gold' }],
  colours: { side: '#d3dc3a' },
}

describe('the search reads what anglers write', () => {
  it('14g gold spinnerbait river', () => {
    expect(finds('14g gold spinnerbait river', RIVER_SPINNERBAIT)).toBe(true)
    expect(finds('14g gold spinnerbait river', { ...RIVER_SPINNERBAIT, weightG: 21, labelWeightG: 21 })).toBe(false)
    expect(
      finds('14g gold spinnerbait river', { ...RIVER_SPINNERBAIT, blades: [{ shape: 'willow', metal: 'silver' }] }),
    ).toBe(false)
    expect(finds('14g gold spinnerbait river', { ...RIVER_SPINNERBAIT, box: 'Pike' })).toBe(false)
    expect(finds('14g gold spinnerbait river', { ...RIVER_SPINNERBAIT, family: 'crankbait' })).toBe(false)
  })
  // 1/2 oz = 14.17 g, 3/8 oz = 10.63 g, 1 1/4 oz = 35.4 g: NIST SP 811 appendix B.
  it.each([
    ['1/2 oz', 14.2, true],
    ['1/2oz', 14, true],
    ['1/2 oz', 10.6, false],
    ['3/8 oz', 10.6, true],
    ['1 1/4 oz', 35, true],
    ['1 1/4 oz', 28.3, false],
    ['½ oz', 14.2, true],
    ['14,2 g', 14, true],
    ['10-20 g', 14, true],
    ['10-20 g', 21, false],
    ['1/4-3/8 oz', 10, true],
    ['<10 g', 9, true],
    ['under 10g', 11, false],
    ['over 1 oz', 30, true],
    ['>= 1 oz', 28.4, true],
  ])('%s and a lure of %d g: %s', (text, weightG, expected) => expect(finds(text, { weightG })).toBe(expected))
  it.each([
    ['90 mm', { lengthMm: 92 }, true],
    ['9 cm', { lengthMm: 90 }, true],
    ['3.5 in', { lengthMm: 89 }, true],
    ['5"', { lengthMm: 127 }, true],
    ['5"', { lengthMm: 90 }, false],
    ['2 m', { family: 'crankbait', runsAt: { depthM: 1.9 } }, true],
    ['6 ft', { family: 'crankbait', runsAt: { depthM: 1.9 } }, true],
    ['2 m', { family: 'crankbait', runsAt: { depthM: 4 } }, false],
    ['spinnerbaits', {}, true],
    ['spinner bait', {}, true],
    ['bladed jig', { family: 'bladed-jig' }, true],
    ['jigs', { family: 'skirted-jig' }, true],
    ['jig', { family: 'crankbait' }, false],
    ['spoon', { family: 'flutter-spoon' }, true],
    ['soft', { family: 'craw' }, true],
    ['soft stick', { family: 'stick-worm' }, true],
    ['popper', { family: 'topwater', style: 'popper' }, true],
    ['square lip', { family: 'crankbait', style: 'square-lip' }, true],
    ['trailer', { role: 'both' }, true],
    ['trailer', {}, false],
    ['green', { colours: { back: '#2f7a3a' } }, true],
    ['blue', { colours: { back: '#2f7a3a' } }, false],
    ['4/0', { hooks: [{ kind: 'single', size: '4/0' }] }, true],
    ['#6', { hooks: [{ kind: 'treble', size: '6' }] }, true],
    ['-spinnerbait', {}, false],
    ['-jig', {}, true],
    ['"moor bl"', { name: 'Moor blade' }, true],
    ['sound:rattle', { sound: 'rattle' }, true],
    ['sound:rattle', { sound: 'silent' }, false],
    ['thump>=4', { vibration: 4 }, true],
    ['thump>4', { vibration: 4 }, false],
    ['box:"lake plugs"', { box: 'Lake plugs' }, true],
    ['scented:yes', { scented: true }, true],
    ['weight<=10g', { weightG: 9 }, true],
    ['weight<=1/4oz', { weightG: 9 }, false],
    ['pieces=0', { quantity: 0 }, true],
    ['condition:none', {}, true],
    ['changed:yes', { parentId: 'y' }, true],
    ['style:square', { family: 'crankbait', style: 'square-lip' }, true],
  ] as [string, Partial<Lure>, boolean][])('%s, %j: %s', (text, part, expected) =>
    expect(finds(text, part)).toBe(expected),
  )
  it('searches by what is worked out as well', () => {
    expect(finds('fits-now>60', {}, { fit: 0.7 })).toBe(true)
    expect(finds('fit>60', {}, { fit: 0.7 })).toBe(true)
    expect(finds('fit>60', {}, { fit: null })).toBe(false)
    expect(finds('photo:yes', {}, { hasPhoto: true })).toBe(true)
  })
  it('an empty search finds everything, and nothing typed is an error', () => {
    expect(finds('', {})).toBe(true)
    fc.assert(
      fc.property(fc.string(), text => Array.isArray(parseQuery(text))),
      { numRuns: 500 },
    )
  })
  it('more words never find more', () => {
    const words = ['14g', 'gold', 'spinnerbait', 'river', '1/2 oz', 'jig', 'sound:silent', '<20 g', 'soft', 'green']
    const box = demo.lures.map(l => ({ ...entry(), profile: profileOf(l as Lure, []) }))
    fc.assert(
      fc.property(fc.shuffledSubarray(words), fc.constantFrom(...words), (some, more) => {
        const count = (text: string) => box.filter(e => answers(e, parseQuery(text))).length
        return count([...some, more].join(' ')) <= count(some.join(' '))
      }),
    )
  })
})

describe('words', () => {
  it.each([
    ['#141414', 'black'],
    ['#fbfaf4', 'white'],
    ['#c8d0d2', 'grey'],
    ['#c8d020', 'chartreuse'],
    ['#2f7a3a', 'green'],
    ['#2f5a9a', 'blue'],
    ['#c01818', 'red'],
    ['#e8702a', 'orange'],
    ['#55552a', 'brown'],
    ['#6a2a9a', 'purple'],
  ] as const)('%s is called %s (common practice, no source)', (hex, word) => expect(colourWord(hex)).toBe(word))
  it('every family answers to its own label, and plurals do not matter', () => {
    for (const family of FAMILIES) expect(meaningOf(family.replaceAll('-', ' '))?.families).toContain(family)
    expect(meaningOf('Crankbaits')?.families).toEqual(['crankbait'])
    expect(meaningOf('sandwich')).toBeNull()
  })
})

describe('attributes', () => {
  const full = entry(
    {
      weightG: 12,
      lengthMm: 60,
      colours: { pattern: 'hot' },
      box: 'A',
      slot: 'B2',
      quantity: 3,
      condition: 'worn',
      blades: [{ shape: 'willow', size: 4 }],
    },
    { fit: 0.5, lastUsed: '2026-05-01T10:00:00Z' },
  )
  it.each(ATTRIBUTES.map(a => a.id))('%s reads a value or null', id => {
    const { value, known } = attribute(id)!.of(full)
    expect(value === null || ['string', 'number', 'boolean'].includes(typeof value)).toBe(true)
    expect(['tested', 'stated', 'computed', 'typical']).toContain(known)
  })
  it.each(ATTRIBUTES.filter(a => a.set && a.choices).map(a => [a.id, a.choices!.at(-1)!]))(
    'what is set as %s is read back',
    (id, value) => {
      const { of, set } = attribute(id)!
      const changed = { ...full.profile.lure, ...set!(full.profile.lure, value) }
      expect(of({ ...full, profile: profileOf(changed, []) }).value).toBe(value)
    },
  )
  it('weighed wins over the packet and says so', () => {
    const weighed = profileOf(lure({ labelWeightG: 12 }), [{ id: 't', lureId: 'x', kind: 'weigh', values: [12.6] }])
    expect(attribute('weight')!.of({ ...full, profile: weighed })).toEqual(
      expect.objectContaining({ value: 12.6, known: 'tested' }),
    )
    expect(attribute('label-weight')!.of({ ...full, profile: weighed }).value).toBe(12)
  })
})

describe('side by side', () => {
  it('marks what differs and only that', () => {
    const rows = compareEntries([entry({ weightG: 14, lengthMm: 100 }), entry({ weightG: 14.1, lengthMm: 120 })])
    expect(rows.find(r => r.attribute.id === 'weight')!.differs).toBe(false)
    expect(rows.find(r => r.attribute.id === 'length')!.differs).toBe(true)
    expect(rows.find(r => r.attribute.id === 'price')).toBeUndefined()
  })
  it('finds lures that do the same', () => {
    const one = profileOf(lure({ id: 'a', weightG: 14, lengthMm: 100 }), [])
    const same = profileOf(lure({ id: 'b', weightG: 14.5, lengthMm: 102 }), [])
    const heavier = profileOf(lure({ id: 'c', weightG: 28, lengthMm: 102 }), [])
    const dark = profileOf(lure({ id: 'd', weightG: 14, lengthMm: 100, colours: { pattern: 'dark' } }), [])
    expect(doubled([one, same, heavier, dark]).map(g => g.map(p => p.lure.id))).toEqual([['a', 'b']])
  })
})

describe('reach', () => {
  const profile = (part: Partial<Lure>) => profileOf(lure(part), [])
  it('nothing works outside its speed window', () => {
    for (const family of FAMILIES) {
      const p = profile({ family })
      expect(reachOf(p)(p.speed.value.max + 0.01)).toBeNull()
      expect(reachOf(p)(p.speed.value.min - 0.01)).toBeNull()
    }
  })
  it('surface lures stay up, divers at their depth, heavier sinkers deeper, faster never deeper', () => {
    expect(reachOf(profile({ family: 'topwater', style: 'walker' }))(0.5)!.toM).toBeLessThan(0.3)
    const shallow = reachOf(profile({ family: 'crankbait', runsAt: { depthM: 1.5 } }))(0.8)!
    const deep = reachOf(profile({ family: 'crankbait', runsAt: { depthM: 5 } }))(0.8)!
    expect(deep.fromM).toBeGreaterThan(shallow.fromM)
    expect(deep.toM).toBeCloseTo(5, 0)
    const at = (weightG: number, speed: number) =>
      reachOf(profile({ family: 'spinnerbait', weightG, lengthMm: 100 }))(speed)!.toM
    expect(at(28, 0.8)).toBeGreaterThan(at(10, 0.8))
    expect(at(14, 1.5)).toBeLessThan(at(14, 0.6))
  })
})

describe('coverage', () => {
  const box = prepareBox(demo as never)
  const reading: Reading = { species: 'northern-pike', temperatureC: 12, visibilityM: 1.2, stain: 'brown', bottomM: 4 }
  it('every lure that can be tied on stands in some cell of depth and speed, and none beyond its window', () => {
    const cells = depthBySpeed(box.lures)
    const covered = new Set(cells.flatMap(c => c.lureIds))
    expect(box.lures.filter(p => p.lure.quantity !== 0 && !covered.has(p.lure.id)).map(p => p.lure.name)).toEqual([])
    expect(cells.filter(c => c.depth[0] >= 6).flatMap(c => c.lureIds)).not.toContain(
      box.lures.find(p => p.lure.family === 'topwater')!.lure.id,
    )
  })
  it('spent lures cover nothing', () => {
    expect(depthBySpeed([profileOf(lure({ quantity: 0 }), [])]).flatMap(c => c.lureIds)).toEqual([])
  })
  it('loud paint counts for more in mud than in clear water (trade §10, common practice)', () => {
    const cells = clarityByPaint(box, reading)
    const fit = (clarity: string, paint: string) =>
      cells.find(c => c.clarity.label === clarity && c.paint === paint)!.fit!
    expect(fit('mud', 'hot')).toBeGreaterThan(fit('clear', 'hot'))
    expect(fit('clear', 'natural')).toBeGreaterThan(fit('mud', 'natural'))
  })
  it('what would add most fills the hole that was made', () => {
    const surface: Reading = {
      species: 'largemouth-bass',
      temperatureC: 22,
      visibilityM: 1.5,
      sky: 'overcast',
      windMs: 1,
      bottomM: 1.2,
      fishFromM: 0,
      fishToM: 0.4,
      mood: 'aggressive',
      cover: ['pads'],
    }
    const deepOnly = prepareBox({
      ...box.box,
      lures: box.box.lures.filter(l => l.family === 'crankbait' && (l.runsAt?.depthM ?? 0) > 2),
    })
    const [first] = worthAdding(deepOnly, [{ reading: surface, weight: 1 }])
    expect(first!.gain).toBeGreaterThan(0)
    expect(first!.under[0]!.score).toBeGreaterThan(0.4)
    expect([
      'topwater',
      'stick-worm',
      'soft-jerk',
      'worm',
      'creature',
      'craw',
      'spinnerbait',
      'skirted-jig',
      'bladed-jig',
    ]).toContain(first!.lure.family)
  })
  it('a better box gains less, and without readings nothing is said', () => {
    const poor = prepareBox({ ...box.box, lures: box.box.lures.slice(0, 3) })
    const gain = (b: typeof box) => worthAdding(b, [{ reading, weight: 1 }])[0]?.gain ?? 0
    expect(gain(box)).toBeLessThanOrEqual(gain(poor))
    expect(worthAdding(box, [])).toEqual([])
  })
})

describe('assemblies', () => {
  const profiles = (lures: Lure[]) => new Map(lures.map(l => [l.id, profileOf(l, [])]))
  it('weigh what their pieces weigh', () => {
    const lures = profiles([
      lure({ id: 'jig', family: 'skirted-jig', weightG: 14 }),
      lure({ id: 'craw', family: 'craw', weightG: 8.2 }),
    ])
    const parts = new Map([['p', { id: 'p', name: 'clip-on blade', kind: 'clip-blade' as const, weightG: 2.5 }]])
    const { grams, pieces, unknown } = assemblyWeight(
      { id: 'a', name: 'a', lureId: 'jig', trailerId: 'craw', partIds: ['p', 'gone'] },
      { lures, parts },
    )
    expect(grams).toBeCloseTo(24.7, 6)
    expect(pieces).toHaveLength(3)
    expect(unknown).toEqual(['part gone'])
  })
  it('larger hooks make it heavier, the same ones change nothing', () => {
    const lures = profiles([
      lure({ id: 'plug', family: 'crankbait', weightG: 12, hooks: [{ kind: 'treble', size: '6', count: 2 }] }),
    ])
    const dressed = (size: string) =>
      assemblyWeight(
        { id: 'a', name: 'a', lureId: 'plug', hooks: [{ kind: 'treble', size, count: 2 }] },
        { lures, parts: new Map() },
      ).grams
    expect(dressed('6')).toBeCloseTo(12, 9)
    expect(dressed('2')).toBeGreaterThan(dressed('4'))
    expect(dressed('8')).toBeLessThan(12)
  })
})
